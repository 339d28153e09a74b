package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import unbo.core.measure.Measured;

class NoteTextTest {

  private static final NoteText PLAY =
      NoteText.of("end play ").fine(0.31).words(" → ").measured(new Measured(0.06, 0.015)).unit();

  /** 0.31 mm is 0.0122 in, 0.06 mm 0.0024 in, 0.015 mm 0.0006 in (1 in = 25.4 mm exactly). */
  @Test
  void lengthsAreNumbersUntilTheyAreWritten() {
    assertThat(PLAY.text(false)).isEqualTo("end play 0.310 → 0.060 ± 0.015 mm");
    assertThat(PLAY.text(true)).isEqualTo("end play 0.0122 → 0.0024 ± 0.0006 in");
  }

  /** A number in words is nobody's length: grams and newtons stay in inches too. */
  @Test
  void whatIsNoLengthStays() {
    NoteText grease = NoteText.of("grease 3.8 + 2.1 g");
    assertThat(grease.text(true)).isEqualTo(grease.text(false));
    assertThat(NoteText.of("lift ").size(4).unit().text(true)).isEqualTo("lift 0.157 in");
  }
}
