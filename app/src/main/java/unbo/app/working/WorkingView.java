package unbo.app.working;

import java.util.ArrayList;
import java.util.List;
import unbo.core.units.Digits;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Settling;
import unbo.core.working.Working;

/**
 * One working in words.
 *
 * @param key of the slip
 * @param title what it gives, with where it belongs
 * @param result value, uncertainty, unit
 * @param signs the formula
 * @param inputs with value, origin and share in the doubt
 * @param steps values on the way
 * @param doubt what the uncertainty is made of, in a sentence
 * @param settles what would settle a verdict that cannot tell
 * @param source standard, textbook or whose rule
 * @param limits where it holds
 */
public record WorkingView(
    String key,
    String title,
    String result,
    String signs,
    List<Row> inputs,
    List<String> steps,
    String doubt,
    List<String> settles,
    String source,
    String limits) {

  /** An input. */
  public record Row(String symbol, String name, String value, String origin, String share) {}

  static WorkingView of(String key, String where, Working w, Settling settling) {
    String unit = unit(w.formula().unit());
    return new WorkingView(
        key,
        where.isEmpty() ? w.formula().title() : w.formula().title() + ", " + where,
        Digits.both(w.result().value(), w.result().uncertainty()) + unit,
        w.formula().signs(),
        w.inputs().stream().map(i -> row(w, i)).toList(),
        w.steps().stream()
            .map(s -> s.name() + " " + Digits.rough(s.value()) + unit(s.unit()))
            .toList(),
        doubt(w),
        settling == null ? List.of() : settling.sentences(),
        w.formula().source(),
        w.formula().limits());
  }

  private static Row row(Working w, Input i) {
    double share = w.shareOf(i);
    String part = i.value().uncertainty() == 0 ? "" : Math.round(share * 100) + " %";
    return new Row(
        i.symbol(),
        i.name(),
        Digits.both(i.value().value(), i.value().uncertainty()) + unit(i.unit()),
        i.origin().line(),
        part);
  }

  private static String doubt(Working w) {
    List<String> said = new ArrayList<>();
    said.add(w.shares().isEmpty() ? "No uncertainty is known of its inputs." : known(w));
    List<String> assumed =
        w.inputs().stream()
            .filter(i -> i.origin().kind() == Origin.Kind.ASSUMED && i.value().uncertainty() == 0)
            .map(Input::name)
            .toList();
    if (!assumed.isEmpty()) {
      said.add("Assumed, so its doubt is not counted: " + String.join(", ", assumed) + ".");
    }
    return String.join(" ", said);
  }

  private static String known(Working w) {
    Working.Share most = w.shares().get(0);
    List<String> parts = new ArrayList<>();
    parts.add(
        w.shares().size() == 1
            ? "All of the doubt comes from one input: " + most.input().name() + "."
            : "Most of the doubt, "
                + Math.round(most.share() * 100)
                + " %, comes from: "
                + most.input().name()
                + ".");
    parts.add(
        w.drawn()
            ? "The formula bends: 20,000 draws, 95 % between "
                + Digits.value(w.least(), w.result().uncertainty())
                + " and "
                + Digits.value(w.most(), w.result().uncertainty())
                + unit(w.formula().unit())
                + " (JCGM 101)."
            : "95 %, first order (JCGM 100).");
    return String.join(" ", parts);
  }

  private static String unit(String unit) {
    return unit.isEmpty() || unit.equals("°") ? unit : " " + unit;
  }

  /** The inputs in a line, for paper. */
  public String line() {
    List<String> all = new ArrayList<>();
    inputs.forEach(i -> all.add(i.symbol() + " " + i.value() + " (" + i.origin() + ")"));
    return String.join("; ", all);
  }
}
