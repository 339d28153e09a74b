package unbo.core.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import unbo.core.tables.Table;

/**
 * A measuring instrument with the uncertainty of one reading of it.
 *
 * @param id short name, lower case with hyphens
 * @param name what a mechanic calls it
 * @param uncertainty expanded uncertainty U (k = 2) in the unit of the reading (mm, °C, g) or, for
 *     a {@code relative} one, as a share of the reading
 * @param relative whether the uncertainty is a share
 * @param measures what it measures: length, bore, depth, travel, gap, force, torque, temperature or
 *     mass
 * @param least no reading is surer than this, in the unit of the reading: a share of next to
 *     nothing would be
 */
public record Instrument(
    String id, String name, double uncertainty, boolean relative, String measures, double least) {

  private static final List<Instrument> ALL =
      Table.read(
          Instrument.class,
          "/unbo/core/measure/instruments.csv",
          row ->
              new Instrument(
                  row.text("id"),
                  row.text("name"),
                  row.number("uncertainty"),
                  row.text("kind").equals("relative"),
                  row.text("measures"),
                  row.text("least").isEmpty() ? 0 : row.number("least")));

  private static final Map<String, Instrument> BY_ID =
      ALL.stream().collect(Collectors.toMap(Instrument::id, i -> i));

  /** All instruments of the table {@code instruments.csv}, in its order. */
  public static List<Instrument> all() {
    return ALL;
  }

  public static Optional<Instrument> withId(String id) {
    return Optional.ofNullable(BY_ID.get(id));
  }

  /** The instruments that measure one thing, such as {@code travel}, in the table's order. */
  public static List<Instrument> measuring(String what) {
    return ALL.stream().filter(i -> i.measures.equals(what)).toList();
  }

  /**
   * The instruments for a setting by its unit: travel in mm, a pull in N, a turning torque in Nm.
   */
  public static List<Instrument> inUnit(String unit) {
    return measuring(
        switch (unit) {
          case "mm" -> "travel";
          case "Nm" -> "torque";
          default -> "force";
        });
  }

  /** Whether its readings are millimetres. */
  public boolean isForLengths() {
    return !List.of("force", "torque", "temperature", "mass").contains(measures);
  }

  /** Instruments for the same thing with a smaller uncertainty, the coarsest of them first. */
  public List<Instrument> finer() {
    return measuring(measures).stream()
        .filter(i -> i.relative == relative && i.uncertainty < uncertainty)
        .sorted(java.util.Comparator.comparingDouble(Instrument::uncertainty).reversed())
        .toList();
  }

  /** The dial indicator, with which end play is measured unless another is named. */
  public static Instrument dial() {
    return withId("dial").orElseThrow();
  }

  /** Uncertainty of a reading of this size, in the unit of the reading. */
  public double uncertaintyAt(double reading) {
    return Math.max(least, relative ? uncertainty * Math.abs(reading) : uncertainty);
  }
}
