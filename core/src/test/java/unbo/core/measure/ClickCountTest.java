package unbo.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.measure.ClickCount.Beat;

class ClickCountTest {

  @ParameterizedTest
  @CsvSource({
    "10,10,36,24,ONCE",
    "11,10,36,12,ONCE",
    "20,10,36,12,TWICE",
    "30,10,36,12,WHEEL",
    "15,10,36,24,WHEEL",
    "10,10,32,32,CANNOT_TELL",
    "20,10,48,24,CANNOT_TELL",
    "5,10,36,12,NONE"
  })
  void tellsTheBeat(int clicks, int turns, int ring, int sprocket, Beat beat) {
    assertThat(ClickCount.of(clicks, turns, ring, sprocket).beat()).isEqualTo(beat);
  }

  /** Law: counting over more turns never makes an exact count less certain. */
  @Test
  void moreTurnsTellMore() {
    double before = Double.MAX_VALUE;
    for (int turns = 5; turns <= 100; turns += 5) {
      ClickCount count = ClickCount.of(turns, turns, 40, 16);
      assertThat(count.perTurn().uncertainty()).isLessThan(before);
      assertThat(count.beat()).isEqualTo(Beat.ONCE);
      before = count.perTurn().uncertainty();
    }
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatThrownBy(() -> ClickCount.of(5, 4, 36, 12))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> ClickCount.of(-1, 10, 36, 12))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> ClickCount.of(5, 10, 3, 12))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
