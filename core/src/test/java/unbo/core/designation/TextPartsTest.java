package unbo.core.designation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How many numbers stand in one text: two bearings are two, a date behind one is none. */
class TextPartsTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "30206/30204; 30206|30204",
        "6305/6304; 6305|6304",
        "6202 6202; 6202|6202",
        "6301-2RS C3 - 6201-2RS C3; 6301-2RS C3|6201-2RS C3",
        "6205 RS left 6206 RS right; 6205 RS left|6206 RS right",
        "6000 6001 6002; 6000|6001|6002",
        "6205 2305; 6205 2305",
        "6205 1226; 6205 1226",
        "6203/17; 6203/17",
        "39580/39520; 39580/39520",
        "6205 30206; 6205 30206",
        "LM67048 LM67010; LM67048 LM67010",
        "LM 67048 / LM 67010; LM 67048 / LM 67010",
        "L44649 / 44610; L44649 / 44610",
        "6205 / 2RS / C3; 6205 / 2RS / C3",
        "6205 / 2 pcs; 6205 / 2 pcs",
        "6205 / 6206; 6205|/ 6206"
      })
  void areAsManyAsBearings(String text, String parts) {
    List<ReadingReport.Item> items = DesignationReader.standard().read(text).items();
    assertThat(items).extracting(ReadingReport.Item::text).containsExactly(parts.split("\\|"));
    for (ReadingReport.Item item : items) {
      assertThat(text.substring(item.start(), item.end())).isEqualTo(item.text());
    }
  }
}
