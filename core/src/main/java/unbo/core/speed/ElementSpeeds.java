package unbo.core.speed;

import java.util.OptionalDouble;

/**
 * Kinematics of a bearing whose elements roll without slip: with γ = D_w·cos α/dₘ the cage turns
 * n/2·(1 ∓ γ) (inner or outer ring turning) and an element spins n/2·(dₘ/D_w − D_w·cos²α/dₘ) about
 * itself; the cage carries it on the radius dₘ/2. Any textbook of rolling bearings. Limits: no
 * slip, one ring standing.
 *
 * @param cageRpm of the cage about the axis
 * @param elementRpm of an element about its own axis
 * @param ndm speed number, mm/min
 * @param centrifugalN on one element
 */
public record ElementSpeeds(double cageRpm, double elementRpm, double ndm, double centrifugalN) {

  /**
   * Works them.
   *
   * @param meanDiameterMm over the element's diameter
   * @param elementMm over 0
   * @param lengthMm of a roller; empty for a ball
   * @param density of the element, g/cm³
   * @param contactAngleDeg 0 to under 90
   * @param rpm of the ring that turns, not negative
   * @param innerTurns else the outer ring does
   * @throws IllegalArgumentException for what does not roll
   */
  public static ElementSpeeds of(
      double meanDiameterMm,
      double elementMm,
      OptionalDouble lengthMm,
      double density,
      double contactAngleDeg,
      double rpm,
      boolean innerTurns) {
    boolean rolls =
        elementMm > 0
            && meanDiameterMm > elementMm
            && density > 0
            && contactAngleDeg >= 0
            && contactAngleDeg < 90
            && rpm >= 0;
    if (!rolls) {
      throw new IllegalArgumentException("Not elements that roll");
    }
    double cos = Math.cos(Math.toRadians(contactAngleDeg));
    double gamma = elementMm * cos / meanDiameterMm;
    double cage = rpm / 2 * (innerTurns ? 1 - gamma : 1 + gamma);
    double spin = rpm / 2 * (meanDiameterMm / elementMm - elementMm * cos * cos / meanDiameterMm);
    double volume =
        lengthMm.isPresent()
            ? Math.PI / 4 * elementMm * elementMm * lengthMm.getAsDouble()
            : Math.PI / 6 * Math.pow(elementMm, 3);
    double massKg = volume * density * 1e-6;
    double omega = cage * 2 * Math.PI / 60;
    double pull = massKg * meanDiameterMm / 2000 * omega * omega;
    return new ElementSpeeds(cage, spin, rpm * meanDiameterMm, pull);
  }
}
