package unbo.app.yard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import unbo.app.PageTest;
import unbo.app.drawing.VehiclePlan;
import unbo.app.job.Job;
import unbo.app.vehicle.Vehicle;
import unbo.core.arrangement.Ring;
import unbo.core.vehicle.Position;

/** Positions that a mechanic adds to his vehicle because no kind of vehicle has them. */
class OwnPositionTest extends PageTest {

  private ResultActions add(Vehicle vehicle, Map<String, String> fields) throws Exception {
    MockHttpServletRequestBuilder request =
        post("/vehicles/" + vehicle.getId() + "/positions/new").with(as("tuva")).with(csrf());
    fields.forEach(request::param);
    return mvc.perform(request);
  }

  private Vehicle vehicle() {
    return newJob().getVehicle();
  }

  private Position only(Vehicle vehicle) {
    return vehicles.findById(vehicle.getId()).orElseThrow().position("own-1").orElseThrow();
  }

  /** The holds that were chosen decide what is a press fit and what turns. */
  @Test
  void aPlainSeatKeepsTheHoldsThatWereChosen() throws Exception {
    Vehicle vehicle = vehicle();
    add(
            vehicle,
            Map.of(
                "title", "winch drum, left",
                "arrangement", "a44",
                "inner", "sliding",
                "outer", "tight",
                "fixed", "shaft",
                "along", "at the front",
                "across", "left"))
        .andExpect(redirectedUrl("/vehicles/" + vehicle.getId() + "#own-1"));
    Position added = only(vehicle);
    assertThat(added.title()).isEqualTo("winch drum, left");
    assertThat(added.rightMm()).isNegative();
    Job job =
        jobs.openAt(
            vehicles.findById(vehicle.getId()).orElseThrow(), "own-1", "growls", "Tuva Lind");
    assertThat(reload(job).arrangement().isTight(Ring.INNER)).isFalse();
    assertThat(reload(job).arrangement().isTight(Ring.OUTER)).isTrue();
    assertThat(reload(job).arrangement().fixed()).isEqualTo("shaft");
    mvc.perform(get("/jobs/" + job.getId() + "?at=strip").with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("winch drum, left")));
    mvc.perform(get("/jobs/" + job.getId() + "/sheet.pdf").with(as("tuva")))
        .andExpect(status().isOk());
  }

  @ParameterizedTest
  @CsvSource({
    "'', a44, in the middle, The name is missing",
    "fan, a99, in the middle, Nothing is chosen",
    "fan, a14, in the middle, Nothing is chosen",
    "fan, a44, on the roof, There is no such place",
    "'<b>fan</b>', '', in the middle, Nothing is chosen"
  })
  void whatIsRefusedIsSaidAtItsFieldAndKept(
      String title, String arrangement, String along, String wrong) throws Exception {
    Vehicle vehicle = vehicle();
    add(vehicle, Map.of("title", title, "arrangement", arrangement, "along", along))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString(wrong)))
        .andExpect(content().string(not(containsString("<b>fan"))))
        .andExpect(
            content()
                .string(
                    containsString("value=\"" + title.replace("<", "&lt;").replace(">", "&gt;"))));
    assertThat(vehicles.findById(vehicle.getId()).orElseThrow().layout().own()).isEmpty();
  }

  /** Several in one place stand beside each other on the plan. */
  @Test
  void marksDoNotHideEachOther() throws Exception {
    Vehicle vehicle = vehicle();
    for (int i = 1; i <= 4; i++) {
      add(vehicle, Map.of("title", "fan " + i, "arrangement", "a44"));
    }
    Vehicle now = vehicles.findById(vehicle.getId()).orElseThrow();
    assertThat(now.positions()).extracting(Position::code).contains("own-1", "own-4");
    assertThat(now.positions())
        .filteredOn(p -> now.isOwn(p.code()))
        .extracting(Position::backMm)
        .doesNotHaveDuplicates();
    assertThat(VehiclePlan.alone(now.layout(), 620).marks()).hasSize(6);
  }

  /** What a job or a walkaround names stays; the rest can go again. */
  @Test
  void onlyWhatNothingNamesIsRemoved() throws Exception {
    Vehicle vehicle = vehicle();
    add(vehicle, Map.of("title", "fan", "arrangement", "a44"));
    add(vehicle, Map.of("title", "pump", "arrangement", "a44"));
    Vehicle now = vehicles.findById(vehicle.getId()).orElseThrow();
    jobs.openAt(now, "own-1", "growls", "Tuva Lind");
    remove(vehicle, "own-1").andExpect(status().isNotFound());
    remove(vehicle, "axle-1-left").andExpect(status().isNotFound());
    remove(vehicle, "own-2").andExpect(status().is3xxRedirection());
    assertThat(vehicles.findById(vehicle.getId()).orElseThrow().positions())
        .extracting(Position::title)
        .contains("fan", "left hub")
        .doesNotContain("pump");
  }

  private ResultActions remove(Vehicle vehicle, String position) throws Exception {
    return mvc.perform(
        post("/vehicles/" + vehicle.getId() + "/positions/" + position + "/remove")
            .with(as("tuva"))
            .with(csrf()));
  }
}
