package unbo.app.booking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import unbo.app.PageTest;
import unbo.app.job.Job;

class BookPageTest extends PageTest {

  @Test
  void theSheetCarriesSectionNumbersReadingsAndSignatures() throws Exception {
    mvc.perform(get("/jobs/{id}/sheet", closedDemoJob().getId()).with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(
            content()
                .string(
                    containsString(
                        "End play 0.083 ± 0.015 mm (95 %): within limits, 0.03 to 0.13 mm.")))
        .andExpect(content().string(containsString("0.33")))
        .andExpect(content().string(containsString("cone 30206")))
        .andExpect(content().string(containsString("or after 500 km".substring(3))))
        .andExpect(content().string(containsString("Joren Maak")))
        .andExpect(content().string(containsString("instructions and local law come first")));
  }

  @Test
  void aJobThatIsNotProvedCannotBeClosed() throws Exception {
    Job job = newJob();
    mvc.perform(
            post("/jobs/{id}/book", job.getId())
                .param("revision", "0")
                .with(as("ilse"))
                .with(csrf()))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("The job was not closed")));
    assertThat(reload(job).isClosed()).isFalse();
  }

  @Test
  void aClosedJobIsNotChangedAnyMore() throws Exception {
    Job closed = closedDemoJob();
    mvc.perform(
            post("/jobs/{id}/stations/listen/note", closed.getId())
                .param("revision", "1")
                .param("note", "late")
                .with(as("ilse"))
                .with(csrf()))
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString("is closed")));
  }
}
