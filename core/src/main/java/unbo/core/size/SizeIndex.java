package unbo.core.size;

import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Variants in the order of each dimension, so that a search looks at those near its readings only.
 * What lies outside the reach of one reading is no candidate, whatever the others say; the reading
 * that leaves the fewest is therefore enough to choose by.
 */
final class SizeIndex {

  private final List<SizeVariant> all;
  private final Map<SizeDimension, Column> columns = new EnumMap<>(SizeDimension.class);

  /**
   * Variants by one of their dimensions; those without it are not among them.
   *
   * @param sizes nominal sizes in mm, rising
   * @param places where each stands among all variants
   * @param widestRingUm the largest spread of a ring among them
   */
  private record Column(double[] sizes, int[] places, double widestRingUm) {

    int from(double least) {
      int at = Arrays.binarySearch(sizes, least);
      at = at < 0 ? -at - 1 : at;
      while (at > 0 && sizes[at - 1] == least) {
        at--;
      }
      return at;
    }

    int to(double most) {
      return from(Math.nextUp(most));
    }
  }

  SizeIndex(List<SizeVariant> all) {
    this.all = List.copyOf(all);
    for (SizeDimension dimension : SizeDimension.values()) {
      columns.put(dimension, column(dimension));
    }
  }

  private Column column(SizeDimension dimension) {
    int[] places =
        IntStream.range(0, all.size())
            .filter(i -> dimension.of(all.get(i)).isPresent())
            .boxed()
            .sorted(Comparator.comparingDouble(i -> dimension.of(all.get(i)).getAsDouble()))
            .mapToInt(Integer::intValue)
            .toArray();
    double[] sizes =
        Arrays.stream(places).mapToDouble(i -> dimension.of(all.get(i)).getAsDouble()).toArray();
    double widest =
        Arrays.stream(places)
            .mapToDouble(i -> all.get(i).ringSigmaUm().get(dimension))
            .max()
            .orElse(0);
    return new Column(sizes, places, widest);
  }

  /** Those that one reading leaves, the reading chosen that leaves the fewest; catalogue order. */
  List<SizeVariant> near(Map<SizeDimension, MeasuredSize> measured) {
    Column narrowest = null;
    int first = 0;
    int end = Integer.MAX_VALUE;
    for (Map.Entry<SizeDimension, MeasuredSize> entry : measured.entrySet()) {
      Column column = columns.get(entry.getKey());
      double reach =
          SizeSearch.reachMm(Math.hypot(entry.getValue().sigmaUm(), column.widestRingUm) / 1000);
      int from = column.from(entry.getValue().millimetres() - reach);
      int to = column.to(entry.getValue().millimetres() + reach);
      if (to - from < end - first) {
        narrowest = column;
        first = from;
        end = to;
      }
    }
    int[] places = Arrays.copyOfRange(narrowest.places, first, end);
    Arrays.sort(places);
    return Arrays.stream(places).mapToObj(all::get).toList();
  }
}
