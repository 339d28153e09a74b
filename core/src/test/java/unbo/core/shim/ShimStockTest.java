package unbo.core.shim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ShimStockTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "0.10 x 4; 0.15 x 2| 0.1 x 4; 0.15 x 2",
        "0,10×4;0.1| 0.1 x 5",
        "0.3| 0.3 x 1",
      })
  void isReadAsItIsWritten(String typed, String text) {
    assertThat(ShimStock.parse(typed).value().orElseThrow().text()).isEqualTo(text);
  }

  @ParameterizedTest
  @ValueSource(strings = {"0.1 x", "0 x 2", "thin", "0.1 x 0", "0.1 x 2 x 3", "30 x 1"})
  void whatIsNoShimIsRefused(String typed) {
    assertThat(ShimStock.parse(typed).isRefused()).isTrue();
    assertThat(ShimStock.parse(typed).problem().orElseThrow().remedy()).startsWith("Write ");
  }

  /** What goes in is gone; what is not there cannot be taken. */
  @Test
  void takingLeavesTheRest() {
    ShimStock stock = ShimStock.parse("0.10 x 4; 0.15 x 2").value().orElseThrow();
    ShimStack stack =
        new ShimStack(List.of(new ShimStack.Shims(0.15, 2), new ShimStack.Shims(0.1, 1)), 0.4);
    assertThat(stock.without(stack).text()).isEqualTo("0.1 x 3");
    assertThatThrownBy(() -> stock.without(stack).without(stack))
        .isInstanceOf(IllegalArgumentException.class);
    assertThat(ShimStock.parse(" ").isEmpty()).isTrue();
  }

  /** A box that was counted too low has nothing left, not less than nothing. */
  @Test
  void whatWasNotThereIsNotMissed() {
    ShimStock stock = ShimStock.parse("0.10 x 4; 0.15 x 2").value().orElseThrow();
    ShimStock taken = ShimStock.parse("0.10 x 1; 0.15 x 3; 0.5").value().orElseThrow();
    assertThat(stock.less(taken).text()).isEqualTo("0.1 x 3");
  }
}
