package unbo.app.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import unbo.app.job.Job;

/** The sums of parts that are set by more than one reading, each against one worked apart. */
class PartSumsPageTest extends SetPressing {

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
}
