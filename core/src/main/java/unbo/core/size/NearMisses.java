package unbo.core.size;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;
import unbo.core.units.Length;

/**
 * Sizes of the other system of measures close to the best one: 25 against 25.4, 19 against 19.05.
 * What is taken for the other goes in crooked, or spins on its seat.
 */
final class NearMisses {

  private static final double CLOSE_MM = 0.6;
  private static final double SAME_MM = 0.02;

  /** Every bore and outside diameter there is, metric ones apart. */
  private static final Map<SizeDimension, Map<Boolean, TreeSet<Double>>> SIZES = sizes();

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
    SIZES
        .get(dimension)
        .get(!isMetric(best))
        .subSet(best - CLOSE_MM, true, best + CLOSE_MM, true)
        .stream()
        .filter(size -> Math.abs(size - best) > SAME_MM)
        .min(Comparator.comparingDouble(size -> Math.abs(size - best)))
        .ifPresent(size -> traps.add(sentence(dimension, best, size, measured)));
  }

  private static Map<SizeDimension, Map<Boolean, TreeSet<Double>>> sizes() {
    Map<SizeDimension, Map<Boolean, TreeSet<Double>>> all = new EnumMap<>(SizeDimension.class);
    for (SizeDimension d : List.of(SizeDimension.BORE, SizeDimension.OUTER)) {
      all.put(
          d,
          SizeSearch.all().stream()
              .map(v -> d.of(v).getAsDouble())
              .collect(
                  Collectors.partitioningBy(
                      NearMisses::isMetric, Collectors.toCollection(TreeSet::new))));
    }
    return all;
  }

  private static String sentence(
      SizeDimension dimension, double best, double other, MeasuredSize measured) {
    double gap = Math.abs(other - best);
    boolean told = measured.instrument().uncertaintyAt(best) * 2 < gap;
    return String.format(
        Locale.ROOT,
        "%s %s is easily confused with %s: %s mm apart. A %s %s tell them apart.",
        capital(dimension.title()),
        named(best),
        named(other),
        MeasureAgain.plain(Math.round(gap * 1000) / 1000.0),
        measured.instrument().name(),
        told ? "can" : "cannot");
  }

  /** A size with its own inches behind it, where it is an inch size. */
  private static String named(double size) {
    String millimetres = MeasureAgain.plain(size) + " mm";
    return isMetric(size) ? millimetres : millimetres + " (" + inches(size) + ")";
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
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
