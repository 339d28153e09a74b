package unbo.core.contact;

/**
 * How a rolling element gives way between two raceways of steel, both contacts together: a roller δ
 * = 7.68·10⁻⁵·Q^0.9/l^0.8, a ball δ = 4.36·10⁻⁴·Q^(2/3)/D_w^(1/3). N and mm. Source: Palmgren.
 * Limits: steel on steel, elastic; osculation as usual.
 *
 * @param elementMm diameter, over 0
 * @param lengthMm of a roller; 0 for a ball
 */
public record ElementContact(double elementMm, double lengthMm) {

  private static final double LINE = 7.68e-5;

  /** Of a ball, for workings that take it as an input. */
  static final double POINT = 4.36e-4;

  private static final double LINE_POWER = 0.9;
  private static final double LENGTH_POWER = 0.8;

  /**
   * @throws IllegalArgumentException for what is no element
   */
  public ElementContact {
    if (!(elementMm > 0 && lengthMm >= 0)) {
      throw new IllegalArgumentException("Not a rolling element");
    }
  }

  public boolean isRoller() {
    return lengthMm > 0;
  }

  /** Load in N of an element approached by some mm; 0 for none. */
  public double load(double approachMm) {
    if (approachMm <= 0) {
      return 0;
    }
    return isRoller()
        ? Math.pow(approachMm * Math.pow(lengthMm, LENGTH_POWER) / LINE, 1 / LINE_POWER)
        : Math.pow(approachMm * Math.cbrt(elementMm) / POINT, 1.5);
  }

  /** Load of an element approached by 1 mm, N: what a sum over many elements takes out of it. */
  public double stiffness() {
    return isRoller()
        ? Math.pow(Math.pow(lengthMm, LENGTH_POWER) / LINE, 1 / LINE_POWER)
        : Math.pow(Math.cbrt(elementMm) / POINT, 1.5);
  }

  /** The approach to the power with which the load rises; 0 or more. */
  public double raised(double approachMm) {
    return isRoller() ? Math.pow(approachMm, 1 / LINE_POWER) : approachMm * Math.sqrt(approachMm);
  }

  /**
   * Approach in mm of an element that carries a load.
   *
   * @param newton 0 or more
   */
  public double approach(double newton) {
    return isRoller()
        ? LINE * Math.pow(newton, LINE_POWER) / Math.pow(lengthMm, LENGTH_POWER)
        : POINT * Math.pow(newton, 2.0 / 3) / Math.cbrt(elementMm);
  }

  /** Power of the approach with which the load rises. */
  public double power() {
    return isRoller() ? 1 / LINE_POWER : 1.5;
  }
}
