package unbo.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ExpressionTest {

  private static final Map<String, Double> SIZES = Map.of("hub.seal-seat", 38.0, "part.width", 8.0);

  private static double value(String text) {
    return new ExpressionParser(text, n -> n.contains(".") ? n : "part." + n, n -> {})
        .parse()
        .value(SIZES::get);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1 + 2 * 3 | 7",
        "(1 + 2) * 3 | 9",
        "10 - 2 - 3 | 5",
        "8 / 2 / 2 | 2",
        "-width + 1 | -7",
        "hub.seal-seat - width | 30",
        "hub.seal-seat / 2 | 19",
        "max(1, width, 3) | 8",
        "min(1, width) | 1",
        "if(width > 7, 1, 2) | 1",
        "if(width <= 7 or hub.seal-seat >= 38, 1, 2) | 1",
        "width > 7 and width < 8 | 0",
        "round(2.6) + floor(2.6) + abs(-2) | 7",
        "sqrt(16) + tan(45) | 5",
      })
  void readsAsOnPaper(String text, double expected) {
    assertThat(value(text)).isCloseTo(expected, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(strings = {"1 +", "(1", "1 2", "cosine(1)", "* 3", "", "if(1, 2)"})
  void saysWhereItCannotBeRead(String text) {
    assertThatThrownBy(() -> value(text))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("of “" + text);
  }

  @Test
  void tellsEveryNameThatItUses() {
    List<String> used = new ArrayList<>();
    new ExpressionParser("a.b + max(c.d, 2)", n -> n, used::add).parse();
    assertThat(used).containsExactly("a.b", "c.d");
  }

  @Test
  void aSizeThatDoesNotExistIsRefused() {
    Assembly assembly = Assembly.assumed(Arrangements.of("a1"));
    assertThatThrownBy(() -> assembly.valueOf("hub.nonsense")).hasMessageContaining("no size");
    assertThatThrownBy(() -> assembly.valueOf("nowhere.width")).hasMessageContaining("no size");
    assertThatThrownBy(() -> assembly.valueOf("inboard.colour")).hasMessageContaining("colour");
  }
}
