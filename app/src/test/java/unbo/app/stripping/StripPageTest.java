package unbo.app.stripping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;

/** Strip in a job and on the bench; the shop's tools are everybody's. */
@ResourceLock("shop tools")
class StripPageTest extends PageTest {

  @Autowired private ShopToolRepository tools;

  @BeforeEach
  @AfterEach
  void theShopSaysNothingOfItsTools() {
    tools.deleteAll();
  }

  static List<Arrangement> all() {
    return Arrangements.standard().all();
  }

  private ResultActions press(Job job, String path, String... fields) throws Exception {
    var request =
        post("/jobs/{id}/strip" + path, job.getId())
            .param("revision", "" + reload(job).work().revision(Station.STRIP))
            .with(as("joren"))
            .with(csrf());
    for (int i = 0; i < fields.length; i += 2) {
      request.param(fields[i], fields[i + 1]);
    }
    return mvc.perform(request);
  }

  private Document page(Job job, String part) throws Exception {
    return Jsoup.parse(
        mvc.perform(
                get("/jobs/{id}", job.getId())
                    .param("at", "strip")
                    .param("part", part)
                    .with(as("tuva")))
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsString(StandardCharsets.UTF_8));
  }

  /** Ten steps of a trailer hub: each opens by its part, with a picture of what leaves. */
  @Test
  void everyStepOpens() throws Exception {
    Job job = newJob();
    Document first = page(job, "");
    assertThat(first.select(".strip-step .answer").text())
        .isEqualTo("Step 1 of 10 Cap: off to the right");
    assertThat(first.select(".strip-list").first().select("li")).hasSize(10);
    Document hub = page(job, "hub");
    assertThat(hub.select(".strip-step .answer").text())
        .startsWith("Step 6 of 10 Hub with lip seal");
    assertThat(hub.select(".strip-leaving path")).hasSizeGreaterThan(5);
    assertThat(hub.select(".strip-ghost")).isNotEmpty();
    assertThat(hub.select(".routes li")).as("the hub slides").isEmpty();
    Document cup = page(job, "inboard-cup");
    assertThat(cup.select(".routes li").first().text())
        .contains("Warm the housing", "keeps the bearing", "needs up to", "°C");
    assertThat(cup.select(".routes .worked")).isNotEmpty();
  }

  /** What came off is kept with its words; when all is off the station is done. */
  @Test
  void whatComesOffIsKept() throws Exception {
    Job job = newJob();
    press(job, "", "step", "cap", "kept", "vent hole up").andExpect(status().is3xxRedirection());
    assertThat(reload(job).work().mark(Station.STRIP).orElseThrow().getState())
        .isEqualTo(StationMark.State.WORKED_ON);
    assertThat(page(job, "cap").select(".strip-list .is-now").text())
        .contains("off", "vent hole up");
    assertThat(page(job, "").select(".strip-step .answer").text())
        .as("the next")
        .contains("Split pin");
    for (String part :
        List.of(
            "pin",
            "nut",
            "washer",
            "outboard-cone",
            "hub",
            "seal",
            "inboard-cone",
            "inboard-cup",
            "outboard-cup")) {
      press(job, "", "step", part, "kept", "").andExpect(status().is3xxRedirection());
    }
    assertThat(reload(job).work().mark(Station.STRIP).orElseThrow().getState())
        .isEqualTo(StationMark.State.DONE);
    mvc.perform(get("/jobs/{id}/sheet", job.getId()).with(as("tuva")))
        .andExpect(content().string(containsString("vent hole up")));
  }

  /** A rusted spigot wants a way although it slides by drawing; drawn again, it wants none. */
  @Test
  void rustIsSaidAtTheStep() throws Exception {
    Job job = newJobOn("a3");
    assertThat(page(job, "outer-body").select(".routes li")).isEmpty();
    press(job, "", "step", "outer-body", "kept", "", "state-outer-body-in-knuckle", "rusted")
        .andExpect(status().is3xxRedirection());
    assertThat(page(job, "outer-body").select(".routes").text()).contains("Penetrant");
    press(job, "", "step", "outer-body", "kept", "", "state-outer-body-in-knuckle", "");
    assertThat(page(job, "outer-body").select(".routes li")).isEmpty();
  }

  /** A tight cup of a taper hub: its force, and what the press of this workshop makes of it. */
  @Test
  void theForceIsSaidAndThePressWithIt() throws Exception {
    Job job = newJob();
    assertThat(page(job, "inboard-cup").text())
        .contains("To get it off about")
        .contains("to press it on")
        .contains("twice that when rusty")
        .doesNotContain("This workshop’s press");
    press(job, "/tools", "tool", "press", "detail-press", "1 kN")
        .andExpect(status().is3xxRedirection());
    assertThat(page(job, "inboard-cup").text())
        .contains("This workshop’s press of 1 kN is too weak.");
    press(job, "/tools", "tool", "press", "detail-press", "20 t")
        .andExpect(status().is3xxRedirection());
    assertThat(page(job, "inboard-cup").text())
        .contains("This workshop’s press of 196 kN is enough, rusty too.");
    assertThat(page(job, "cap").text()).doesNotContain("To get it off about");
  }

  /** A shop that owns a drift alone sees its own way first, and what the others lack. */
  @Test
  void theShopsToolsDecideWhatStandsFirst() throws Exception {
    Job job = newJob();
    press(job, "/tools", "tool", "drift", "detail-drift", "brass, 12 mm")
        .andExpect(status().is3xxRedirection());
    Document cup = page(job, "outboard-cup");
    assertThat(cup.select(".routes li").first().text()).contains("Drift and hammer");
    assertThat(cup.select(".route.is-out").text()).contains("This shop has no press");
    assertThat(cup.select("input[name=detail-drift]").val()).isEqualTo("brass, 12 mm");
    assertThat(cup.select(".strip-force")).as("the force is drawn").hasSize(1);
  }

  @Test
  void badInputIsAnsweredAtTheField() throws Exception {
    Job job = newJob();
    press(job, "", "step", "cap", "kept", "x".repeat(501))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Write 500 characters at most.")));
    press(job, "", "step", "crank", "kept", "a <b>mark</b>")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(not(containsString("<b>mark</b>"))));
    press(job, "/tools", "tool", "drift", "detail-drift", "y".repeat(101))
        .andExpect(status().isUnprocessableEntity());
    assertThat(tools.count()).isZero();
  }

  /** Every section opens on the bench too, with nothing to save there. */
  @ParameterizedTest
  @MethodSource("all")
  void everySectionIsTakenApart(Arrangement a) throws Exception {
    String html =
        mvc.perform(get("/bench/{a}/strip", a.id()).with(as("tuva")))
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsString(StandardCharsets.UTF_8);
    Document page = Jsoup.parse(html);
    assertThat(page.select("form[action$=/strip]")).isEmpty();
    assertThat(page.select(".strip-leaving path")).as(a.id()).isNotEmpty();
    assertThat(page.select(".strip-list [aria-current=step]")).hasSize(1);
  }

  private static final String[] GROOVE = {
    "step",
    "seal",
    "kept",
    "",
    "seal-room",
    "12",
    "seal-seat",
    "11",
    "seal-width",
    "8",
    "seal-depth",
    "0.5",
    "seal-groove",
    "1",
    "seal-instrument",
    "depth-gauge"
  };

  /** 12 − 0.5 against 11: 2.5 mm inwards, 0.75 needed. */
  @Test
  void aGrooveIsAnsweredByAnotherDepth() throws Exception {
    Job job = newJob();
    press(job, "/preview", GROOVE)
        .andExpect(content().string(containsString("Seat it deeper")))
        .andExpect(content().string(containsString("class=\"seal-new\"")));
    assertThat(reload(job).work().mark(Station.STRIP)).isEmpty();
    press(job, "", GROOVE).andExpect(status().is3xxRedirection());
    assertThat(page(job, "seal").select("#seal-answer").text())
        .contains("Seat it deeper", "2.5 mm", "0.75 mm");
    assertThat(page(job, "hub").select("#seal-answer")).as("only where a seal is").isEmpty();
    String[] wrong = GROOVE.clone();
    wrong[11] = "30";
    press(job, "", wrong)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("the seal would reach beyond its seat")))
        .andExpect(content().string(containsString("value=\"30\"")));
  }

  /** In rising order of harm, and only where rust holds it. */
  @Test
  void rustIsMetInRisingOrderOfHarm() throws Exception {
    Job job = newJob();
    assertThat(page(job, "inboard-cup").select(".routes .route-rust-none")).isEmpty();
    Document before = page(job, "inboard-cup");
    String field = before.select("select[name^=state-]").first().attr("name");
    press(job, "", "step", "inboard-cup", "kept", "", field, "rusted")
        .andExpect(status().is3xxRedirection());
    Document held = page(job, "inboard-cup");
    assertThat(held.text()).contains("Held by rust");
    assertThat(held.select("[data-timer]").attr("data-timer")).isEqualTo("20");
    assertThat(held.select(".route-rust-scraps").first().elementSiblingIndex()).isZero();
  }

  /** What was kept as it came off is there when it goes on again. */
  @Test
  void whatWasKeptIsPlayedBack() throws Exception {
    Job job = newJob();
    press(job, "", "step", "cap", "kept", "vent hole up").andExpect(status().is3xxRedirection());
    assertThat(page(job, "").select("details .strip-list li").last().text())
        .contains("Cap", "vent hole up");
  }

  /**
   * A collet that is too small is said so beside the way; one backwards is refused at its field.
   */
  @Test
  void aRangeIsReckonedWith() throws Exception {
    Job job = newJobOn("a4");
    press(job, "/tools", "tool", "collet-puller", "detail-collet-puller", "17-8 mm")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("The range runs the wrong way round.")))
        .andExpect(content().string(containsString("value=\"17-8 mm\"")));
    press(job, "/tools", "tool", "collet-puller", "detail-collet-puller", "8-17 mm")
        .andExpect(status().is3xxRedirection());
    Document left = page(job, "left-bearing");
    assertThat(left.select(".routes").text()).contains("Does not reach", "8-17 mm", "20 mm");
    assertThat(left.select(".land-picture .land-there, .land-picture .land-corner")).isNotEmpty();
  }

  /** What leaves slides off to scale; the picture at rest shows it where it sits. */
  @Test
  void aStepSlidesOff() throws Exception {
    mvc.perform(get("/bench/a1/strip").with(as("tuva")))
        .andExpect(content().string(containsString("<animateTransform")))
        .andExpect(
            content()
                .string(
                    org.hamcrest.Matchers.matchesPattern(
                        "(?s).*values=\"0 0;[-0-9.]+ [-0-9.]+;.*;0 0\".*")));
  }
}
