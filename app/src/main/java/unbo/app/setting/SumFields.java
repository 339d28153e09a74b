package unbo.app.setting;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.web.FieldProblems;
import unbo.app.web.NumberField;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.measure.Readings;
import unbo.core.measure.Window;
import unbo.core.units.Entry;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;
import unbo.core.units.ReadingList;

/** Reads the fields of a sum; what is wrong is said at its field. */
final class SumFields {

  private static final int MOST_READINGS = 12;

  private final Map<String, String> fields;
  private final FieldProblems problems;

  SumFields(Map<String, String> fields, FieldProblems problems) {
    this.fields = fields;
    this.problems = problems;
  }

  String get(String field) {
    return fields.getOrDefault(PartSums.PREFIX + field, "");
  }

  /** Lengths in a list, mm. */
  List<Double> lengths(String field, double most) {
    String id = PartSums.PREFIX + field;
    ReadingList list = ReadingList.parse(get(field), MOST_READINGS, SumFields::length);
    list.problem().ifPresent(p -> problems.add(id, p));
    if (list.values().stream().anyMatch(v -> !(v > 0 && v <= most))) {
      problems.add(
          id,
          new Problem(
              get(field),
              "Not a length of this.",
              "Enter more than 0, up to " + (int) most + " mm."));
      return List.of();
    }
    return list.values();
  }

  /** Their mean with what the gauge makes of it. */
  Optional<Measured> measured(String field, double most) {
    List<Double> values = lengths(field, most);
    return values.isEmpty() ? Optional.empty() : Optional.of(Readings.of(values, gauge()).result());
  }

  /** Empty for what is missing, or wrong and said so. */
  Optional<Double> length(String field, double most) {
    List<Double> one = lengths(field, most);
    return one.size() == 1 ? Optional.of(one.get(0)) : Optional.empty();
  }

  /** A plain number between bounds, nothing and less than nothing among them. */
  Optional<Double> number(String field, double least, double most) {
    return NumberField.read(PartSums.PREFIX + field, get(field), least, most, problems);
  }

  Instrument gauge() {
    return gauges().stream()
        .filter(g -> g.id().equals(get("gauge")))
        .findFirst()
        .orElse(gauges().get(0));
  }

  static List<Instrument> gauges() {
    return List.of("caliper", "micrometer", "depth-gauge", "vernier").stream()
        .map(i -> Instrument.withId(i).orElseThrow())
        .toList();
  }

  /** Limits of a length or of a torque; empty where none or one was entered. */
  Optional<Window> limits(boolean torque, double most) {
    Optional<Double> from = torque ? torque("from", most) : length("from", most);
    Optional<Double> to = torque ? torque("to", most) : length("to", most);
    if (from.isPresent() != to.isPresent()) {
      String missing = PartSums.PREFIX + (from.isPresent() ? "to" : "from");
      if (problems.at(missing) == null) {
        problems.add(
            missing,
            new Problem("", "Both limits are needed.", "Enter the other limit, or empty both."));
      }
      return Optional.empty();
    }
    if (from.isPresent() && from.get() >= to.get()) {
      problems.add(
          PartSums.PREFIX + "to",
          new Problem(
              get("to"),
              "The upper limit is not above the lower one.",
              "Enter the smaller value first."));
      return Optional.empty();
    }
    return from.map(f -> new Window(f, to.get()));
  }

  private Optional<Double> torque(String field, double most) {
    String id = PartSums.PREFIX + field;
    Optional<Double> nm = problems.take(id, QuantityEntry.TORQUE.parse(get(field)));
    if (nm.isPresent() && !(nm.get() > 0 && nm.get() <= most)) {
      problems.add(
          id,
          new Problem(
              get(field),
              "Not a torque of this.",
              "Enter more than 0, up to " + (int) most + " Nm."));
      return Optional.empty();
    }
    return nm;
  }

  private static Entry<Double> length(String text) {
    return LengthEntry.parse(text, LengthEntry.Unit.MILLIMETRE).map(t -> t.length().millimetres());
  }
}
