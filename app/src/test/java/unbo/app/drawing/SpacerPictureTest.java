package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpacerPictureTest {

  /** Clamped, the spacer fills what is between the inner rings, whichever way they went. */
  @ParameterizedTest
  @CsvSource({"-0.2, short", "0, meets", "0.2, long"})
  void theSpacerFillsTheGap(double off, String says) {
    SpacerPicture.Home driven = SpacerPicture.of(off).homes().get(0);
    double between = driven.inners().get(1) - (driven.inners().get(0) + 22);
    assertThat(driven.spacerWide()).isEqualTo(between);
    assertThat(driven.caption()).contains(says);
    double outers = driven.outers().get(1) - (driven.outers().get(0) + 22);
    assertThat(Double.compare(between, outers)).isEqualTo((int) Math.signum(off));
  }

  /** Seated to the spacer alone, both rings of the second bearing stand where it ends. */
  @ParameterizedTest
  @CsvSource({"0.2, before its shoulder", "-0.2, too early"})
  void theSecondStandsWhereItIsStopped(double off, String says) {
    SpacerPicture.Home seated = SpacerPicture.of(off).homes().get(1);
    assertThat(seated.inners()).isEqualTo(seated.outers());
    assertThat(seated.caption()).contains(says);
  }
}
