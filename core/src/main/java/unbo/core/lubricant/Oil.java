package unbo.core.lubricant;

/**
 * An oil, or the base oil of a grease, by its kinematic viscosity at two temperatures: lg lg(ν +
 * 0.7) = A − m·lg T (Walther; ASTM D341). Good from about −20 to 150 °C.
 *
 * @param v40 at 40 °C, mm²/s
 * @param v100 at 100 °C, mm²/s
 */
public record Oil(double v40, double v100) {

  public static final double COLDEST_C = -20;
  public static final double HOTTEST_C = 150;

  private static final double KELVIN = 273.15;
  private static final double LEAST = 1;

  /**
   * @throws IllegalArgumentException when it does not thin with heat, or is too thin for the law
   */
  public Oil {
    if (!(v100 >= LEAST && v40 > v100 && v40 < 1e5)) {
      throw new IllegalArgumentException("Not the viscosities of an oil");
    }
  }

  private static double doubled(double v) {
    return Math.log10(Math.log10(v + 0.7));
  }

  /**
   * Viscosity at a temperature, mm²/s.
   *
   * @throws IllegalArgumentException outside −20 to 150 °C
   */
  public double at(double celsius) {
    if (!(celsius >= COLDEST_C && celsius <= HOTTEST_C)) {
      throw new IllegalArgumentException("Outside the range of the law");
    }
    double warm = Math.log10(40 + KELVIN);
    double hot = Math.log10(100 + KELVIN);
    double m = (doubled(v40) - doubled(v100)) / (hot - warm);
    double a = doubled(v40) + m * warm;
    return Math.pow(10, Math.pow(10, a - m * Math.log10(celsius + KELVIN))) - 0.7;
  }
}
