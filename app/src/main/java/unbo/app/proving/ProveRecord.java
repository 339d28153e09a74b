package unbo.app.proving;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import unbo.app.job.SheetType;
import unbo.app.job.Station;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.HardStop;
import unbo.core.verification.RoadFinding;

/**
 * The record of Prove.
 *
 * @param tests the tests that accused, old beside new
 * @param stops release checks that are met or waived
 * @param findings what keeps the vehicle off the road
 * @param recheckOn a day, null for none
 * @param recheckKm a distance, null for none
 * @param askedThen the checks that were asked when an older program closed the job; null for those
 *     of today
 */
public record ProveRecord(
    Map<AccusingTest, TestRecord> tests,
    Map<HardStop, StopMark> stops,
    Map<RoadFinding, FindingMark> findings,
    LocalDate recheckOn,
    Integer recheckKm,
    List<HardStop> askedThen) {

  /** How it is kept. */
  public static final SheetType<ProveRecord> TYPE =
      new SheetType<>(
          Station.PROVE,
          ProveRecord.class,
          3,
          new ProveRecord(null, null, null, null, null, null),
          EarlierChecks::upgraded);

  public ProveRecord {
    tests = tests == null ? Map.of() : Map.copyOf(tests);
    stops = stops == null ? Map.of() : Map.copyOf(stops);
    findings = findings == null ? Map.of() : Map.copyOf(findings);
    askedThen = askedThen == null ? null : List.copyOf(askedThen);
  }

  /** The same with a test. */
  public ProveRecord with(AccusingTest test, TestRecord record) {
    Map<AccusingTest, TestRecord> all = new EnumMap<>(AccusingTest.class);
    all.putAll(tests);
    all.put(test, record);
    return new ProveRecord(all, stops, findings, recheckOn, recheckKm, null);
  }

  /** The same with a stop met or waived; null takes the mark away. */
  public ProveRecord with(HardStop stop, StopMark mark) {
    Map<HardStop, StopMark> all = new EnumMap<>(HardStop.class);
    all.putAll(stops);
    if (mark == null) {
      all.remove(stop);
    } else {
      all.put(stop, mark);
    }
    return new ProveRecord(tests, all, findings, recheckOn, recheckKm, null);
  }

  /** The same with these findings. */
  public ProveRecord with(Map<RoadFinding, FindingMark> found) {
    return new ProveRecord(tests, stops, found, recheckOn, recheckKm, null);
  }

  /** The same with a recheck. */
  public ProveRecord with(LocalDate on, Integer km) {
    return new ProveRecord(tests, stops, findings, on, km, null);
  }

  /** The stops that were waived by name. */
  Map<HardStop, StopMark> waivers() {
    return stops.entrySet().stream()
        .filter(e -> e.getValue().waived())
        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
  }
}
