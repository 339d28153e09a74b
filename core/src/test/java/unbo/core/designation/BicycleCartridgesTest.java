package unbo.core.designation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.catalogue.Bearing;

/**
 * What turns in bicycles, open and closed, by sizes that were written down apart from the tables.
 */
class BicycleCartridgesTest {

  private static Bearing read(String text) {
    return DesignationReader.standard().read(text).readings().get(0).bearing();
  }

  @ParameterizedTest
  @CsvFileSource(resources = "/unbo/core/designation/bicycle-cartridges.csv", numLinesToSkip = 1)
  void haveTheSizesOfTheTrade(
      String number, double bore, double outside, double width, double closed) {
    assertThat(sizes(read(number))).as(number).containsExactly(bore, outside, width);
    assertThat(sizes(read(number + "-2RS"))).as("closed").containsExactly(bore, outside, closed);
  }

  /** Letters of the closure and a grease code change no size. */
  @ParameterizedTest
  @CsvSource({
    "6902-2RS1, 15, 28, 7",
    "6902LLU/5K, 15, 28, 7",
    "MR 163110 2RS, 16, 31, 10",
    "173110-2RS MAX, 17, 31, 10",
    "6001 LLB, 12, 28, 8"
  })
  void withTheirLetters(String text, double bore, double outside, double width) {
    assertThat(sizes(read(text))).containsExactly(bore, outside, width);
  }

  private static double[] sizes(Bearing bearing) {
    return new double[] {bearing.boreMm(), bearing.outerMm(), bearing.widthMm()};
  }
}
