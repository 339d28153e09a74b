package unbo.app.listening;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import unbo.app.PageTest;
import unbo.app.vehicle.Vehicle;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleTemplate;

/** What tests of a search need: to begin one, to answer, to read its page. */
@Execution(ExecutionMode.CONCURRENT)
abstract class ListenTest extends PageTest {

  @Autowired protected Listenings listenings;

  protected Listening someCar() {
    return listenings.start(VehicleKind.CAR, null, "", "Tester");
  }

  protected Listening on(Vehicle vehicle) {
    return listenings.start(vehicle.getKind(), vehicle, "", "Tester");
  }

  protected Vehicle newCar() {
    return newVehicle(VehicleKind.CAR);
  }

  protected Vehicle newTrailer() {
    return newVehicle(VehicleKind.TRAILER);
  }

  private Vehicle newVehicle(VehicleKind kind) {
    VehicleTemplate template =
        VehicleTemplate.all().stream()
            .filter(t -> t.layout().kind() == kind)
            .findFirst()
            .orElseThrow();
    return vehicles.save(
        new Vehicle("Test " + kind.id(), kind, "for a test", "L 1").withLayout(template.layout()));
  }

  protected ResultActions page(Listening listening, String query) throws Exception {
    return mvc.perform(get("/listen/" + listening.getId() + query).with(as("tuva")));
  }

  protected String text(Listening listening) throws Exception {
    return page(listening, "").andReturn().getResponse().getContentAsString();
  }

  /** Sends a form of the search; names and values in turn. */
  protected ResultActions send(Listening listening, String path, String... fields)
      throws Exception {
    MockHttpServletRequestBuilder request =
        post("/listen/" + listening.getId() + path).with(as("tuva")).with(csrf());
    for (int i = 0; i < fields.length; i += 2) {
      request.param(fields[i], fields[i + 1]);
    }
    return mvc.perform(request);
  }

  protected void answer(Listening listening, String... pairs) throws Exception {
    for (int i = 0; i < pairs.length; i += 2) {
      send(listening, "/answers", "test", pairs[i], "answer", pairs[i + 1]);
    }
  }

  protected Answers answers(Listening listening) {
    return listenings.answers(listening);
  }
}
