package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.cookie;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import jakarta.servlet.http.Cookie;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.app.PageTest;
import unbo.app.job.Job;

class ViewPageTest extends PageTest {

  private static final Cookie INCH = new Cookie("units", "inch");

  /** The page turns, the record does not: what is stored and what was typed stay as they are. */
  @Test
  void inchesAreShownAndNothingStoredChanges() throws Exception {
    Job job = newJob();
    mvc.perform(
            post("/jobs/{id}/parts/hub", job.getId())
                .param("revision", "0")
                .param("state", "KEEP")
                .param("hub.shoulder-distance", "34")
                .with(as("joren"))
                .with(csrf()))
        .andExpect(status().is3xxRedirection());
    mvc.perform(
            get("/jobs/{id}", job.getId())
                .param("at", "part")
                .param("part", "hub")
                .cookie(INCH)
                .with(as("joren")))
        .andExpect(content().string(containsString(">1.339</text>")))
        .andExpect(content().string(containsString(">0.394 in</text>")))
        .andExpect(content().string(not(containsString(">10 mm</text>"))))
        .andExpect(content().string(containsString("value=\"34\"")))
        .andExpect(content().string(containsString("assumed 2.441 in")))
        .andExpect(content().string(not(containsString("assumed 62 mm"))));
    assertThat(reload(job).assembly().valueOf("hub.shoulder-distance")).isEqualTo(34);
  }

  @Test
  void aPersonsOwnWordsStayAsWritten() throws Exception {
    Job job = jobs.openAt(newJob().getVehicle(), "axle-1-left", "rocks 3 mm at the rim", "T");
    mvc.perform(get("/jobs/{id}", job.getId()).cookie(INCH).with(as("joren")))
        .andExpect(content().string(containsString("rocks 3 mm at the rim")));
  }

  @Test
  void theSwitchesKeepACookieAndComeBack() throws Exception {
    mvc.perform(
            post("/view/units").param("to", "inch").param("back", "/jobs/2?at=set").with(csrf()))
        .andExpect(cookie().value("units", "inch"))
        .andExpect(redirectedUrl("/jobs/2?at=set"));
    mvc.perform(post("/view/theme").param("to", "dark").param("back", "/yard").with(csrf()))
        .andExpect(cookie().value("theme", "dark"));
    mvc.perform(get("/yard").cookie(new Cookie("theme", "dark")).with(as("joren")))
        .andExpect(content().string(containsString("data-theme=\"dark\"")));
    mvc.perform(get("/yard").cookie(new Cookie("theme", "\"><script>")).with(as("joren")))
        .andExpect(content().string(not(containsString("data-theme"))));
  }

  /** Only our own pages are come back to. */
  @ParameterizedTest
  @CsvSource({"//elsewhere.example", "https://elsewhere.example", "/\\elsewhere.example", "''"})
  void anotherHostIsNeverGoneTo(String back) throws Exception {
    mvc.perform(post("/view/units").param("to", "mm").param("back", back).with(csrf()))
        .andExpect(redirectedUrl("/yard"));
  }
}
