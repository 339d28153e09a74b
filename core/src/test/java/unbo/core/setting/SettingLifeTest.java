package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import unbo.core.setting.SettingLife.Hub;
import unbo.core.setting.SettingLife.Mounting;
import unbo.core.setting.SettingLife.Point;

/** Life of a set pair against its setting. */
class SettingLifeTest {

  private static final PairRow ROW = new PairRow(17, 7.5, 11, 14, 50);

  private static Hub hub(double radialN, double axialN) {
    return new Hub(
        ROW, ROW, 40, 20, radialN, axialN, Mounting.BACK_TO_BACK, 0.05 * radialN * 40 / 1000);
  }

  private static double life(double axialN, double setting) {
    return SettingLife.at(hub(4000, axialN), setting).relativeLife();
  }

  /** Two rows 17 × 7.5 × 11 at 14°, 4 kN: 0.20 at −0.02, 1, 0.53, 0.21 and 0.08 at 0.4 mm. */
  @Test
  void underARadialLoadPlayCostsMost() {
    assertThat(life(0, 0)).isEqualTo(1);
    assertThat(life(0, -0.02)).isCloseTo(0.20, within(0.06));
    assertThat(life(0, 0.03)).isCloseTo(0.53, within(0.06));
    assertThat(life(0, 0.13)).isCloseTo(0.21, within(0.04));
    assertThat(life(0, 0.4)).isCloseTo(0.08, within(0.03));
  }

  /** With 2 kN of thrust the pair is much less touchy: 0.82, 1, 0.97, 0.81, 0.54. */
  @Test
  void underThrustItIsLessTouchy() {
    assertThat(life(2000, -0.02)).isCloseTo(0.82, within(0.08));
    assertThat(life(2000, 0.03)).isCloseTo(0.97, within(0.04));
    assertThat(life(2000, 0.13)).isCloseTo(0.81, within(0.06));
    assertThat(life(2000, 0.4)).isCloseTo(0.54, within(0.08));
  }

  /** A single row that carries half its circle: the greatest load is about 4.08·F/(Z·cos α). */
  @Test
  void halfARowLoadedCarriesAsPalmgrenSays() {
    Point point = SettingLife.at(hub(4000, 0), 0);
    assertThat(point.loadZone()).isBetween(0.4, 0.6);
  }

  /** Near half a circle loaded the load of each row comes back: 4 kN between two is 2 kN each. */
  @Test
  void theEquivalentLoadIsTheRadialOne() {
    Point point = SettingLife.at(hub(4000, 0), 0);
    assertThat(point.equivalentOneN()).isCloseTo(2000, within(60.0));
    assertThat(point.equivalentTwoN()).isCloseTo(point.equivalentOneN(), within(1e-3));
    double one = Math.pow(20_000 / point.equivalentOneN(), 10.0 / 3);
    assertThat(point.millionTurns(20_000, 20_000, true) / one)
        .as("two equal rows")
        .isCloseTo(0.540, within(0.001));
  }

  /** The far end of a wide hub is mirrored by the near one: thrust either way is alike. */
  @Property(tries = 20)
  void aHubIsAlikeEitherWayRound(
      @ForAll @DoubleRange(min = -0.03, max = 0.3) double setting,
      @ForAll @DoubleRange(min = 0, max = 2500) double axialN) {
    double one = SettingLife.at(hub(4000, axialN), setting).relativeLife();
    double other = SettingLife.at(hub(4000, -axialN), setting).relativeLife();
    assertThat(other).isCloseTo(one, within(0.02 * one));
  }

  /** Play gives away tilt stiffness; a wide pair back to back is stiffer than face to face. */
  @Test
  void playGivesTiltAway() {
    List<Point> curve = SettingLife.curve(hub(4000, 500), 0, 0.3, 7);
    for (int i = 1; i < curve.size(); i++) {
      assertThat(curve.get(i).tiltNmPerMrad()).isLessThan(curve.get(i - 1).tiltNmPerMrad() * 1.02);
    }
    Hub facing = new Hub(ROW, ROW, 40, 20, 4000, 0, Mounting.FACE_TO_FACE, 8);
    assertThat(SettingLife.at(facing, -0.03).tiltNmPerMrad())
        .as("in light preload, both rows all round")
        .isLessThan(SettingLife.at(hub(4000, 0), -0.03).tiltNmPerMrad());
  }

  @Test
  void whatCarriesNothingIsRefused() {
    assertThatThrownBy(() -> hub(0, 0)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new PairRow(2, 7, 10, 14, 50))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new PairRow(12, 7, 10, 0, 50))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
