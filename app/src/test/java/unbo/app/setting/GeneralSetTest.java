package unbo.app.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import unbo.app.job.Job;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.proving.Proofs;

/** Set where no castle nut sets it: readings against an entered window, and torques. */
class GeneralSetTest extends SetPressing {

  @Autowired private Proofs proofs;

  /** Shims of a gearbox, 0.05 ± 0.02 wanted: ends of the window, and what settles it. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "0.050 0.051 0.049 | within limits | DONE",
        "0.032 0.032 0.032 | cannot tell whether within limits | WORKED_ON",
        "0.010 0.011 0.012 | out of limits | WORKED_ON",
        "0.110 0.111 0.112 | out of limits | WORKED_ON"
      })
  void readingsAreJudgedAgainstTheEnteredWindow(
      String readings, String verdict, StationMark.State state) throws Exception {
    Job job = newJobOn("a10");
    press(
            job,
            "",
            "shim-readings",
            readings.strip(),
            "shim-from",
            "0.03",
            "shim-to",
            "0.07",
            "shim-source",
            "gearbox manual, p. 12")
        .andExpect(status().is3xxRedirection());
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "set").with(as("tuva")))
        .andExpect(content().string(containsString(verdict.strip())))
        .andExpect(content().string(containsString("gearbox manual, p. 12")));
    assertThat(state(job)).isEqualTo(state);
  }

  /** An axle nut by torque and angle: what is missing is next, what is wrong is out of limits. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "100 Nm; 60° | 100 Nm | next 60° | WORKED_ON",
        "100 Nm; 60° | 100 Nm; 62° | done 100 Nm, 62° | DONE",
        "100 Nm; 60° | 90 Nm; 60° | 4 % off at a torque | WORKED_ON"
      })
  void stepsAreLoggedAndJudged(String wanted, String done, String says, StationMark.State state)
      throws Exception {
    Job job = newJobOn("a2");
    String nut = GeneralSheet.parts(job.arrangement()).stream().findFirst().orElseThrow();
    press(job, "", nut + "-stages", wanted, nut + "-stagesDone", done, nut + "-locker", "high")
        .andExpect(status().is3xxRedirection());
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "set").with(as("tuva")))
        .andExpect(content().string(containsString(says.strip())))
        .andExpect(content().string(containsString("about 250 °C at the thread")));
    assertThat(state(job)).isEqualTo(state);
    press(job, "", nut + "-stages", "60°; 100 Nm")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("An angle needs a torque to start from.")));
  }

  @Test
  void looseBallsAreCounted() throws Exception {
    mvc.perform(get("/bench/a5/set").with(as("tuva")))
        .andExpect(content().string(containsString("full but one, as usual")))
        .andExpect(content().string(containsString("at a road wheel’s rim")));
  }

  @Test
  void whatCannotBeToldNamesTheGauge() throws Exception {
    Job job = newJobOn("a10");
    press(
            job,
            "/preview",
            "shim-readings",
            "0.033 0.033 0.033",
            "shim-from",
            "0.03",
            "shim-to",
            "0.07")
        .andExpect(content().string(containsString("measure with a test indicator")))
        .andExpect(content().string(containsString("source not entered")));
    assertThat(state(job)).as("a preview writes nothing").isNull();
  }

  /** Over the limit for certain keeps the vehicle off the road, as at the nut. */
  @Test
  void playOverItsLimitBlocks() throws Exception {
    Job job = newJobOn("a9");
    press(job, "", "crank-readings", "0.4 0.41 0.4", "crank-from", "0.1", "crank-to", "0.3");
    assertThat(proofs.of(reload(job)).blocking()).anyMatch(b -> b.contains("play over its limit"));
    press(job, "", "crank-readings", "0.2 0.21 0.2", "crank-from", "0.1", "crank-to", "0.3");
    assertThat(proofs.of(reload(job)).blocking()).isEmpty();
    assertThat(proofs.of(reload(job)).open()).noneMatch(o -> o.startsWith("End play within"));
  }

  /**
   * A steering head by its swing force, a pinion by its turning torque: 2 % of a spring scale, 0.2
   * N at least.
   */
  @ParameterizedTest
  @CsvSource({
    "a6, adjuster, 6 N 6.1 N 5.9 N, 4, 8, 6.00 ± 0.32 N, spring scale ± 2 %",
    "a11, nut, 1.2 1.2 1.2, 1, 2, 1.200 ± 0.024 Nm, spring scale on an arm ± 2 %"
  })
  void readingsAreInTheUnitOfWhatIsSet(
      String id, String part, String readings, String from, String to, String result, String gauge)
      throws Exception {
    Job job = newJobOn(id);
    press(job, "/preview", part + "-readings", readings, part + "-from", from, part + "-to", to)
        .andExpect(content().string(containsString(result)))
        .andExpect(content().string(containsString("within limits")))
        .andExpect(content().string(containsString(gauge)));
  }

  @Test
  void torqueIsComparedWithWhatWasApplied() throws Exception {
    Job job = newJobOn("a2");
    press(
        job, "", "nut-torque", "240", "nut-torqueSource", "maker’s table", "nut-applied", "240 Nm");
    assertThat(state(job)).isEqualTo(StationMark.State.DONE);
    press(job, "", "nut-torque", "240", "nut-applied", "200");
    assertThat(state(job)).isEqualTo(StationMark.State.WORKED_ON);
    mvc.perform(get("/jobs/{id}/sheet", job.getId()).with(as("tuva")))
        .andExpect(content().string(containsString("out of limits: more than 6 % off")));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "shim-readings | loose | “loose”",
        "shim-from | 0.03 | Both limits are needed",
        "shim-torque | 9000 | Out of range",
        "shim-gauge | laser | Nothing is entered"
      })
  void badEntriesAreAnsweredAndKept(String field, String typed, String says) throws Exception {
    Job job = newJobOn("a10");
    press(job, "", field.strip(), typed.strip())
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString(says.strip())))
        .andExpect(
            content()
                .string(
                    field.strip().endsWith("gauge")
                        ? containsString("shim-gauge")
                        : containsString("value=\"" + typed.strip() + "\"")));
    assertThat(state(job)).isNull();
  }

  @Test
  void someoneElsesEntryIsNotOverwritten() throws Exception {
    Job job = newJobOn("a10");
    press(job, "", "shim-readings", "0.05", "shim-from", "0.03", "shim-to", "0.07");
    mvc.perform(
            post("/jobs/{id}/set", job.getId())
                .param("revision", "0")
                .param("shim-readings", "0.09")
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString("value=\"0.09\"")));
    assertThat(SettingResults.record(reload(job)).general().get("shim").typed())
        .containsExactly("0.05");
  }

  /** As before, work that was done elsewhere takes a dated note. */
  @Test
  void aNoteStillDoes() throws Exception {
    Job job = newJobOn("a8");
    mvc.perform(
            post("/jobs/{id}/stations/set/note", job.getId())
                .param("revision", "0")
                .param("note", "Pressed in at the dealer.")
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().is3xxRedirection());
    assertThat(state(job)).isEqualTo(StationMark.State.ELSEWHERE);
  }

  /** A spacer's length is an answer, from the sizes of the parts. */
  @Test
  void aShortSpacerIsSaidAtSet() throws Exception {
    Job job = newJobOn("a4");
    for (String[] size :
        new String[][] {
          {"spacer", "spacer.length", "59.9"}, {"hub", "hub.shoulder-distance", "60"}
        }) {
      mvc.perform(
              post("/jobs/{id}/parts/{p}", job.getId(), size[0])
                  .param("revision", "" + reload(job).work().revision(Station.STRIP))
                  .param("state", "KEEP")
                  .param(size[1], size[2])
                  .with(as("tuva"))
                  .with(csrf()))
          .andExpect(status().is3xxRedirection());
    }
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "set").with(as("tuva")))
        .andExpect(content().string(containsString("Shorter: tightening the axle loads the balls")))
        .andExpect(content().string(not(containsString("class=\"stack-problems\""))));
  }

  private Job measured(String length) throws Exception {
    Job job = newJobOn("a4");
    for (String[] size :
        new String[][] {
          {"spacer", "spacer.length", length}, {"hub", "hub.shoulder-distance", "60"}
        }) {
      mvc.perform(
              post("/jobs/{id}/parts/{p}", job.getId(), size[0])
                  .param("revision", "" + reload(job).work().revision(Station.STRIP))
                  .param("state", "KEEP")
                  .param(size[1], size[2])
                  .with(as("tuva"))
                  .with(csrf()))
          .andExpect(status().is3xxRedirection());
    }
    return job;
  }

  /** 6204 with CN: 0.125 mm along the axis unmounted; beyond it the balls are loaded. */
  @Test
  void aSpacerIsJudgedByTheBearingsOwnClearance() throws Exception {
    mvc.perform(get("/jobs/{id}", measured("60.05").getId()).param("at", "set").with(as("tuva")))
        .andExpect(content().string(containsString("Long by 0.05 mm, which the bearings’ own")))
        .andExpect(content().string(containsString("save Fit for what is left mounted")));
    mvc.perform(get("/jobs/{id}", measured("60.12").getId()).param("at", "set").with(as("tuva")))
        .andExpect(content().string(containsString("Cannot tell whether the pair is free")));
    mvc.perform(get("/jobs/{id}", measured("60.4").getId()).param("at", "set").with(as("tuva")))
        .andExpect(content().string(containsString("Preloaded by")))
        .andExpect(content().string(containsString("Face off")));
  }

  /** A cone leaves the play that the clamp takes; a spacer hub has no cone. */
  @Test
  void aConeLeavesSlackForTheClamp() throws Exception {
    mvc.perform(get("/bench/a5/set").with(as("tuva")))
        .andExpect(content().string(containsString("° of cone, 0.0")))
        .andExpect(content().string(containsString("a solid axle with nuts asks for none")));
    mvc.perform(get("/bench/a4/set").with(as("tuva")))
        .andExpect(content().string(not(containsString("° of cone"))));
  }

  /** With Fit saved its mounted clearance rules: two tight rings leave nothing. */
  @Test
  void whatFitLeftIsUsed() throws Exception {
    Job job = measured("60.05");
    mvc.perform(
            post("/jobs/{id}/fit", job.getId())
                .param("revision", "" + reload(job).work().revision(Station.FIT))
                .param("place", "left")
                .param("shaft-zone", "n6")
                .param("housing-zone", "P7")
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().is3xxRedirection());
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "set").with(as("tuva")))
        .andExpect(content().string(containsString("Already preloaded by their fits")))
        .andExpect(content().string(containsString("mounted, likely, from Fit")));
  }

  @Test
  void aNumberThatNoTableKnowsIsKeptAsText() throws Exception {
    Job job = newJobOn("a26");
    mvc.perform(
            post("/jobs/{id}/parts/ring", job.getId())
                .param("revision", "0")
                .param("state", "RENEW")
                .param("number", "WR 1630-4 <x>")
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().is3xxRedirection());
    mvc.perform(get("/jobs/{id}/sheet", job.getId()).with(as("tuva")))
        .andExpect(content().string(containsString("WR 1630-4 &lt;x&gt;")));
    assertThat(reload(job).work().markingOf("ring")).isEqualTo("WR 1630-4 <x>");
    assertThat(reload(job).assembly().read()).as("nothing is made of it").isEmpty();
  }

  /** The curve of a pair under its wheel; the sheet beside it stays as recorded. */
  @Test
  void lifeAndStiffnessStandAgainstTheSetting() throws Exception {
    Job job = newJobOn("a1");
    mvc.perform(
            get("/jobs/{id}/set", job.getId())
                .param("life-kg", "400")
                .param("life-offset", "30")
                .param("life-side", "0.5")
                .param("life-outside", "20")
                .param("life-rough", "10")
                .param("life-at", "0.05")
                .with(as("tuva")))
        .andExpect(content().string(containsString("class=\"curve-stiff\"")))
        .andExpect(content().string(containsString("carry at 0.05 mm")))
        .andExpect(content().string(containsString("a kerb: a side force as great as the load")))
        .andExpect(content().string(containsString("Basic rating life as distance")))
        .andExpect(content().string(containsString("side force 1,961 N")))
        .andExpect(content().string(containsString("of camber")))
        .andExpect(content().string(containsString("M = e·W")))
        .andExpect(content().string(containsString("The peak is never a target")));
    mvc.perform(
            get("/bench/a1/set")
                .param("life-kg", "400")
                .param("life-outside", "80")
                .param("life-inside", "30")
                .with(as("tuva")))
        .andExpect(content().string(containsString("More than the whole road.")));
    mvc.perform(get("/bench/a1/set").param("life-kg", "-4").with(as("tuva")))
        .andExpect(content().string(containsString("Enter 1 to 20000.")));
    mvc.perform(get("/bench/a4/set").param("life-kg", "400").with(as("tuva")))
        .andExpect(content().string(not(containsString("class=\"curve-stiff\""))));
  }

  /** Backlash at three places: the least rules; a longer wrench, a thread's own play, warm hubs. */
  @Test
  void sumsStandBesideTheSetting() throws Exception {
    mvc.perform(
            get("/bench/a22/set")
                .param("sum-torque", "100")
                .param("sum-wrench", "400")
                .param("sum-extension", "100")
                .param("sum-backlash", "0.14 0.10 0.12")
                .param("sum-wanted", "0.20")
                .with(as("tuva")))
        .andExpect(content().string(containsString("0.15 ± 0.01 mm")))
        .andExpect(content().string(containsString("Away from the pinion")))
        .andExpect(content().string(containsString("80.0 ± 0.4 Nm")))
        .andExpect(content().string(containsString("High at the edge: towards the heel driving")));
    mvc.perform(get("/bench/a21/set").with(as("tuva")))
        .andExpect(content().string(containsString("So dial after locking")))
        .andExpect(content().string(containsString("Procedure: ")));
    mvc.perform(
            get("/bench/a1/set").param("life-kg", "").param("life-hub-warm", "30").with(as("tuva")))
        .andExpect(content().string(containsString("Play by heat: along the axis")))
        .andExpect(content().string(containsString("along the axis")));
    mvc.perform(
            get("/bench/a22/set")
                .param("sum-torque", "much")
                .param("sum-angle", "120")
                .with(as("tuva")))
        .andExpect(content().string(containsString("Enter 0 to 90°.")));
  }
}
