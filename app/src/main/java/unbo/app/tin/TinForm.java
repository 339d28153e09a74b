package unbo.app.tin;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import unbo.app.web.FieldProblems;
import unbo.core.lubricant.Mixing;
import unbo.core.lubricant.Oil;
import unbo.core.lubricant.Tin;
import unbo.core.units.NumberEntry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;

/** A data sheet as typed. */
public record TinForm(Map<String, String> fields, FieldProblems problems) {

  /** What a grease may be refused for. */
  static final List<String> TOUCHES = List.of("rubber", "plastic", "brake");

  private static final int LONGEST = 80;

  public String get(String field) {
    return fields.getOrDefault(field, "").strip();
  }

  /** What the sheet says; empty when something is wrong, said at its field. */
  Optional<Tin> read() {
    String name = get("name");
    if (name.isEmpty() || name.length() > LONGEST) {
      problems.add(
          "name",
          new Problem(name, "No name.", "Write what is on the tin, 80 characters at most."));
    }
    if (!Mixing.THICKENERS.contains(get("thickener"))) {
      problems.add(
          "thickener",
          new Problem(get("thickener"), "Not a thickener.", "Choose one of the list."));
    }
    for (String text : List.of("place", "opened")) {
      if (get(text).length() > LONGEST) {
        problems.add(text, new Problem(get(text), "Too long.", "80 characters at most."));
      }
    }
    if (!get("opened").isEmpty() && !get("opened").matches("\\d{4}-\\d{2}-\\d{2}")) {
      problems.add(
          "opened", new Problem(get("opened"), "Not a date.", "Enter one such as 2026-03-01."));
    }
    double least = celsius("leastC", -30);
    double most = celsius("mostC", 120);
    if (most <= least) {
      problems.add(
          "mostC", new Problem(get("mostC"), "Not over the lowest.", "Enter more than that."));
    }
    OptionalDouble ndm = number("ndm", 1000, 5e6, "a speed number such as 350000");
    OptionalDouble wash = number("wash", 0, 100, "per cent, 0 to 100");
    double density = number("density", 0.75, 1.6, "such as 0.9 g/cm³").orElse(0.9);
    Optional<Oil> oil = oil();
    content();
    if (!problems.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        new Tin(
            name,
            get("thickener"),
            oil,
            least,
            most,
            ndm,
            wash,
            get("ep").equals("true"),
            density,
            refuses()));
  }

  /** What is in it, g; null where the field is empty. */
  Double content() {
    OptionalDouble grams = number("content", 1, 200_000, "grams in the tin, such as 400");
    return grams.isPresent() ? grams.getAsDouble() : null;
  }

  private Set<String> refuses() {
    Set<String> refuses = new LinkedHashSet<>();
    TOUCHES.stream().filter(t -> get("refuses-" + t).equals("true")).forEach(refuses::add);
    return refuses;
  }

  private double celsius(String field, double usual) {
    Optional<Double> read = problems.take(field, QuantityEntry.TEMPERATURE.parse(get(field)));
    if (read.isPresent() && !(read.get() >= -80 && read.get() <= 350)) {
      problems.add(
          field, new Problem(get(field), "Not a limit of a grease.", "Enter −80 to 350 °C."));
    }
    return read.orElse(usual);
  }

  private OptionalDouble number(String field, double least, double most, String what) {
    String text = get(field);
    if (text.isEmpty()) {
      return OptionalDouble.empty();
    }
    Optional<Double> read = NumberEntry.parse(text);
    if (read.isEmpty() || !(read.get() >= least && read.get() <= most)) {
      problems.add(field, new Problem(text, "Out of range.", "Enter " + what + "."));
      return OptionalDouble.empty();
    }
    return OptionalDouble.of(read.get());
  }

  /** Both viscosities or none. */
  private Optional<Oil> oil() {
    OptionalDouble v40 = number("v40", 1, 1e5, "mm²/s at 40 °C");
    OptionalDouble v100 = number("v100", 1, 1e4, "mm²/s at 100 °C");
    if (v40.isEmpty() && v100.isEmpty()) {
      return Optional.empty();
    }
    if (v40.isEmpty() || v100.isEmpty() || v100.getAsDouble() >= v40.getAsDouble()) {
      problems.add(
          "v100",
          new Problem(
              get("v100"),
              "Oil thins with heat, and both are needed.",
              "Enter less than at 40 °C, or neither."));
      return Optional.empty();
    }
    return Optional.of(new Oil(v40.getAsDouble(), v100.getAsDouble()));
  }
}
