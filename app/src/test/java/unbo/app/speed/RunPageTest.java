package unbo.app.speed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;

/** Test runs written down and compared, and a bearing at speed. */
class RunPageTest extends PageTest {

  @Autowired private BearingRunRepository runs;

  private ResultActions add(
      String series, String rpm, String oil, String level, String air, String samples)
      throws Exception {
    return mvc.perform(
        post("/runs")
            .with(as("tuva"))
            .with(csrf())
            .param("series", series)
            .param("rpm", rpm)
            .param("oil", oil)
            .param("level", level)
            .param("air", air)
            .param("samples", samples));
  }

  /** Nine runs over two speeds and two levels; the thin oil is 6 °C cooler, told from nine on. */
  @Test
  void nineRunsTellThreeThingsApart() throws Exception {
    String series = "stand <" + System.nanoTime() + ">";
    int count = 0;
    for (int rpm : new int[] {1000, 2000, 3000}) {
      for (int level : new int[] {2, 5}) {
        for (String oil : List.of("thick", "thin")) {
          int rise = 5 + 8 * rpm / 1000 + 2 * level - (oil.equals("thin") ? 6 : 0);
          String samples = "0 20; 30 " + (20 + rise) + "; 40 " + (20 + rise);
          add(series, "" + rpm, oil, "" + level, "20", samples)
              .andExpect(status().is3xxRedirection());
          count++;
          mvc.perform(get("/runs").param("series", series).with(as("joren")))
              .andExpect(
                  content()
                      .string(
                          count >= 9
                              ? containsString("keeps it cooler")
                              : containsString("not told yet")));
        }
      }
    }
    mvc.perform(get("/runs").param("series", series).with(as("joren")))
        .andExpect(content().string(containsString("−6.0")))
        .andExpect(content().string(containsString("“thin” for “thick”")))
        .andExpect(content().string(not(containsString("stand <"))));
    BearingRun last = runs.findTop200BySeriesOrderByIdDesc(series).get(0);
    mvc.perform(post("/runs/{id}/remove", last.getId()).with(as("joren")).with(csrf()))
        .andExpect(status().is3xxRedirection());
    assertThat(runs.findTop200BySeriesOrderByIdDesc(series)).hasSize(11);
    runs.deleteAll(runs.findTop200BySeriesOrderByIdDesc(series));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "|3000|thin|2|20|0 20|No name.",
        "own|fast|thin|2|20|0 20|Not a value of this.",
        "own|3000||2|20|0 20|No name.",
        "own|3000|thin||20|0 20|Enter what it was.",
        "own|3000|thin|2|20|warm|the minutes rising",
        "own|3000|thin|2|20|10 40; 5 30|the minutes rising",
        "own|3000|thin|2|20|10 40 50|the minutes rising"
      })
  void badInputIsAnsweredAtItsField(
      String series, String rpm, String oil, String level, String air, String samples, String said)
      throws Exception {
    add(text(series), text(rpm), text(oil), text(level), text(air), text(samples))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString(said)));
  }

  private static String text(String typed) {
    return typed == null ? "" : typed;
  }

  @Test
  void aBearingAtSpeedSaysWhatGoverns() throws Exception {
    mvc.perform(get("/bench/speed?bearing=6205&rpm=20000&load=500&ndm=500000").with(as("tuva")))
        .andExpect(content().string(containsString("Speed number governs, and is past its limit.")))
        .andExpect(content().string(containsString("770,000")))
        .andExpect(content().string(containsString("Clearance left, running")));
    mvc.perform(get("/bench/speed?bearing=6205&rpm=0").with(as("tuva")))
        .andExpect(content().string(containsString("Enter 1 to 60000.")));
    mvc.perform(get("/bench/speed?bearing=xyz&rpm=3000").with(as("tuva")))
        .andExpect(content().string(containsString("No number that is read here.")));
    for (String none : List.of("GE15ES", "51105", "AXK2542", "UC205")) {
      mvc.perform(get("/bench/speed").param("bearing", none).param("rpm", "3000").with(as("tuva")))
          .andExpect(status().isOk())
          .andExpect(content().string(containsString("No factors of drag are known here")));
    }
    for (String some : List.of("30206", "NU205", "HK1612", "1205", "7205B", "DAC35720033")) {
      mvc.perform(get("/bench/speed").param("bearing", some).param("rpm", "3000").with(as("tuva")))
          .andExpect(status().isOk())
          .andExpect(content().string(containsString("governs")));
    }
  }

  /** More oil, and thicker, is warmer: the sliders are heard. */
  @Test
  void theSlidersAreHeard() throws Exception {
    mvc.perform(
            get("/bench/speed?bearing=6205&rpm=8000&load=300&by=oil&thick=10&level=100")
                .with(as("tuva")))
        .andExpect(content().string(containsString("ISO VG 460")))
        .andExpect(content().string(containsString("Full, or flushed")));
    mvc.perform(
            get("/bench/speed?bearing=6205&rpm=8000&load=300&by=oil&thick=junk&level=-4")
                .with(as("tuva")))
        .andExpect(content().string(containsString("ISO VG 68")))
        .andExpect(content().string(containsString("To the middle of the lowest element")));
  }
}
