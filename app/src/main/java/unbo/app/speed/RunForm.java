package unbo.app.speed;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import unbo.app.web.FieldProblems;
import unbo.app.web.NumberField;
import unbo.core.speed.TestRun;
import unbo.core.units.Digits;
import unbo.core.units.NumberEntry;
import unbo.core.units.Problem;

/** A test run as typed. */
public record RunForm(Map<String, String> fields, FieldProblems problems) {

  private static final int LONGEST = 80;
  private static final int MOST_SAMPLES = 100;

  public String get(String field) {
    return fields.getOrDefault(field, "").strip();
  }

  /** What was measured; empty when something is missing or wrong, said at its field. */
  Optional<TestRun> read() {
    for (String text : List.of("series", "oil")) {
      if (get(text).isEmpty() || get(text).length() > LONGEST) {
        problems.add(
            text, new Problem(get(text), "No name.", "Write one of 80 characters at most."));
      }
    }
    Optional<Double> rpm = needed("rpm", 1, 60_000);
    Optional<Double> level = needed("level", -500, 500);
    Optional<Double> air = needed("air", -40, 60);
    Optional<List<TestRun.Sample>> samples = samples(get("samples"));
    if (samples.isEmpty()) {
      problems.add(
          "samples",
          new Problem(
              get("samples"),
              "Not minutes and temperatures.",
              "Write minute and °C in pairs, such as 0 21; 10 35; 20 41, the minutes rising."));
    }
    return problems.isEmpty()
        ? Optional.of(new TestRun(rpm.get(), get("oil"), level.get(), air.get(), samples.get()))
        : Optional.empty();
  }

  private Optional<Double> needed(String field, double least, double most) {
    Optional<Double> read = NumberField.read(field, get(field), least, most, problems);
    if (read.isEmpty() && problems.at(field) == null) {
      problems.add(field, new Problem("", "Missing.", "Enter what it was."));
    }
    return read;
  }

  /** Pairs of minute and °C, the minutes rising; empty for anything else. */
  static Optional<List<TestRun.Sample>> samples(String text) {
    List<TestRun.Sample> all = new ArrayList<>();
    for (String pair : text.split("[;\\r\\n]+")) {
      if (pair.isBlank()) {
        continue;
      }
      List<Double> two =
          java.util.Arrays.stream(pair.strip().split("\\s+"))
              .flatMap(n -> NumberEntry.parse(n).stream())
              .toList();
      boolean whole = two.size() == 2 && pair.strip().split("\\s+").length == 2;
      if (!whole || !isNext(all, two.get(0), two.get(1))) {
        return Optional.empty();
      }
      all.add(new TestRun.Sample(two.get(0), two.get(1)));
    }
    return all.isEmpty() || all.size() > MOST_SAMPLES
        ? Optional.empty()
        : Optional.of(List.copyOf(all));
  }

  private static boolean isNext(List<TestRun.Sample> before, double minutes, double celsius) {
    boolean rises = before.isEmpty() || minutes > before.get(before.size() - 1).minutes();
    return rises && minutes >= 0 && minutes <= 10_000 && celsius >= -40 && celsius <= 300;
  }

  /** As they are written. */
  static String text(List<TestRun.Sample> samples) {
    return samples.stream()
        .map(s -> Digits.exact(s.minutes()) + " " + Digits.exact(s.celsius()))
        .collect(Collectors.joining("; "));
  }
}
