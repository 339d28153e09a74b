package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import unbo.core.contact.BallThrust;
import unbo.core.fit.Material;
import unbo.core.working.Input;
import unbo.core.working.Origin;

class ClampedSpacerTest {

  /** 6204: eight balls of 7.938 mm; 10 µm left mounted. */
  private static final BallThrust BEARING =
      new BallThrust(7.938, 8, 0.010, BallThrust.USUAL_OSCULATION);

  private static Input mm(String symbol, double value) {
    return Input.exact(symbol, symbol, value, "mm", Origin.entered("test"));
  }

  private static ClampedSpacer of(double length, double force, double rise) {
    var clamp =
        new ClampedSpacer.Clamp(
            force, 25, 20, Material.STEEL, Material.withId("aluminium").orElseThrow(), rise);
    return ClampedSpacer.of(mm("L", length), mm("S", 60), clamp, BEARING);
  }

  /** 20 kN on 25/20 mm of steel: 20000·60/(206000·176.7) = 0.033 mm. */
  @Test
  void aClampShortens() {
    double area = Math.PI / 4 * (25 * 25 - 20 * 20);
    double expected = -20_000 * 60 / (Material.STEEL.modulusMpa() * area);
    assertThat(of(60, 20_000, 0).off().result().value()).isCloseTo(expected, within(1e-9));
    assertThat(of(60, 0, 0).off().result().value()).isZero();
  }

  /** A light-alloy hub outgrows a steel spacer: 60 mm, 40 °C, some 11.5·10⁻⁶: 0.028 mm short. */
  @Test
  void aWarmHubLeavesItsSpacerShort() {
    double apart =
        (Material.STEEL.expansion() - Material.withId("aluminium").orElseThrow().expansion())
            * 60
            * 40;
    assertThat(apart).isBetween(-0.035, -0.02);
    assertThat(of(60, 0, 40).off().result().value()).isCloseTo(apart, within(1e-9));
  }

  /** The same pair by the sum that the interface gives. */
  @Property(tries = 100)
  void agreesWithThePair(
      @ForAll @DoubleRange(min = 59.7, max = 60.3) double length,
      @ForAll @DoubleRange(min = 0, max = 40_000) double force,
      @ForAll @DoubleRange(min = 0, max = 80) double rise) {
    double area = Math.PI / 4 * (25 * 25 - 20 * 20);
    SpacerPair pair =
        SpacerPair.of(
            new SpacerPair.Question(
                60,
                length,
                BEARING,
                force,
                area,
                Material.STEEL,
                Material.withId("aluminium").orElseThrow(),
                rise,
                OptionalDouble.empty(),
                OptionalDouble.of(0.05),
                SpacerPair.Distribution.UNIFORM));
    ClampedSpacer clamped = of(length, force, rise);
    assertThat(clamped.off().result().value()).isCloseTo(pair.offMm(), within(1e-9));
    assertThat(clamped.chance(0.05).result().value())
        .isCloseTo(100 * pair.chance().orElseThrow(), within(1e-6));
    assertThat(Math.max(0, clamped.slackMm())).isCloseTo(pair.slackMm(), within(1e-9));
  }

  /** Clamped it loses 0.033 mm, so the one that is longer by that leaves the most. */
  @Test
  void theFreestOfAStockIsTaken() {
    ClampedSpacer clamped = of(60, 20_000, 0);
    assertThat(clamped.take(List.of(59.9, 60.0, 60.03, 60.2), 60)).contains(60.03);
    assertThat(clamped.take(List.of(59.0, 61.0), 60)).isEmpty();
    assertThatThrownBy(() -> clamped.chance(0)).isInstanceOf(IllegalArgumentException.class);
  }
}
