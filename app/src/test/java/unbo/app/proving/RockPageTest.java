package unbo.app.proving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.verification.AccusingTest;

/** Rock: what is measured before the work becomes what Prove asks for again. */
class RockPageTest extends PageTest {

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
    assertThat(record(job).tests().get(AccusingTest.ROCK).beforeValue()).isEqualTo(1.9);
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
    assertThat(rock.beforeValue()).isEqualTo(1.9);
    assertThat(rock.afterValue()).isEqualTo(0.4);
    assertThat(record(job).tests().get(AccusingTest.END_PLAY).beforeValue()).isEqualTo(0.4);
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

  /** End play is a nut's; everything else can be measured anywhere, and a note still does. */
  @Test
  void everyArrangementHasItsTests() throws Exception {
    for (Arrangement arrangement : Arrangements.standard().all()) {
      Job job = newJobOn(arrangement.id());
      mvc.perform(get("/jobs/{id}", job.getId()).param("at", "rock").with(as("tuva")))
          .andExpect(status().isOk())
          .andExpect(content().string(containsString("before-rock")))
          .andExpect(content().string(containsString("Save as done (note)")))
          .andExpect(
              content()
                  .string(
                      arrangement.isSetByNutPosition()
                          ? containsString("before-end-play")
                          : not(containsString("before-end-play"))));
    }
  }
}
