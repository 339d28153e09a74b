package unbo.app.packing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.tin.GreaseTin;
import unbo.app.tin.GreaseTinRepository;
import unbo.app.tin.TinStock;
import unbo.app.tin.TinWaste;
import unbo.app.tin.TinWasteRepository;
import unbo.core.lubricant.Tin;

/** What jobs take out of tins, what is thrown away, and when the grease is to be renewed. */
class TinUseTest extends PageTest {

  @Autowired private GreaseTinRepository tins;
  @Autowired private TinWasteRepository waste;
  @Autowired private TinStock stock;

  private final List<Long> made = new ArrayList<>();

  private GreaseTin tin(String name, double grams) {
    Tin sheet =
        new Tin(
            name,
            "lithium",
            Optional.empty(),
            -30,
            130,
            OptionalDouble.of(400_000),
            OptionalDouble.empty(),
            true,
            0.9,
            Set.of());
    GreaseTin kept =
        tins.save(new GreaseTin(sheet, "", "", "Tester", Instant.EPOCH).holding(grams));
    made.add(kept.getId());
    return kept;
  }

  /** A tin of one test is none of the next one's choices. */
  @AfterEach
  void tidy() {
    waste.deleteAll(waste.findAll().stream().filter(w -> made.contains(w.getTinId())).toList());
    made.forEach(tins::deleteById);
    made.clear();
  }

  private String left(GreaseTin tin) {
    return stock.standing().stream()
        .filter(s -> s.tin().getId().equals(tin.getId()))
        .map(TinStock.Stocked::left)
        .findFirst()
        .orElseThrow();
  }

  private ResultActions pack(Job job, String... more) throws Exception {
    var request =
        post("/jobs/{id}/pack", job.getId())
            .with(as("tuva"))
            .with(csrf())
            .param("duty", "general")
            .param("revision", revision(job));
    for (int i = 0; i < more.length; i += 2) {
      request.param(more[i], more[i + 1]);
    }
    return mvc.perform(request);
  }

  private String revision(Job job) {
    return reload(job)
        .work()
        .mark(unbo.app.job.Station.PACK)
        .map(m -> String.valueOf(m.getRevision()))
        .orElse("0");
  }

  /** 400 g less 30 into the hub and 5 wiped off; undone it is all there again. */
  @Test
  void whatIsTakenIsGoneUntilItIsUndone() throws Exception {
    GreaseTin tin = tin("Own harbour", 400);
    Job job = newJob();
    pack(job, "tin-from", "" + tin.getId(), "tin-grams", "30", "tin-wasted", "5")
        .andExpect(status().is3xxRedirection());
    assertThat(left(tin)).isEqualTo("365 g left");
    mvc.perform(get("/tins/use").with(as("joren")))
        .andExpect(content().string(containsString("Own harbour")))
        .andExpect(content().string(containsString(reload(job).title())))
        .andExpect(content().string(containsString("30.0 g, wasted 5.0 g")));
    long last = jobs.lastChange(reload(job)).orElseThrow().getEventId();
    jobs.takeBack(job.getId(), last, "Tuva", true).orElseThrow();
    assertThat(left(tin)).isEqualTo("400 g left");
  }

  /** The tin is used up meanwhile: the record is saved again and keeps it. */
  @Test
  void aTinThatIsUsedUpStaysInTheRecord() throws Exception {
    GreaseTin tin = tin("Own ferry", 400);
    Job job = newJob();
    String[] fields = {"tin-from", "" + tin.getId(), "tin-grams", "30"};
    pack(job, fields).andExpect(status().is3xxRedirection());
    mvc.perform(post("/tins/{id}/empty", tin.getId()).with(as("tuva")).with(csrf()));
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "pack").with(as("tuva")))
        .andExpect(content().string(containsString("Own ferry")));
    pack(job, fields).andExpect(status().is3xxRedirection());
    pack(newJob(), fields).andExpect(status().isUnprocessableEntity());
    mvc.perform(get("/tins/use").param("month", "+999999999-12").with(as("tuva")))
        .andExpect(status().isOk());
  }

  /** Nothing weighed: what was worked out is what went in. */
  @Test
  void withoutAScaleTheChargesAreTaken() throws Exception {
    GreaseTin tin = tin("Own quay", 400);
    Job job = newJob();
    pack(job, "tin-from", "" + tin.getId()).andExpect(status().is3xxRedirection());
    PackRecord pack = reload(job).work().sheet(PackRecord.TYPE);
    double grams = PackFigures.of(reload(job), pack).orElseThrow().grams();
    assertThat(pack.taken().grams()).isEqualTo(Math.round(grams * 10) / 10.0);
    pack(job, "tin-from", "" + tin.getId(), "tin-grams", "500");
    assertThat(left(tin)).contains("weigh the tin");
  }

  /** The maker's quantity rules, is taken out of the tin, and the sum stands beside it. */
  @Test
  void whatTheMakerPrescribesRules() throws Exception {
    GreaseTin tin = tin("Own jetty", 400);
    Job job = newJob();
    pack(job, "prescribed", "much")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("The maker prescribes:")));
    pack(job, "prescribed", "90", "tin-from", "" + tin.getId())
        .andExpect(status().is3xxRedirection());
    assertThat(left(tin)).isEqualTo("310 g left");
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "pack").with(as("tuva")))
        .andExpect(
            content()
                .string(
                    containsString(
                        "The maker prescribes 90.0 g: that rules. The sum comes to less")));
  }

  @Test
  void wasteIsWrittenDownAndTakenBack() throws Exception {
    GreaseTin tin = tin("Own pier", 100);
    mvc.perform(
            post("/tins/use")
                .with(as("tuva"))
                .with(csrf())
                .param("tin", "" + tin.getId())
                .param("grams", "12")
                .param("words", "<spilt>"))
        .andExpect(status().is3xxRedirection());
    assertThat(left(tin)).isEqualTo("88 g left");
    mvc.perform(get("/tins/use").with(as("joren")))
        .andExpect(content().string(containsString("&lt;spilt&gt;")));
    String before = YearMonth.now().minusMonths(1).toString();
    mvc.perform(get("/tins/use").param("month", before).with(as("joren")))
        .andExpect(content().string(org.hamcrest.Matchers.not(containsString("spilt&gt;"))));
    TinWaste line =
        waste.findAll().stream().filter(w -> w.getTinId() == tin.getId()).findFirst().orElseThrow();
    mvc.perform(post("/tins/waste/{id}/remove", line.getId()).with(as("tuva")).with(csrf()));
    assertThat(left(tin)).isEqualTo("100 g left");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "0|1|spilt|Choose one of the list.",
        "TIN||spilt|How much?",
        "TIN|-3|spilt|Enter 0.1 to 200000.",
        "TIN|3||No reason."
      })
  void badWasteIsAnsweredAtItsField(String which, String grams, String words, String said)
      throws Exception {
    GreaseTin tin = tin("Own mole", 100);
    mvc.perform(
            post("/tins/use")
                .with(as("tuva"))
                .with(csrf())
                .param("tin", which.replace("TIN", "" + tin.getId()))
                .param("grams", grams == null ? "" : grams)
                .param("words", words == null ? "" : words))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString(said)));
  }

  /**
   * 700 rpm of a 30206 at 50 °C is 30,000 h by the rule, half of it as the outer ring turns:
   * 900,000 km at 60 km/h.
   */
  @Test
  void theIntervalIsHandedToBook() throws Exception {
    Job job = newJob();
    pack(job, "tin-rpm", "700", "tin-hot", "50", "drag-kmh", "60", "drag-year", "600000")
        .andExpect(status().is3xxRedirection());
    PackRecord.Regrease due = reload(job).work().sheet(PackRecord.TYPE).regrease();
    assertThat(due.hours()).isEqualTo(15_000.0);
    assertThat(due.km()).isEqualTo(900_000.0);
    assertThat(due.on()).isEqualTo(LocalDate.now().plusMonths(18));
    String book =
        Jsoup.parse(
                mvc.perform(get("/jobs/{id}", job.getId()).param("at", "book").with(as("tuva")))
                    .andReturn()
                    .getResponse()
                    .getContentAsString())
            .text();
    assertThat(book).contains("Fresh grease after 15,000 h of running", "18 months");
    String pack =
        mvc.perform(get("/jobs/{id}", job.getId()).param("at", "pack").with(as("tuva")))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(Jsoup.parse(pack).select("#tin-rpm").val()).isEqualTo("700");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "tin-rpm|fast|Not a speed.",
        "tin-from|999999|Not a tin that stands there.",
        "tin-grams|30|Out of which tin?",
        "drag-year|never|Not a value of this."
      })
  void whatIsWrongIsNotSaved(String field, String typed, String said) throws Exception {
    Job job = newJob();
    pack(
            job,
            "tin-hot",
            "50",
            field.equals("tin-rpm") ? "tin-water" : "tin-rpm",
            "700",
            field,
            typed)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString(said)));
    assertThat(reload(job).work().sheet(PackRecord.TYPE).duty()).isEmpty();
  }
}
