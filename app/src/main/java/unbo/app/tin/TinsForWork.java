package unbo.app.tin;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.core.lubricant.Mixing;
import unbo.core.lubricant.TinChoice;
import unbo.core.lubricant.Water;
import unbo.core.units.NumberEntry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;

/**
 * Which of the shop's tins for this position.
 *
 * @param fields as typed
 * @param tins how many the shop has
 * @param choice null while speed and temperature are not both there
 */
public record TinsForWork(
    Map<String, String> fields, FieldProblems problems, int tins, TinChoice choice) {

  public static TinsForWork of(Workpiece piece, Map<String, String> fields, List<GreaseTin> tins) {
    FieldProblems problems = new FieldProblems();
    Optional<Double> rpm = rpm(fields, problems);
    Optional<Double> celsius = celsius(fields, problems);
    if (rpm.isEmpty() || celsius.isEmpty()) {
      return new TinsForWork(fields, problems, tins.size(), null);
    }
    Water water =
        Water.withId(fields.getOrDefault("tin-water", "dry"))
            .orElseGet(() -> Water.withId("dry").orElseThrow());
    Set<String> touches = new LinkedHashSet<>();
    TinForm.TOUCHES.stream()
        .filter(t -> "true".equals(fields.get("tin-touches-" + t)))
        .forEach(touches::add);
    TinChoice.Work work =
        new TinChoice.Work(
            rpm.get(),
            meanMm(piece),
            celsius.get(),
            water,
            fields.getOrDefault("tin-there", ""),
            touches);
    return new TinsForWork(
        fields,
        problems,
        tins.size(),
        TinChoice.of(work, tins.stream().map(GreaseTin::tin).toList()));
  }

  /** Mean diameter of the largest bearing, mm. */
  public static double meanMm(Workpiece piece) {
    return piece.arrangement().namedPlaces().stream()
        .flatMap(p -> piece.assembly().bearingAt(p.id()).stream())
        .mapToDouble(b -> (b.boreMm() + b.outerMm()) / 2)
        .max()
        .orElse(50);
  }

  private static Optional<Double> rpm(Map<String, String> fields, FieldProblems problems) {
    String text = fields.getOrDefault("tin-rpm", "").strip();
    if (text.isEmpty()) {
      return Optional.empty();
    }
    Optional<Double> rpm = NumberEntry.parse(text).filter(n -> n >= 1 && n <= 60_000);
    if (rpm.isEmpty()) {
      problems.add("tin-rpm", new Problem(text, "Not a speed.", "Enter 1 to 60000 rpm."));
    }
    return rpm;
  }

  private static Optional<Double> celsius(Map<String, String> fields, FieldProblems problems) {
    Optional<Double> read =
        problems.take(
            "tin-hot", QuantityEntry.TEMPERATURE.parse(fields.getOrDefault("tin-hot", "")));
    if (read.isPresent() && !(read.get() >= -20 && read.get() <= 150)) {
      problems.add(
          "tin-hot",
          new Problem(
              fields.get("tin-hot"), "Outside what is known of oils.", "Enter −20 to 150 °C."));
      return Optional.empty();
    }
    return read;
  }

  /** Speed as typed, where it can be one. */
  public OptionalDouble rpm() {
    return asDouble(rpm(fields, new FieldProblems()));
  }

  /** Heat at work as typed, where it can be one. */
  public OptionalDouble celsius() {
    return asDouble(celsius(fields, new FieldProblems()));
  }

  private static OptionalDouble asDouble(Optional<Double> value) {
    return value.map(OptionalDouble::of).orElse(OptionalDouble.empty());
  }

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  public List<Water> waters() {
    return Water.all();
  }

  public List<String> thickeners() {
    return Mixing.THICKENERS;
  }

  public List<String> touches() {
    return TinForm.TOUCHES;
  }
}
