package unbo.app.fitting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.support.TransactionTemplate;
import unbo.app.PageTest;
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
class FitPageTest extends PageTest {

  @Autowired private TransactionTemplate transactions;

  private ResultActions press(Job job, String path, String... fields) throws Exception {
    var request =
        post("/jobs/{id}/fit" + path, job.getId())
            .param("revision", "" + reload(job).work().revision(Station.FIT))
            .with(as("joren"))
            .with(csrf());
    for (int i = 0; i < fields.length; i += 2) {
      request.param(fields[i], fields[i + 1]);
    }
    return mvc.perform(request);
  }

  private ResultActions page(Job job) throws Exception {
    return mvc.perform(get("/jobs/{id}", job.getId()).param("at", "fit").with(as("tuva")));
  }

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

  /** A ring without a shoulder goes back where it stood; the gauge says whether it did. */
  @Test
  void aDepthFromStripIsTheStop() throws Exception {
    Job job = newJobOn("a4");
    press(job, "/preview", "place", "left", "depth-then", "5.2")
        .andExpect(content().string(containsString("Press to 5.2 ± 0.1 mm deep, then measure")));
    press(job, "", "place", "left", "depth-then", "5.2", "depth-now", "5.6")
        .andExpect(status().is3xxRedirection());
    page(job)
        .andExpect(content().string(containsString("Too deep. Press to 5.2 ± 0.1 mm deep.")))
        .andExpect(content().string(containsString("Off its place")));
    press(job, "", "place", "left", "depth-then", "5.2", "depth-now", "900")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Enter 0 to 500 mm.")));
  }

  /** Recorded at Strip, before the ring moved: Fit starts from it. */
  @Test
  void theStandInOfAShoulderIsRecordedAtStrip() throws Exception {
    Job job = newJobOn("a4");
    String ring =
        job.arrangement().partsOf("left").stream()
            .map(unbo.core.arrangement.PartTemplate::id)
            .findFirst()
            .orElseThrow();
    strip(job, ring, "900")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Enter 0 to 500 mm.")))
        .andExpect(content().string(containsString("value=\"900\"")));
    strip(job, ring, "12.3").andExpect(status().is3xxRedirection());
    page(job)
        .andExpect(content().string(containsString("Press to 12.3 ± 0.1 mm deep, then measure")))
        .andExpect(content().string(containsString("value=\"a snap ring\"")));
  }

  private ResultActions strip(Job job, String part, String depth) throws Exception {
    return mvc.perform(
        post("/jobs/{id}/strip", job.getId())
            .param("revision", "" + reload(job).work().revision(Station.STRIP))
            .param("step", part)
            .param("ring-depth", depth)
            .param("ring-from", "a snap ring")
            .with(as("joren"))
            .with(csrf()));
  }

  @Test
  void aBoughtHubIsMeasuredBeforeItIsPaidFor() throws Exception {
    press(
            newJobOn("a4"),
            "/preview",
            "place",
            "left",
            "bought-seat",
            "47.08 47.08",
            "bought-flange",
            "7.6",
            "broken-flange",
            "8",
            "bought-fillets",
            "0.5 1",
            "broken-fillets",
            "1 1",
            "other-name",
            "the 1988 one",
            "other-flange",
            "8.4",
            "other-fillets",
            "0.5 1.5")
        .andExpect(content().string(containsString("worn or made for another ring")))
        .andExpect(content().string(containsString("0.40 mm thinner than the broken one")))
        .andExpect(content().string(containsString("0.50 mm sharper than the broken one")))
        .andExpect(content().string(containsString("Fillet back:")))
        .andExpect(
            content().string(containsString("Flange beside “the 1988 one”: 0.80 mm thinner")))
        .andExpect(
            content().string(containsString("Fillet front beside “the 1988 one”: as round")));
  }

  /** Dots carry on a slow vehicle, as a makeshift that keeps its job open; elsewhere never. */
  @Test
  void aMakeshiftSeatKeepsTheJobOpen() throws Exception {
    Job job = newJobOn("a4");
    for (String speed : List.of("", "80")) {
      press(job, "", "place", "left", "makeshift", "dots", "top-speed", speed)
          .andExpect(status().isUnprocessableEntity())
          .andExpect(content().string(containsString("or mend the seat")));
    }
    press(job, "", "place", "left", "makeshift", "dots", "top-speed", "25 km/h")
        .andExpect(status().is3xxRedirection());
    page(job).andExpect(content().string(containsString("With compound, on a slow vehicle")));
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "prove").with(as("tuva")))
        .andExpect(content().string(containsString("Makeshift seat mended")));
    // The speed is the vehicle's from then on: no other job of it asks again.
    assertThat(vehicles.findById(job.getVehicle().getId()).orElseThrow().topSpeed()).hasValue(25);
    press(job, "", "place", "left", "makeshift", "dots").andExpect(status().is3xxRedirection());
    press(job, "", "place", "left", "makeshift", "dots", "top-speed", "0")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Enter what its papers say in km/h.")));
    press(job, "", "place", "left", "makeshift", "staked-by-design")
        .andExpect(status().is3xxRedirection());
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "prove").with(as("tuva")))
        .andExpect(content().string(not(containsString("Makeshift seat mended"))));
  }

  /** What the last attempt taught stands in the next plan. */
  @Test
  void anAttemptWithHeatIsKept() throws Exception {
    Job job = newJobOn("a4");
    press(job, "", "place", "left", "shaft-zone", "n6", "housing-zone", "H7", "laid-gloves", "yes")
        .andExpect(status().is3xxRedirection());
    press(job, "/tried", "place", "left", "tried-came", "half-way")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Enter what the probe read")));
    press(job, "/tried", "place", "left", "tried-heated", "60", "tried-came", "half-way")
        .andExpect(status().is3xxRedirection());
    page(job)
        .andExpect(content().string(containsString("Last time, at 60 °C, it gripped half way")))
        .andExpect(content().string(containsString("name=\"laid-gloves\" checked")));
  }

  /** 6204 by its counted balls: 33.5 mm pitch, 7.938 mm balls; the sleeve meets one ring only. */
  @Test
  void theSleeveTouchesTheTightRingAlone() throws Exception {
    Job job = newJobOn("a4");
    press(job, "/preview", "place", "left", "shaft-zone", "n6", "housing-zone", "G7")
        .andExpect(content().string(containsString("Inner ring: a sleeve over 21.")))
        .andExpect(content().string(not(containsString("Outer ring: a sleeve"))))
        .andExpect(content().string(not(containsString("pushes both faces"))));
    press(job, "/preview", "place", "left", "shaft-zone", "n6", "housing-zone", "P7")
        .andExpect(content().string(containsString("pushes both faces at once")));
  }

  @Test
  void aSlugIsHotterThanItsRing() throws Exception {
    Job job = newJobOn("a4");
    String[] fit = {"place", "left", "shaft-zone", "n6", "housing-zone", "H7", "slug", "400"};
    press(job, "/preview", fit)
        .andExpect(content().string(containsString("The slug goes in at")))
        .andExpect(content().string(containsString("Conservation of heat")));
    fit[7] = "1 g";
    press(job, "/preview", fit).andExpect(content().string(containsString("Too light")));
  }

  /** A wheel hub with a spacer tube is cast of light alloy unless somebody says otherwise. */
  @Test
  void theUsualHousingIsTaken() throws Exception {
    press(newJobOn("a4"), "/preview", "place", "left", "shaft-zone", "g6", "housing-zone", "P7")
        .andExpect(content().string(containsString("The light alloy lets the outer ring go at")))
        .andExpect(content().string(containsString("The case warms: likely gone at")));
    press(
            newJobOn("a4"),
            "/preview",
            "place",
            "left",
            "shaft-zone",
            "g6",
            "housing-zone",
            "P7",
            "housing-material",
            "steel")
        .andExpect(content().string(not(containsString("The case warms"))));
  }

  /** What was measured and kept the last time stands beside what comes apart now. */
  @Test
  void theLastJobHereIsTheReference() throws Exception {
    Job first = newJobOn("a4");
    String[] seats = {"place", "left", "shaft-zone", "g6", "housing-readings", "47.01 47.01"};
    press(first, "", seats).andExpect(status().is3xxRedirection());
    mvc.perform(
        post("/jobs/{id}/strip", first.getId())
            .param("revision", "" + reload(first).work().revision(Station.STRIP))
            .param("step", "spacer")
            .param("kept", "groove to the left")
            .with(as("joren"))
            .with(csrf()));
    transactions.executeWithoutResult(
        t -> jobRepository.findById(first.getId()).orElseThrow().close("Tester", Instant.now()));
    Job now = jobs.openAt(first.getVehicle(), first.getPosition(), "the second time", "Tester");
    mvc.perform(get("/jobs/{id}", now.getId()).param("at", "strip").with(as("tuva")))
        .andExpect(content().string(containsString("Last time here, job " + first.getNumber())))
        .andExpect(content().string(containsString("groove to the left")));
    seats[5] = "47.06 47.06";
    press(now, "/preview", seats)
        .andExpect(content().string(containsString("mm larger than on job " + first.getNumber())))
        .andExpect(content().string(containsString("it wears.")));
    seats[5] = "47.011 47.011";
    press(now, "/preview", seats)
        .andExpect(content().string(containsString("Housing: as on job " + first.getNumber())));
  }

  /** A converted position is not original for ever after: on the vehicle, on paper, at Strip. */
  @Test
  void aConversionIsNeverForgotten() throws Exception {
    Job job = newJobOn("a4");
    press(job, "/converted", "conv-locates", "the left one")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Enter number and size of what sits there.")))
        .andExpect(content().string(containsString("the left one")));
    press(job, "/converted", "conv-now", "taper pair 30204", "conv-locates", "the left one")
        .andExpect(status().is3xxRedirection());
    // 30204 is 20 × 47 × 15.25 (ISO 355), 6204 is 14 wide: the drawing says what differs.
    page(job)
        .andExpect(content().string(containsString("Not answered yet: What floats")))
        .andExpect(content().string(containsString("now: 30204")))
        .andExpect(
            content().string(containsString("bore the same, outside the same, width +1.25 mm")));
    mvc.perform(get("/jobs/{id}/sheet", job.getId()).with(as("tuva")))
        .andExpect(content().string(containsString("taper pair 30204")))
        .andExpect(content().string(containsString("before: 6204")));
    mvc.perform(get("/vehicles/{id}", job.getVehicle().getId()).with(as("tuva")))
        .andExpect(content().string(containsString("not original: taper pair 30204")));
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "strip").with(as("tuva")))
        .andExpect(content().string(containsString("Not original here: taper pair 30204")));
  }

  /** Six readings: size, ovality, taper; a loose housing under the turning load is worn. */
  @Test
  void aWornSeatIsMeasuredAndMended() throws Exception {
    Job job = newJobOn("a4");
    press(
            job,
            "/preview",
            "place",
            "left",
            "shaft-zone",
            "g6",
            "housing-readings",
            "47.08 47.082 47.08 47.081 47.08 47.08",
            "housing-instrument",
            "bore-gauge")
        .andExpect(content().string(containsString("Housing: 47.081 mm; oval 2.0 µm, in order")))
        .andExpect(content().string(containsString("Housing worn by 0.086 mm")))
        .andExpect(content().string(containsString("Gap-filling compound")))
        .andExpect(content().string(containsString("40 km/h at most")));
  }

  /** A hand’s judgement says that it is weak. */
  @Test
  void feelIsSaidToBeWeak() throws Exception {
    Job job = newJobOn("a4");
    press(job, "/preview", "place", "left", "shaft-feel", "thumb", "housing-feel", "press")
        .andExpect(content().string(containsString("a weak estimate")))
        .andExpect(content().string(not(containsString("worn by"))));
  }

  @Test
  void heatKeepsToTheLimitByConstruction() throws Exception {
    Job job = newJobOn("a4");
    press(
            job,
            "/preview",
            "place",
            "left",
            "shaft-zone",
            "j6",
            "housing-zone",
            "H7",
            "built",
            "open")
        .andExpect(content().string(containsString("never over 120 °C")))
        .andExpect(content().string(containsString("data-timer-seconds")));
    press(job, "/preview", "place", "left", "shaft-zone", "n6", "housing-zone", "H7")
        .andExpect(content().string(containsString("would have to be at")))
        .andExpect(content().string(containsString("never over 100 °C")));
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
