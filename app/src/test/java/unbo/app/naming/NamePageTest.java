package unbo.app.naming;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
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

class NamePageTest extends PageTest {

  private ResultActions read(Job job, String text) throws Exception {
    return mvc.perform(get("/jobs/{id}/name", job.getId()).param("text", text).with(as("tuva")));
  }

  private ResultActions take(Job job, String text, String designation, int revision)
      throws Exception {
    return mvc.perform(
        post("/jobs/{id}/name", job.getId())
            .param("text", text)
            .param("part", "inboard-cone")
            .param("revision", "" + revision)
            .param("take", designation)
            .param("renewed", "on")
            .with(as("tuva"))
            .with(csrf()));
  }

  @Test
  void readingsComeAsOneTypesAndSaveNothing() throws Exception {
    Job job = newJob();
    read(job, "30206 J2/Q")
        .andExpect(status().isOk())
        .andExpect(
            content().string(containsString("tapered roller, one row, dimension series 02, light")))
        .andExpect(
            content().string(containsString("30 × 62 × 17.25 mm, cone 16 mm, cup 14 mm, 14.0°")))
        .andExpect(content().string(containsString("mark-beside\">Q")));
    assertThat(reload(job).work().bearingAt("inboard")).isEmpty();
  }

  @Test
  void takingAReadingChangesSectionRecordAndHistory() throws Exception {
    Job job = newJob();
    take(job, "32206", "32206", 0).andExpect(status().is3xxRedirection());
    Job changed = reload(job);
    assertThat(changed.assembly().bearing("inboard").designation()).isEqualTo("32206");
    assertThat(changed.work().stateOf("inboard-cup").title()).isEqualTo("renewed");
    assertThat(changed.work().mark(Station.NAME).orElseThrow().getState())
        .isEqualTo(StationMark.State.WORKED_ON);
    assertThat(jobs.history(job.getId()).get(0).getText()).contains("assumed 30206", "32206");
    mvc.perform(get("/jobs/{id}", job.getId()).with(as("tuva")))
        .andExpect(content().string(containsString("21.25")));
  }

  @Test
  void aBallBearingIsReadButNotTakenHere() throws Exception {
    Job job = newJob();
    read(job, "6206-2RS")
        .andExpect(content().string(containsString("contact seal both sides")))
        .andExpect(content().string(containsString("cannot be used in an adjustable taper pair")));
    take(job, "6206-2RS", "6206", 0)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("value=\"6206-2RS\"")));
  }

  /** What another hand put there is kept by its name, and nothing is worked out from it. */
  @Test
  void aBearingOfAnotherKindIsKeptAsFoundNotOriginal() throws Exception {
    Job job = newJob();
    mvc.perform(
            post("/jobs/{id}/name", job.getId())
                .param("text", "6206-2RS")
                .param("part", "inboard-cone")
                .param("revision", "0")
                .param("keep", "6206")
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().is3xxRedirection());
    Job kept = reload(job);
    assertThat(kept.work().bearingAt("inboard").orElseThrow().getMarking()).isEqualTo("6206-2RS");
    assertThat(kept.assembly().isRead("inboard")).as("not drawn, not reckoned with").isFalse();
    assertThat(jobs.history(job.getId()).get(0).getText()).contains("kept as found, not original");
    mvc.perform(
            get("/jobs/{id}", job.getId())
                .param("at", "name")
                .param("part", "inboard-cone")
                .with(as("tuva")))
        .andExpect(content().string(containsString("As found, not original:")));
  }

  /** Closures, clearance and what stayed unread are kept with the number, and undone with it. */
  @Test
  void whatTheMarkingSaidIsKeptWithTheNumber() throws Exception {
    Job job = newJobOn("a4");
    mvc.perform(
            post("/jobs/{id}/name", job.getId())
                .param("text", "6204-2RS C3")
                .param("part", "left-bearing")
                .param("revision", "0")
                .param("take", "6204")
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().is3xxRedirection());
    mvc.perform(
            get("/jobs/{id}", job.getId())
                .param("at", "name")
                .param("part", "left-bearing")
                .with(as("tuva")))
        .andExpect(content().string(containsString("contact seal on both sides; clearance C3")));
    assertThat(reload(job).assembly().said()).containsKey("left");
    jobs.takeBack(
        job.getId(), jobs.lastChange(reload(job)).orElseThrow().getEventId(), "Tuva Lind", false);
    assertThat(reload(job).assembly().said()).isEmpty();
  }

  @Test
  void aDesignationThatTheTextDoesNotReadIsRefused() throws Exception {
    Job job = newJob();
    take(job, "30206", "32222", 0).andExpect(status().isUnprocessableEntity());
    assertThat(reload(job).work().revision(Station.NAME)).isZero();
  }

  @Test
  void tenThousandCharactersAndMarkupAreAnsweredAndEscaped() throws Exception {
    Job job = newJob();
    read(job, "x".repeat(10_000))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("no ring carries this much text")));
    read(job, "<script>alert(1)</script>")
        .andExpect(status().isOk())
        .andExpect(content().string(org.hamcrest.Matchers.not(containsString("<script>alert"))));
  }

  @Test
  void aBearingThatDoesNotGoOnTheMeasuredSeatIsSaidAtThePart() throws Exception {
    Job job = newJob();
    mvc.perform(
            post("/jobs/{id}/parts/spindle", job.getId())
                .param("revision", "0")
                .param("state", "KEEP")
                .param("spindle.inboard-seat", "30,0")
                .with(as("joren"))
                .with(csrf()))
        .andExpect(status().is3xxRedirection());
    read(job, "30207")
        .andExpect(content().string(containsString("this is the wrong size, not a fit")));
  }

  /**
   * Somebody read another number meanwhile: theirs stays, what was typed here stays in its field.
   */
  @Test
  void aReadingOnAnOldPageIsNotWritten() throws Exception {
    Job job = newJob();
    take(job, "32206", "32206", 0).andExpect(status().is3xxRedirection());
    take(job, "30206", "30206", 0)
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString("changed this station")))
        .andExpect(content().string(containsString("30206")));
    assertThat(reload(job).assembly().bearing("inboard").designation()).isEqualTo("32206");
  }

  /** A van's pressed unit goes by its sizes, and by a number as soon as somebody reads one. */
  @Test
  void aUnitThatGoesBySizeIsReadToo() throws Exception {
    Job job = newJobOn("a2");
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "name").with(as("tuva")))
        .andExpect(content().string(containsString("by size")))
        .andExpect(content().string(containsString("Number on the unit bearing")));
    mvc.perform(
            post("/jobs/{id}/name", job.getId())
                .param("revision", "0")
                .param("part", "outer")
                .param("text", "DAC39720037")
                .param("take", "DAC39720037")
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().is3xxRedirection());
    Job read = reload(job);
    assertThat(read.assembly().valueOf("unit.outer")).isEqualTo(72);
    assertThat(read.assembly().isAssumed(read.arrangement().part("inner-left").orElseThrow()))
        .isFalse();
    mvc.perform(get("/jobs/{id}/sheet", job.getId()).with(as("tuva")))
        .andExpect(content().string(containsString("DAC39720037")));
  }

  @Test
  void aKindThatCannotSitThereIsRefusedWithTheKindsThatCan() throws Exception {
    Job job = newJobOn("a9");
    mvc.perform(
            post("/jobs/{id}/name", job.getId())
                .param("revision", "0")
                .param("part", "left-main")
                .param("text", "30205")
                .param("take", "30205")
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(
            content()
                .string(containsString("deep groove ball bearing or cylindrical roller bearing")));
  }
}
