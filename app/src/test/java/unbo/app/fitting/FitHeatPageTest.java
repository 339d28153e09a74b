package unbo.app.fitting;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import unbo.app.job.Job;

/** Heat and sleeves that bring a ring on its seat. */
class FitHeatPageTest extends FitTest {

  /** What the last attempt taught stands in the next plan. */
  @Test
  void anAttemptWithHeatIsKept() throws Exception {
    Job job = newJobOn("a4");
    press(job, "", "place", "left", "shaft-zone", "n6", "housing-zone", "H7", "laid-gloves", "yes")
        .andExpect(status().is3xxRedirection());
    press(job, "/tried", "place", "left", "tried-came", "half-way")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Enter what the probe read")));
    press(job, "/tried", "place", "left", "tried-heated", "60", "tried-came", "half-way")
        .andExpect(status().is3xxRedirection());
    page(job)
        .andExpect(content().string(containsString("Last time, at 60 °C, it gripped half way")))
        .andExpect(content().string(containsString("name=\"laid-gloves\" checked")));
  }

  /** 6204 by its counted balls: 33.5 mm pitch, 7.938 mm balls; the sleeve meets one ring only. */
  @Test
  void theSleeveTouchesTheTightRingAlone() throws Exception {
    Job job = newJobOn("a4");
    press(job, "/preview", "place", "left", "shaft-zone", "n6", "housing-zone", "G7")
        .andExpect(content().string(containsString("Inner ring: a sleeve over 21.")))
        .andExpect(content().string(not(containsString("Outer ring: a sleeve"))))
        .andExpect(content().string(not(containsString("pushes both faces"))));
    press(job, "/preview", "place", "left", "shaft-zone", "n6", "housing-zone", "P7")
        .andExpect(content().string(containsString("pushes both faces at once")));
  }

  @Test
  void aSlugIsHotterThanItsRing() throws Exception {
    Job job = newJobOn("a4");
    String[] fit = {"place", "left", "shaft-zone", "n6", "housing-zone", "H7", "slug", "400"};
    press(job, "/preview", fit)
        .andExpect(content().string(containsString("The slug goes in at")))
        .andExpect(content().string(containsString("Conservation of heat")));
    fit[7] = "1 g";
    press(job, "/preview", fit).andExpect(content().string(containsString("Too light")));
  }

  /** A wheel hub with a spacer tube is cast of light alloy unless somebody says otherwise. */
  @Test
  void theUsualHousingIsTaken() throws Exception {
    press(newJobOn("a4"), "/preview", "place", "left", "shaft-zone", "g6", "housing-zone", "P7")
        .andExpect(content().string(containsString("The light alloy lets the outer ring go at")))
        .andExpect(content().string(containsString("The case warms: likely gone at")));
    press(
            newJobOn("a4"),
            "/preview",
            "place",
            "left",
            "shaft-zone",
            "g6",
            "housing-zone",
            "P7",
            "housing-material",
            "steel")
        .andExpect(content().string(not(containsString("The case warms"))));
  }

  @Test
  void heatKeepsToTheLimitByConstruction() throws Exception {
    Job job = newJobOn("a4");
    press(
            job,
            "/preview",
            "place",
            "left",
            "shaft-zone",
            "j6",
            "housing-zone",
            "H7",
            "built",
            "open")
        .andExpect(content().string(containsString("never over 120 °C")))
        .andExpect(content().string(containsString("data-timer-seconds")));
    press(job, "/preview", "place", "left", "shaft-zone", "n6", "housing-zone", "H7")
        .andExpect(content().string(containsString("would have to be at")))
        .andExpect(content().string(containsString("never over 100 °C")));
  }
}
