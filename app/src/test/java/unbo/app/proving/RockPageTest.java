package unbo.app.proving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.TestPlaces;

/** Rock: what is measured before the work becomes what Prove asks for again. */
class RockPageTest extends PageTest {

  @Autowired private Proofs proofs;

  private ResultActions press(Job job, String path, String... fields) throws Exception {
    Station station = Station.withId(path.split("/")[1]).orElseThrow();
    var request =
        post("/jobs/{id}" + path, job.getId())
            .param("revision", "" + reload(job).work().revision(station))
            .with(as("tuva"))
            .with(csrf());
    for (int i = 0; i < fields.length; i += 2) {
      request.param(fields[i], fields[i + 1]);
    }
    return mvc.perform(request);
  }

  private ProveRecord record(Job job) {
    return reload(job).work().sheet(ProveRecord.TYPE);
  }

  @Test
  void whatIsMeasuredIsAskedForAgainAtProve() throws Exception {
    Job job = newJob();
    press(job, "/rock/preview", "before-rock", "75 thou", "before-rock-second", "290")
        .andExpect(content().string(containsString("6.6 mrad")))
        .andExpect(content().string(containsString(" mm end play</button>")));
    assertThat(record(job).tests()).as("a preview writes nothing").isEmpty();
    press(job, "/rock", "before-rock", "1.9", "before-rock-second", "290")
        .andExpect(status().is3xxRedirection());
    assertThat(record(job).tests().get(AccusingTest.ROCK).before().values()).containsExactly(1.9);
    assertThat(reload(job).work().mark(Station.ROCK).orElseThrow().getState())
        .isEqualTo(StationMark.State.DONE);
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "prove").with(as("tuva")))
        .andExpect(content().string(containsString("1.9 mm at 290 mm")));
  }

  /** What Prove compared with stays what it was compared with. */
  @Test
  void aRepeatedTestKeepsItsFirstReading() throws Exception {
    Job job = newJob();
    press(job, "/rock", "before-rock", "1.9", "before-rock-second", "290");
    press(job, "/prove", "after-rock", "0.4", "after-rock-second", "290");
    press(job, "/rock", "before-rock", "9", "before-rock-second", "290", "before-end-play", "0.4");
    TestRecord rock = record(job).tests().get(AccusingTest.ROCK);
    assertThat(rock.before().values()).containsExactly(1.9);
    assertThat(rock.after().values()).containsExactly(0.4);
    assertThat(record(job).tests().get(AccusingTest.END_PLAY).before().values())
        .containsExactly(0.4);
  }

  /** A search may have measured what this sheet does not offer. */
  @Test
  void aReadingThatTheFormDoesNotOfferStays() throws Exception {
    Job job = newJob();
    press(job, "/rock", "before-run-out", "0.12");
    press(job, "/rock", "before-rock", "1.9", "before-rock-second", "290");
    assertThat(record(job).tests()).containsOnlyKeys(AccusingTest.ROCK, AccusingTest.RUN_OUT);
  }

  @Test
  void aReadingThatIsEmptiedIsTakenAway() throws Exception {
    Job job = newJob();
    press(job, "/rock", "before-rock", "1.9", "before-rock-second", "290", "before-end-play", "1");
    press(job, "/rock", "before-rock", "", "before-rock-second", "", "before-end-play", "1");
    assertThat(record(job).tests()).containsOnlyKeys(AccusingTest.END_PLAY);
  }

  @Test
  void halfATestAndNoneAreAnswered() throws Exception {
    Job job = newJob();
    press(job, "/rock", "before-rock", "1.9")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("One of the two numbers is missing")));
    press(job, "/rock").andExpect(content().string(containsString("Nothing is entered.")));
    press(job, "/rock", "before-rock", "lots", "before-rock-second", "290")
        .andExpect(content().string(containsString("value=\"lots\"")));
    assertThat(reload(job).work().mark(Station.ROCK)).isEmpty();
  }

  /** Each place offers its own tests, with their tool and caution; a note still does. */
  @Test
  void everyArrangementHasItsTests() throws Exception {
    for (Arrangement arrangement : Arrangements.standard().all()) {
      Job job = newJobOn(arrangement.id());
      String html = rock(job);
      assertThat(html).as(arrangement.id()).contains("Save as done (note)");
      for (AccusingTest test : TestPlaces.of(arrangement, Optional.of(job.place()))) {
        assertThat(html)
            .as("%s %s", arrangement.id(), test)
            .contains("name=\"before-" + test.id() + "\"", test.how(), test.caution());
      }
      assertThat(html.contains("name=\"before-end-play\""))
          .as(arrangement.id())
          .isEqualTo(arrangement.isSetByNutPosition());
    }
  }

  private String rock(Job job) throws Exception {
    return mvc.perform(get("/jobs/{id}", job.getId()).param("at", "rock").with(as("tuva")))
        .andExpect(status().isOk())
        .andReturn()
        .getResponse()
        .getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
  }

  /** Mean 1.90, s 0.10, n 3: t·s/√n = 4.303 · 0.1/√3 = 0.248 (JCGM 100, annex G). */
  @Test
  void severalReadingsAreKeptAsTypedAndTheirScatterCounts() throws Exception {
    Job job = newJob();
    press(job, "/rock", "before-rock", "1,80 1.90 2.00", "before-rock-second", "11 3/8 in");
    TestReading read = record(job).tests().get(AccusingTest.ROCK).before();
    assertThat(read.value()).isCloseTo(1.9, within(1e-9));
    assertThat(read.measured(AccusingTest.ROCK).uncertainty()).isCloseTo(0.248, within(0.001));
    assertThat(rock(job)).contains("value=\"1,80 1.90 2.00\"", "value=\"11 3/8 in\"", "mean 1.9");
  }

  /** What was in order is only compared: it need not become better, and proves nothing. */
  @Test
  void aReadingThatWasInOrderAccusesNothing() throws Exception {
    Job job = newJob();
    String[] drag = {"before-drag", "4", "before-drag-second", "290", "in-order-drag", "on"};
    press(job, "/rock", drag).andExpect(status().is3xxRedirection());
    assertThat(record(job).tests().get(AccusingTest.DRAG).inOrder()).isTrue();
    press(job, "/prove", "after-drag", "4", "after-drag-second", "290");
    assertThat(proofs.of(reload(job)).open())
        .anyMatch(o -> o.startsWith("No fault test was repeated"))
        .noneMatch(o -> o.contains("same as before"));
  }
}
