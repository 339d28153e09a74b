package unbo.app.listening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;
import unbo.app.vehicle.Vehicle;
import unbo.core.diagnosis.DiagnosisModel;
import unbo.core.diagnosis.DiagnosisTest;
import unbo.core.vehicle.VehicleKind;

class ListenPageTest extends PageTest {

  private ResultActions listen(String query) throws Exception {
    return mvc.perform(get("/listen/" + query).with(as("tuva"))).andExpect(status().isOk());
  }

  /** Every answer of every test leads to a page; the word that is never said is not on it. */
  @ParameterizedTest
  @EnumSource(
      value = VehicleKind.class,
      names = {"CAR", "TRAILER"})
  void everyAnswerLeadsOn(VehicleKind kind) throws Exception {
    for (DiagnosisTest test : DiagnosisModel.of(kind).orElseThrow().tests()) {
      for (DiagnosisTest.Answer answer : test.answers()) {
        String page =
            listen(kind.id() + "?" + test.id() + "=" + answer.id())
                .andExpect(content().string(containsString("Strike out")))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(page.toLowerCase(java.util.Locale.ROOT)).doesNotContain(" safe ");
      }
    }
  }

  @Test
  void aLooseWheelIsSaidAtTheTop() throws Exception {
    listen("car?sound=knock&nuts=yes")
        .andExpect(content().string(containsString("Do not move it.")))
        .andExpect(content().string(containsString("loose wheel fastening")));
    listen("car").andExpect(content().string(not(containsString("Do not move it."))));
  }

  @Test
  void aVehicleOfTheYardOffersTheJobAtItsPosition() throws Exception {
    Vehicle van =
        vehicles.findAll().stream()
            .filter(v -> v.getName().contains("Plover"))
            .findFirst()
            .orElseThrow();
    listen("car?vehicle=" + van.getId() + "&spin=fr&bend=left&sound=growl")
        .andExpect(content().string(containsString("Post van")))
        .andExpect(
            content()
                .string(
                    containsString("/vehicles/" + van.getId() + "/positions/axle-1-right/open")));
  }

  /** What cannot be understood is named and the rest still counts. */
  @Test
  void badAnswersAreAnswered() throws Exception {
    listen("car?spin=fr&telepathy=yes&speed=warp")
        .andExpect(content().string(containsString("Not understood in the address")))
        .andExpect(content().string(containsString("wheel bearing front right")));
    listen("car?vehicle=<b>&sound=growl").andExpect(content().string(not(containsString("<b>&"))));
    mvc.perform(get("/listen/bicycle").with(as("tuva"))).andExpect(status().isNotFound());
    mvc.perform(get("/listen/car?vehicle=99999999").with(as("tuva")))
        .andExpect(status().isNotFound());
  }
}
