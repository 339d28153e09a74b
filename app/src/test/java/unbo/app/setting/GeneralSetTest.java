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
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.proving.Proofs;

/** Set where no castle nut sets it: readings against an entered window, and torques. */
class GeneralSetTest extends PageTest {

  @Autowired private Proofs proofs;
  @Autowired private ShimBoxes boxes;

  private ResultActions press(Job job, String path, String... fields) throws Exception {
    var request =
        post("/jobs/{id}/set" + path, job.getId())
            .param("revision", "" + reload(job).work().revision(Station.SET))
            .with(as("joren"))
            .with(csrf());
    for (int i = 0; i < fields.length; i += 2) {
      request.param(fields[i], fields[i + 1]);
    }
    return mvc.perform(request);
  }

  private StationMark.State state(Job job) {
    return reload(job).work().mark(Station.SET).map(StationMark::getState).orElse(null);
  }

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

  /** 12 N at 380 mm is 4.56 Nm; without limits nothing is said of it, a notch rules over all. */
  @Test
  void aSteeringHeadIsJudgedByItsTorque() throws Exception {
    Job job = newJobOn("a6");
    press(job, "/preview", "adjuster-readings", "12 12.1 11.9", "sums-radius", "380")
        .andExpect(content().string(containsString("No torque suits every head")))
        .andExpect(content().string(containsString("Turning torque of the head")));
    press(
            job,
            "",
            "adjuster-readings",
            "12 12.1 11.9",
            "sums-radius",
            "380",
            "sums-from",
            "4",
            "sums-to",
            "5.5",
            "sums-notch",
            "yes")
        .andExpect(status().is3xxRedirection());
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "set").with(as("tuva")))
        .andExpect(content().string(containsString("A notch in the middle: worn races.")))
        .andExpect(content().string(containsString("Within limits.")));
    mvc.perform(get("/jobs/{id}/sheet", job.getId()).with(as("tuva")))
        .andExpect(content().string(containsString("turning torque 4.56")));
    press(job, "", "adjuster-readings", "12", "sums-radius", "4000")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("up to 1000 mm")));
  }

  /** 81.95 over the grooves, 78.90 over the caps: 1.525 mm each; 1.5 and 1.5 leave 0.05 mm. */
  @Test
  void aCrossGetsEqualCirclips() throws Exception {
    Job job = newJobOn("a17");
    press(job, "/preview", "sums-grooves", "81.95", "sums-caps", "78.90", "sums-stock", "1.5 1.6")
        .andExpect(content().string(containsString("Put in 1.50 and 1.50 mm, leaving 0.05 mm.")));
    press(job, "", "sums-grooves", "78", "sums-caps", "79")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("No circlip fits between these")));
  }

  @Test
  void aLinkIsClampedOnItsSleeveAlone() throws Exception {
    Job job = newJobOn("a7");
    // What is no field of the sum is not kept, and a field takes no book.
    press(job, "", "sums-sleeve", "40.4", "sums-lug", "40.2", "sums-nonsense", "x")
        .andExpect(status().is3xxRedirection());
    assertThat(SettingResults.record(reload(job)).sums())
        .containsOnlyKeys("sums-sleeve", "sums-lug");
    press(newJobOn("a6"), "", "sums-source", "x".repeat(300))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("200 characters at most")));
    press(job, "/preview", "sums-sleeve", "40.0 40.0", "sums-lug", "40.2 40.2")
        .andExpect(content().string(containsString("The bolt clamps the lug")));
    press(job, "/preview", "sums-sleeve", "40.4", "sums-lug", "40.2", "sums-from", "0.1")
        .andExpect(content().string(containsString("Both limits are needed.")));
  }

  /**
   * 60.00 in 60.00: the clamp's 20 kN take 0.033 mm of a tube 25/20 mm, which the clearance of a
   * 6204 bears; a tolerance of half a millimetre does not.
   */
  @Test
  void aSpacerUnderItsClamp() throws Exception {
    String sizes = "/bench/a4/set?spacer.length=60&hub.shoulder-distance=60";
    mvc.perform(
            get(sizes
                    + "&sums-clamp=20000&sums-outside=25&sums-bore=20&sums-tolerance=0.5&sums-stock=59.5 60.03")
                .with(as("tuva")))
        .andExpect(content().string(containsString("Free at work by this sum")))
        .andExpect(content().string(containsString("Spacer less distance, clamped and warm")))
        .andExpect(content().string(containsString("Chance that a spacer of this tolerance")))
        .andExpect(content().string(containsString("Take the spacer of 60.03 mm")))
        .andExpect(content().string(containsString("The second pressed to the spacer")));
    mvc.perform(get(sizes + "&sums-outside=20&sums-bore=25").with(as("tuva")))
        .andExpect(content().string(containsString("Enter a bore under the outside.")));
    mvc.perform(get("/bench/a4/set?sums-outside=25&sums-bore=20").with(as("tuva")))
        .andExpect(content().string(containsString("Measure spacer and distance first")));
    mvc.perform(get("/bench/a2/set").with(as("tuva")))
        .andExpect(content().string(containsString("What a slack nut does")));
  }

  /**
   * A box of the workshop: filled, chosen, booked out of; what is gone is gone until it is undone.
   */
  @Test
  void shimsAreBookedOutOfTheirBox() throws Exception {
    Job job = newJobOn("a10");
    String box = "test box " + job.getNumber();
    press(job, "/shim-box", "shim-box", box, "shim-stock", "0.10 x 4; 0.30 x 2")
        .andExpect(status().is3xxRedirection());
    String[] depths = {
      "depth-1",
      "42.40 42.40",
      "depth-1-sign",
      "more",
      "depth-2",
      "42.00 42.00",
      "depth-2-sign",
      "less",
      "shim-gauge",
      "micrometer",
      "shim-box",
      box
    };
    press(job, "/preview", depths).andExpect(content().string(containsString("Put in 1 × 0.3 mm")));
    press(job, "/preview", depths).andExpect(content().string(containsString("depth 1 42.400 mm")));
    press(job, "/shim-booked", depths).andExpect(status().is3xxRedirection());
    assertThat(stock(box)).isEqualTo("0.1 x 3; 0.3 x 1");
    String[] twice = java.util.Arrays.copyOf(depths, depths.length + 2);
    twice[depths.length] = "shim-stock";
    twice[depths.length + 1] = "0.20 x 2";
    press(job, "/shim-booked", twice)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("That box has not got these shims.")));
    assertThat(stock(box)).isEqualTo("0.1 x 3; 0.3 x 1");
    long last = jobs.lastChange(reload(job)).orElseThrow().getEventId();
    jobs.takeBack(job.getId(), last, "Tuva", true).orElseThrow();
    assertThat(stock(box)).isEqualTo("0.1 x 4; 0.3 x 2");
    press(job, "/shim-booked", "shim-box", "no such box")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Choose the box that they come from.")));
    press(job, "/shim-box", "shim-box", box, "shim-stock", "many")
        .andExpect(status().isUnprocessableEntity());
  }

  private String stock(String box) {
    return boxes.all().stream()
        .filter(b -> b.name().equals(box))
        .map(ShimBoxes.Stocked::stock)
        .findFirst()
        .orElseThrow();
  }

  /** Readings of one depth that disagree by more than their gauge are asked about. */
  @Test
  void aSlipInADepthIsAskedAbout() throws Exception {
    press(
            newJobOn("a10"),
            "/preview",
            "depth-1",
            "42.40 42.90",
            "depth-1-sign",
            "more",
            "depth-2",
            "42.00 42.00",
            "depth-2-sign",
            "less",
            "shim-gauge",
            "micrometer")
        .andExpect(content().string(containsString("A burr, or a slip?")));
  }

  /**
   * A cap's bolt of 1 mm pitch: a turn and a half of 3 mm leaves 1.5; past its point it squeezes.
   */
  @Test
  void aTopCapAndACollarByTheirTravel() throws Exception {
    Job head = newJobOn("a31");
    press(head, "/preview", "sums-pitch", "1", "sums-turned", "540", "sums-gap", "3.0 3.0")
        .andExpect(content().string(containsString("Gap left:")))
        .andExpect(content().string(containsString("it can still take out play")))
        .andExpect(content().string(containsString("holds nothing")));
    press(head, "/preview", "sums-pitch", "1", "sums-turned", "1440", "sums-gap", "3.0 3.0")
        .andExpect(content().string(containsString("Put a spacer under it.")));
    press(
            newJobOn("a14"),
            "/preview",
            "sums-pitch",
            "1.5",
            "sums-turned",
            "180",
            "sums-past",
            "90",
            "sums-gap",
            "2 2")
        .andExpect(content().string(containsString("Overtightened:")));
    press(head, "", "sums-pitch", "90").andExpect(status().isUnprocessableEntity());
  }

  /** Axis to head 75.30, wanted 75.00 and a mark of +0.05: 1.50 in there becomes 1.75. */
  @Test
  void aPinionByItsMountingDistance() throws Exception {
    Job job = newJobOn("a11");
    String[] depth = {
      "sums-read",
      "75.30 75.30",
      "sums-wanted",
      "75.00",
      "sums-mark",
      "0.05",
      "sums-in-there",
      "1.50",
      "sums-gauge",
      "micrometer"
    };
    press(job, "/preview", depth)
        .andExpect(content().string(containsString("Shim under the pinion:")))
        .andExpect(content().string(containsString("1.7500")));
    press(
            job,
            "/preview",
            "sums-torque",
            "2.4",
            "sums-seal",
            "0.4",
            "sums-from",
            "1",
            "sums-to",
            "1.8")
        .andExpect(content().string(containsString("Turning torque without the seal")))
        .andExpect(content().string(containsString("Past the limits. A crush sleeve is spent")));
    press(
            job,
            "/preview",
            "sums-torque",
            "2.2",
            "sums-seal",
            "0.4",
            "sums-from",
            "1",
            "sums-to",
            "1.8")
        .andExpect(content().string(containsString("Do not tighten meanwhile.")));
    press(job, "/preview", "sums-torque", "2", "sums-breakaway", "1.5")
        .andExpect(content().string(containsString("never less than what turns it")));
    press(job, "/preview", "sums-torque", "0")
        .andExpect(content().string(containsString("No drag at all")));
    mvc.perform(
            get("/bench/a22/set")
                .param("sum-torque", "")
                .param("sum-backlash", "0 0.05 0.10")
                .param("sum-wanted", "0.15")
                .with(as("tuva")))
        .andExpect(content().string(containsString("the teeth are jammed")));
    press(job, "/preview", "sums-gear-set", "412", "sums-gauge-for", "411")
        .andExpect(content().string(containsString("made for another gear set than 412")));
    press(job, "", "sums-torque", "0.4", "sums-seal", "0.4")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("No less than the whole torque.")));
    press(job, "/preview", "sums-measured-from", "BORE", "sums-read", "20", "sums-wanted", "75")
        .andExpect(content().string(containsString("Enter the diameter of the bore or bar.")));
  }

  /** Least backlash 0.10 against 0.20: 0.15 mm away; 0.10 of play and 0.10 of preload more. */
  @Test
  void aCarrierIsSolvedAtOnce() throws Exception {
    mvc.perform(
            get("/bench/a22/set")
                .param("sums-behind", "2.0")
                .param("sums-other", "2.2")
                .param("sums-play", "0.10")
                .param("sums-preload", "0.10")
                .param("sums-backlash", "0.14 0.10 0.12")
                .param("sums-wanted", "0.20")
                .param("sums-pitch", "1.5")
                .with(as("tuva")))
        .andExpect(
            content()
                .string(
                    containsString(
                        "Ring gear 0.15 mm away from the pinion; both sides together 0.20 mm more.")))
        .andExpect(content().string(containsString("Behind the ring gear:")))
        .andExpect(content().string(containsString("then both in by 24°")));
    mvc.perform(
            get("/bench/a22/set")
                .param("sums-backlash", "0.14")
                .param("sums-wanted", "0.20")
                .with(as("tuva")))
        .andExpect(content().string(containsString("One place says nothing of the tightest.")));
  }

  /** 60.10 + 60.10 + 0.5·0.6 − 120.00 − 0.10: 0.40 mm. */
  @Test
  void aShaftFloatsInItsCase() throws Exception {
    String lengths =
        "/bench/a9/set?sums-left=60.10&sums-right=60.10&sums-gasket=0.5&sums-crush=40&sums-shims=0.1";
    mvc.perform(
            get(lengths
                    + "&sums-shaft=120.00&sums-from=0.1&sums-to=0.3&sums-drag-before=0.5&sums-drag-after=0.9&sums-case=aluminium&sums-case-warm=60&sums-shaft-warm=60")
                .with(as("tuva")))
        .andExpect(content().string(containsString("Free, but outside the limits when cold.")))
        .andExpect(content().string(containsString("Shims of 0.30 mm together")))
        .andExpect(content().string(containsString("Drag rose though the sum leaves play")))
        .andExpect(content().string(containsString("End play at work")));
    mvc.perform(get(lengths + "&sums-shaft=150").with(as("tuva")))
        .andExpect(content().string(containsString("a slip in a depth")));
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

  private static final String[] DEPTHS = {
    "depth-1", "52.30 52.32", "depth-1-sign", "more", "depth-1-label", "case",
    "depth-2", "51.80", "depth-2-sign", "less", "depth-2-label", "shaft",
    "shim-gauge", "micrometer", "shim-stock", "0.10 x 3; 0.30; 0.05 x 2"
  };

  /** 52.31 − 51.80 is 0.51: 0.30 + 2 × 0.10 lies 10 µm under it. */
  @Test
  void theShimIsFoundInTheStock() throws Exception {
    Job job = newJobOn("a10");
    press(job, "/preview", DEPTHS)
        .andExpect(content().string(containsString("Shim needed:")))
        .andExpect(content().string(containsString("1 × 0.3 mm + 2 × 0.1 mm = 0.500 mm")))
        .andExpect(content().string(containsString("the thin ones inside")))
        .andExpect(content().string(containsString("s = + t1 − t2 + w")));
    press(job, "", DEPTHS).andExpect(status().is3xxRedirection());
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "set").with(as("tuva")))
        .andExpect(content().string(containsString("value=\"52.30 52.32\"")));
  }

  /** What is wrong with a depth, a sign or the stock stands at its field. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "depth-1-sign||Its sign is left out",
        "depth-1|deep|“deep”",
        "depth-1|9000|Enter up to 2000 mm",
        "shim-stock|many|Write 0.10 x 4",
        "shim-wanted|0.1|Empty one of the two",
        "shim-play|9|Enter 0 to 5 mm."
      })
  void aWrongShimFieldIsAnswered(String field, String text, String says) throws Exception {
    java.util.Map<String, String> fields = new java.util.LinkedHashMap<>();
    for (int i = 0; i < DEPTHS.length; i += 2) {
      fields.put(DEPTHS[i], DEPTHS[i + 1]);
    }
    fields.put("shim-play", field.equals("shim-wanted") ? "0.2" : "");
    fields.put(field, text == null ? "" : text);
    String[] flat =
        fields.entrySet().stream()
            .flatMap(e -> java.util.stream.Stream.of(e.getKey(), e.getValue()))
            .toArray(String[]::new);
    press(newJobOn("a10"), "", flat)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString(says)));
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
