package unbo.app.proving;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import unbo.app.account.Person;
import unbo.app.job.Job;
import unbo.app.job.Jobs;
import unbo.app.job.PartMark;
import unbo.app.job.Station;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.HardStop;
import unbo.core.verification.ReleaseChecks;
import unbo.core.verification.Repeat;
import unbo.core.verification.RoadFinding;

/**
 * What saving the Prove sheet does to the record.
 *
 * @param fields as typed: a missing box is an empty one
 * @param input as understood
 * @param person who presses
 */
record ProveChange(Map<String, String> fields, ProveInput input, Person person) {

  void apply(Job job, Jobs.Signature by) {
    ProveRecord record = job.work().sheet(ProveRecord.TYPE);
    for (Map.Entry<AccusingTest, TestRecord> test : input.tests().entrySet()) {
      record = record.with(test.getKey(), test.getValue());
    }
    for (HardStop stop : HardStop.values()) {
      record = stop.isTicked() ? ticked(record, stop, by) : record;
    }
    record = record.with(findings(record, by)).with(input.recheckOn(), input.recheckKm());
    job.work().write(ProveRecord.TYPE, record);
    repeats(job, by);
    for (HardStop stop : HardStop.values()) {
      if (stop.renews() && fields.containsKey("stop-" + stop.id())) {
        List<String> parts = ReleaseChecks.parts(job.arrangement(), stop);
        job.work().setParts(parts, PartMark.State.RENEWED, Station.PROVE);
      }
    }
  }

  private void repeats(Job job, Jobs.Signature by) {
    for (var opening : job.work().getOpeningFindings().entrySet()) {
      Repeat.Outcome shown = input.repeats().get(opening.getKey());
      if (shown != opening.getValue().getOutcome()) {
        opening.setValue(opening.getValue().with(shown, by.person(), by.at()));
      }
    }
  }

  /** A tick replaces a waiver; an empty box takes away a tick but never a waiver. */
  private ProveRecord ticked(ProveRecord record, HardStop stop, Jobs.Signature by) {
    StopMark old = record.stops().get(stop);
    String detail = stop == HardStop.WHEEL_NUTS ? input.wheelTorque() : "";
    if (fields.containsKey("stop-" + stop.id())) {
      boolean same = old != null && !old.waived() && old.detail().equals(detail);
      StopMark met = StopMark.met(detail, person.getName(), person.getRole(), by.at());
      return same ? record : record.with(stop, met);
    }
    return old != null && !old.waived() ? record.with(stop, null) : record;
  }

  private Map<RoadFinding, FindingMark> findings(ProveRecord record, Jobs.Signature by) {
    Map<RoadFinding, FindingMark> found = new EnumMap<>(RoadFinding.class);
    for (RoadFinding finding : RoadFinding.values()) {
      if (fields.containsKey("finding-" + finding.id())) {
        found.put(
            finding,
            record.findings().getOrDefault(finding, new FindingMark(by.person(), by.at())));
      }
    }
    return found;
  }
}
