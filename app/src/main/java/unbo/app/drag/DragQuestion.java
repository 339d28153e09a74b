package unbo.app.drag;

import java.util.Optional;
import java.util.OptionalDouble;
import unbo.core.catalogue.Bearing;
import unbo.core.friction.Friction;
import unbo.core.friction.Friction.Seal;

/**
 * How a bearing runs, to ask what it costs.
 *
 * @param viscosityMm2s of the base oil at work
 * @param fill of the free volume
 * @param hybrid ceramic balls in steel rings
 * @param bath in oil instead of grease
 */
public record DragQuestion(
    double rpm,
    double radialN,
    double viscosityMm2s,
    double fill,
    Seal seal,
    boolean hybrid,
    boolean bath) {

  /** Air round the bearing, °C. */
  public static final double ROOM_C = 20;

  /** A third full, as run in. */
  static final double USUAL_FILL = 0.3;

  /** In grease as it usually runs: a third full, steel balls. */
  static DragQuestion usual(double rpm, double radialN, double viscosityMm2s, Seal seal) {
    return new DragQuestion(rpm, radialN, viscosityMm2s, USUAL_FILL, seal, false, false);
  }

  DragQuestion filled(double share) {
    return new DragQuestion(rpm, radialN, viscosityMm2s, share, seal, hybrid, bath);
  }

  DragQuestion sealed(Seal other) {
    return new DragQuestion(rpm, radialN, viscosityMm2s, fill, other, hybrid, bath);
  }

  DragQuestion ceramic() {
    return new DragQuestion(rpm, radialN, viscosityMm2s, fill, seal, true, bath);
  }

  DragQuestion inBath() {
    return new DragQuestion(rpm, radialN, viscosityMm2s, fill, seal, hybrid, true);
  }

  DragQuestion inOil(double viscosity) {
    return new DragQuestion(rpm, radialN, viscosity, fill, seal, hybrid, bath);
  }

  /** Empty for families without factors. Only balls have seals of their own here. */
  public Optional<Friction.Question> of(Bearing bearing) {
    boolean balls = bearing.family().isBall();
    return DragFamily.of(bearing)
        .map(
            family ->
                new Friction.Question(
                    family.word(),
                    bearing.boreMm(),
                    bearing.outerMm(),
                    OptionalDouble.of(bearing.widthMm()),
                    rpm,
                    radialN,
                    0,
                    viscosityMm2s,
                    fill,
                    false,
                    bath,
                    balls ? seal : Seal.OPEN,
                    2,
                    OptionalDouble.empty(),
                    hybrid && balls,
                    OptionalDouble.empty(),
                    0,
                    family.rows(),
                    ROOM_C));
  }
}
