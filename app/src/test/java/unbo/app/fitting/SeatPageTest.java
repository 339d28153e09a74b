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
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.transaction.support.TransactionTemplate;
import unbo.app.job.Job;
import unbo.app.job.Station;

/** Seats that are worn, bought, made do with or converted, and what was measured there before. */
class SeatPageTest extends FitTest {

  @Autowired private TransactionTemplate transactions;

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
}
