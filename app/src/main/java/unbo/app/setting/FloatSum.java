package unbo.app.setting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import unbo.app.setting.PartSums.Line;
import unbo.app.setting.PartSums.Question;
import unbo.core.fit.Material;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;
import unbo.core.setting.ShaftFloat;

/** End play of a crank or gearbox shaft: shoulder sums, crushed gasket, warm case, drag. */
final class FloatSum extends Sum {

  private static final String TITLE = "Shaft in its case: end play cold and warm";
  private static final double MOST_MM = 1000;

  FloatSum(Map<String, String> typed) {
    super(typed, "float");
  }

  private static List<Question> questions() {
    Map<String, String> materials = new LinkedHashMap<>();
    Material.ofSeats().forEach(m -> materials.put(m.id(), m.title()));
    return List.of(
        Question.text("left", "Left half, joint to shoulder, readings", "mm"),
        Question.text("right", "Right half, joint to shoulder, readings", "mm"),
        Question.text("gasket", "Gasket, free; nothing for none", "mm"),
        Question.text("crush", "of it crushed", "%"),
        Question.text("shaft", "Shaft over its shoulders, readings", "mm"),
        Question.text("shims", "Shims in there", "mm"),
        Question.choice("gauge", "Read with", CrossSum.gauges()),
        Question.text("from", "End play from", "mm"),
        Question.text("to", "to", "mm"),
        Question.choice("case", "Case of", materials),
        Question.text("case-warm", "Case warmer at work by", "°C"),
        Question.text("shaft-warm", "Shaft warmer at work by", "°C"),
        Question.text("drag-before", "Turning torque before the nut", "Nm"),
        Question.text("drag-after", "and after it", "Nm"));
  }

  PartSums read() {
    Optional<Measured> left = fields.measured("left", MOST_MM);
    Optional<Measured> right = fields.measured("right", MOST_MM);
    Optional<Measured> shaft = fields.measured("shaft", MOST_MM);
    Window limits = fields.limits(false, 5).orElse(null);
    double gasket = fields.number("gasket", 0, 5).orElse(0.0);
    double crush = fields.number("crush", 0, 95).orElse(0.0) / 100;
    double shims = fields.number("shims", 0, 20).orElse(0.0);
    double caseWarm = fields.number("case-warm", -60, 200).orElse(0.0);
    double shaftWarm = fields.number("shaft-warm", -60, 300).orElse(0.0);
    Optional<Double> before = fields.number("drag-before", 0, 100);
    Optional<Double> after = fields.number("drag-after", 0, 100);
    if (left.isEmpty() || right.isEmpty() || shaft.isEmpty() || !problems.isEmpty()) {
      return nothing(TITLE, questions());
    }
    double halves = left.get().value() + right.get().value();
    if (Math.abs(halves - shaft.get().value()) > 20) {
      problems.add(
          PartSums.PREFIX + "shaft",
          new unbo.core.units.Problem(
              fields.get("shaft"),
              "More than 20 mm off both halves together: a slip in a depth.",
              "Measure all three again, from joint and shoulders."));
      return nothing(TITLE, questions());
    }
    ShaftFloat in =
        ShaftFloat.of(
            new ShaftFloat.Lengths(
                new Measured(
                    halves, Math.hypot(left.get().uncertainty(), right.get().uncertainty())),
                gasket,
                crush,
                shaft.get(),
                shims,
                Material.withId(fields.get("case")).orElse(Material.STEEL),
                caseWarm,
                shaftWarm));
    List<Line> lines = new ArrayList<>();
    lines.add(line("End play, cold", in.cold()));
    if (caseWarm != 0 || shaftWarm != 0) {
      lines.add(line("At work", in.warm()));
    }
    List<String> says = new ArrayList<>();
    if (limits != null) {
      says.add(
          String.format(
              Locale.ROOT,
              "Shims of %.2f mm together leave the middle of the limits.",
              in.shimFor(limits)));
    }
    if (before.isPresent() && after.isPresent()) {
      says.add(in.drag(before.get(), after.get()));
    }
    return sums(TITLE, questions(), lines, verdict(in, limits), says);
  }

  private static String verdict(ShaftFloat in, Window limits) {
    Verdict free = in.free();
    if (free == Verdict.NO) {
      return in.cold().result().value() < 0
          ? "Squeezed already when cold: the shaft does not fit its case with these."
          : "Free when cold, squeezed at work.";
    }
    if (free == Verdict.CANNOT_TELL) {
      return "Cannot tell whether it stays free: finer depths settle it, or a dial on the shaft.";
    }
    if (limits == null) {
      return "Free, cold and at work. Whether the end play is right, the maker’s limits say.";
    }
    return limits.contains(in.cold().result().value())
        ? "Free, and within the limits when cold."
        : "Free, but outside the limits when cold.";
  }
}
