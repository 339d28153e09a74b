package unbo.app.packing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import unbo.app.PageTest;
import unbo.app.job.Job;

/** What a vehicle's wheel bearings cost. */
class VehicleDragTest extends PageTest {

  private Document page(Job job, String... fields) throws Exception {
    MockHttpServletRequestBuilder request =
        get("/vehicles/{id}/drag", job.getVehicle().getId()).with(as("tuva"));
    for (int i = 0; i < fields.length; i += 2) {
      request.param(fields[i], fields[i + 1]);
    }
    return Jsoup.parse(mvc.perform(request).andReturn().getResponse().getContentAsString());
  }

  /** Two wheels alike: half each; another choice saves no more than there is. */
  @Test
  void everyWheelHasItsShare() throws Exception {
    Job job = newJob();
    assertThat(page(job).text()).contains("Enter speed and mass.");
    Document drag = page(job, "kmh", "80", "kg", "750", "choice", "fifth", "price", "20");
    assertThat(drag.select("main > table tbody tr")).hasSize(2);
    assertThat(drag.select("main > table").text()).contains("50 %", "assumed");
    assertThat(drag.text()).contains("W in all", "a fifth of the room filled", "for a watt");
  }

  /** Balls have seals of their own, rollers have none to leave off. */
  @Test
  void rollersHaveNoSealsToLeaveOff() throws Exception {
    assertThat(page(newJob(), "kmh", "80", "kg", "750", "choice", "shield").text())
        .contains("With shields: nothing to save");
    assertThat(page(newJobOn("a4"), "kmh", "25", "kg", "100", "choice", "shield").text())
        .contains("With shields:")
        .doesNotContain("nothing to save");
  }

  @Test
  void whatCannotBeIsAnsweredAtItsField() throws Exception {
    assertThat(page(newJob(), "kmh", "fast", "kg", "-4").text())
        .contains("Enter 1 to 300.", "Enter 1 to 60000.");
  }

  /** A wheel on loose balls has no factors: it is named, not dropped from the sum in silence. */
  @Test
  void whatIsNotReckonedIsNamed() throws Exception {
    assertThat(page(newJobOn("a5"), "kmh", "25", "kg", "100").text())
        .contains("(no factors for its bearings)");
  }
}
