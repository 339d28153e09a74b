package unbo.core.size;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
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

  /** What each size is taken for, put into words once. */
  private static final Map<SizeDimension, Map<Double, Twin>> TWINS = twins();

  /** The closest size of the other system. */
  private record Twin(double gapMm, String text) {}

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
    Twin twin = TWINS.get(dimension).get(best);
    if (twin != null) {
      boolean told = measured.instrument().uncertaintyAt(best) * 2 < twin.gapMm;
      traps.add(
          twin.text
              + " A "
              + measured.instrument().name()
              + (told ? " can tell them apart." : " cannot tell them apart."));
    }
  }

  private static Map<SizeDimension, Map<Double, Twin>> twins() {
    Map<SizeDimension, Map<Double, Twin>> all = new EnumMap<>(SizeDimension.class);
    SIZES.forEach(
        (dimension, sizes) -> {
          Map<Double, Twin> own = new HashMap<>();
          sizes.values().stream()
              .flatMap(TreeSet::stream)
              .forEach(size -> twin(dimension, size).ifPresent(twin -> own.put(size, twin)));
          all.put(dimension, own);
        });
    return all;
  }

  private static Optional<Twin> twin(SizeDimension dimension, double best) {
    return SIZES
        .get(dimension)
        .get(!isMetric(best))
        .subSet(best - CLOSE_MM, true, best + CLOSE_MM, true)
        .stream()
        .filter(size -> Math.abs(size - best) > SAME_MM)
        .min(Comparator.comparingDouble(size -> Math.abs(size - best)))
        .map(size -> new Twin(Math.abs(size - best), sentence(dimension, best, size)));
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

  private static String sentence(SizeDimension dimension, double best, double other) {
    return String.format(
        Locale.ROOT,
        "%s %s is easily confused with %s: %s mm apart.",
        capital(dimension.title()),
        named(best),
        named(other),
        MeasureAgain.plain(Math.round(Math.abs(other - best) * 1000) / 1000.0));
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
