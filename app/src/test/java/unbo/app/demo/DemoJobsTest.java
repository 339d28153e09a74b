package unbo.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import unbo.app.AppTest;
import unbo.app.job.Job;
import unbo.app.job.JobEvent;
import unbo.app.job.JobEventRepository;
import unbo.app.job.Station;
import unbo.app.job.StationLine;
import unbo.app.proving.Proofs;

/** The demo's yard has something to be done at every station, on ten arrangements and more. */
class DemoJobsTest extends AppTest {

  /** The demo opens this many jobs, before anybody else does. */
  private static final long LAST = 14;

  @Autowired private JobEventRepository events;
  @Autowired private Proofs proofs;

  private List<Job> demo() {
    return jobRepository.findAll().stream()
        .filter(j -> j.getId() <= LAST)
        .map(this::reload)
        .toList();
  }

  @Test
  void tenJobsOnTenArrangementsAtEveryStation() {
    List<Job> open = demo().stream().filter(j -> !j.isClosed()).toList();
    assertThat(open.stream().map(j -> j.arrangement().id()).distinct()).hasSizeGreaterThan(9);
    Set<Station> next = EnumSet.noneOf(Station.class);
    open.forEach(j -> next.add(StationLine.next(j)));
    next.add(Station.NAME); // the walk of other tests takes the launch trailer on from there
    assertThat(next).containsExactlyInAnyOrder(Station.values());
  }

  /** Nobody works before the job is opened, nor after now; the way is walked forwards. */
  @Test
  void historiesRunForwards() {
    for (Job job : demo()) {
      List<JobEvent> lines = events.of(job.getId());
      for (int i = 1; i < lines.size(); i++) {
        assertThat(lines.get(i).getAt())
            .as("%s, line %s from the end", job.title(), i)
            .isBeforeOrEqualTo(lines.get(i - 1).getAt());
      }
    }
  }

  @Test
  void theOneAtBookIsProvedAndTheCrackedOneIsNot() {
    Job strut = at("strut-left");
    assertThat(proofs.of(strut).open()).as("strut").isEmpty();
    assertThat(proofs.of(at("steering-head")).blocking()).isNotEmpty();
  }

  private Job at(String position) {
    return demo().stream().filter(j -> j.getPosition().equals(position)).findFirst().orElseThrow();
  }
}
