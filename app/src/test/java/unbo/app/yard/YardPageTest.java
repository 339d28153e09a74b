package unbo.app.yard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import unbo.app.PageTest;
import unbo.app.vehicle.Vehicle;

class YardPageTest extends PageTest {

  @Test
  void vehiclesStandInPlanWithWhatIsOpenAtWhichWheel() throws Exception {
    mvc.perform(get("/yard").with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(
            content().string(containsString("Launch trailer “Tern”, right hub: job 0102, next:")))
        .andExpect(content().string(containsString("Launch trailer “Tern”, left hub: open a job")));
    mvc.perform(get("/yard").param("view", "list").with(as("tuva")))
        .andExpect(content().string(containsString("Open jobs</caption>")));
  }

  @Test
  void aJobIsOpenedAtAPosition() throws Exception {
    Vehicle car =
        vehicles.findAll().stream()
            .filter(v -> v.getName().contains("Marigold"))
            .findFirst()
            .orElseThrow();
    String front = "/vehicles/" + car.getId() + "/positions/axle-1-left/open";
    mvc.perform(get(front).with(as("tuva"))).andExpect(status().isOk());
    mvc.perform(post(front).param("complaint", " ").with(as("tuva")).with(csrf()))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("The complaint is missing")));
    mvc.perform(post(front).param("complaint", "c".repeat(10_000)).with(as("tuva")).with(csrf()))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("c".repeat(10_000))));
    mvc.perform(post(front).param("complaint", "growl").with(as("tuva")).with(csrf()))
        .andExpect(status().is3xxRedirection());
    assertThat(jobLists.open())
        .anyMatch(j -> j.getComplaint().equals("growl") && j.getOpenedBy().equals("Tuva Lind"));
    mvc.perform(get("/vehicles/" + car.getId() + "/positions/axle-9-left/open").with(as("tuva")))
        .andExpect(status().isNotFound());
  }
}
