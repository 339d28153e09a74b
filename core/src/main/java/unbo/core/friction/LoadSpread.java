package unbo.core.friction;

import java.util.stream.IntStream;
import org.hipparchus.analysis.solvers.BrentSolver;
import unbo.core.contact.ElementContact;
import unbo.core.measure.Measured;

/**
 * How a radial load spreads over the elements of a row, and what they carry all together for it: an
 * element at the angle ψ is approached by δ·cos ψ − G/2 and carries K·(approach)ⁿ, what they carry
 * along the load is F, and δ follows by Brent's method. With clearance fewer elements carry more of
 * it straight; without any, or with preload, elements press against each other as well. Load drag
 * goes by what they carry together, which is where the clearance enters it.
 *
 * <p>Source: load distribution as in textbooks of rolling bearing analysis (Stribeck's and
 * Sjövall's integrals; Harris); Palmgren for the contacts, n 3/2 for balls and 1/0.9 for rollers.
 * Limits: stiff rings, one row, steel, no axial load, no centrifugal load.
 *
 * @param elements of the row, 3 or more
 * @param contact of an element with its raceways
 */
public record LoadSpread(int elements, ElementContact contact) {

  private static final int ANGLES = 90;
  private static final int MOST_STEPS = 200;
  private static final double EXACT_MM = 1e-9;

  private static final double[] COSINES =
      IntStream.range(0, ANGLES).mapToDouble(i -> Math.cos(Math.PI * (i + 0.5) / ANGLES)).toArray();

  /** Greatest clearance or preload that is answered, mm. */
  public static final double MOST_MM = 0.2;

  /**
   * @throws IllegalArgumentException for what is no row
   */
  public LoadSpread {
    if (elements < 3) {
      throw new IllegalArgumentException("Not a row of elements");
    }
  }

  /**
   * What all elements carry together for each newton of radial load; 1 where one carries it all.
   *
   * @param radialN over 0
   * @param clearanceMm diametral; negative is preload; within {@value #MOST_MM} either way
   * @throws IllegalArgumentException outside of that
   */
  public double together(double radialN, double clearanceMm) {
    if (!(radialN > 0 && Math.abs(clearanceMm) <= MOST_MM)) {
      throw new IllegalArgumentException("Not a load and a clearance");
    }
    double least = Math.max(0, clearanceMm / 2);
    double most = least + contact.approach(radialN);
    while (along(most, clearanceMm) < radialN) {
      most *= 2;
    }
    double shift =
        new BrentSolver(EXACT_MM)
            .solve(MOST_STEPS, x -> along(x, clearanceMm) - radialN, least, most);
    return sum(shift, clearanceMm, false) / radialN;
  }

  /** What the elements carry along the load, N. */
  private double along(double shiftMm, double clearanceMm) {
    return sum(shiftMm, clearanceMm, true);
  }

  /** Over half of the row, whose other half is its mirror. */
  private double sum(double shiftMm, double clearanceMm, boolean along) {
    double sum = 0;
    for (double cosine : COSINES) {
      double approach = shiftMm * cosine - clearanceMm / 2;
      if (approach > 0) {
        sum += contact.raised(approach) * (along ? cosine : 1);
      }
    }
    return contact.stiffness() * sum * elements / COSINES.length;
  }

  /**
   * What they carry together at a clearance against what they do at another, for which the factors
   * of drag hold; the doubt is that of the clearance alone, by both its ends.
   *
   * @param radialN over 0
   * @param nowUm clearance at work with its doubt, µm
   * @param usualUm at which the factors hold, µm
   * @throws IllegalArgumentException where an end is outside {@value #MOST_MM} mm
   */
  public Measured against(double radialN, Measured nowUm, double usualUm) {
    double usual = together(radialN, usualUm / 1000);
    double tight = together(radialN, nowUm.least() / 1000) / usual;
    double loose = together(radialN, nowUm.most() / 1000) / usual;
    double middle = together(radialN, nowUm.value() / 1000) / usual;
    return new Measured(middle, Math.max(Math.abs(tight - middle), Math.abs(loose - middle)));
  }
}
