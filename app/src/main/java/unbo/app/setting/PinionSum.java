package unbo.app.setting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.setting.PartSums.Line;
import unbo.app.setting.PartSums.Question;
import unbo.core.measure.Measured;
import unbo.core.measure.Window;
import unbo.core.setting.PinionDepth;
import unbo.core.setting.PinionDepth.From;
import unbo.core.units.Problem;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/** A pinion's depth by its mounting distance, and its turning torque without the seal's. */
final class PinionSum extends Sum {

  private static final double MOST_MM = 500;
  private static final double MOST_NM = 50;
  private static final double SCALE_SHARE = 0.05;
  private static final double LEAST_DOUBT_NM = 0.02;

  PinionSum(Map<String, String> typed) {
    super(typed, "pinion");
  }

  private static List<Question> questions() {
    Map<String, String> froms = new LinkedHashMap<>();
    Arrays.stream(From.values()).forEach(f -> froms.put(f.name(), f.title()));
    Map<String, String> states = new LinkedHashMap<>();
    states.put("new", "new");
    states.put("run-in", "run in");
    return List.of(
        Question.choice("measured-from", "Head measured from", froms),
        Question.text("read", "to the head, readings", "mm"),
        Question.text("diameter", "Diameter of bore or bar", "mm"),
        Question.text("wanted", "Mounting distance", "mm"),
        Question.text("mark", "Mark on the head, with its sign", "mm"),
        Question.text("in-there", "Shim in there", "mm"),
        Question.choice("gauge", "Read with", CrossSum.gauges()),
        Question.text("gear-set", "Number of this gear set", ""),
        Question.text("gauge-for", "Gear set that the gauge was made for", ""),
        Question.text("torque", "Turning torque, as the row above says", "Nm"),
        Question.text("breakaway", "to break it away, if read", "Nm"),
        Question.text("seal", "of it the seal’s drag, alone", "Nm"),
        Question.text("from", "Torque limits from", "Nm"),
        Question.text("to", "to", "Nm"),
        Question.choice("bearings", "for bearings that are", states));
  }

  PartSums read() {
    sameSet();
    List<Line> lines = new ArrayList<>();
    List<String> says = new ArrayList<>();
    depth().ifPresent(d -> lines.add(line("Shim under the pinion", d.shim())));
    if (!lines.isEmpty()) {
      says.add(
          "Seat and preload the bearing before each reading; then backlash and both patterns.");
    }
    String verdict = torque(lines, says);
    return sums(
        "Pinion: depth, and torque without its seal",
        questions(),
        problems.isEmpty() ? lines : List.of(),
        problems.isEmpty() ? verdict : "",
        problems.isEmpty() ? says : List.of());
  }

  /** A gauge says nothing of another gear set than its own. */
  private void sameSet() {
    String set = fields.get("gear-set").strip();
    String made = fields.get("gauge-for").strip();
    if (!set.isEmpty() && !made.isEmpty() && !set.equalsIgnoreCase(made)) {
      problems.add(
          PartSums.PREFIX + "gauge-for",
          new Problem(
              made,
              "That gauge was made for another gear set than " + set + ".",
              "Use its own gauge, or measure from the axis."));
    }
  }

  private Optional<PinionDepth> depth() {
    From from =
        Arrays.stream(From.values())
            .filter(f -> f.name().equals(fields.get("measured-from")))
            .findFirst()
            .orElse(From.AXIS);
    Optional<Measured> read = fields.measured("read", MOST_MM);
    Optional<Measured> diameter = fields.measured("diameter", MOST_MM);
    Optional<Double> wanted = fields.length("wanted", MOST_MM);
    double mark = fields.number("mark", -2, 2).orElse(0.0);
    double inThere = fields.number("in-there", 0, 20).orElse(0.0);
    if (from != From.AXIS && read.isPresent() && diameter.isEmpty()) {
      problems.add(
          PartSums.PREFIX + "diameter",
          new Problem(
              "", "Half of it belongs to the sum.", "Enter the diameter of the bore or bar."));
    }
    if (read.isEmpty() || wanted.isEmpty() || !problems.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        PinionDepth.of(
            from, read.get(), diameter.orElse(new Measured(0, 0)), wanted.get() + mark, inThere));
  }

  private String torque(List<Line> lines, List<String> says) {
    Optional<Double> torque = fields.number("torque", 0, MOST_NM);
    double seal = fields.number("seal", 0, MOST_NM).orElse(0.0);
    Optional<Window> limits = fields.limits(true, MOST_NM);
    if (torque.isEmpty()) {
      return "";
    }
    Optional<Double> breakaway = fields.number("breakaway", 0, MOST_NM);
    if (torque.get() == 0 || breakaway.filter(b -> b < torque.get()).isPresent()) {
      String field = torque.get() == 0 ? "torque" : "breakaway";
      problems.add(
          PartSums.PREFIX + field,
          new Problem(
              fields.get(field),
              torque.get() == 0
                  ? "No drag at all: there is play, or the scale sticks."
                  : "What breaks it away is never less than what turns it.",
              "Turn it steadily by the scale and read while it turns; then read what starts it."));
      return "";
    }
    if (seal >= torque.get()) {
      problems.add(
          PartSums.PREFIX + "seal",
          new Problem(
              fields.get("seal"),
              "No less than the whole torque.",
              "Turn the seal alone on its flange and enter that."));
      return "";
    }
    says.add(
        fields.get("bearings").equals("run-in")
            ? "Run-in bearings drag less than new ones: limits for new ones do not hold."
            : "New bearings ease as they run in: read by the limits for new ones, never tightened again for it.");
    Working bearings = without(torque.get(), seal);
    lines.add(line("Turning torque without the seal", bearings, "Nm"));
    return limits.map(l -> judged(bearings, l)).orElse("Cannot tell without the maker’s limits.");
  }

  private static Working without(double torque, double seal) {
    return Working.of(
        Formula.of(
            "Turning torque without the seal",
            "Nm",
            "Mₗ = M − Mₛ",
            v -> v.get("M") - v.get("Mₛ"),
            "Statics: what turns together adds.",
            "Turning steadily, not the breakaway; both by the same scale and lever."),
        List.of(torque("M", "torque in all", torque), torque("Mₛ", "the seal’s, alone", seal)));
  }

  private static Input torque(String symbol, String name, double newtonMetres) {
    double doubt = newtonMetres == 0 ? 0 : Math.max(LEAST_DOUBT_NM, SCALE_SHARE * newtonMetres);
    return Input.of(
        symbol,
        name,
        newtonMetres,
        doubt,
        "Nm",
        Origin.measured("scale and lever; ± 5 %, 0.02 Nm at least, our own"));
  }

  private static String judged(Working bearings, Window limits) {
    Measured torque = bearings.result();
    return switch (limits.judge(torque)) {
      case YES -> "Within the limits. Stop here, and mark the nut.";
      case CANNOT_TELL ->
          "Cannot tell whether within the limits: a longer lever, or a finer scale, tells."
              + (torque.value() > limits.middle() ? " Do not tighten meanwhile." : "");
      case NO ->
          torque.least() > limits.to()
              ? "Past the limits. A crush sleeve is spent: take a new one, never back the nut off."
              : "Under the limits. Tighten in small steps, turning, and read again after each.";
    };
  }
}
