package unbo.app.tin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;
import unbo.core.lubricant.Oil;
import unbo.core.lubricant.Tin;

/** The shop's greases: typed in, used up, chosen at Pack. */
class TinsPageTest extends PageTest {

  @Autowired private GreaseTinRepository tins;

  private ResultActions add(String... fields) throws Exception {
    var request = post("/tins").with(as("tuva")).with(csrf());
    for (int i = 0; i < fields.length; i += 2) {
      request.param(fields[i], fields[i + 1]);
    }
    return mvc.perform(request);
  }

  @Test
  void aTinIsTypedInAndUsedUp() throws Exception {
    add(
            "name",
            "Test <grease>",
            "thickener",
            "lithium",
            "v40",
            "100",
            "v100",
            "11",
            "mostC",
            "130",
            "ndm",
            "350000",
            "wash",
            "3",
            "ep",
            "true",
            "refuses-brake",
            "true")
        .andExpect(status().is3xxRedirection());
    GreaseTin kept =
        tins.findByUsedUpFalseOrderByName().stream()
            .filter(t -> t.getName().equals("Test <grease>"))
            .findFirst()
            .orElseThrow();
    assertThat(kept.tin().refuses()).containsExactly("brake");
    mvc.perform(get("/tins").with(as("joren")))
        .andExpect(content().string(containsString("Test &lt;grease&gt;")))
        .andExpect(content().string(containsString("mix-bad")));
    mvc.perform(post("/tins/{id}/empty", kept.getId()).with(as("joren")).with(csrf()))
        .andExpect(status().is3xxRedirection());
    assertThat(tins.findByUsedUpFalseOrderByName())
        .extracting(GreaseTin::getId)
        .doesNotContain(kept.getId());
    mvc.perform(post("/tins/{id}/empty", kept.getId()).with(as("joren")).with(csrf()));
    assertThat(tins.findById(kept.getId()).orElseThrow().isUsedUp()).as("put back").isFalse();
    tins.deleteById(kept.getId());
  }

  /** At its field, and nothing typed is lost. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "name||No name.",
        "thickener|butter|Not a thickener.",
        "v100|200|Oil thins with heat",
        "mostC|-60|Not over the lowest.",
        "ndm|fast|Out of range.",
        "wash|140|Out of range.",
        "opened|yesterday|Not a date."
      })
  void badInputIsAnsweredAtItsField(String field, String typed, String said) throws Exception {
    String value = typed == null ? "" : typed;
    add(
            "name",
            field.equals("name") ? value : "Kept name",
            "thickener",
            field.equals("thickener") ? value : "lithium",
            "v40",
            "100",
            field.equals("name") || field.equals("thickener") ? "place" : field,
            value)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString(said)))
        .andExpect(
            content()
                .string(containsString(field.equals("name") ? "lithium" : "value=\"Kept name\"")));
  }

  private Document pack(String... fields) throws Exception {
    var request = get("/bench/a1/pack").with(as("tuva"));
    for (int i = 0; i < fields.length; i += 2) {
      request.param(fields[i], fields[i + 1]);
    }
    return Jsoup.parse(
        mvc.perform(request)
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsString(StandardCharsets.UTF_8));
  }

  private GreaseTin kept(String name, String thickener, double wash, String refuses) {
    Tin tin =
        new Tin(
            name,
            thickener,
            Optional.of(new Oil(200, 18)),
            -30,
            150,
            OptionalDouble.of(300_000),
            OptionalDouble.of(wash),
            true,
            0.9,
            refuses.isEmpty() ? Set.of() : Set.of(refuses));
    return tins.save(new GreaseTin(tin, "", "", "Tester", Instant.EPOCH));
  }

  /** A boat trailer: salt water refuses what washes out, and unknown grease is washed. */
  @Test
  void packSaysWhichTinSuits() throws Exception {
    List<GreaseTin> own =
        List.of(
            kept("Own sea", "calcium-sulphonate-complex", 1, ""),
            kept("Own light", "lithium", 9, ""),
            kept("Own white", "polyurea", 2, "rubber"));
    Document sheet = pack("tin-rpm", "700", "tin-hot", "50", "tin-water", "salt");
    List<String> names = sheet.select("#pack-tins .route b").eachText();
    assertThat(names.indexOf("Own sea")).isLessThan(names.indexOf("Own light"));
    assertThat(sheet.select("#pack-tins .is-out").text())
        .contains("Own light", "9 % washes out, salt water allows 6 %");
    assertThat(sheet.select("#pack-tins").text()).contains("unknown. One of the two is not known");
    Document known =
        pack(
            "tin-rpm",
            "700",
            "tin-hot",
            "50",
            "tin-there",
            "polyurea",
            "tin-touches-rubber",
            "true");
    assertThat(known.select("#pack-tins .is-out").text())
        .contains("Own white", "Its sheet refuses rubber");
    tins.deleteAll(own);
  }

  @Test
  void speedAndHeatAreCheckedAtTheirFields() throws Exception {
    assertThat(pack("tin-rpm", "fast", "tin-hot", "50").text()).contains("Not a speed.");
    assertThat(pack("tin-rpm", "700", "tin-hot", "400").text())
        .contains("Outside what is known of oils.");
    assertThat(pack("tin-rpm", "700").select("#pack-tins .route")).isEmpty();
  }

  /** Drag and grease life need speed, heat and an oil; lips cost most and shields save most. */
  @Test
  void dragAndLifeStandWhereTheTinIsChosen() throws Exception {
    Document sheet = pack("tin-rpm", "700", "tin-hot", "50", "drag-load", "1500", "drag-kmh", "80");
    assertThat(sheet.text())
        .contains("What it costs in watts", "the hub’s own seals are not in it", "15,000 h")
        .contains("km at that", "Reckoned with the base oil of")
        .doesNotContain("Ceramic balls");
    assertThat(pack("tin-rpm", "700", "tin-hot", "130").text()).contains("outside the rule");
    assertThat(pack("tin-rpm", "700", "tin-hot", "50", "drag-load", "heavy").text())
        .contains("Enter 0 to 100000.");
  }

  /**
   * One thing changed in each: oil, another tin, clearance both ways, which only a load can tell.
   */
  @Test
  void othersStandBesideWhatIsThere() throws Exception {
    List<GreaseTin> own =
        List.of(kept("Own one", "lithium", 5, ""), kept("Own two", "lithium", 5, ""));
    String drag = drag("drag-load", "300");
    assertThat(drag)
        .contains("A bath of such oil, no grease", "Clearance C3 instead of normal")
        .contains("No clearance left, 10 µm too tight", "Grease “");
    assertThat(drag("drag-load", "0")).contains("A bath of such oil").doesNotContain("Clearance");
    tins.deleteAll(own);
  }

  private String drag(String... more) throws Exception {
    var request = get("/bench/a4/pack").with(as("tuva"));
    request.param("tin-rpm", "700").param("tin-hot", "50").param(more[0], more[1]);
    String page =
        mvc.perform(request).andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8);
    return Jsoup.parse(page).select("#pack-tins table").text();
  }

  private org.springframework.test.web.servlet.ResultActions sheets(String text) throws Exception {
    return mvc.perform(
        org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post("/tins/sheets")
            .param("sheets", text)
            .with(as("tuva"))
            .with(csrf()));
  }

  private List<GreaseTin> named(String start) {
    return tins.findAll().stream().filter(t -> t.getName().startsWith(start)).toList();
  }

  /** All sheets or none; what is wrong is said with its line, and nothing typed is lost. */
  @Test
  void sheetsComeAsCsv() throws Exception {
    String page =
        sheets("name;thickener;v40;v100\nCsv one;lithium;110;11\nCsv two;honey;110;11")
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(page).contains("line 3: honey", "Not a thickener.", "Csv one;lithium");
    assertThat(sheets("colour;name\nred;x").andReturn().getResponse().getContentAsString())
        .contains("Not a column.");
    assertThat(named("Csv ")).isEmpty();
    sheets(
        "name,thickener,v40,v100,ep,refuses\nCsv one,lithium,110,11,yes,rubber brake\nCsv two,polyurea,,,,");
    List<GreaseTin> added = named("Csv ");
    assertThat(added).hasSize(2);
    GreaseTin first =
        added.stream().filter(t -> t.getName().endsWith("one")).findFirst().orElseThrow();
    assertThat(first.tin().extremePressure()).isTrue();
    assertThat(first.tin().refuses()).containsExactlyInAnyOrder("rubber", "brake");
    tins.deleteAll(added);
  }
}
