package unbo.app.packing;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import unbo.app.job.Workpiece;
import unbo.app.tin.TinsForWork;
import unbo.app.web.FieldProblems;
import unbo.app.web.NumberField;
import unbo.core.arrangement.TurningGroups;
import unbo.core.lubricant.GreaseLife;
import unbo.core.units.NumberEntry;
import unbo.core.working.Working;

/**
 * How long the grease of a position lasts: hours of running, distance at a speed, months. Months
 * end it whatever the hours say, and the distance of a year where that was said.
 *
 * @param hours by the rule, with their band
 * @param kmh road speed at the speed of the bearing; null while it is not known
 * @param kmYear distance of a year; null while it is not known
 */
public record GreaseLasts(Working hours, Double kmh, Double kmYear) {

  /** No grease is left in for longer, whatever the hours say: our own bound. */
  public static final int MOST_MONTHS = 60;

  /** Empty while speed or heat is missing, and outside the rule. */
  static Optional<GreaseLasts> of(
      Workpiece piece, Map<String, String> fields, FieldProblems problems) {
    Optional<Double> rpm = NumberEntry.parse(fields.getOrDefault("tin-rpm", ""));
    Optional<Double> celsius =
        unbo.core.units.QuantityEntry.TEMPERATURE.parse(fields.getOrDefault("tin-hot", "")).value();
    if (rpm.isEmpty() || celsius.isEmpty()) {
      return Optional.empty();
    }
    Double kmh = number("drag-kmh", 1, 400, fields, problems);
    Double kmYear = number("drag-year", 1, 1_000_000, fields, problems);
    return GreaseLife.hours(
            rpm.get() * TinsForWork.meanMm(piece), celsius.get(), hardships(piece, fields))
        .map(h -> new GreaseLasts(h, kmh, kmYear));
  }

  private static Double number(
      String field, double least, double most, Map<String, String> fields, FieldProblems problems) {
    return NumberField.read(field, fields.getOrDefault(field, ""), least, most, problems)
        .orElse(null);
  }

  private static int hardships(Workpiece piece, Map<String, String> fields) {
    long said =
        List.of("drag-vertical", "drag-dirt").stream()
            .filter(f -> "true".equals(fields.get(f)))
            .count();
    boolean outer =
        piece.arrangement().namedPlaces().stream()
            .anyMatch(
                p -> TurningGroups.of(piece.arrangement()).turnsOuter(piece.arrangement(), p.id()));
    return (int) said + (outer ? 1 : 0);
  }

  /** Distance in km; empty while no speed is known. */
  public Optional<Double> km() {
    return Optional.ofNullable(kmh).map(v -> hours.result().value() * v);
  }

  /**
   * Months until it is renewed: by the distance of a year, and never more than {@value
   * #MOST_MONTHS}.
   */
  public int months() {
    if (kmYear == null || kmh == null) {
      return MOST_MONTHS;
    }
    double months = 12 * km().orElseThrow() / kmYear;
    return (int) Math.max(1, Math.min(MOST_MONTHS, Math.floor(months)));
  }

  /** As it is kept, from a day on. */
  PackRecord.Regrease from(LocalDate day) {
    return new PackRecord.Regrease(
        hours.result().value(), km().orElse(null), day.plusMonths(months()));
  }

  /** Hours as they are written. */
  public String hoursText() {
    return String.format(Locale.ROOT, "%,.0f h", hours.result().value());
  }

  /** The other two, a sentence. */
  public String orText() {
    String distance =
        km().map(k -> String.format(Locale.ROOT, "%,.0f km at that speed, or ", k)).orElse("");
    String by =
        months() < MOST_MONTHS
            ? String.format(Locale.ROOT, " by %,.0f km a year", kmYear)
            : ", after which no grease is left in";
    return distance
        + months()
        + (months() == 1 ? " month" : " months")
        + by
        + ": whichever comes first.";
  }
}
