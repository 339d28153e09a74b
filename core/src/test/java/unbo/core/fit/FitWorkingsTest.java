package unbo.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import unbo.core.catalogue.Family;
import unbo.core.measure.Instrument;
import unbo.core.tolerance.InternalClearances;

/** What a figure shows of how it came about is what the fit says. */
class FitWorkingsTest {

  private static FitInput input(double shaftUm, double housingUm, double hotC, Material housing) {
    return new FitInput(
        Family.DEEP_GROOVE_BALL,
        25,
        62,
        17,
        33.1,
        53.6,
        false,
        Optional.of(
            new FitInput.Group(
                "C3", InternalClearances.of("deep-groove-ball", "C3", 25).orElseThrow())),
        0,
        new Spread(-10, -5, 0, 1.7),
        new Spread(-13, -6.5, 0, 2.2),
        new FitInput.Seat(
            Spread.measured(shaftUm, 4),
            Material.STEEL,
            0,
            FitInput.Surface.GROUND,
            hotC,
            "measured"),
        new FitInput.Seat(
            Spread.measured(housingUm, 4), housing, 90, FitInput.Surface.TURNED, 60, "zone"),
        20,
        0.12);
  }

  @Property(tries = 80)
  void workingsAgreeWithTheFit(
      @ForAll @DoubleRange(min = -20, max = 40) double shaftUm,
      @ForAll @DoubleRange(min = -60, max = 20) double housingUm,
      @ForAll @DoubleRange(min = 20, max = 110) double hotC) {
    Material alloy = Material.withId("aluminium").orElseThrow();
    FitInput in = input(shaftUm, housingUm, hotC, alloy);
    Fit fit = Fit.of(in);
    assertThat(FitWorkings.interference(in, true).result().value())
        .isCloseTo(fit.inner().cold().likely(), within(1e-6));
    assertThat(FitWorkings.interference(in, false).result().value())
        .isCloseTo(fit.outer().cold().likely(), within(1e-6));
    assertThat(FitWorkings.force(in, true).steps().get(0).value())
        .isCloseTo(fit.inner().pressureMpa(), within(1e-6));
    double force = in.friction() * fit.outer().pressureMpa() * Math.PI * 62 * 17;
    assertThat(fit.outer().pressForceN()).isCloseTo(force, within(1e-6));
    var working = FitWorkings.running(fit);
    double taken = working.steps().stream().mapToDouble(step -> step.value()).sum();
    double running = working.inputs().get(0).value().value() - taken;
    assertThat(running).isCloseTo(fit.clearance().orElseThrow().running().likely(), within(1e-6));
  }

  /** 20 µm in light alloy on 62 mm: lets go 30 K over the room. */
  @Test
  void lightAlloyLetsGo() {
    FitInput in = input(5, -26.5, 20, Material.withId("aluminium").orElseThrow());
    assertThat(FitWorkings.letsGo(in).result().value())
        .isCloseTo(20 + 0.020 / (10.7e-6 * 62), within(0.5));
    org.assertj.core.api.Assertions.assertThatThrownBy(
            () -> FitWorkings.letsGo(input(5, -26, 20, Material.withId("grey-iron").orElseThrow())))
        .isInstanceOf(IllegalArgumentException.class);
  }

  /** Two planes, three directions: 12 µm oval in one, 5 µm taper between them. */
  @Test
  void sixReadingsAreTwoPlanes() {
    Instrument micrometer = Instrument.withId("micrometer").orElseThrow();
    SeatReadings seat =
        SeatReadings.of(List.of(25.000, 25.006, 25.012, 25.001, 25.001, 25.001), micrometer);
    assertThat(seat.ovalityMm()).isCloseTo(0.012, within(1e-9));
    assertThat(seat.taperMm()).isCloseTo(0.005, within(1e-9));
    assertThat(seat.size().value()).isCloseTo(25.0035, within(1e-9));
    assertThat(seat.keeps(0.0005, 21)).isEqualTo(SeatReadings.Form.YES);
    assertThat(seat.keeps(seat.ovalityMm(), 9)).isEqualTo(SeatReadings.Form.NO);
    assertThat(seat.keeps(seat.taperMm(), 9)).isEqualTo(SeatReadings.Form.CANNOT_TELL);
    SeatReadings one = SeatReadings.of(List.of(25.0), micrometer);
    assertThat(one.ovalityMm()).isNaN();
    assertThat(one.keeps(one.taperMm(), 13)).isEqualTo(SeatReadings.Form.CANNOT_TELL);
  }

  /** A hand tells less than a gauge: its doubt is as wide as a whole fit. */
  @Test
  void feelIsWeak() {
    assertThat(Feel.PRESS.interference().likely()).isEqualTo(20);
    assertThat(Feel.THUMB.interference().chanceOverZero()).isBetween(0.1, 0.2);
    double before = -100;
    for (Feel feel : Feel.values()) {
      assertThat(feel.interference().likely()).isGreaterThan(before);
      assertThat(feel.interference().sigma()).isGreaterThanOrEqualTo(5);
      before = feel.interference().likely();
    }
  }
}
