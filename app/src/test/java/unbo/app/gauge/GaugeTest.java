package unbo.app.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.MvcResult;
import unbo.app.PageTest;

class GaugeTest extends PageTest {

  @Autowired private GaugeHub hub;

  private String stream(String person, String known) throws Exception {
    MvcResult started =
        mvc.perform(get("/gauge/stream").header("Last-Event-ID", known).with(as(person)))
            .andExpect(status().isOk())
            .andReturn();
    return started.getResponse().getContentAsString();
  }

  /** A page that was away asks for what it missed and gets just that. */
  @Test
  void whatWasMissedComesAfterwards() throws Exception {
    GaugeReading known = hub.publish("ilse", "dial", "0.310", "mm");
    hub.publish("ilse", "dial", "0.300", "mm");
    hub.publish("joren", "dial", "9.999", "mm");
    String came = stream("ilse", String.valueOf(known.number()));
    assertThat(came).contains("event:reading", "dial|0.300|mm").doesNotContain("0.310", "9.999");
    assertThat(stream("ilse", "0")).as("a new page starts with what comes next").isEmpty();
    assertThat(stream("ilse", "nonsense")).isEmpty();
  }

  @Test
  void thePanelReadsWithNoiseAndSends() throws Exception {
    MockHttpSession session = new MockHttpSession();
    mvc.perform(get("/gauge").param("kind", "caliper").session(session).with(as("tuva")))
        .andExpect(status().isOk());
    String reading =
        mvc.perform(
                post("/gauge/readings")
                    .param("truth", "25,00")
                    .session(session)
                    .with(as("tuva"))
                    .with(csrf()))
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(Double.parseDouble(reading.replace(" mm", ""))).isBetween(24.9, 25.1);
    mvc.perform(
            post("/gauge/readings")
                .param("truth", "long")
                .session(session)
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().isUnprocessableEntity());
    mvc.perform(post("/gauge/readings").param("truth", "1").with(as("tuva")).with(csrf()))
        .andExpect(status().isConflict());
  }

  @Test
  void practiceHidesAndReveals() throws Exception {
    MockHttpSession session = new MockHttpSession();
    mvc.perform(get("/gauge").param("practice", "true").session(session).with(as("tuva")));
    mvc.perform(post("/gauge/reveal").session(session).with(as("tuva")).with(csrf()))
        .andExpect(content().string(containsString("Type what you think it is")));
    mvc.perform(
            post("/gauge/reveal")
                .param("guess", "0.2")
                .param("uncertainty", "1")
                .session(session)
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(content().string(containsString("Inside what you said.")));
  }
}
