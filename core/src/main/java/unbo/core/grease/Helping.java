package unbo.core.grease;

/**
 * What an amount looks like at the bench.
 *
 * @param teaspoons of 5 cm³
 * @param beadCm length of a bead from a nozzle of one centimetre
 */
public record Helping(double teaspoons, double beadCm) {

  private static final double NOZZLE_CM2 = Math.PI / 4;

  public static Helping of(double cm3) {
    return new Helping(cm3 / GreaseCharge.TEASPOON_CM3, cm3 / NOZZLE_CM2);
  }
}
