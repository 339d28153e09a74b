package unbo.app.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.job.PartMark;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.core.measure.Verdict;
import unbo.core.setting.School;

class SetPageTest extends PageTest {

  private SetRecord set(Job job) {
    return SettingResults.record(reload(job));
  }

  private void keepTo(Job job, int revision, School school) {
    jobs.press(
        job.getId(),
        Station.SET,
        revision,
        "Tuva Lind",
        SchoolPress.of(reload(job).getVehicle(), school));
  }

  private MockHttpServletRequestBuilder form(Job job, String path, String... fields) {
    MockHttpServletRequestBuilder request =
        post("/jobs/" + job.getId() + path).with(as("joren")).with(csrf());
    for (int i = 0; i < fields.length; i += 2) {
      request.param(fields[i], fields[i + 1]);
    }
    return request;
  }

  private ResultActions save(Job job, String... fields) throws Exception {
    return mvc.perform(
        form(job, "/set", fields).param("revision", "" + reload(job).work().revision(Station.SET)));
  }

  private static final String[] DIALLED = {
    "first", "0.31", "first", "12 thou", "first", "0,32", "thread", "M18x1.5", "slots", "6",
    "lines", "2", "gauge", "dial"
  };

  private static String[] with(String[] fields, String... more) {
    String[] all = java.util.Arrays.copyOf(fields, fields.length + more.length);
    System.arraycopy(more, 0, all, fields.length, more.length);
    return all;
  }

  @Test
  void theAnswerComesAsOneTypesAndIsWrittenOnTheSection() throws Exception {
    Job job = newJob();
    mvc.perform(form(job, "/set/preview", DIALLED))
        .andExpect(status().isOk())
        .andExpect(
            content().string(containsString("Two holes tighter: 0.062 mm expected, within limits")))
        .andExpect(content().string(containsString("= 0.305 mm")))
        .andExpect(content().string(containsString(">end play 0.312 ± 0.020 mm</text>")));
    assertThat(set(job).readings(Stage.FIRST)).isEmpty();
  }

  @Test
  void fromReadingsToThePinnedHole() throws Exception {
    Job job = newJob();
    save(job, with(DIALLED, "do", "take:2")).andExpect(status().is3xxRedirection());
    assertThat(set(job).nut().chosenSteps()).contains(2);
    assertThat(SettingResults.of(reload(job))).as("a prediction is no result").isEmpty();
    save(job, with(DIALLED, "again", "0.06", "again", "0.07", "again", "0.06", "do", "save"))
        .andExpect(status().is3xxRedirection());
    Job done = reload(job);
    assertThat(done.work().mark(Station.SET).orElseThrow().getState())
        .isEqualTo(StationMark.State.DONE);
    assertThat(SettingResults.of(done).orElseThrow().text())
        .contains("0.063 ± 0.015 mm (95 %): within limits");
    assertThat(SettingResults.record(done).readings(Stage.FIRST))
        .extracting(r -> r.typed())
        .containsExactly("0.31", "12 thou", "0,32");
  }

  /** Readings at one hole say nothing of the next one, whatever the form still carries. */
  @Test
  void anotherHoleTakesThePinnedReadingsAway() throws Exception {
    Job job = newJob();
    String[] fine = DIALLED.clone();
    fine[8] = "positions";
    fine[9] = "24";
    save(job, with(fine, "do", "take:4"));
    String[] pinned = with(fine, "again", "0.06", "again", "0.07", "again", "0.06");
    save(job, pinned);
    assertThat(set(job).readings(Stage.PINNED)).hasSize(3);
    save(job, with(pinned, "do", "take:4"));
    assertThat(set(job).readings(Stage.PINNED)).as("the same hole again").hasSize(3);
    save(job, with(pinned, "do", "take:3")).andExpect(status().is3xxRedirection());
    assertThat(set(job).nut().chosenSteps()).contains(3);
    assertThat(set(job).readings(Stage.PINNED)).isEmpty();
    assertThat(SettingResults.of(reload(job))).isEmpty();
  }

  /** A part sheet that was open meanwhile does not put back what Set made of the part. */
  @Test
  void anOlderPartSheetDoesNotOverwriteTheStateFromSet() throws Exception {
    Job job = newJob();
    int seen = reload(job).work().revision(Station.STRIP);
    save(job, with(DIALLED, "do", "take:2"));
    assertThat(reload(job).work().stateOf("pin")).isEqualTo(PartMark.State.RENEW);
    String[] keep = {"state", "KEEP", "note", "looks good"};
    mvc.perform(form(job, "/parts/pin", keep).param("revision", "" + seen))
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString("hole chosen")))
        .andExpect(content().string(containsString("Saved now: to renew.")))
        .andExpect(content().string(containsString("value=\"KEEP\" checked")))
        .andExpect(content().string(containsString(">looks good</textarea>")));
    assertThat(reload(job).work().stateOf("pin")).isEqualTo(PartMark.State.RENEW);
    Object now =
        mvc.perform(get("/jobs/" + job.getId() + "?at=part&part=pin").with(as("joren")))
            .andReturn()
            .getModelAndView()
            .getModel()
            .get("revision");
    mvc.perform(form(job, "/parts/pin", keep).param("revision", "" + now))
        .andExpect(status().is3xxRedirection());
    assertThat(reload(job).work().stateOf("pin")).isEqualTo(PartMark.State.KEEP);
  }

  @Test
  void otherReadingsTakeThePinnedOnesAwayAndTheHistoryKeepsThem() throws Exception {
    Job job = newJob();
    save(job, with(DIALLED, "do", "take:2"));
    save(job, with(DIALLED, "again", "0.06", "again", "0.07", "again", "0.06"));
    String[] others = DIALLED.clone();
    others[1] = "0.40";
    save(job, with(others, "again", "0.06", "again", "0.07", "again", "0.06"))
        .andExpect(status().is3xxRedirection());
    assertThat(set(job).readings(Stage.PINNED)).isEmpty();
    assertThat(set(job).nut().chosenSteps()).isEmpty();
    assertThat(jobs.history(job.getId()))
        .anyMatch(e -> e.getText().contains("0.31, 12 thou, 0,32 → 0.40"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "slots|7|none is opposite another",
        "slots|0|A castle nut has 4 to 24 slots",
        "slots|six|Not a number that can be read",
        "lines|0|1 to 4 pin holes",
        "thread|M18|The pitch is missing",
        "first|abc|No number found",
        "first|-0.1|A measured play is not negative",
        "first|310|more than 10 mm is not end play",
        "windowFrom|0.05|Both limits are needed",
      })
  void badInputIsAnsweredAtItsFieldAndNothingIsLost(String field, String typed, String answer)
      throws Exception {
    Job job = newJob();
    String[] fields = DIALLED.clone();
    boolean known = false;
    for (int i = 0; i < fields.length; i += 2) {
      if (fields[i].equals(field) && !known) {
        fields[i + 1] = typed;
        known = true;
      }
    }
    save(job, known ? fields : with(fields, field, typed))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString(answer)))
        .andExpect(content().string(containsString("value=\"12 thou\"")))
        .andExpect(content().string(containsString("aria-invalid=\"true\"")));
    assertThat(set(job).readings(Stage.FIRST)).isEmpty();
  }

  @Test
  void tenThousandCharactersAreAnsweredAndShort() throws Exception {
    Job job = newJob();
    String[] fields = DIALLED.clone();
    fields[1] = "9".repeat(10_000);
    save(job, fields)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("(10000 characters)")));
  }

  @Test
  void readingsCanBeKeptBeforeTheThreadIsKnown() throws Exception {
    Job job = newJob();
    save(job, "first", "0.31", "first", "0.30", "first", "0.32", "thread", "")
        .andExpect(status().is3xxRedirection());
    assertThat(set(job).readings(Stage.FIRST)).hasSize(3);
    save(job, "first", "0.31", "first", "0.30", "first", "0.32", "do", "take:2")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("cannot be used")));
  }

  @Test
  void zeroIsRefusedSinceADialCannotSeePreload() throws Exception {
    Job job = newJob();
    mvc.perform(
            form(
                job,
                "/set/preview",
                "first",
                "0",
                "first",
                "0",
                "first",
                "0.005",
                "thread",
                "M18x1.5",
                "slots",
                "6",
                "lines",
                "1"))
        .andExpect(content().string(containsString("a dial indicator cannot show preload")))
        .andExpect(content().string(not(containsString("take:"))));
  }

  @Test
  void aHoleThatMaySqueezeIsNeverTakenWhateverAFormSays() throws Exception {
    Job job = newJob();
    save(job, with(DIALLED, "do", "take:3"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("cannot be used")));
    save(job, with(DIALLED, "do", "take:nonsense")).andExpect(status().is3xxRedirection());
    assertThat(set(job).nut().chosenSteps()).isEmpty();
  }

  @Test
  void theTypedThreadIsDrawnBeforeItIsSaved() throws Exception {
    Job job = newJob();
    mvc.perform(form(job, "/set/preview", with(DIALLED, "do", "x")))
        .andExpect(content().string(containsString("value=\"M18x1.5\"")));
    String thick =
        mvc.perform(form(job, "/set/preview", "thread", "M30x1.5"))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(thick).contains("The thread of 30 mm does not pass the outboard cone of 20 mm bore");
    assertThat(set(job).nut().thread()).isEmpty();
  }

  @Test
  void theMakersWindowRules() throws Exception {
    Job job = newJob();
    mvc.perform(
            form(
                job,
                "/set/preview",
                with(
                    DIALLED,
                    "windowFrom",
                    "0.15",
                    "windowTo",
                    "0.25",
                    "windowSource",
                    "manual, page 12")))
        .andExpect(
            content().string(containsString("One hole tighter: 0.187 mm expected, within limits")))
        .andExpect(content().string(containsString("manual, page 12")));
  }

  @Test
  void whoeverSavesSecondSeesTheFirstAndKeepsTheirOwnEntries() throws Exception {
    Job job = newJob();
    mvc.perform(form(job, "/set", DIALLED).param("revision", "0"))
        .andExpect(status().is3xxRedirection());
    String[] second = DIALLED.clone();
    second[1] = "0.44";
    mvc.perform(form(job, "/set", second).param("revision", "0").with(as("ilse")))
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString("Joren Maak changed this station")))
        .andExpect(content().string(containsString("Saved now: readings [0.31, 12 thou, 0,32]")))
        .andExpect(content().string(containsString("value=\"0.44\"")));
    mvc.perform(form(job, "/set", second).param("revision", "1"))
        .andExpect(status().is3xxRedirection());
    assertThat(set(job).readings(Stage.FIRST).get(0).typed()).isEqualTo("0.44");
  }

  @Test
  void slightPreloadNeedsAMeasuredTorqueAndTheMakersLimit() throws Exception {
    Job job = newJob();
    mvc.perform(form(job, "/set/school", "school", "SLIGHT_PRELOAD", "revision", "0"))
        .andExpect(status().is3xxRedirection());
    assertThat(vehicles.findById(job.getVehicle().getId()).orElseThrow().getSchool())
        .isEqualTo(School.SLIGHT_PRELOAD);
    mvc.perform(
            form(
                job,
                "/set/other",
                "school",
                "SLIGHT_PRELOAD",
                "force",
                "6 N",
                "radius",
                "150",
                "revision",
                "1"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("this torque proves nothing")));
    mvc.perform(
            form(
                job,
                "/set/other",
                "school",
                "SLIGHT_PRELOAD",
                "force",
                "6 N",
                "radius",
                "150",
                "limit",
                "1,2",
                "revision",
                "1"))
        .andExpect(status().is3xxRedirection());
    assertThat(SettingResults.of(reload(job)).orElseThrow().text())
        .contains("0.90 ± 0.03 Nm (95 %): under the limit of 1.20", "cannot tell");
    assertThat(reload(job).work().mark(Station.SET).orElseThrow().getState())
        .isEqualTo(StationMark.State.WORKED_ON);
    mvc.perform(
            form(
                job,
                "/set/other",
                "school",
                "SLIGHT_PRELOAD",
                "force",
                "6 N",
                "loosened",
                "4",
                "radius",
                "150",
                "limit",
                "1,2",
                "revision",
                "2"))
        .andExpect(status().is3xxRedirection());
    assertThat(SettingResults.of(reload(job)).orElseThrow().text())
        .contains("clearly over the loosened pair’s 0.60 ± 0.03", "within the limit of 1.20");
  }

  /** M24 × 1.5, 12 positions: two holes back and 0.18 mm dialled is 0.07 mm of preload. */
  @Test
  void withoutALimitTheFeelBecomesANumberAndIsTheResult() throws Exception {
    Job job = newJob();
    mvc.perform(form(job, "/set/school", "school", "SLIGHT_PRELOAD", "revision", "0"));
    mvc.perform(felt(job, "0.18", "", "1"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Enter thread and positions per turn.")));
    mvc.perform(felt(job, "0", "M24x1.5", "1"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Back off until there is play")));
    mvc.perform(felt(job, "0.18", "M24x1.5", "1")).andExpect(status().is3xxRedirection());
    assertThat(SettingResults.of(reload(job)).orElseThrow().text())
        .contains("−0.07 ± 0.01 mm", "preload past the cliff");
    assertThat(reload(job).work().mark(Station.SET).orElseThrow().getState())
        .isEqualTo(StationMark.State.WORKED_ON);
    mvc.perform(felt(job, "0.30", "M24x1.5", "2")).andExpect(status().is3xxRedirection());
    assertThat(SettingResults.of(reload(job)).orElseThrow().inWindow()).isEqualTo(Verdict.YES);
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "set").with(as("tuva")))
        .andExpect(content().string(containsString("By feel it stands at 0.05 ± 0.01 mm")))
        .andExpect(content().string(containsString("value=\"M24×1.5\"")));
  }

  private MockHttpServletRequestBuilder felt(Job job, String play, String thread, String revision) {
    return form(
        job,
        "/set/other",
        "school",
        "SLIGHT_PRELOAD",
        "felt-holes",
        "2",
        "felt-play",
        play,
        "felt-thread",
        thread,
        "felt-positions",
        thread.isEmpty() ? "" : "12",
        "revision",
        revision);
  }

  @Test
  void justFreeIsAJudgementAndSaysSo() throws Exception {
    Job job = newJob();
    mvc.perform(form(job, "/set/school", "school", "JUST_FREE", "revision", "0"));
    mvc.perform(form(job, "/set/other", "school", "JUST_FREE", "rest", "DRAGS", "revision", "1"))
        .andExpect(status().is3xxRedirection());
    assertThat(reload(job).work().mark(Station.SET).orElseThrow().getState())
        .isEqualTo(StationMark.State.WORKED_ON);
    mvc.perform(form(job, "/set/other", "school", "JUST_FREE", "rest", "FREE", "revision", "2"));
    assertThat(SettingResults.of(reload(job)).orElseThrow().text())
        .startsWith("Judged, not measured");
    mvc.perform(form(job, "/set/school", "school", "NONSENSE", "revision", "3"))
        .andExpect(status().isNotFound());
  }

  /** The school is the vehicle's and can change at another of its jobs: no sheet is lost for it. */
  @Test
  void aSheetForASchoolThatWasLeftIsNotWrittenAndNotLost() throws Exception {
    Job job = newJob();
    Job other = jobs.openAt(job.getVehicle(), "axle-1-left", "hums", "Tuva");
    keepTo(other, 0, School.JUST_FREE);
    mvc.perform(form(job, "/set", "first", "0.44", "first", "0.45", "revision", "0"))
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString("now uses “" + School.JUST_FREE.title())))
        .andExpect(content().string(containsString("0.44, 0.45")));
    assertThat(set(job).readings(Stage.FIRST)).isEmpty();
    keepTo(other, 1, School.END_PLAY);
    for (String sheet : List.of("JUST_FREE", "SLIGHT_PRELOAD")) {
      mvc.perform(form(job, "/set/other", "school", sheet, "rest", "FREE", "revision", "0"))
          .andExpect(status().isConflict())
          .andExpect(content().string(containsString("now uses “" + School.END_PLAY.title())))
          .andExpect(
              content()
                  .string(
                      containsString(
                          ">runs on, swings back at the heavy side, stops by itself</q>")))
          .andExpect(content().string(containsString("Measured end play")));
    }
    assertThat(SettingResults.of(reload(job))).isEmpty();
  }
}
