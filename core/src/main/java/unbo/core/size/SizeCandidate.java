package unbo.core.size;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import unbo.core.catalogue.Bearing;

/**
 * A standard bearing that a measured size may be.
 *
 * @param bearing the row
 * @param note what is special about it, such as a width that counts for the closed one only, or
 *     another number of the same bearing
 * @param widthMm its width, for tapers T
 * @param weight how likely it is among all standard sizes and none of them, 0 to 1
 * @param misfitUm measured less nominal, by dimension, micrometres
 * @param sigma the same over its standard deviation, of instrument and ring together
 */
public record SizeCandidate(
    Bearing bearing,
    String note,
    double widthMm,
    double weight,
    Map<SizeDimension, Double> misfitUm,
    Map<SizeDimension, Double> sigma) {

  public SizeCandidate {
    misfitUm = inOrder(misfitUm);
    sigma = inOrder(sigma);
  }

  /** Always in the order of the dimensions, so that of two alike the same one is named. */
  private static Map<SizeDimension, Double> inOrder(Map<SizeDimension, Double> by) {
    Map<SizeDimension, Double> copy = new EnumMap<>(SizeDimension.class);
    copy.putAll(by);
    return Collections.unmodifiableMap(copy);
  }

  /** The worst of its dimensions, in standard deviations. */
  public double worstSigma() {
    return sigma.values().stream().mapToDouble(Math::abs).max().orElse(0);
  }
}
