package unbo.core.setting;

import java.util.List;
import java.util.Optional;
import unbo.core.arrangement.Adjustment;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.SizeTemplate;
import unbo.core.measure.Instrument;
import unbo.core.measure.Verdict;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * A spacer between two bearings against the distance that it fills, from the sizes of the section.
 * Shorter for certain is preload by the clamp; longer for certain leaves the outer rings off their
 * shoulders when both are driven home. How much of either the bearings' own clearance takes up is
 * not in it, so equal within the gauge's doubt is not called right.
 *
 * @param working length less distance in mm
 * @param verdict NO when it is shorter for certain, else that it cannot be told
 * @param sentence what it does, in words
 */
public record SpacerLength(Working working, Verdict verdict, String sentence) {

  private static final String SOURCE =
      "Length of the stack: what is clamped between the inner rings against what the shoulders hold apart.";
  private static final String LIMITS =
      "The bearings’ axial clearance takes up a little of either; heat and the clamp change both.";

  /** The comparison at an adjustment; empty where it has none, or a size was not measured. */
  public static Optional<SpacerLength> of(Adjustment adjustment, Assembly assembly) {
    return adjustment.difference().flatMap(d -> of(d, assembly));
  }

  private static Optional<SpacerLength> of(Adjustment.Difference d, Assembly assembly) {
    Arrangement arrangement = assembly.arrangement();
    SizeTemplate length = arrangement.size(d.length()).orElseThrow();
    SizeTemplate distance = arrangement.size(d.distance()).orElseThrow();
    if (!assembly.isMeasured(length) || !assembly.isMeasured(distance)) {
      return Optional.empty();
    }
    Working working =
        Working.of(
            Formula.of(
                "Spacer less distance",
                "mm",
                "e = L − S",
                v -> v.get("L") - v.get("S"),
                SOURCE,
                LIMITS),
            List.of(
                input("L", "length of the spacer", assembly.value(length)),
                input("S", "distance to fill", assembly.value(distance))));
    return Optional.of(judged(working));
  }

  private static Input input(String symbol, String name, double mm) {
    Instrument caliper = Instrument.withId("caliper").orElseThrow();
    Input input =
        Input.of(
            symbol,
            name,
            mm,
            caliper.uncertaintyAt(mm),
            "mm",
            Origin.measured("size of the part, taken as read with a digital caliper"));
    for (Instrument finer : caliper.finer()) {
      input = input.or("measure the " + name + " with a " + finer.name(), finer.uncertaintyAt(mm));
    }
    return input;
  }

  private static SpacerLength judged(Working working) {
    if (working.result().most() < 0) {
      return new SpacerLength(
          working, Verdict.NO, "Shorter: tightening the axle loads the balls sideways.");
    }
    if (working.result().isSurelyPositive()) {
      return new SpacerLength(
          working,
          Verdict.CANNOT_TELL,
          "Longer: seat one bearing home and press the other only until it touches the spacer.");
    }
    return new SpacerLength(
        working,
        Verdict.CANNOT_TELL,
        "Equal as far as these gauges tell: check that it turns free after tightening.");
  }
}
