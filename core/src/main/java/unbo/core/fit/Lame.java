package unbo.core.fit;

/**
 * Pressure between two thick-walled tubes pressed together, and what it does to a raceway (Lamé;
 * any textbook of machine elements). Lengths mm, moduli MPa. Limits: elastic, long tubes, no
 * bending; a ring's raceway counts as a plain cylinder.
 */
public final class Lame {

  private Lame() {}

  /**
   * Pressure in MPa for one mm of interference at a seat.
   *
   * @param d diameter of the seat
   * @param boreMm bore of the inner tube, 0 for a solid shaft, under d
   * @param outsideMm outside of the outer tube, over d
   */
  public static double pressurePerMm(
      double d, double boreMm, Material inner, double outsideMm, Material outer) {
    double in = (d * d + boreMm * boreMm) / (d * d - boreMm * boreMm) - inner.poisson();
    double out =
        (outsideMm * outsideMm + d * d) / (outsideMm * outsideMm - d * d) + outer.poisson();
    return 1 / d / (in / inner.modulusMpa() + out / outer.modulusMpa());
  }

  /** How much an inner ring's raceway grows in diameter for a pressure in its bore, mm. */
  public static double innerGrows(double pressureMpa, double d, double racewayMm) {
    return 2
        * pressureMpa
        * d
        * d
        * racewayMm
        / ((racewayMm * racewayMm - d * d) * Material.RING.modulusMpa());
  }

  /** How much an outer ring's raceway shrinks in diameter for a pressure on its outside, mm. */
  public static double outerShrinks(double pressureMpa, double outerMm, double racewayMm) {
    return 2
        * pressureMpa
        * outerMm
        * outerMm
        * racewayMm
        / ((outerMm * outerMm - racewayMm * racewayMm) * Material.RING.modulusMpa());
  }

  /** Hoop stress at the bore of a housing, MPa. */
  public static double hoopStress(double pressureMpa, double d, double outsideMm) {
    double o = outsideMm * outsideMm;
    return pressureMpa * (o + d * d) / (o - d * d);
  }
}
