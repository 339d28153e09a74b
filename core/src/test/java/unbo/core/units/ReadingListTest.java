package unbo.core.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class ReadingListTest {

  private static ReadingList read(String text) {
    return ReadingList.parse(
        text,
        12,
        t -> LengthEntry.parse(t, LengthEntry.Unit.MILLIMETRE).map(v -> v.length().millimetres()));
  }

  @Test
  void blanksLinesAndMarksSeparate() {
    assertThat(read("0.31 0,30  .32").values()).containsExactly(0.31, 0.30, 0.32);
    assertThat(read("0.31\n0.30\r\n0.32").values()).hasSize(3);
    assertThat(read("0.31; 0.30 | 0.32").values()).hasSize(3);
    assertThat(read("-0.02 −0.01").values()).containsExactly(-0.02, -0.01);
    assertThat(read("").values()).isEmpty();
    assertThat(read(null).typed()).isEmpty();
  }

  @Test
  void aUnitStaysWithItsNumber() {
    assertThat(read("12 thou 0.31 mm 310 µm").typed())
        .isEqualTo(List.of("12 thou", "0.31 mm", "310 µm"));
    assertThat(read("12 thou 13 thou").values().get(1)).isEqualTo(13 * 0.0254);
  }

  /** Two readings taken for one, or one for two, would be a wrong figure: it is one, or refused. */
  @Test
  void aWholeNumberBelongsToItsFraction() {
    assertThat(read("1 5/16").values()).containsExactly(25.4 * 21 / 16);
    assertThat(read("3/8 5/16").problem()).isPresent();
    assertThat(read("3/8; 5/16").values()).hasSize(2);
  }

  @Test
  void whatIsNoReadingIsNamed() {
    assertThat(read("0.31 loose 0.30").problem().orElseThrow().found()).contains("loose");
    assertThat(read("1 ".repeat(13)).problem().orElseThrow().wrong()).contains("Too many");
  }
}
