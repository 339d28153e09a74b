package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.measure.Measured;
import unbo.core.measure.Window;

/** Heads, joints, links, rows of loose balls: sums worked by hand. */
class JointSumsTest {

  /** 12 N at 380 mm is 4.56 Nm. */
  @ParameterizedTest
  @CsvSource({
    "12, 4, 5, Within limits",
    "12, 2, 3, Too tight",
    "12, 6, 8, Too loose",
    "12, 4.5, 8, Cannot tell"
  })
  void aHeadIsJudgedByEnteredLimitsOnly(double force, double from, double to, String says) {
    SteeringHead head = SteeringHead.of(new Measured(force, 0.3), 380, 2);
    assertThat(head.torque().result().value()).isCloseTo(4.56, within(1e-9));
    assertThat(head.says(new Window(from, to), null, false)).anyMatch(s -> s.startsWith(says));
    assertThat(head.says(null, null, false))
        .anyMatch(s -> s.contains("No torque suits every head"));
  }

  /** A worn race is not set away, whatever the torque says. */
  @Test
  void aNotchRulesOverAGoodTorque() {
    SteeringHead head = SteeringHead.of(new Measured(12, 0.3), 380, 2);
    List<String> says = head.says(new Window(4, 5), SteeringHead.Drop.FALLS, true);
    assertThat(says.get(0)).contains("worn races");
    assertThat(says).noneMatch(s -> s.contains("agrees with a head that is free"));
    assertThatThrownBy(() -> SteeringHead.of(new Measured(0, 0.2), 380, 2))
        .isInstanceOf(IllegalArgumentException.class);
  }

  /** 81.95 over the grooves, 78.90 over the caps: 1.525 mm each for no play. */
  @Test
  void aCrossIsHeldByEqualCirclips() {
    CrossCirclips joint = CrossCirclips.of(new Measured(81.95, 0.02), new Measured(78.90, 0.02));
    assertThat(joint.each().result().value()).isCloseTo(1.525, within(1e-9));
    List<CrossCirclips.Pair> pairs = joint.from(List.of(1.45, 1.5, 1.55, 1.6));
    assertThat(pairs.get(0))
        .isEqualTo(pairs.stream().min((a, b) -> Double.compare(a.off(), b.off())).get());
    assertThat(pairs).extracting(CrossCirclips.Pair::first).startsWith(1.5);
    assertThat(pairs.get(0).second()).isEqualTo(1.5);
    assertThat(pairs.get(0).play()).isCloseTo(0.05, within(1e-9));
    assertThat(pairs).allMatch(p -> p.play() >= -1e-9 && p.play() <= 0.05 + 1e-9);
    assertThat(joint.from(List.of(1.6))).isEmpty();
    assertThat(joint.nearest(List.of(1.6, 1.4)).play()).isCloseTo(0.05, within(1e-9));
    assertThatThrownBy(() -> CrossCirclips.of(new Measured(78, 0.02), new Measured(79, 0.02)))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @ParameterizedTest
  @CsvSource({
    "40.20, 40.00, 0, Within",
    "40.20, 40.00, 0.15, Too little",
    "40.60, 40.00, 0, Too much",
    "40.00, 40.20, 0, The bolt clamps the lug",
    "40.01, 40.00, 0, Cannot tell whether the sleeve"
  })
  void aSleeveStandsOutOfItsLug(double sleeve, double lug, double shims, String says) {
    LinkSleeve link = LinkSleeve.of(new Measured(sleeve, 0.02), new Measured(lug, 0.02), shims);
    assertThat(link.says(new Window(0.1, 0.3))).startsWith(says);
  }

  /** Sixty degrees each: six balls of 10 mm on a circle of 20 mm touch all round. */
  @Test
  void aFullRowIsGeometry() {
    assertThat(BallRow.of(10, 20).most()).isEqualTo(6);
    assertThat(BallRow.of(10, 20).gapMm()).isCloseTo(0, within(1e-6));
    assertThat(BallRow.of(6.35, 22).says(9)).contains("9 of 10: full but one");
    assertThat(BallRow.of(6.35, 22).says(12)).contains("10 at most");
    assertThat(BallRow.of(6.35, 22).says(6)).contains("4 are missing");
  }

  /** One more never lies flat, and larger balls are never more. */
  @Property(tries = 200)
  void oneMoreNeverFits(
      @ForAll @DoubleRange(min = 2, max = 10) double ball,
      @ForAll @DoubleRange(min = 15, max = 60) double pitch) {
    BallRow row = BallRow.of(ball, pitch);
    double half = Math.asin(ball / pitch);
    assertThat((row.most() + 1) * 2 * half).isGreaterThan(2 * Math.PI);
    assertThat(row.most() * 2 * half).isLessThanOrEqualTo(2 * Math.PI + 1e-9);
    assertThat(BallRow.of(ball * 1.1, pitch).most()).isLessThanOrEqualTo(row.most());
  }

  /** 5 kN shorten 108 mm of an axle 9/4.5 mm by 0.054 mm; at 311 mm that is 0.47 mm of rim. */
  @Test
  void slackShowsAtTheRim() {
    ClampSlack slack = ClampSlack.of(5000, 108, 9, 4.5, 1);
    double s = slack.travel().result().value();
    assertThat(s).isCloseTo(5000 * 108 / (206_000 * Math.PI / 4 * (81 - 20.25)), within(0.002));
    double expected = 2 * 311 * s / (56 + 22);
    assertThat(slack.atRim(56, 22, 311).result().value()).isCloseTo(expected, within(1e-6));
  }

  /** A row is found by its sizes, not by a name; a count that cannot be is said. */
  @Test
  void rowsOfLooseBallsAreCounted() {
    var assembly =
        unbo.core.arrangement.Assembly.assumed(unbo.core.arrangement.Arrangements.of("a5"));
    List<LooseRows.Row> rows = LooseRows.of(assembly);
    assertThat(rows).hasSize(2).allMatch(r -> !r.known());
    assertThat(rows.get(1).at()).isGreaterThan(rows.get(0).at());
    LooseRows.Row crowded =
        LooseRows.of(assembly.withSizes(java.util.Map.of("left-balls.count", 15.0))).get(0);
    assertThat(crowded.says()).contains("do not lie flat");
    assertThat(
            LooseRows.of(
                unbo.core.arrangement.Assembly.assumed(
                    unbo.core.arrangement.Arrangements.of("a1"))))
        .isEmpty();
  }

  /** 7205 B: 15 wide, 38.5 mm circle, 40°: 23.65 mm from the wide face, as catalogues list 24. */
  @Test
  void anAngularPairStandsOnItsBase() {
    double back = AngularPair.DB.base(15, 38.5, 40).result().value();
    assertThat(back / 2).isCloseTo(23.65, within(0.05));
    assertThat(AngularPair.DF.base(15, 38.5, 40).result().value()).isCloseTo(17.31, within(0.05));
    assertThat(AngularPair.DT.base(15, 38.5, 40).result().value()).isEqualTo(15);
  }

  @Property(tries = 100)
  void backToBackIsTheWidest(
      @ForAll @DoubleRange(min = 5, max = 40) double width,
      @ForAll @DoubleRange(min = 15, max = 150) double pitch,
      @ForAll @DoubleRange(min = 12, max = 45) double angle) {
    double back = AngularPair.DB.base(width, pitch, angle).result().value();
    for (AngularPair other : List.of(AngularPair.DF, AngularPair.DT)) {
      assertThat(back).isGreaterThan(other.base(width, pitch, angle).result().value());
    }
  }

  @Test
  void whatIsAskedDecides() {
    assertThat(AngularPair.choose(new AngularPair.Asked(true, false, false)).get(0).pair())
        .isEqualTo(AngularPair.DB);
    assertThat(AngularPair.choose(new AngularPair.Asked(false, true, false)).get(0).pair())
        .isEqualTo(AngularPair.DF);
    assertThat(AngularPair.choose(new AngularPair.Asked(false, false, true)).get(0).pair())
        .isEqualTo(AngularPair.DT);
    assertThat(AngularPair.choose(new AngularPair.Asked(true, true, false)).get(0).why())
        .contains("true the seats first");
  }
}
