package unbo.app.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import unbo.app.job.Job;

/** Shims by depths, out of the stock and the workshop’s boxes. */
class ShimPageTest extends SetPressing {

  @Autowired private ShimBoxes boxes;

  /**
   * A box of the workshop: filled, chosen, booked out of; what is gone is gone until it is undone.
   */
  @Test
  void shimsAreBookedOutOfTheirBox() throws Exception {
    Job job = newJobOn("a10");
    String box = "test box " + job.getNumber();
    press(job, "/shim-box", "shim-box", box, "shim-stock", "0.10 x 4; 0.30 x 2")
        .andExpect(status().is3xxRedirection());
    String[] depths = {
      "depth-1",
      "42.40 42.40",
      "depth-1-sign",
      "more",
      "depth-2",
      "42.00 42.00",
      "depth-2-sign",
      "less",
      "shim-gauge",
      "micrometer",
      "shim-box",
      box
    };
    press(job, "/preview", depths).andExpect(content().string(containsString("Put in 1 × 0.3 mm")));
    press(job, "/preview", depths).andExpect(content().string(containsString("depth 1 42.400 mm")));
    press(job, "/shim-booked", depths).andExpect(status().is3xxRedirection());
    assertThat(stock(box)).isEqualTo("0.1 x 3; 0.3 x 1");
    String[] twice = java.util.Arrays.copyOf(depths, depths.length + 2);
    twice[depths.length] = "shim-stock";
    twice[depths.length + 1] = "0.20 x 2";
    press(job, "/shim-booked", twice)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("That box has not got these shims.")));
    assertThat(stock(box)).isEqualTo("0.1 x 3; 0.3 x 1");
    long last = jobs.lastChange(reload(job)).orElseThrow().getEventId();
    jobs.takeBack(job.getId(), last, "Tuva", true).orElseThrow();
    assertThat(stock(box)).isEqualTo("0.1 x 4; 0.3 x 2");
    press(job, "/shim-booked", "shim-box", "no such box")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Choose the box that they come from.")));
    press(job, "/shim-box", "shim-box", box, "shim-stock", "many")
        .andExpect(status().isUnprocessableEntity());
  }

  private String stock(String box) {
    return boxes.all().stream()
        .filter(b -> b.name().equals(box))
        .map(ShimBoxes.Stocked::stock)
        .findFirst()
        .orElseThrow();
  }

  /** Readings of one depth that disagree by more than their gauge are asked about. */
  @Test
  void aSlipInADepthIsAskedAbout() throws Exception {
    press(
            newJobOn("a10"),
            "/preview",
            "depth-1",
            "42.40 42.90",
            "depth-1-sign",
            "more",
            "depth-2",
            "42.00 42.00",
            "depth-2-sign",
            "less",
            "shim-gauge",
            "micrometer")
        .andExpect(content().string(containsString("A burr, or a slip?")));
  }

  private static final String[] DEPTHS = {
    "depth-1", "52.30 52.32", "depth-1-sign", "more", "depth-1-label", "case",
    "depth-2", "51.80", "depth-2-sign", "less", "depth-2-label", "shaft",
    "shim-gauge", "micrometer", "shim-stock", "0.10 x 3; 0.30; 0.05 x 2"
  };

  /** 52.31 − 51.80 is 0.51: 0.30 + 2 × 0.10 lies 10 µm under it. */
  @Test
  void theShimIsFoundInTheStock() throws Exception {
    Job job = newJobOn("a10");
    press(job, "/preview", DEPTHS)
        .andExpect(content().string(containsString("Shim needed:")))
        .andExpect(content().string(containsString("1 × 0.3 mm + 2 × 0.1 mm = 0.500 mm")))
        .andExpect(content().string(containsString("the thin ones inside")))
        .andExpect(content().string(containsString("s = + t1 − t2 + w")));
    press(job, "", DEPTHS).andExpect(status().is3xxRedirection());
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "set").with(as("tuva")))
        .andExpect(content().string(containsString("value=\"52.30 52.32\"")));
  }

  /** What is wrong with a depth, a sign or the stock stands at its field. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "depth-1-sign||Its sign is left out",
        "depth-1|deep|“deep”",
        "depth-1|9000|Enter up to 2000 mm",
        "shim-stock|many|Write 0.10 x 4",
        "shim-wanted|0.1|Empty one of the two",
        "shim-play|9|Enter 0 to 5 mm."
      })
  void aWrongShimFieldIsAnswered(String field, String text, String says) throws Exception {
    java.util.Map<String, String> fields = new java.util.LinkedHashMap<>();
    for (int i = 0; i < DEPTHS.length; i += 2) {
      fields.put(DEPTHS[i], DEPTHS[i + 1]);
    }
    fields.put("shim-play", field.equals("shim-wanted") ? "0.2" : "");
    fields.put(field, text == null ? "" : text);
    String[] flat =
        fields.entrySet().stream()
            .flatMap(e -> java.util.stream.Stream.of(e.getKey(), e.getValue()))
            .toArray(String[]::new);
    press(newJobOn("a10"), "", flat)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString(says)));
  }
}
