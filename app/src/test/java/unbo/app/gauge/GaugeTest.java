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
        .andExpect(content().string(containsString("Enter your value first")));
    mvc.perform(
            post("/gauge/reveal")
                .param("guess", "0.2")
                .param("uncertainty", "1")
                .session(session)
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(content().string(containsString("Within your uncertainty.")));
  }

  @Test
  void whoSendsNothingAndHasNoPageOpenIsForgotten() {
    java.time.Instant noon = java.time.Instant.parse("2026-01-01T12:00:00Z");
    GaugeChannel channel = new GaugeChannel(Runnable::run);
    assertThat(channel.isIdleSince(noon)).as("nothing ever came").isTrue();
    channel.publish("dial", "0.1", "mm", noon);
    assertThat(channel.isIdleSince(noon)).isFalse();
    assertThat(channel.isIdleSince(noon.plusSeconds(1))).isTrue();
    channel.listen(0);
    assertThat(channel.isIdleSince(noon.plusSeconds(1))).as("a page is open").isFalse();
  }

  /** A page that takes nothing blocks its own sender; the reading is out for everybody else. */
  @Test
  void aStalledPageHoldsUpNobodyAndIsLetGo() throws Exception {
    java.util.concurrent.CountDownLatch stalled = new java.util.concurrent.CountDownLatch(1);
    java.util.List<ListeningPage> gone = new java.util.concurrent.CopyOnWriteArrayList<>();
    java.util.concurrent.ExecutorService senders =
        java.util.concurrent.Executors.newCachedThreadPool();
    try {
      ListeningPage page =
          new ListeningPage(
              new org.springframework.web.servlet.mvc.method.annotation.SseEmitter() {
                @Override
                public void send(SseEventBuilder event) {
                  try {
                    stalled.await();
                  } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                  }
                }
              },
              senders,
              gone::add);
      for (int i = 0; i < 102; i++) {
        page.send(ListeningPage.event(new GaugeReading(i, "dial", "0.1", "mm")));
      }
      assertThat(gone).isNotEmpty();
    } finally {
      stalled.countDown();
      senders.shutdownNow();
    }
  }

  @Test
  void peopleWhoAreNobodyTakeNoMemory() throws Exception {
    int before = hub.channels();
    for (int i = 0; i < 20; i++) {
      mvc.perform(
              post("/api/v1/gauge-readings")
                  .contentType("application/json")
                  .content("{\"gauge\":\"dial\",\"value\":1,\"person\":\"invented" + i + "\"}"))
          .andExpect(status().isUnprocessableEntity());
    }
    assertThat(hub.channels()).isEqualTo(before);
  }
}
