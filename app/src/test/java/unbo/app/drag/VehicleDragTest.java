package unbo.app.drag;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;
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

  /** Half the viscosity, oil and clearance are choices as well; rollers of tapers have no C3. */
  @Test
  void oilAndClearanceAreChoices() throws Exception {
    Job job = newJobOn("a4");
    for (String choice : new String[] {"thin", "bath", "loose"}) {
      assertThat(page(job, "kmh", "60", "kg", "400", "choice", choice).text())
          .as(choice)
          .contains(choice.equals("bath") ? "W more, between" : "W less, between")
          .doesNotContain("nothing to save");
    }
    assertThat(page(newJob(), "kmh", "60", "kg", "400", "choice", "loose").text())
        .contains("With clearance C3: nothing to save");
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

  /** 60 for 12 W is 5 for a watt; kept for the workshop, dated, and taken away again. */
  @Test
  void anotherWayToSpendIsKept() throws Exception {
    Job job = newJob();
    String words = "tyres <" + System.nanoTime() + ">";
    way(job, "way-words", words, "way-watts", "12", "way-price", "60", "kmh", "80", "kg", "750")
        .andExpect(status().is3xxRedirection())
        .andExpect(redirectedUrlPattern("/vehicles/*/drag?kmh=80&kg=750*"));
    Document drag = page(job, "kmh", "80", "kg", "750");
    assertThat(drag.text()).contains(words + ": 5 for a watt");
    String id =
        drag.select("li").stream()
            .filter(l -> l.text().contains(words))
            .map(l -> l.select("button[name=remove]").attr("value"))
            .findFirst()
            .orElseThrow();
    way(job, "remove", id).andExpect(status().is3xxRedirection());
    assertThat(page(job).text()).doesNotContain(words);
  }

  @Test
  void whatIsMissingOfAWayIsAskedFor() throws Exception {
    way(newJob(), "way-watts", "none", "kmh", "80", "kg", "750")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Write what it is")))
        .andExpect(content().string(containsString("Not a value of this.")))
        .andExpect(content().string(containsString("W in all")));
  }

  private ResultActions way(Job job, String... fields) throws Exception {
    MockHttpServletRequestBuilder request =
        post("/vehicles/{id}/drag/ways", job.getVehicle().getId()).with(as("tuva")).with(csrf());
    for (int i = 0; i < fields.length; i += 2) {
      request.param(fields[i], fields[i + 1]);
    }
    return mvc.perform(request);
  }
}
