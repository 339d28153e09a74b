package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import unbo.core.measure.Measured;
import unbo.core.setting.NutLock;
import unbo.core.setting.NutSetting;

class NutDrawingTest {

  private static final NutLock LOCK = NutLock.castle(6, 2);

  private static NutSetting setting(double play) {
    return NutSetting.solve(1.5, LOCK, new Measured(play, 0.02), NutSetting.DEFAULT_WINDOW_MM);
  }

  private static double degrees(NutDrawing drawing, NutDrawing.Tick tick) {
    return Math.toDegrees(
        Math.atan2(tick.y() - 5 - drawing.centreY(), tick.x() - drawing.centreX()));
  }

  /** One hole of twelve is 30° of nut, and tightening runs clockwise, to less play. */
  @Test
  void anglesOnTheDialAreTheNutsOwn() {
    NutDrawing drawing = NutDrawing.of(setting(0.310), LOCK, 1.5, 0);
    for (int i = 1; i < drawing.ticks().size(); i++) {
      double step =
          degrees(drawing, drawing.ticks().get(i)) - degrees(drawing, drawing.ticks().get(i - 1));
      assertThat(step).isCloseTo(30, within(0.1));
      assertThat(drawing.ticks().get(i).steps()).isGreaterThan(drawing.ticks().get(i - 1).steps());
    }
  }

  @Test
  void theHoleInUseIsMarkedAndItsLineIsTheOneThatMeetsASlot() {
    NutDrawing drawing = NutDrawing.of(setting(0.310), LOCK, 1.5, 1);
    assertThat(drawing.ticks())
        .filteredOn(NutDrawing.Tick::chosen)
        .extracting(NutDrawing.Tick::text)
        .containsExactly("0.185");
    assertThat(drawing.holeLines())
        .filteredOn(NutDrawing.HoleLine::used)
        .extracting(NutDrawing.HoleLine::letter)
        .containsExactly("B");
    assertThat(drawing.slots()).hasSize(6);
  }

  @Test
  void turningTheNutTurnsItsSlotsAndNotTheSpindle() {
    NutDrawing still = NutDrawing.of(setting(0.310), LOCK, 1.5, 0);
    NutDrawing turned = NutDrawing.of(setting(0.310), LOCK, 1.5, 2);
    assertThat(turned.hexagon())
        .isNotEqualTo(NutDrawing.of(setting(0.310), LOCK, 1.5, 1).hexagon());
    assertThat(turned.holeLines())
        .extracting(NutDrawing.HoleLine::path)
        .isEqualTo(still.holeLines().stream().map(NutDrawing.HoleLine::path).toList());
  }

  @Test
  void manyHolesAreThinnedAndTheRestCounted() {
    NutLock fine = NutLock.retainer(72);
    NutSetting setting =
        NutSetting.solve(1.5, fine, new Measured(0.5, 0.01), NutSetting.DEFAULT_WINDOW_MM);
    NutDrawing drawing = NutDrawing.of(setting, fine, 1.5, 20);
    assertThat(drawing.hidden()).isPositive();
    assertThat(drawing.ticks()).anyMatch(NutDrawing.Tick::chosen);
    for (int i = 1; i < drawing.ticks().size(); i++) {
      Spot a = new Spot(drawing.ticks().get(i - 1).x(), drawing.ticks().get(i - 1).y());
      assertThat(a.distance(new Spot(drawing.ticks().get(i).x(), drawing.ticks().get(i).y())))
          .isGreaterThan(14);
    }
  }
}
