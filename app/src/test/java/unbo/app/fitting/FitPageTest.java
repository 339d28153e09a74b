package unbo.app.fitting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.app.job.Job;
import unbo.app.job.Marked;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;

/** Fit in a job and on the bench. */
class FitPageTest extends FitTest {

  private static final String[] GEARBOX = {
    "place", "left", "turning", "inner", "shaft-zone", "k5", "housing-zone", "H7"
  };

  /** 6204 on k5 in H7 with CN: good, kept, on the drawing and on the sheet. */
  @Test
  void aGoodFitIsKept() throws Exception {
    Job job = newJobOn("a4");
    page(job)
        .andExpect(content().string(containsString("Enter both seats")))
        .andExpect(content().string(containsString("Recommended: shaft")));
    press(job, "/preview", GEARBOX)
        .andExpect(content().string(containsString("Clearance good: likely")))
        .andExpect(content().string(containsString("inner ring 12 µm tight")))
        .andExpect(content().string(containsString("class=\"fit-picture\"")));
    assertThat(reload(job).work().mark(Station.FIT)).isEmpty();
    press(job, "", GEARBOX).andExpect(status().is3xxRedirection());
    assertThat(reload(job).work().mark(Station.FIT).orElseThrow().getState())
        .as("one of two bearings")
        .isEqualTo(StationMark.State.WORKED_ON);
    page(job).andExpect(content().string(containsString("Clearance good: likely")));
    String[] right = GEARBOX.clone();
    right[1] = "right";
    press(job, "", right).andExpect(status().is3xxRedirection());
    assertThat(reload(job).work().mark(Station.FIT).orElseThrow().getState())
        .isEqualTo(StationMark.State.DONE);
    mvc.perform(get("/jobs/{id}/sheet", job.getId()).with(as("tuva")))
        .andExpect(content().string(containsString("Clearance good: likely")));
  }

  /** A good clearance does not outvote a ring that would turn in its seat. */
  @Test
  void aCreepingRingIsSaidFirst() throws Exception {
    Job job = newJobOn("a4");
    press(job, "/preview", "place", "left", "shaft-zone", "g6", "housing-zone", "H7")
        .andExpect(content().string(containsString("The outer ring would creep.")))
        .andExpect(content().string(containsString("strong is-bad")));
    press(
            job,
            "/preview",
            "place",
            "left",
            "shaft-zone",
            "g6",
            "housing-zone",
            "P7",
            "housing-material",
            "aluminium",
            "housing-hot",
            "90",
            "shaft-hot",
            "90")
        .andExpect(content().string(containsString("tight cold and loose at working heat")))
        .andExpect(content().string(containsString("The light alloy lets the outer ring go at")));
  }

  /** A hand’s judgement says that it is weak. */
  @Test
  void feelIsSaidToBeWeak() throws Exception {
    Job job = newJobOn("a4");
    press(job, "/preview", "place", "left", "shaft-feel", "thumb", "housing-feel", "press")
        .andExpect(content().string(containsString("a weak estimate")))
        .andExpect(content().string(not(containsString("worn by"))));
  }

  /** Bad input is answered at its field, and nothing typed is lost. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "shaft-zone|H7|Not a zone of a shaft.",
        "housing-zone|k5|Not a zone of a housing.",
        "shaft-zone|t5|This zone is not made for 20 mm.",
        "shaft-readings|25.01|More than 2 mm off the ring of 20 mm",
        "shaft-readings|round|round",
        "housing-wall|40|No wall is left round the ring.",
        "shaft-wall|22|Not a bore of this shaft.",
        "shaft-hot|900|Not a temperature of a bearing at work.",
        "slide|-1|-1",
        "chilled|40|Warmer than the room."
      })
  void badInputIsAnsweredAtItsField(String field, String typed, String said) throws Exception {
    Job job = newJobOn("a4");
    press(
            job,
            "",
            "place",
            "left",
            "turning",
            "inner",
            field.equals("shaft-zone") ? "load" : "shaft-zone",
            field.equals("shaft-zone") ? "" : "k5",
            field.equals("housing-zone") ? "load" : "housing-zone",
            field.equals("housing-zone") ? "" : "H7",
            field,
            typed)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString(said)))
        .andExpect(content().string(containsString("value=\"" + typed + "\"")));
  }

  @Test
  void nothingEnteredIsSaidSo() throws Exception {
    press(newJobOn("a4"), "", "place", "left")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("A seat is not known.")));
  }

  /** 0.4 mm too wide: pinched cold; a crank that fits is free, and other places are not asked. */
  @Test
  void aCrankBetweenItsMains() throws Exception {
    Job job = newJobOn("a9");
    String[] crank = {
      "place",
      "left",
      "turning",
      "inner",
      "shaft-zone",
      "k5",
      "housing-zone",
      "K7",
      "housing-material",
      "aluminium",
      "group",
      "C3",
      "crank-shoulder",
      "80.00",
      "crank-width",
      "80.40",
      "crank-hot",
      "90"
    };
    press(job, "/preview", crank)
        .andExpect(content().string(containsString("Pinched cold by")))
        .andExpect(content().string(containsString("The crank is pinched.")))
        .andExpect(content().string(containsString("strong is-bad")))
        .andExpect(content().string(containsString("never driven by its webs")));
    crank[15] = "80.00";
    press(job, "/preview", crank)
        .andExpect(content().string(containsString("Free cold, free warm.")));
    crank[15] = "95";
    press(job, "", crank)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("not this crank")));
    page(newJobOn("a4"))
        .andExpect(content().string(not(containsString("does the crank stay free"))));
  }

  /** A bearing whose rings have no limits in our tables takes a note, in a job and on the bench. */
  @Test
  void aBearingWithoutLimitsTakesANote() throws Exception {
    Job job = newJobOn("a44");
    Bearing plain =
        Catalogue.standard().all().stream()
            .filter(b -> b.family() == Family.SPHERICAL_PLAIN)
            .findFirst()
            .orElseThrow();
    jobs.change(
        job.getId(),
        Station.NAME,
        job.work().revision(Station.NAME),
        "Tester",
        StationMark.State.DONE,
        "read",
        (work, s) ->
            work.setBearing("seat", Marked.read(plain.designation(), plain.designation())));
    page(job)
        .andExpect(status().isOk())
        .andExpect(content().string(not(containsString("id=\"fit-sight\""))));
    press(job, "", "shaft-zone", "k5").andExpect(status().is4xxClientError());
    mvc.perform(get("/bench/a44/fit").param("seat", plain.designation()).with(as("tuva")))
        .andExpect(status().isOk());
  }

  static List<Arrangement> all() {
    return Arrangements.standard().all();
  }

  /** On the bench, every arrangement: a sheet where rings have limits, a note elsewhere. */
  @ParameterizedTest
  @MethodSource("all")
  void everyArrangementOnTheBench(Arrangement arrangement) throws Exception {
    mvc.perform(
            get("/bench/{a}/fit", arrangement.id())
                .param("shaft-zone", "k5")
                .param("housing-zone", "N7")
                .with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(
            content()
                .string(containsString(FitPlace.isIn(arrangement) ? "id=\"fit-sight\"" : "Fit")));
  }
}
