package unbo.core.tolerance;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;

class CornerRadiusTest {

  private static Bearing bearing(String number) {
    return Catalogue.standard().find(number).orElseThrow();
  }

  /** Least corners of ISO 582 as general tables print them. */
  @ParameterizedTest
  @CsvSource({
    "61804,0.3,0.6", "61902,0.3,0.6", "6000,0.3,0.6", "6003,0.3,0.6", "6004,0.6,1", "6005,0.6,1",
    "6006,1,1.5", "6010,1,1.5", "6200,0.6,1", "6203,0.6,1", "6204,1,1.5", "6206,1,1.5",
    "6207,1.1,2", "6210,1.1,2", "6300,0.6,1", "6301,1,1.5", "6303,1,1.5", "6304,1.1,2",
    "6306,1.1,2", "6307,1.5,2.3", "6309,1.5,2.3"
  })
  void theBandIsOfItsSeriesAndBore(String number, double least, double most) {
    assertThat(CornerRadius.of(bearing(number))).contains(new CornerRadius(least, most));
  }

  /** What is not in the table is not guessed from a neighbour. */
  @ParameterizedTest
  @CsvSource({"608", "6211", "6310", "30206", "NU205", "7205"})
  void anotherBearingHasNone(String number) {
    assertThat(CornerRadius.of(bearing(number))).isEmpty();
  }

  @Test
  void aLandAnywhereInTheBandIsRight() {
    CornerRadius band = CornerRadius.of(bearing("6205")).orElseThrow();
    assertThat(band.holds(1)).isTrue();
    assertThat(band.holds(1.3)).isTrue();
    assertThat(band.holds(0.9)).isFalse();
    assertThat(band.holds(1.6)).isFalse();
  }
}
