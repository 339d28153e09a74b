package unbo.app.naming;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.tolerance.RingKind;

class FindPageTest extends PageTest {

  private ResultActions find(String q) throws Exception {
    return mvc.perform(get("/name").param("q", q).with(as("tuva"))).andExpect(status().isOk());
  }

  private static org.hamcrest.Matcher<String> says(String text) {
    return containsString(text);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "6205-2RS C3 | Read as a part number | contact seals on both sides",
        "30206 / 6205 | Read as 2 part numbers | Draw 6205",
        "25 x 52 x 15 | Read as a size: bore 25 mm, outside 52 mm, width 15 mm | measure the same",
        "1.378 bore | read as inches | bore 35.001 mm",
        "trailer hub 1 1/4 spindle | Taper pair on a fixed spindle | LM67048",
        "swing arm | Read as a position | A position alone does not give one bearing",
        "5205 | Older inch-market spelling | double-row",
        "204 | Older American number | measure the outside",
        "36/45 | The two angles alone | headset",
        "L44649 | A cone alone: read its cup too | L44610"
      })
  void theOneLineSaysWhatItTookItFor(String q, String said, String shown) throws Exception {
    find(q).andExpect(content().string(allOf(says(said.strip()), says(escaped(shown.strip())))));
  }

  private static String escaped(String text) {
    return text.equals("measure the outside") ? "easure the outside" : text;
  }

  /** Counted balls are called listed, others estimated; a corner's band only where it is known. */
  @Test
  void theInsideSaysWhereItComesFrom() throws Exception {
    mvc.perform(get("/name?q=6205").with(as("joren")))
        .andExpect(content().string(containsString("Balls, as listed")))
        .andExpect(
            content()
                .string(
                    allOf(containsString(">9</button>"), containsString(">Ø 7.94 mm</button>"))))
        .andExpect(content().string(containsString("1 to 1.5 mm")));
    mvc.perform(get("/name?q=6211").with(as("joren")))
        .andExpect(content().string(containsString("Balls, estimated ± 1")))
        .andExpect(content().string(not(containsString("Corner radius"))));
  }

  @Test
  void whatIsNothingSaysWhatWouldDo() throws Exception {
    find("hello there").andExpect(content().string(says("Not a part number, a size")));
    find("").andExpect(content().string(says("Type worn characters as")));
    find("23.3 x 49.7 x 13.1").andExpect(content().string(says("No standard size")));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "<script>alert(1)</script>",
        "\u202e6205",
        "6205\u0301\u0302",
        "\"><b>",
        "'; --",
        "%00"
      })
  void hostileTextIsAnswered(String text) throws Exception {
    find(text)
        .andExpect(content().string(not(containsString("<script>alert"))))
        .andExpect(content().string(not(containsString("value=\"\"><b>"))));
  }

  @Test
  void aVeryLongTextIsAnsweredPlainly() throws Exception {
    find("6205 ".repeat(20_000)).andExpect(content().string(says("no ring carries")));
  }

  @Test
  void upToThreeAreLaidOverEachOther() throws Exception {
    mvc.perform(
            get("/name")
                .param("q", "25 x 52 x 15")
                .param("over", "NU205", "6305", "6405")
                .with(as("tuva")))
        .andExpect(content().string(says("Drawn over each other")))
        .andExpect(content().string(says("outside +10 mm, width +2 mm")))
        .andExpect(content().string(says("the same envelope")))
        .andExpect(content().string(not(containsString("6405</span> <span"))));
  }

  /** The result goes into a job's place by the job's own sheet. */
  @Test
  void aResultGoesIntoAnOpenJob() throws Exception {
    Job job = newJob();
    find("30206").andExpect(content().string(says("Use 30206 in a job")));
    String taken = "/jobs/" + job.getId() + "/name";
    mvc.perform(get(taken).param("part", "inboard-cone").param("text", "30206").with(as("tuva")))
        .andExpect(content().string(says("Use 30206")));
  }

  /** One row of every family and series has its card, drawn, on screen and in inches. */
  @Test
  void everySeriesHasACard() throws Exception {
    java.util.Set<String> seen = new java.util.HashSet<>();
    for (Bearing b : Catalogue.standard().all()) {
      if (seen.add(b.family() + b.series())) {
        String page =
            mvc.perform(get("/name/bearing").param("text", b.designation()).with(as("tuva")))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(page).as(b.designation()).contains("Size limits");
        boolean known = RingKind.of(b) != RingKind.NOT_KNOWN;
        assertThat(page.contains("No limits known here")).as(b.designation()).isEqualTo(!known);
        if (known) {
          assertThat(page).as(b.designation()).contains("<svg", "outside");
        }
        if (b.family() == Family.DEEP_GROOVE_BALL) {
          assertThat(page).as(b.designation()).contains("C3");
        }
      }
    }
    assertThat(seen).hasSizeGreaterThan(55);
  }

  @Test
  void theCardTakesAnotherClass() throws Exception {
    mvc.perform(
            get("/name/bearing").param("text", "6205-2RS C3").param("cls", "P5").with(as("tuva")))
        .andExpect(content().string(says("24.994 mm")))
        .andExpect(content().string(says("13 to 28 µm")));
    mvc.perform(get("/name/bearing").param("text", "nothing").with(as("tuva")))
        .andExpect(status().isNotFound());
  }

  @Test
  void insteadIsJudgedBothWays() throws Exception {
    mvc.perform(
            get("/name/instead")
                .param("old", "6204-2RS")
                .param("fresh", "6204-V")
                .param("position", "a4")
                .with(as("tuva")))
        .andExpect(content().string(says("Fits, but not suitable")))
        .andExpect(content().string(says("Without a cage")))
        .andExpect(content().string(says("Suitable")));
    mvc.perform(get("/name/instead").param("old", "gum").param("fresh", "6204").with(as("tuva")))
        .andExpect(content().string(says("No bearing number")));
    mvc.perform(get("/name/instead").with(as("tuva"))).andExpect(status().isOk());
  }

  /** Every place has its specification, whatever it is drawn with. */
  @Test
  void everyPlaceHasItsSpecification() throws Exception {
    for (Arrangement a : Arrangements.standard().all()) {
      String page =
          mvc.perform(get("/name/buy").param("position", a.id()).with(as("tuva")))
              .andExpect(status().isOk())
              .andReturn()
              .getResponse()
              .getContentAsString();
      if (!a.namedPlaces().isEmpty()) {
        assertThat(page).as(a.id()).contains("Shopping line", "Do not accept");
      }
    }
    mvc.perform(get("/name/buy").param("text", "6205").param("position", "a13").with(as("tuva")))
        .andExpect(content().string(says("two variants")));
  }

  @Test
  void whichAsksWhatTellsMost() throws Exception {
    mvc.perform(get("/name/which").with(as("tuva"))).andExpect(content().string(says("<h2>What")));
    mvc.perform(
            get("/name/which")
                .param("vehicle", "trailer")
                .param("centre", "castle-nut")
                .param("back", "lip-seal")
                .param("driven", "no")
                .with(as("tuva")))
        .andExpect(content().string(says("Probably: Taper pair")));
    mvc.perform(get("/name/which").param("vehicle", "submarine").with(as("tuva")))
        .andExpect(status().isOk());
  }

  /** Nobody orders by a bore that was not read. */
  @Test
  void aBoreInDoubtIsSaidWhereOneOrders() throws Exception {
    for (String[] c : new String[][] {{"6204-16-2RS", "true"}, {"6204-2RS", "false"}}) {
      String page =
          mvc.perform(get("/name/buy").param("text", c[0]).param("position", "a4").with(as("tuva")))
              .andReturn()
              .getResponse()
              .getContentAsString();
      assertThat(page.contains("The bore is in doubt")).as(c[0]).isEqualTo(c[1].equals("true"));
    }
  }
}
