package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.fit.Material;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;

/** Pinion, carrier and shaft in its case: sums worked by hand. */
class GearSumsTest {

  private static Measured mm(double value) {
    return new Measured(value, 0.01);
  }

  /** Axis to head 75.30 against 75.05 wanted: 0.25 mm more shim; the same by bore and by bar. */
  @ParameterizedTest
  @CsvSource({"AXIS, 75.30, 0", "BORE, -20.30, 110", "BAR, 60.30, 30"})
  void aPinionComesToItsDistance(PinionDepth.From from, double read, double diameter) {
    PinionDepth depth = PinionDepth.of(from, mm(read), mm(diameter), 75.05, 1.50);
    assertThat(depth.shim().result().value()).isCloseTo(1.75, within(1e-9));
  }

  /** Too near asks for less. */
  @Test
  void aPinionTooFarInWantsLess() {
    assertThat(
            PinionDepth.of(PinionDepth.From.AXIS, mm(75.0), mm(0), 75.1, 1.5)
                .shim()
                .result()
                .value())
        .isCloseTo(1.4, within(1e-9));
    assertThatThrownBy(() -> PinionDepth.of(PinionDepth.From.AXIS, mm(75), mm(0), 0, 1))
        .isInstanceOf(IllegalArgumentException.class);
  }

  /** 0.10 of play and 0.10 of preload: each side 0.10 thicker, then 0.15 across. */
  @Test
  void bothSidesAreSolvedTogether() {
    CarrierSides sides = CarrierSides.of(2.0, 2.2, mm(0.10), 0.10, mm(0.15));
    assertThat(sides.behind().result().value()).isCloseTo(1.95, within(1e-9));
    assertThat(sides.other().result().value()).isCloseTo(2.45, within(1e-9));
  }

  /** The sum of both takes play and preload alone, wherever the gear goes. */
  @Property(tries = 100)
  void theSumSetsThePreload(
      @ForAll @DoubleRange(min = 0, max = 0.5) double play,
      @ForAll @DoubleRange(min = 0, max = 0.3) double preload,
      @ForAll @DoubleRange(min = -0.5, max = 0.5) double away) {
    CarrierSides sides = CarrierSides.of(3, 3, mm(play), preload, mm(away));
    double sum = sides.behind().result().value() + sides.other().result().value();
    assertThat(sum).isCloseTo(6 + play + preload, within(1e-9));
  }

  private static ShaftFloat shaft(
      double gasket, double crushed, double caseRise, double shaftRise) {
    return ShaftFloat.of(
        new ShaftFloat.Lengths(
            mm(120.20),
            gasket,
            crushed,
            mm(120.00),
            0.10,
            Material.withId("aluminium").orElseThrow(),
            caseRise,
            shaftRise));
  }

  /** 120.20 + 0.5·0.6 − 120.00 − 0.10 = 0.40 mm; a light case 60 °C warmer gives some 0.05 more. */
  @Test
  void aCaseWithItsGasket() {
    ShaftFloat in = shaft(0.5, 0.4, 60, 60);
    assertThat(in.cold().result().value()).isCloseTo(0.40, within(1e-9));
    double apart =
        (Material.withId("aluminium").orElseThrow().expansion() * 120.2
                - Material.STEEL.expansion() * 120.0)
            * 60;
    assertThat(in.warm().result().value()).isCloseTo(0.40 + apart, within(1e-9));
    assertThat(in.shimFor(new Window(0.1, 0.3))).isCloseTo(0.30, within(1e-9));
    assertThat(in.free()).isEqualTo(Verdict.YES);
  }

  /**
   * A shaft that grows alone, as in a cold start under load, eats the float: free cold, not warm.
   */
  @Test
  void aHotShaftInAColdCaseBinds() {
    ShaftFloat in = shaft(0, 0, 0, 120);
    assertThat(in.cold().result().value()).isCloseTo(0.10, within(1e-9));
    assertThat(in.warm().result().value()).isLessThan(-0.03);
    assertThat(in.free()).isEqualTo(Verdict.NO);
  }

  @ParameterizedTest
  @CsvSource({
    "0.5, 0.5, Drag stayed",
    "0.5, 0.3, Drag eased",
    "0.5, 0.8, Drag rose though the sum leaves play"
  })
  void dragIsHeldAgainstTheSum(double before, double after, String says) {
    assertThat(shaft(0.5, 0.4, 0, 0).drag(before, after)).startsWith(says);
  }

  @Test
  void dragThatContradictsASqueezeIsSaid() {
    assertThat(shaft(0, 0, 0, 120).drag(0.5, 0.8)).contains("as the sum says");
    assertThat(shaft(0, 0, 0, 120).drag(0.5, 0.5)).contains("measure the depths again");
  }
}
