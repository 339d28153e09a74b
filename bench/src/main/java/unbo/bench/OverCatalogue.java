package unbo.bench;

import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.designation.DesignationReader;
import unbo.core.measure.Instrument;
import unbo.core.size.MeasuredSize;
import unbo.core.size.SizeDimension;
import unbo.core.size.SizeSearch;

/**
 * How long every number of the catalogue takes to read and every size to find: the median of each
 * over many rounds, then the median, the 99th percentile and the slowest over all rows. A round
 * that the machine disturbed falls out with the median; a number that is slow by itself does not.
 */
public final class OverCatalogue {

  private static final int WARM_UP = 60;
  private static final int ROUNDS = 101;

  /** How far off the rings are read, in millimetres: a size is seldom met to the last digit. */
  private static final double READ_OFF_MM = 0.02;

  private OverCatalogue() {}

  public static void main(String[] arguments) {
    List<Bearing> rows = Catalogue.standard().all();
    DesignationReader reader = DesignationReader.standard();
    print("read its number", rows, row -> reader.read(row.designation()));
    print("the same with seals and clearance", rows, row -> reader.read(marked(row)));
    Map<Bearing, Map<SizeDimension, MeasuredSize>> sizes = sizes(rows);
    print("find it by three sizes", rows, row -> SizeSearch.find(sizes.get(row), Optional.empty()));
  }

  private static String marked(Bearing row) {
    return row.designation() + "-2RS C3";
  }

  private static Map<Bearing, Map<SizeDimension, MeasuredSize>> sizes(List<Bearing> rows) {
    Instrument caliper = Instrument.withId("caliper").orElseThrow();
    Map<Bearing, Map<SizeDimension, MeasuredSize>> sizes = new LinkedHashMap<>();
    for (Bearing row : rows) {
      sizes.put(
          row,
          Map.of(
              SizeDimension.BORE, new MeasuredSize(row.boreMm() + READ_OFF_MM, caliper),
              SizeDimension.OUTER, new MeasuredSize(row.outerMm() - READ_OFF_MM, caliper),
              SizeDimension.WIDTH, new MeasuredSize(row.widthMm() - READ_OFF_MM, caliper)));
    }
    return sizes;
  }

  private static void print(String what, List<Bearing> rows, Consumer<Bearing> work) {
    for (int i = 0; i < WARM_UP; i++) {
      rows.forEach(work);
    }
    long[][] nanoseconds = new long[rows.size()][ROUNDS];
    for (int round = 0; round < ROUNDS; round++) {
      for (int i = 0; i < rows.size(); i++) {
        long before = System.nanoTime();
        work.accept(rows.get(i));
        nanoseconds[i][round] = System.nanoTime() - before;
      }
    }
    double[] medians = Arrays.stream(nanoseconds).mapToDouble(OverCatalogue::median).toArray();
    double[] sorted = Arrays.stream(medians).sorted().toArray();
    int slowest = slowest(medians);
    System.out.printf(
        "%s: median of %d rows %.1f µs, 99th percentile %.1f µs, slowest %s %.1f µs%n",
        what,
        rows.size(),
        sorted[sorted.length / 2] / 1e3,
        sorted[(int) (0.99 * sorted.length)] / 1e3,
        rows.get(slowest).designation(),
        medians[slowest] / 1e3);
  }

  private static double median(long[] values) {
    return Arrays.stream(values).sorted().skip(values.length / 2).findFirst().orElseThrow();
  }

  private static int slowest(double[] medians) {
    List<Double> all = Arrays.stream(medians).boxed().toList();
    return all.indexOf(all.stream().max(Comparator.naturalOrder()).orElseThrow());
  }
}
