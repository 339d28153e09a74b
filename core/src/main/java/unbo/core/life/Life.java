package unbo.core.life;

import java.util.OptionalDouble;

/**
 * Fatigue life by ISO 281: L₁₀ = (C/P)^p million turns, p 3 for balls and 10/3 for rollers, and
 * L₁₀ₘ = a_ISO·L₁₀ with the film κ, the contamination e_C and the fatigue limit C_u. κ counts from
 * 0.1 and to 4; under 0.1 there is no answer. a_ISO is at most 50. For comparing, never a promise.
 *
 * @param l10Mrev million turns
 * @param aIso empty without κ or e_C, or with a κ under 0.1
 */
public record Life(double l10Mrev, OptionalDouble aIso) {

  private static final double MOST = 50;
  private static final double LEAST_KAPPA = 0.1;
  private static final double MOST_KAPPA = 4;

  /** How the elements roll. */
  public enum Kind {
    BALL(3, 22, 0.5, 1),
    ROLLER(10.0 / 3, 8.2, 0.3, 1),
    THRUST_BALL(3, 22, 0.5, 3),
    THRUST_ROLLER(10.0 / 3, 8.2, 0.3, 2.5);

    private final double exponent;
    private final double overLimit;
    private final double large;
    private final double divides;

    Kind(double exponent, double overLimit, double large, double divides) {
      this.exponent = exponent;
      this.overLimit = overLimit;
      this.large = large;
      this.divides = divides;
    }

    boolean isBall() {
      return this == BALL || this == THRUST_BALL;
    }
  }

  /**
   * Fatigue limit from the static rating, N: C₀/22 or C₀/8.2, less over 100 mm of mean diameter.
   */
  public static double fatigueLimit(Kind kind, double staticN, double meanDiameterMm) {
    double usual = staticN / kind.overLimit;
    return meanDiameterMm > 100 ? usual * Math.pow(100 / meanDiameterMm, kind.large) : usual;
  }

  /**
   * Works a life.
   *
   * @param ratingN C, over 0
   * @param loadN P, over 0
   * @param kappa empty where the film is not known
   * @param contamination e_C, 0 to 1; empty where it is not known
   * @param limitN C_u; empty where it is not known
   */
  public static Life of(
      Kind kind,
      double ratingN,
      double loadN,
      OptionalDouble kappa,
      OptionalDouble contamination,
      OptionalDouble limitN) {
    if (!(ratingN > 0 && loadN > 0)) {
      throw new IllegalArgumentException("Not a rating and a load");
    }
    double l10 = Math.pow(ratingN / loadN, kind.exponent);
    boolean known =
        kappa.isPresent()
            && kappa.getAsDouble() >= LEAST_KAPPA
            && contamination.isPresent()
            && limitN.isPresent();
    return new Life(
        l10,
        known
            ? OptionalDouble.of(
                factor(
                    kind,
                    Math.min(kappa.getAsDouble(), MOST_KAPPA),
                    contamination.getAsDouble() * limitN.getAsDouble() / loadN))
            : OptionalDouble.empty());
  }

  /** a_ISO by the three ranges of κ. */
  private static double factor(Kind kind, double kappa, double stress) {
    double share = stress / kind.divides;
    double power = kappa < 0.4 ? 0.054381 : kappa < 1 ? 0.19087 : 0.071739;
    double bracket;
    if (kind.isBall()) {
      double over = kappa < 0.4 ? 2.2649 : 1.9987;
      double film = Math.pow(2.5671 - over / Math.pow(kappa, power), 0.83);
      bracket = 1 - film * Math.cbrt(share);
    } else {
      double over = kappa < 0.4 ? 1.3993 : 1.2348;
      double film = 1.5859 - over / Math.pow(kappa, power);
      bracket = 1 - film * Math.pow(share, 0.4);
    }
    if (bracket <= 0) {
      return MOST;
    }
    return Math.min(MOST, 0.1 * Math.pow(bracket, kind.isBall() ? -9.3 : -9.185));
  }

  /** Million turns with what is known of film and dirt. */
  public double mrev() {
    return l10Mrev * aIso.orElse(1);
  }

  /** Hours at a speed. */
  public double hours(double rpm) {
    return mrev() * 1e6 / (60 * rpm);
  }

  /** Kilometres on a tyre. */
  public double km(double tyreDiameterMm) {
    return mrev() * Math.PI * tyreDiameterMm;
  }
}
