package unbo.app.yard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;
import unbo.app.vehicle.Vehicle;
import unbo.core.vehicle.Position;
import unbo.core.vehicle.VehicleTemplate;

class VehiclePageTest extends PageTest {

  static List<VehicleTemplate> templates() {
    return VehicleTemplate.all();
  }

  private ResultActions add(String template, String name, String length, String distance)
      throws Exception {
    return mvc.perform(
        post("/vehicles/new")
            .param("template", template)
            .param("name", name)
            .param("about", "")
            .param("plate", "")
            .param("length", length)
            .param("axleDistance", distance)
            .param("track", "1400")
            .param("school", "JUST_FREE")
            .with(as("tuva"))
            .with(csrf()));
  }

  /** The one to whose page the answer leads; others add vehicles at the same time. */
  private Vehicle added(ResultActions answer) throws Exception {
    String page =
        answer.andExpect(status().is3xxRedirection()).andReturn().getResponse().getRedirectedUrl();
    return vehicles.findById(Long.valueOf(page.substring("/vehicles/".length()))).orElseThrow();
  }

  /** Every template gives a vehicle whose every position can be opened as a job. */
  @ParameterizedTest
  @MethodSource("templates")
  void everyPositionOfANewVehicleCanBeOpened(VehicleTemplate template) throws Exception {
    String length = String.valueOf((long) template.layout().lengthMm());
    String distance = String.valueOf((long) template.layout().axleDistanceMm());
    Vehicle vehicle = added(add(template.id(), "New " + template.id(), length, distance));
    assertThat(vehicle.getName()).isEqualTo("New " + template.id());
    ResultActions page =
        mvc.perform(get("/vehicles/{id}", vehicle.getId()).with(as("tuva")))
            .andExpect(status().isOk());
    for (Position position : vehicle.positions()) {
      String address = "/vehicles/" + vehicle.getId() + "/positions/" + position.code() + "/open";
      page.andExpect(content().string(containsString(address)));
      mvc.perform(get(address).with(as("tuva"))).andExpect(status().isOk());
      mvc.perform(post(address).param("complaint", "test").with(as("tuva")).with(csrf()))
          .andExpect(status().is3xxRedirection());
    }
    assertThat(jobLists.of(vehicle)).hasSameSizeAs(vehicle.positions());
  }

  /** Decides whether a makeshift seat may be on it: recorded, changed, taken away, refused. */
  @Test
  void itsTopSpeedIsRecorded() throws Exception {
    long id = added(add("car-front", "Slow coach", "4000", "2500")).getId();
    topSpeed(id, "25 mph").andExpect(status().is3xxRedirection());
    assertThat(vehicles.findById(id).orElseThrow().topSpeed().orElseThrow())
        .isCloseTo(40.23, org.assertj.core.data.Offset.offset(0.01));
    topSpeed(id, "900")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Enter 1 to 400 km/h, or nothing.")))
        .andExpect(content().string(containsString("value=\"900\"")));
    topSpeed(id, "").andExpect(status().is3xxRedirection());
    assertThat(vehicles.findById(id).orElseThrow().topSpeed()).isEmpty();
  }

  private ResultActions topSpeed(long id, String typed) throws Exception {
    return mvc.perform(
        post("/vehicles/{id}/top-speed", id)
            .param("top-speed", typed)
            .with(as("tuva"))
            .with(csrf()));
  }

  @Test
  void badSizesAreAnsweredAtTheirFieldsAndNothingTypedIsLost() throws Exception {
    add("car-front", "", "two", "99000")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("The name is missing")))
        .andExpect(content().string(containsString("value=\"two\"")))
        .andExpect(content().string(containsString("value=\"99000\"")));
    add("car-front", "Long legs", "3000", "4000")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("larger than the length of the vehicle")));
    mvc.perform(get("/vehicles/new").param("template", "spaceship").with(as("tuva")))
        .andExpect(status().isNotFound());
    assertThat(vehicles.findAll()).extracting(Vehicle::getName).doesNotContain("", "Long legs");
  }

  private ResultActions search(String text) throws Exception {
    return mvc.perform(get("/search").param("q", text).with(as("tuva"))).andExpect(status().isOk());
  }

  @Test
  void anythingWrittenIsFound() throws Exception {
    for (String text : List.of("Skua", "fw 12", "chain side rattles", "caps' heat", "0101")) {
      search(text).andExpect(content().string(not(containsString("No match"))));
    }
    search("harbour pilot").andExpect(content().string(containsString("Sidecar outfit “Skua”")));
    search("zebra crossing").andExpect(content().string(containsString("No match")));
    search("").andExpect(content().string(containsString("a bearing number")));
  }

  /** A wildcard stands for itself, and markup stays text. */
  @Test
  void whatIsTypedIsOnlyText() throws Exception {
    search("%%%").andExpect(content().string(containsString("No match")));
    search("_____").andExpect(content().string(containsString("No match")));
    search("<script>alert(1)</script>")
        .andExpect(content().string(not(containsString("<script>alert"))));
    search("x".repeat(10_000)).andExpect(content().string(containsString("first 100 characters")));
  }

  /** Each kind is drawn beside its words, and the drawing is no link of its own. */
  @Test
  void everyKindToStartFromIsDrawn() throws Exception {
    String page =
        mvc.perform(get("/vehicles/new").with(as("tuva")))
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsString();
    for (VehicleTemplate template : VehicleTemplate.all()) {
      assertThat(page)
          .contains("/vehicles/new?template=" + template.id() + "\"")
          .contains("aria-label=\"" + template.title() + " in plan, front upwards\"");
    }
    assertThat(page.split("class=\"plan-drawing\"")).hasSize(VehicleTemplate.all().size() + 1);
    assertThat(page).doesNotContain("/positions/");
  }

  /** It has no address yet: its wheels would lead to a vehicle called null. */
  @Test
  void theVehicleOfAFormLeadsNowhere() throws Exception {
    mvc.perform(get("/vehicles/new").param("template", "sidecar").with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("class=\"plan-wheel\"")))
        .andExpect(content().string(not(containsString("/vehicles/null"))));
  }
}
