package unbo.core.grease;

import java.util.OptionalDouble;
import unbo.core.catalogue.Bearing;
import unbo.core.measure.Measured;
import unbo.core.section.BearingVolume;

/**
 * How much grease goes into one bearing. Free volume is the ring between bore, outside and faces
 * less the metal; the metal listed or estimated (± 15 % of the free volume) or from the mass
 * weighed (steel 7.85 g/cm³, ± 3 %). Relubrication is 0.005·D·B grams (D, B in mm), a common rule
 * of the trade.
 *
 * @param freeVolumeCm3 free volume
 * @param share the share that is filled, 0 to 1
 * @param chargeCm3 the charge
 * @param chargeGrams the charge by weight
 * @param relubricationGrams what is added at a nipple
 */
public record GreaseCharge(
    Measured freeVolumeCm3,
    double share,
    Measured chargeCm3,
    Measured chargeGrams,
    double relubricationGrams) {

  /** Grease where the tin does not say, in g/cm³. */
  public static final double USUAL_DENSITY = 0.9;

  /** A teaspoon, in cm³. */
  public static final double TEASPOON_CM3 = 5;

  static final double STEEL_G_PER_CM3 = 7.85;
  static final double BY_GEOMETRY = 0.15;
  static final double BY_MASS = 0.03;

  /**
   * The charge of a bearing.
   *
   * @param solidCm3 its metal, from a listed mass or estimated geometry
   * @param massG its mass weighed, which rules over the estimate; empty when nobody has
   * @param density of the grease, 0.7 to 2 g/cm³
   * @throws IllegalArgumentException when the mass fills the whole envelope, so cannot be its own
   */
  public static GreaseCharge of(
      double boreMm,
      double outerMm,
      double widthMm,
      double solidCm3,
      double share,
      OptionalDouble massG,
      double density) {
    double room = BearingVolume.annulusCm3(boreMm, outerMm, widthMm);
    double solid = massG.isPresent() ? massG.getAsDouble() / STEEL_G_PER_CM3 : solidCm3;
    double free = room - solid;
    if (!(free > 0)) {
      throw new IllegalArgumentException(
          "The mass of " + massG.orElse(0) + " g fills the whole envelope");
    }
    Measured volume = new Measured(free, free * (massG.isPresent() ? BY_MASS : BY_GEOMETRY));
    Measured charge = volume.times(share);
    return new GreaseCharge(
        volume, share, charge, charge.times(density), 0.005 * outerMm * widthMm);
  }

  /** The charge of a bearing of the catalogue; for tapers the width is T. */
  public static GreaseCharge of(
      Bearing bearing, double share, OptionalDouble massG, double density) {
    return of(
        bearing.boreMm(),
        bearing.outerMm(),
        bearing.widthMm(),
        BearingVolume.solidCm3(bearing),
        share,
        massG,
        density);
  }
}
