package unbo.core.size;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import unbo.core.units.Length;

/**
 * Sizes of the other system of measures close to the best one: 25 against 25.4, 19 against 19.05.
 * What is taken for the other goes in crooked, or spins on its seat.
 */
final class NearMisses {

  private static final double CLOSE_MM = 0.6;
  private static final double SAME_MM = 0.02;

  private NearMisses() {}

  static List<String> of(List<SizeVariant> candidates, Map<SizeDimension, MeasuredSize> measured) {
    if (candidates.isEmpty()) {
      return List.of();
    }
    List<String> traps = new ArrayList<>();
    for (SizeDimension d : List.of(SizeDimension.BORE, SizeDimension.OUTER)) {
      if (measured.containsKey(d)) {
        trap(d, d.of(candidates.get(0)).getAsDouble(), measured.get(d), traps);
      }
    }
    return traps;
  }

  private static void trap(
      SizeDimension dimension, double best, MeasuredSize measured, List<String> traps) {
    OptionalDouble other =
        SizeSearch.all().stream()
            .mapToDouble(v -> dimension.of(v).getAsDouble())
            .filter(size -> isMetric(size) != isMetric(best))
            .filter(size -> Math.abs(size - best) > SAME_MM && Math.abs(size - best) <= CLOSE_MM)
            .boxed()
            .min((a, b) -> Double.compare(Math.abs(a - best), Math.abs(b - best)))
            .map(OptionalDouble::of)
            .orElse(OptionalDouble.empty());
    other.ifPresent(size -> traps.add(sentence(dimension, best, size, measured)));
  }

  private static String sentence(
      SizeDimension dimension, double best, double other, MeasuredSize measured) {
    double gap = Math.abs(other - best);
    boolean told = measured.instrument().uncertaintyAt(best) * 2 < gap;
    return String.format(
        Locale.ROOT,
        "The %s %s mm has a neighbour at %s mm (%s): %s mm apart, %s a %s.",
        dimension.title(),
        MeasureAgain.plain(best),
        MeasureAgain.plain(other),
        inches(isMetric(best) ? other : best),
        MeasureAgain.plain(Math.round(gap * 1000) / 1000.0),
        told ? "told apart by" : "not told apart by",
        measured.instrument().name());
  }

  /** Whole tenths of a millimetre are taken for metric. */
  private static boolean isMetric(double size) {
    return Math.abs(size * 10 - Math.rint(size * 10)) < 1e-6 && !isWholeSixteenth(size);
  }

  private static boolean isWholeSixteenth(double size) {
    double sixteenths = size / Length.MILLIMETRES_PER_INCH * 16;
    return Math.abs(sixteenths - Math.rint(sixteenths)) < 1e-6;
  }

  private static String inches(double size) {
    return String.format(Locale.ROOT, "%.4f in", size / Length.MILLIMETRES_PER_INCH);
  }
}
