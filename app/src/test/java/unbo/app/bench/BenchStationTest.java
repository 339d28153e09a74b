package unbo.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.job.Station;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;

/** Every station without a job; what is typed stands in the address and can go into a job. */
class BenchStationTest extends PageTest {

  private String page(String address, String... fields) throws Exception {
    var request = get(address);
    for (int i = 0; i < fields.length; i += 2) {
      request.param(fields[i], fields[i + 1]);
    }
    return mvc.perform(request.with(as("tuva")))
        .andExpect(status().isOk())
        .andReturn()
        .getResponse()
        .getContentAsString(StandardCharsets.UTF_8);
  }

  @ParameterizedTest
  @EnumSource(Station.class)
  void everyStationOpensForEveryArrangement(Station station) throws Exception {
    for (Arrangement arrangement : Arrangements.standard().all()) {
      String html = page("/bench/" + arrangement.id() + "/" + station.id());
      assertThat(html).as(arrangement.id()).contains("<h2>" + station.title() + "</h2>");
      assertThat(Jsoup.parse(html).select("#worksheet [name=_csrf]"))
          .as("no token goes into an address")
          .isEmpty();
    }
  }

  @Test
  void whatIsTypedIsWorkedOutAndDrawn() throws Exception {
    String packed = page("/bench/a1/pack", "duty", "general", "inboard", "30206");
    assertThat(packed).contains("grease 3.8 + ").contains("name=\"inboard\" value=\"30206\"");
    String set =
        page(
            "/bench/a1/set",
            "first",
            "0.31",
            "first",
            "0.30",
            "first",
            "0.32",
            "thread",
            "M18x1.5",
            "slots",
            "6",
            "lines",
            "2");
    assertThat(set).contains("Two holes tighter").doesNotContain("name=\"do\"");
    String torque =
        page(
            "/bench/a1/set",
            "school",
            "SLIGHT_PRELOAD",
            "force",
            "6",
            "radius",
            "290",
            "limit",
            "2.5");
    assertThat(torque).contains("Turning torque 1.74 ± 0.06 Nm");
    String proved =
        page(
            "/bench/a1/prove",
            "before-rock",
            "1.9",
            "before-rock-second",
            "290",
            "after-rock",
            "0.4",
            "after-rock-second",
            "290");
    assertThat(proved).contains("<b>Better</b>").doesNotContain("Release checks");
  }

  @Test
  void aNumberThatIsUsedStandsInTheAddress() throws Exception {
    mvc.perform(
            get("/bench/a1/name")
                .param("take", "32206")
                .param("part", "inboard-cone")
                .param("text", "32206 J2")
                .with(as("tuva")))
        .andExpect(redirectedUrl("/bench/a1/name?inboard=32206&part=inboard-cone"));
  }

  /** The fields go into the job's own sheet, unsaved; saving there is somebody's own press. */
  @Test
  void aResultGoesIntoAJob() throws Exception {
    Job job = newJobOn("a10");
    assertThat(page("/bench/a10/set", "shim-readings", "0.05"))
        .contains("formaction=\"/jobs/" + job.getId() + "/set\"");
    mvc.perform(get("/jobs/{id}/set", job.getId()).param("shim-readings", "0.05").with(as("tuva")))
        .andExpect(content().string(containsString("value=\"0.05\"")))
        .andExpect(content().string(containsString("Save result")));
    assertThat(reload(job).work().mark(Station.SET)).isEmpty();
  }

  @Test
  void nonsenseIsAnswered() throws Exception {
    mvc.perform(get("/bench/a19/pack").with(as("tuva"))).andExpect(status().isNotFound());
    mvc.perform(get("/bench/a1/paint").with(as("tuva"))).andExpect(status().isNotFound());
    mvc.perform(get("/bench/a1/name").param("take", "x").param("part", "y").with(as("tuva")))
        .andExpect(status().isNotFound());
    mvc.perform(get("/bench/a1/pack").param("duty", "<b>").with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(content().string(not(containsString("<b>\""))));
  }
}
