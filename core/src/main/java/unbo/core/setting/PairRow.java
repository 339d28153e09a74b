package unbo.core.setting;

import java.util.OptionalDouble;
import unbo.core.contact.ElementContact;
import unbo.core.life.RatingFromGeometry;

/**
 * One row of a set pair. Load and approach of an element along its normal are those of {@link
 * ElementContact}.
 *
 * @param elements 3 or more
 * @param elementMm diameter, over 0
 * @param lengthMm of a roller, over 0; 0 for a ball
 * @param angleDeg contact angle, over 0 and under 90
 * @param meanMm diameter through the elements' middles, over the element's
 */
public record PairRow(
    int elements, double elementMm, double lengthMm, double angleDeg, double meanMm) {

  private static final int STEPS = 72;

  /**
   * @throws IllegalArgumentException for what is no row
   */
  public PairRow {
    boolean can =
        elements >= 3
            && elementMm > 0
            && lengthMm >= 0
            && angleDeg > 0
            && angleDeg < 90
            && meanMm > elementMm;
    if (!can) {
      throw new IllegalArgumentException("Not a row of a pair");
    }
  }

  /** Whether it has rollers; else balls. */
  public boolean isRoller() {
    return lengthMm > 0;
  }

  /** Load in N of an element approached by some mm; 0 for none. */
  double load(double approachMm) {
    return contact().load(approachMm);
  }

  /** Power of the approach with which the load rises. */
  double power() {
    return contact().power();
  }

  private ElementContact contact() {
    return new ElementContact(elementMm, lengthMm);
  }

  /** Exponent of load in life: 4 of lines, 3 of points. */
  double lifeExponent() {
    return isRoller() ? 4 : 3;
  }

  /** What an element bears, in proportion: ISO 281 by size and count. */
  double capacity() {
    return isRoller()
        ? Math.pow(elementMm, 29.0 / 27) * Math.pow(lengthMm, 7.0 / 9) * Math.pow(elements, -0.25)
        : Math.pow(elementMm, 1.8) * Math.pow(elements, -1.0 / 3);
  }

  /**
   * Radial load in N that with half a circle loaded, Q = Q_max·(cos ψ)^n, wears the row as much as
   * elements of a mean load do.
   */
  double equivalent(double meanElementN) {
    double n = power();
    double radial = 0;
    double worn = 0;
    for (int i = 0; i < STEPS; i++) {
      double cosine = Math.max(0, Math.cos(2 * Math.PI * (i + 0.5) / STEPS));
      radial += Math.pow(cosine, n + 1);
      worn += Math.pow(cosine, n * lifeExponent());
    }
    double mean = Math.pow(worn / STEPS, 1 / lifeExponent());
    return meanElementN / mean * elements * cos() * radial / STEPS;
  }

  /**
   * Basic dynamic radial rating of the row by what is inside it, N: {@link RatingFromGeometry}.
   * Empty for balls over 25.4 mm.
   */
  public OptionalDouble ratingN() {
    if (isRoller()) {
      return OptionalDouble.of(
          RatingFromGeometry.rollers(elements, elementMm, lengthMm, meanMm, angleDeg));
    }
    return elementMm > 25.4
        ? OptionalDouble.empty()
        : OptionalDouble.of(RatingFromGeometry.balls(elements, elementMm, meanMm, angleDeg));
  }

  double cos() {
    return Math.cos(Math.toRadians(angleDeg));
  }

  double sin() {
    return Math.sin(Math.toRadians(angleDeg));
  }
}
