package unbo.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.catalogue.Family;
import unbo.core.tolerance.InternalClearances;
import unbo.core.tolerance.RingKind;
import unbo.core.tolerance.RingTolerances;
import unbo.core.tolerance.RingTolerances.Dimension;

/** Fits worked by hand, textbook fits, and laws. */
class FitTest {

  private static final Material ALLOY = Material.withId("aluminium").orElseThrow();

  private static Spread zone(String zone, double d) {
    return Spread.within(IsoZone.parse(zone).orElseThrow().at(d).orElseThrow());
  }

  private static FitInput input(
      double d, double outer, double b, String group, Spread shaft, Spread housing, double hotC) {
    return new FitInput(
        Family.DEEP_GROOVE_BALL,
        d,
        outer,
        b,
        FitInput.innerRaceway(d, outer),
        FitInput.outerRaceway(d, outer),
        true,
        Optional.of(
            new FitInput.Group(
                group, InternalClearances.of("deep-groove-ball", group, d).orElseThrow())),
        0,
        Spread.within(
            RingTolerances.of(RingKind.RADIAL, Dimension.BORE, "Normal", d).orElseThrow()),
        Spread.within(
            RingTolerances.of(RingKind.RADIAL, Dimension.OUTSIDE, "Normal", outer).orElseThrow()),
        new FitInput.Seat(shaft, Material.STEEL, 0, FitInput.Surface.GROUND, 20, "class"),
        new FitInput.Seat(
            housing, Material.STEEL, 1.5 * outer, FitInput.Surface.GROUND, hotC, "class"),
        20,
        0.12);
  }

  private static Fit fit(String shaft, String housing, String group) {
    return Fit.of(input(25, 52, 15, group, zone(shaft, 25), zone(housing, 52), 20));
  }

  /** d 25, F 33.1 on a solid steel shaft, 12 µm effective: 21.2 MPa, 3.4 kN, 9.1 µm. */
  @Test
  void aRingOnASolidShaft() {
    double p = 0.012 * Lame.pressurePerMm(25, 0, Material.STEEL, 33.1, Material.RING);
    assertThat(p).isCloseTo(21.2, within(0.1));
    assertThat(0.12 * p * Math.PI * 25 * 17).isCloseTo(3400, within(20.0));
    assertThat(Lame.innerGrows(p, 25, 33.1)).isCloseTo(0.0091, within(0.00005));
  }

  /** D 62, G 53.6, in light alloy of 78 outside, 20 µm effective: 3.25 MPa, 1.29 kN, 6.7 µm. */
  @Test
  void aRingInALightAlloyHousing() {
    double p = 0.020 * Lame.pressurePerMm(62, 53.6, Material.RING, 78, ALLOY);
    assertThat(p).isCloseTo(3.25, within(0.02));
    assertThat(0.12 * p * Math.PI * 62 * 17).isCloseTo(1290, within(10.0));
    assertThat(Lame.outerShrinks(p, 62, 53.6)).isCloseTo(0.0067, within(0.00005));
  }

  /** Textbook fits come out as textbooks call them. */
  @ParameterizedTest
  @CsvSource({"k5,H7,CN,GOOD", "n6,P7,CN,LOCKS", "j5,H7,C3,GOOD", "g6,H7,C5,LOOSE"})
  void textbookFits(String shaft, String housing, String group, Fit.Verdict verdict) {
    assertThat(fit(shaft, housing, group).verdict()).contains(verdict);
  }

  /** k5 on 25: 2 to 11 over, ring bore 0 to −10: 2 to 21 µm tight, likely 11.5. */
  @Test
  void interferenceFromClasses() {
    Spread inner = fit("k5", "H7", "CN").inner().cold();
    assertThat(inner.least()).isCloseTo(2, within(1e-9));
    assertThat(inner.likely()).isCloseTo(11.5, within(1e-9));
    assertThat(inner.most()).isCloseTo(21, within(1e-9));
    assertThat(inner.chanceOverZero()).isGreaterThan(0.9999);
    Spread outer = fit("k5", "H7", "CN").outer().cold();
    assertThat(outer.least()).isCloseTo(-43, within(1e-9));
    assertThat(outer.most()).isCloseTo(0, within(1e-9));
    assertThat(fit("k5", "H7", "CN").outer().pressForceN()).isZero();
  }

  /** A light alloy housing 70 K warmer gives 46 µm back on 62 mm (23.2 − 12.5, 1e-6/K). */
  @Test
  void aWarmLightAlloyHousingLetsGo() {
    FitInput cold = input(25, 62, 17, "C3", zone("k5", 25), zone("N7", 62), 90);
    FitInput.Seat alloy =
        new FitInput.Seat(cold.housing().size(), ALLOY, 93, FitInput.Surface.GROUND, 90, "class");
    FitInput in =
        new FitInput(
            cold.family(),
            25,
            62,
            17,
            cold.innerRacewayMm(),
            cold.outerRacewayMm(),
            true,
            cold.clearance(),
            0,
            cold.bore(),
            cold.outside(),
            cold.shaft(),
            alloy,
            20,
            0.12);
    Fit fit = Fit.of(in);
    double gives = fit.outer().cold().likely() - fit.outer().hot().likely();
    assertThat(gives).isCloseTo((23.2 - 12.5) * 1e-6 * 62 * 70 * 1000, within(1e-6));
    assertThat(gives).isCloseTo(46.4, within(0.1));
    assertThat(fit.reasons("inner")).anyMatch(r -> r.contains("tight cold and loose"));
  }

  /** What locks is told which group would do; what no group mends is told so. */
  @Test
  void theRightGroupIsNamed() {
    Fit tight = fit("n6", "K7", "CN");
    assertThat(tight.verdict().orElseThrow()).isNotEqualTo(Fit.Verdict.GOOD);
    String right = tight.rightGroup().orElseThrow();
    assertThat(fit("n6", "K7", right).verdict()).contains(Fit.Verdict.GOOD);
    assertThat(tight.reasons("inner")).anyMatch(r -> r.contains("group " + right));
  }

  @Test
  void aLooseRingUnderATurningLoadIsSaidToCreep() {
    assertThat(fit("g6", "H7", "CN").reasons("inner"))
        .anyMatch(r -> r.contains("inner ring sees the turning load") && r.contains("creep"));
    assertThat(fit("k5", "H7", "CN").reasons("inner")).noneMatch(r -> r.contains("creep"));
    assertThat(fit("k5", "H7", "CN").reasons("outer")).anyMatch(r -> r.contains("creep"));
  }

  /** More interference never lowers pressure, and never leaves more clearance. */
  @Property(tries = 200)
  void moreInterferencePressesMoreAndLeavesLess(
      @ForAll @DoubleRange(min = -30, max = 60) double um,
      @ForAll @DoubleRange(min = 0, max = 20) double more) {
    Fit one = Fit.of(input(30, 62, 16, "C3", Spread.measured(um, 4), zone("H7", 62), 20));
    Fit two = Fit.of(input(30, 62, 16, "C3", Spread.measured(um + more, 4), zone("H7", 62), 20));
    assertThat(two.inner().pressureMpa()).isGreaterThanOrEqualTo(one.inner().pressureMpa());
    assertThat(two.clearance().orElseThrow().mounted().likely())
        .isLessThanOrEqualTo(one.clearance().orElseThrow().mounted().likely() + 1e-9);
  }

  /** The rungs of the ladder differ by what the fits take, and the hot one by the heat too. */
  @Property(tries = 200)
  void theLadderAddsUp(
      @ForAll @DoubleRange(min = -20, max = 40) double um,
      @ForAll @DoubleRange(min = -20, max = 40) double housingUm) {
    Fit fit =
        Fit.of(input(25, 52, 15, "CN", Spread.measured(um, 3), Spread.measured(-housingUm, 3), 20));
    Fit.Ladder ladder = fit.clearance().orElseThrow();
    double taken = fit.inner().raceway().likely() + fit.outer().raceway().likely();
    assertThat(ladder.mounted().likely())
        .isCloseTo(ladder.unmounted().likely() - taken, within(1e-9));
    assertThat(ladder.running().likely())
        .as("nothing warms")
        .isCloseTo(ladder.mounted().likely(), within(1e-9));
    assertThat(ladder.mounted().least()).isLessThanOrEqualTo(ladder.mounted().likely());
    assertThat(ladder.mounted().most()).isGreaterThanOrEqualTo(ladder.mounted().likely());
  }

  /** A hollow shaft presses less; a thick wall no more than an endless one. */
  @Property(tries = 100)
  void wallsAndBores(
      @ForAll @DoubleRange(min = 0, max = 20) double bore,
      @ForAll @DoubleRange(min = 60, max = 500) double outside) {
    double solid = Lame.pressurePerMm(25, 0, Material.STEEL, 33, Material.RING);
    assertThat(Lame.pressurePerMm(25, bore, Material.STEEL, 33, Material.RING))
        .isLessThanOrEqualTo(solid);
    double endless = Lame.pressurePerMm(52, 44, Material.RING, 1e6, ALLOY);
    assertThat(Lame.pressurePerMm(52, 44, Material.RING, outside, ALLOY)).isLessThan(endless);
    assertThat(Lame.pressurePerMm(25, 1e-9, Material.STEEL, 33, Material.RING))
        .isCloseTo(solid, within(1e-6));
  }

  @Test
  void whatCannotBeBuiltIsRefused() {
    FitInput good = input(25, 52, 15, "CN", zone("k5", 25), zone("H7", 52), 20);
    FitInput.Seat thin =
        new FitInput.Seat(good.housing().size(), ALLOY, 50, FitInput.Surface.GROUND, 20, "class");
    assertThatThrownBy(
            () ->
                new FitInput(
                    good.family(),
                    25,
                    52,
                    15,
                    31,
                    46,
                    true,
                    good.clearance(),
                    0,
                    good.bore(),
                    good.outside(),
                    good.shaft(),
                    thin,
                    20,
                    0.12))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> input(52, 25, 15, "CN", zone("k5", 25), zone("H7", 52), 20))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void recommendedZonesFollowTheTurningLoad() {
    Recommendation hub =
        Recommendation.of("outer", "normal", 25, Material.STEEL, false).orElseThrow();
    assertThat(hub.shaft()).isEqualTo("g6");
    assertThat(hub.housing()).isEqualTo("N7");
    assertThat(Recommendation.of("outer", "normal", 25, ALLOY, false).orElseThrow().housing())
        .isEqualTo("P7");
    Recommendation shaft =
        Recommendation.of("inner", "normal", 25, Material.STEEL, false).orElseThrow();
    assertThat(shaft.shaft()).isEqualTo("k5");
    assertThat(shaft.housing()).isEqualTo("H7");
    assertThat(Recommendation.of("inner", "normal", 25, ALLOY, true).orElseThrow().housing())
        .isEqualTo("H7");
    assertThat(Recommendation.of("inner", "normal", 900, ALLOY, true)).isEmpty();
    assertThat(Recommendation.load(0.05)).isEqualTo("light");
    assertThat(Recommendation.load(0.12)).isEqualTo("normal");
    assertThat(Recommendation.load(0.2)).isEqualTo("heavy");
  }

  @ParameterizedTest
  @CsvSource({
    "-0.01,none",
    "0.03,retaining",
    "0.05,retaining",
    "0.1,gap-filling",
    "0.2,sleeve",
    "0.6,bush"
  })
  void aWornSeatIsMendedByItsGap(double gap, String way) {
    assertThat(gap < 0 ? WornSeat.of(gap).how() : WornSeat.of(gap).way())
        .containsIgnoringCase(gap < 0 ? "nothing" : way);
  }

  /** Against values of the normal distribution as tables print them. */
  @ParameterizedTest
  @CsvSource({"0,0.5", "1,0.8413447", "-1.96,0.0249979", "2.3263,0.9899993", "-4,0.0000317"})
  void normalDistribution(double z, double p) {
    assertThat(Spread.normal(z)).isCloseTo(p, within(2e-6));
  }
}
