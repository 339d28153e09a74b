package unbo.app.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;
import unbo.app.vehicle.Vehicle;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;

/** A round over a trailer of two wheels: what was worse, than when and than which. */
class RoundPageTest extends PageTest {

  private static final Instant MAY = Instant.parse("2026-05-01T08:00:00Z");
  private static final Instant AUGUST = Instant.parse("2026-08-01T08:00:00Z");

  @Autowired private Rounds rounds;
  private Vehicle vehicle;

  @BeforeEach
  void trailer() {
    vehicle =
        vehicles.save(
            new Vehicle("Trailer “Curlew”", VehicleKind.TRAILER, "for the rounds", "FW 900")
                .withLayout(
                    new VehicleLayout(VehicleKind.TRAILER, "taper-pair", 1, 1300, 0, 3000)));
  }

  private VehicleRound round(Instant at, String leftPlay, String rightPlay) {
    VehicleRound round = rounds.start(vehicle, "", "Tester", at);
    rounds.note(round, "axle-1-left", Map.of("play", leftPlay), "Tester", at);
    rounds.note(round, "axle-1-right", Map.of("play", rightPlay), "Tester", at);
    return round;
  }

  private ResultActions keep(VehicleRound round, String position, Map<String, String> fields)
      throws Exception {
    var request =
        post("/rounds/{i}/lines", round.getId())
            .param("position", position)
            .with(as("tuva"))
            .with(csrf());
    fields.forEach(request::param);
    return mvc.perform(request);
  }

  private ResultActions show(VehicleRound round) throws Exception {
    return mvc.perform(get("/rounds/{i}", round.getId()).with(as("tuva")));
  }

  @Test
  void aRoundBeginsAtTheVehicleAndWalksOn() throws Exception {
    mvc.perform(get("/vehicles/{v}/rounds", vehicle.getId()).with(as("tuva")))
        .andExpect(content().string(containsString("No walkaround check yet")));
    mvc.perform(post("/vehicles/{v}/rounds", vehicle.getId()).with(as("tuva")).with(csrf()))
        .andExpect(status().isFound());
    VehicleRound round = rounds.of(vehicle).get(0);
    show(round).andExpect(content().string(containsString("0 of 2 checked")));
    keep(round, "axle-1-left", Map.of("feel", "notch"))
        .andExpect(redirectedUrl("/rounds/" + round.getId()));
    show(round)
        .andExpect(content().string(containsString("1 of 2 checked")))
        .andExpect(content().string(containsString("feels notchy")));
  }

  @Test
  void worseThanLastTimeIsSaid() throws Exception {
    round(MAY, "0.20", "0.20");
    show(round(AUGUST, "0.31", "0.21"))
        .andExpect(content().string(containsString("left hub: play at the rim is worse than last")))
        .andExpect(content().string(not(containsString("right hub: play at the rim is worse"))));
  }

  @Test
  void worseThanItsBrotherIsSaid() throws Exception {
    show(round(AUGUST, "0.20", "0.28"))
        .andExpect(
            content()
                .string(
                    containsString(
                        "right hub: play at the rim: right hub 0.28 mm, left hub 0.20 mm")));
  }

  @Test
  void nothingWorseIsNoPromise() throws Exception {
    show(round(AUGUST, "0.20", "0.21"))
        .andExpect(content().string(containsString("Hidden damage is still possible")));
  }

  @Test
  void badInputKeepsWhatWasTyped() throws Exception {
    VehicleRound round = rounds.start(vehicle, "", "Tester");
    keep(round, "axle-1-left", Map.of("play", "much", "note", "rust at the lip"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("much")))
        .andExpect(content().string(containsString("rust at the lip")));
    keep(round, "axle-1-left", Map.of("heat", "900"))
        .andExpect(content().string(containsString("Enter -40 to 500 °C")));
    keep(round, "axle-1-left", Map.of())
        .andExpect(content().string(containsString("Nothing entered yet")));
    assertThat(rounds.found(round)).isEmpty();
  }

  @Test
  void theLaterLookCounts() {
    VehicleRound round = round(AUGUST, "0.20", "0.20");
    rounds.note(round, "axle-1-left", Map.of("play", "0.3 mm"), "Tester", AUGUST);
    assertThat(rounds.found(round).get("axle-1-left").value(unbo.core.round.RoundMeasure.PLAY))
        .hasValue(0.3);
  }

  @Test
  void onePositionIsOpenAnyway() throws Exception {
    mvc.perform(
            post("/vehicles/{v}/rounds", vehicle.getId())
                .param("at", "axle-1-right")
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().isFound());
    show(rounds.of(vehicle).get(0)).andExpect(content().string(containsString("0 of 1 checked")));
    mvc.perform(
            post("/vehicles/{v}/rounds", vehicle.getId())
                .param("at", "mast")
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().isNotFound());
  }

  @Test
  void anEndedRoundTakesNoMore() throws Exception {
    VehicleRound round = round(AUGUST, "0.20", "0.20");
    mvc.perform(post("/rounds/{i}/end", round.getId()).with(as("tuva")).with(csrf()))
        .andExpect(status().isFound());
    show(rounds.get(round.getId())).andExpect(content().string(containsString("ended by")));
    keep(round, "axle-1-left", Map.of("feel", "smooth")).andExpect(status().isNotFound());
  }

  /**
   * 0.03 mm in each of three quarters of a year: the slope with its uncertainty, two figures of it.
   */
  @Test
  void aTrendSaysWhatItComesToInAYear() throws Exception {
    round(Instant.parse("2025-11-01T08:00:00Z"), "0.20", "0.20");
    round(Instant.parse("2026-02-01T08:00:00Z"), "0.23", "0.20");
    round(MAY, "0.26", "0.20");
    String page =
        show(round(AUGUST, "0.29", "0.20")).andReturn().getResponse().getContentAsString();
    java.util.regex.Matcher slope =
        java.util.regex.Pattern.compile("([\\d.]+) ± (0\\.0*[1-9]\\d) mm per year").matcher(page);
    assertThat(slope.find()).isTrue();
    assertThat(Double.parseDouble(slope.group(1))).isBetween(0.11, 0.13);
  }
}
