package unbo.app.setting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.setting.PartSums.Question;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.setting.CrossCirclips;
import unbo.core.units.Problem;

/** The circlips of a universal joint: just free, alike on both sides. */
final class CrossSum extends Sum {

  private static final double MOST_MM = 300;
  private static final double THICKEST_MM = 10;
  private static final int MOST_PAIRS = 3;

  CrossSum(Map<String, String> typed) {
    super(typed, "cross");
  }

  static Map<String, String> gauges() {
    Map<String, String> all = new LinkedHashMap<>();
    SumFields.gauges().stream()
        .map(Instrument::id)
        .forEach(id -> all.put(id, Instrument.withId(id).orElseThrow().name()));
    return all;
  }

  private static List<Question> questions() {
    return List.of(
        Question.text("grooves", "Over the grooves’ outer faces, readings", "mm"),
        Question.text("caps", "Over both caps, pressed home, readings", "mm"),
        Question.text("stock", "Circlips in stock, thicknesses", "mm"),
        Question.choice("gauge", "Read with", gauges()));
  }

  PartSums read() {
    Optional<Measured> grooves = fields.measured("grooves", MOST_MM);
    Optional<Measured> caps = fields.measured("caps", MOST_MM);
    List<Double> stock = fields.lengths("stock", THICKEST_MM);
    Optional<CrossCirclips> joint = Optional.empty();
    if (grooves.isPresent() && caps.isPresent() && problems.isEmpty()) {
      joint = joint(grooves.get(), caps.get());
    }
    List<String> says = joint.map(j -> says(j, stock)).orElse(List.of(""));
    return sums(
        "Circlips: just free, the same on both sides",
        questions(),
        joint.map(j -> List.of(line("Each circlip for no play", j.each()))).orElse(List.of()),
        says.get(0),
        says.subList(1, says.size()));
  }

  private Optional<CrossCirclips> joint(Measured grooves, Measured caps) {
    double room = grooves.value() - caps.value();
    if (!(room > 0 && room <= 2 * THICKEST_MM)) {
      problems.add(
          PartSums.PREFIX + "caps",
          new Problem(
              fields.get("caps"),
              "No circlip fits between these: " + mm(room) + " mm are left.",
              "Measure grooves over their outer faces, caps pressed home on the cross."));
      return Optional.empty();
    }
    return Optional.of(CrossCirclips.of(grooves, caps));
  }

  private static List<String> says(CrossCirclips joint, List<Double> stock) {
    List<String> says = new ArrayList<>();
    if (stock.isEmpty()) {
      says.add(
          "Both alike, so that the cross stands in the middle; 0 to 0.05 mm of play is just free where the maker says nothing.");
      return says;
    }
    List<CrossCirclips.Pair> pairs = joint.from(stock);
    if (pairs.isEmpty()) {
      CrossCirclips.Pair near = joint.nearest(stock);
      says.add(
          "None of these leaves it just free; nearest: "
              + words(near)
              + (near.play() < 0 ? ", squeezed." : ", loose."));
    }
    pairs.stream().limit(MOST_PAIRS).forEach(p -> says.add("Put in " + words(p) + "."));
    says.add("Then work the joint both ways: no stiff place, no click along the trunnions.");
    return says;
  }

  private static String mm(double value) {
    return String.format(java.util.Locale.ROOT, "%.2f", value);
  }

  private static String words(CrossCirclips.Pair p) {
    String play = mm(Math.abs(p.play()));
    return mm(p.first())
        + " and "
        + mm(p.second())
        + " mm, leaving "
        + (p.play() < 0 ? "−" : "")
        + play
        + " mm"
        + (p.off() > 0 ? ", the cross " + mm(p.off()) + " mm out of the middle" : "");
  }
}
