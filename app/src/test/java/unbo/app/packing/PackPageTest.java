package unbo.app.packing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.core.grease.Duty;

class PackPageTest extends PageTest {

  private ResultActions pack(Job job, String path, String duty, String mass, int revision)
      throws Exception {
    return mvc.perform(
        post("/jobs/{id}/pack" + path, job.getId())
            .param("duty", duty)
            .param("school", "share")
            .param("density", "0.9")
            .param("mass-inboard", mass)
            .param("revision", "" + revision)
            .with(as("tuva"))
            .with(csrf()));
  }

  @Test
  void aPreviewDrawsTheLevelAndSavesNothing() throws Exception {
    Job job = newJob();
    String general =
        pack(job, "/preview", "general", "", 0)
            .andExpect(status().isOk())
            .andExpect(content().string(containsString("grease-body")))
            .andExpect(content().string(containsString("Not saved yet")))
            .andReturn()
            .getResponse()
            .getContentAsString();
    String wet =
        pack(job, "/preview", "wet-slow", "", 0).andReturn().getResponse().getContentAsString();
    assertThat(grease(wet)).isNotEqualTo(grease(general));
    assertThat(reload(job).work().sheet(PackRecord.TYPE).duty()).isEmpty();
  }

  /**
   * Of a preview of the charge only the charge is worked; another one, or a page, has all of it.
   */
  @Test
  void aPreviewOfTheChargeLeavesWhatIsFolded() throws Exception {
    Job job = newJob();
    String charge = preview(job, "pack-answer");
    assertThat(charge).contains("id=\"pack-answer\"", "id=\"section\"", "id=\"pack-sight\"");
    assertThat(charge).doesNotContain("pack-tins", "pack-beside", "class=\"job-title\"");
    assertThat(preview(job, "pack-tins")).contains("id=\"pack-tins\"", "id=\"pack-beside\"");
    String bench =
        mvc.perform(
                get("/bench/a1/pack")
                    .param("duty", "general")
                    .header("HX-Target", "pack-answer")
                    .with(as("tuva")))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(bench).contains("id=\"pack-answer\"").doesNotContain("pack-tins");
  }

  private String preview(Job job, String target) throws Exception {
    return mvc.perform(
            post("/jobs/{id}/pack/preview", job.getId())
                .param("duty", "general")
                .header("HX-Target", target)
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().isOk())
        .andReturn()
        .getResponse()
        .getContentAsString();
  }

  private static String grease(String page) {
    Matcher matcher = Pattern.compile("<path[^>]*grease-body[^>]*>").matcher(page);
    assertThat(matcher.find()).isTrue();
    return matcher.group();
  }

  /** 30206 weighed 230 g: 10.59 cm³ free, 0.4 of it, 0.9 g/cm³. */
  @Test
  void savingKeepsDutyAndMass() throws Exception {
    Job job = newJob();
    pack(job, "", "general", "230 g", 0).andExpect(status().is3xxRedirection());
    Job saved = reload(job);
    assertThat(saved.work().sheet(PackRecord.TYPE).duty()).contains(Duty.GENERAL);
    assertThat(saved.work().mark(Station.PACK).orElseThrow().getState())
        .isEqualTo(StationMark.State.DONE);
    double grams =
        PackFigures.of(saved, saved.work().sheet(PackRecord.TYPE))
            .orElseThrow()
            .charges()
            .entrySet()
            .stream()
            .filter(e -> e.getKey().id().equals("inboard"))
            .mapToDouble(e -> e.getValue().charge().result().value())
            .sum();
    assertThat(grams).isCloseTo(3.81, within(0.01));
    mvc.perform(get("/jobs/{id}/sheet", job.getId()).with(as("tuva")))
        .andExpect(content().string(containsString("grease 3.8 + ")));
    pack(job, "", "pivot", "", 0)
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString("changed this station on")));
  }

  @Test
  void whatCannotBeIsAnsweredAndKept() throws Exception {
    Job job = newJob();
    pack(job, "", "general", "4 g", 0)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Out of range")))
        .andExpect(content().string(containsString("value=\"4 g\"")));
    pack(job, "", "sideways", "", 0)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("No duty is chosen")));
    pack(job, "/preview", "general", "x".repeat(10_000), 0).andExpect(status().isOk());
  }

  private ResultActions gun(Job job, String strokes, String grams) throws Exception {
    return mvc.perform(
        post("/jobs/{id}/pack/gun", job.getId())
            .param("strokes", strokes)
            .param("grams", grams)
            .with(as("joren"))
            .with(csrf()));
  }

  @Test
  void oilACupAndOtherFillsStandBesideIt() throws Exception {
    // 6204: 33.5 mm pitch, 7.938 mm balls: 17 mm slow, 18 mm at 10,000 rpm.
    mvc.perform(get("/bench/a4/pack?duty=general&cup-grams=2").with(as("tuva")))
        .andExpect(content().string(containsString(" turns</button>")))
        .andExpect(content().string(containsString("to the middle of the lowest element")))
        .andExpect(content().string(not(containsString("The bicycle trade counts otherwise"))));
    mvc.perform(get("/bench/a4/pack?duty=general&tin-rpm=10000&tin-hot=60").with(as("tuva")))
        .andExpect(content().string(containsString("to the lowest third of the lowest element")));
    mvc.perform(get("/bench/a4/pack?duty=general&cup-grams=none").with(as("tuva")))
        .andExpect(content().string(containsString("Enter 0.01 to 100.")));
    mvc.perform(get("/bench/a16/pack?duty=general").with(as("tuva")))
        .andExpect(content().string(containsString("The bicycle trade counts otherwise")));
    mvc.perform(get("/bench/bushes").with(as("tuva")))
        .andExpect(content().string(containsString("Polyurethane bush")));
  }

  @Test
  void theGunIsWeighedOnceForTheShop() throws Exception {
    Job job = newJob();
    pack(job, "", "general", "", 0).andExpect(status().is3xxRedirection());
    gun(job, "10", "12 g").andExpect(status().is3xxRedirection());
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "pack").with(as("tuva")))
        .andExpect(
            content().string(containsString("Grease gun of this workshop, weighed by Joren Maak")))
        .andExpect(content().string(containsString(">1.20 ± 0.10 g</button>")))
        .andExpect(content().string(containsString(" strokes")));
    gun(job, "0", "12").andExpect(status().isUnprocessableEntity());
    gun(job, "10", "900").andExpect(status().isUnprocessableEntity());
    gun(job, "", "").andExpect(content().string(containsString("Weigh the grease of ten strokes")));
  }

  /** A seal left off is arguable before a dry space alone; a shield is not served. */
  @Test
  void aSealIsNotLeftOffInSilence() throws Exception {
    mvc.perform(get("/bench/a4/pack?duty=general&cart-behind=water-tube").with(as("tuva")))
        .andExpect(content().string(containsString("Never:")))
        .andExpect(content().string(containsString("Water stands against that face")));
    mvc.perform(
            get("/bench/a4/pack?duty=general&cart-behind=dry-space&cart-closure=contact")
                .with(as("tuva")))
        .andExpect(content().string(containsString("Arguable:")))
        .andExpect(
            content().string(containsString("Lift the seal with a curved pick under its lip")))
        .andExpect(content().string(containsString("0.71")));
    mvc.perform(get("/bench/a4/pack?duty=general&cart-closure=shield").with(as("tuva")))
        .andExpect(content().string(containsString("Not to be served:")));
    mvc.perform(get("/bench/a1/pack?duty=general").with(as("tuva")))
        .andExpect(
            content()
                .string(org.hamcrest.Matchers.not(containsString("Sealed cartridges: leave"))));
  }
}
