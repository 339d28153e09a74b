package unbo.app.yard;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.job.PartMark;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.proving.FindingMark;
import unbo.app.proving.ProveRecord;
import unbo.core.verification.RoadFinding;

/** What the yard says before anybody has asked: stopped, due, waiting, and who was on what. */
class MorningTest extends PageTest {

  @Autowired private Mornings mornings;
  @Autowired private Clock clock;

  private Morning morning() {
    return mornings.of(jobLists.openWhole(), List.of());
  }

  private static List<String> why(List<Morning.Row> rows, Job job) {
    return rows.stream().filter(r -> r.href().equals(job.address())).map(Morning.Row::why).toList();
  }

  private void record(Job job, java.util.function.UnaryOperator<ProveRecord> change) {
    jobs.change(
        job.getId(),
        Station.PROVE,
        reload(job).work().revision(Station.PROVE),
        "Joren Maak",
        StationMark.State.WORKED_ON,
        "written",
        (work, s) -> work.write(ProveRecord.TYPE, change.apply(work.sheet(ProveRecord.TYPE))));
  }

  private Job closedWithRecheck(LocalDate day) {
    Job job = newJob();
    record(job, r -> r.with(day, null));
    jobs.close(job.getId(), reload(job).work().revision(Station.BOOK), "Joren Maak", j -> true);
    return job;
  }

  @Test
  void aFindingThatKeepsItOffTheRoadStopsIt() {
    Job job = newJob();
    assertThat(why(morning().stopped(), job)).isEmpty();
    FindingMark seen = new FindingMark("Joren Maak", clock.instant());
    record(job, r -> r.with(java.util.Map.of(RoadFinding.CRACK, seen)));
    assertThat(why(morning().stopped(), job)).singleElement().asString().contains("Do not release");
  }

  @Test
  void aPartToRenewIsWaitedForUntilItIsRenewed() {
    Job job = newJob();
    part(job, PartMark.State.RENEW);
    assertThat(why(morning().waits(), job)).containsExactly("lip seal");
    part(job, PartMark.State.RENEWED);
    assertThat(why(morning().waits(), job)).isEmpty();
  }

  private void part(Job job, PartMark.State state) {
    jobs.change(
        job.getId(),
        Station.STRIP,
        reload(job).work().revision(Station.STRIP),
        "Tuva Lind",
        StationMark.State.WORKED_ON,
        "seal",
        (work, s) -> work.setPart("seal", new PartMark(state, ""), Station.STRIP));
  }

  /** Due within two weeks or overdue; a newer job at the same position is the recheck. */
  @Test
  void aBookedRecheckIsDueUntilTheHubIsOpenedAgain() {
    LocalDate today = LocalDate.now(clock);
    Job late = closedWithRecheck(today.minusDays(2));
    Job soon = closedWithRecheck(today.plusDays(3));
    Job far = closedWithRecheck(today.plusDays(40));
    Morning morning = morning();
    assertThat(why(morning.due(), late)).singleElement().asString().startsWith("Overdue since");
    assertThat(why(morning.due(), soon)).singleElement().asString().startsWith("Due ");
    assertThat(why(morning.due(), far)).isEmpty();
    jobs.openAt(late.getVehicle(), late.getPosition(), "recheck", "Tuva Lind");
    assertThat(why(morning().due(), late)).isEmpty();
  }

  @Test
  void whoWasOnWhatIsTheLastLineOfItsHistory() {
    Job job = newJob();
    part(job, PartMark.State.RENEW);
    assertThat(why(morning().people(), job))
        .singleElement()
        .asString()
        .startsWith("Tuva Lind, ")
        .contains("; next: ");
  }

  /** Among two of its own only: other tests work on other jobs at the same time. */
  @Test
  void theJobWorkedOnLastStandsFirst() {
    Job first = newJob();
    Job second = newJob();
    part(second, PartMark.State.RENEW);
    part(first, PartMark.State.RENEW);
    assertThat(morning().people())
        .extracting(Morning.Row::href)
        .containsSubsequence(first.address(), second.address());
  }
}
