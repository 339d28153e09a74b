package unbo.app.proving;

import java.util.Map;
import java.util.Optional;
import unbo.app.web.FieldProblems;
import unbo.core.units.Entry;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;
import unbo.core.units.ReadingList;
import unbo.core.verification.AccusingTest;

/** Reads the fields of a test: its readings, and its second number. */
final class TestEntry {

  private static final int MOST_READINGS = 20;

  private final AccusingTest test;
  private final String first;
  private final Map<String, String> form;
  private final FieldProblems problems;

  /** The fields of a test whose names begin with a word such as {@code before}. */
  TestEntry(AccusingTest test, String when, Map<String, String> form, FieldProblems problems) {
    this.test = test;
    this.first = when + "-" + test.id();
    this.form = form;
    this.problems = problems;
  }

  /** What was read; empty when nothing was typed, or something cannot be understood. */
  Optional<TestReading> read() {
    String typed = form.getOrDefault(first, "").strip();
    ReadingList list = ReadingList.parse(typed, MOST_READINGS, this::value);
    list.problem().ifPresent(p -> problems.add(first, p));
    boolean any = list.problem().isEmpty() && !list.values().isEmpty();
    if (test.second().isEmpty()) {
      return any ? Optional.of(new TestReading(list.values(), null, typed, "")) : Optional.empty();
    }
    String second = first + "-second";
    String secondTyped = form.getOrDefault(second, "").strip();
    Optional<Double> other = problems.take(second, second(secondTyped));
    requireBoth(any, other.isPresent(), second);
    return any && other.isPresent()
        ? Optional.of(new TestReading(list.values(), other.get(), typed, secondTyped))
        : Optional.empty();
  }

  private void requireBoth(boolean any, boolean other, String second) {
    if (any != other && problems.at(first) == null && problems.at(second) == null) {
      problems.add(
          any ? second : first,
          new Problem("", "One of the two numbers is missing.", "Enter both, or empty both."));
    }
  }

  private Entry<Double> value(String typed) {
    return switch (test.unit()) {
      case "N" -> force(typed);
      case "°C" -> temperature(typed);
      case "" -> QuantityEntry.COUNT.parse(typed).check(v -> between(v, 0, 10_000, ""));
      case "of 4" -> QuantityEntry.COUNT.parse(typed).check(v -> between(v, 0, 4, ""));
      default -> millimetres(typed).check(v -> between(v, 0, mostMm(), " mm"));
    };
  }

  /** Bars swing further than anything has play. */
  private double mostMm() {
    return test == AccusingTest.DROP ? 300 : 50;
  }

  private Entry<Double> second(String typed) {
    return switch (test.secondUnit()) {
      case "N" -> force(typed);
      case "°C" -> temperature(typed);
      case "" -> QuantityEntry.COUNT.parse(typed).check(v -> between(v, 1, 1000, ""));
      default -> millimetres(typed).check(v -> between(v, 20, 1500, " mm"));
    };
  }

  private static Entry<Double> force(String typed) {
    return QuantityEntry.FORCE.parse(typed).check(v -> between(v, 0, 2000, " N"));
  }

  private static Entry<Double> temperature(String typed) {
    return QuantityEntry.TEMPERATURE.parse(typed).check(v -> between(v, -40, 500, " °C"));
  }

  private static Entry<Double> millimetres(String typed) {
    return LengthEntry.parse(typed, LengthEntry.Unit.MILLIMETRE).map(t -> t.length().millimetres());
  }

  private static Optional<Problem> between(double value, double least, double most, String unit) {
    return value >= least && value <= most
        ? Optional.empty()
        : Optional.of(
            new Problem(
                value + unit,
                "Out of range.",
                "Enter " + (long) least + " to " + (long) most + unit + "."));
  }
}
