package unbo.app.setting;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.setting.PartSums.Question;
import unbo.app.working.Figure;
import unbo.core.measure.Readings;
import unbo.core.measure.Window;
import unbo.core.setting.SteeringHead;
import unbo.core.setting.SteeringHead.Drop;
import unbo.core.units.Digits;

/** The turning torque of a steering head from its swing force, with drop and notch. */
final class HeadSum extends Sum {

  private static final double MOST_NM = 50;
  private static final double MOST_MM = 1000;

  /** Of a tape along a bar, mm: our own assumption. */
  private static final double RADIUS_U95_MM = 3;

  private static final List<Question> QUESTIONS =
      List.of(
          Question.text("radius", "Radius, steering axis to scale", "mm"),
          Question.text("from", "Torque limits from", "Nm"),
          Question.text("to", "to", "Nm"),
          Question.text("source", "Source", ""),
          Question.choice("drop", "Let go from the middle, it", drops()),
          Question.choice("notch", "Notch in the middle", notches()));

  HeadSum(Map<String, String> typed) {
    super(typed, "head");
  }

  private static Map<String, String> drops() {
    Map<String, String> all = new LinkedHashMap<>();
    Arrays.stream(Drop.values()).forEach(d -> all.put(d.name(), d.title()));
    return all;
  }

  private static Map<String, String> notches() {
    Map<String, String> all = new LinkedHashMap<>();
    all.put("no", "none");
    all.put("yes", "felt");
    return all;
  }

  PartSums read(Optional<Readings> force) {
    Optional<Double> radius = fields.length("radius", MOST_MM);
    Window limits = fields.limits(true, MOST_NM).orElse(null);
    Optional<SteeringHead> head =
        problems.isEmpty() && radius.isPresent()
            ? force
                .filter(f -> f.result().value() > 0)
                .map(f -> SteeringHead.of(f.result(), radius.get(), RADIUS_U95_MM))
            : Optional.empty();
    List<String> says = head.map(h -> h.says(limits, drop(), notch())).orElse(missing(radius));
    return sums(
        "Steering head: torque, drop, notch",
        QUESTIONS,
        head.map(h -> List.of(new PartSums.Line("Turning torque", figure(h, limits))))
            .orElse(List.of()),
        says.get(0),
        says.subList(1, says.size()));
  }

  private static List<String> missing(Optional<Double> radius) {
    return List.of(
        radius.isEmpty()
            ? "Enter the radius: a swing force says nothing without its arm."
            : "Enter the swing force above, read while it moves.");
  }

  private Figure figure(SteeringHead head, Window limits) {
    var result = head.torque().result();
    String text = Digits.both(result.value(), result.uncertainty()) + " Nm";
    return limits == null
        ? workings.figure("", head.torque(), text)
        : workings.judged("", head.torque(), limits, text);
  }

  private Drop drop() {
    return Arrays.stream(Drop.values())
        .filter(d -> d.name().equals(fields.get("drop")))
        .findFirst()
        .orElse(null);
  }

  private boolean notch() {
    return fields.get("notch").equals("yes");
  }
}
