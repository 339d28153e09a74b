package unbo.app.fitting;

import java.util.Optional;
import unbo.app.web.FieldProblems;
import unbo.app.working.Figure;
import unbo.app.working.Workings;
import unbo.core.fit.SeatDepth;
import unbo.core.measure.Instrument;
import unbo.core.measure.Verdict;
import unbo.core.units.Digits;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;

/**
 * A ring that no shoulder stops, against where it stood at Strip.
 *
 * @param off as a figure; null before it is pressed in
 * @param verdict a sentence
 */
public record DepthSheet(Figure off, String verdict, boolean good) {

  private static final double MOST_MM = 500;

  /** Empty while no depth was measured. */
  static Optional<DepthSheet> of(FitFields fields, FieldProblems problems, Workings workings) {
    Optional<Double> then = depth("depth-then", fields, problems);
    Optional<Double> now = depth("depth-now", fields, problems);
    double tolerance =
        depth("depth-tolerance", fields, problems).orElse(SeatDepth.USUAL_TOLERANCE_MM);
    if (tolerance <= 0) {
      problems.add(
          "depth-tolerance",
          new Problem(fields.get("depth-tolerance"), "No tolerance.", "Enter more than 0 mm."));
      return Optional.empty();
    }
    if (then.isEmpty()) {
      return Optional.empty();
    }
    String aim =
        "Press to " + Digits.exact(then.get()) + " ± " + Digits.exact(tolerance) + " mm deep";
    if (now.isEmpty()) {
      return Optional.of(new DepthSheet(null, aim + ", then measure again.", false));
    }
    Instrument gauge = Instrument.withId("depth-gauge").orElseThrow();
    SeatDepth depth = SeatDepth.of(then.get(), now.get(), tolerance, gauge);
    double mm = depth.off().result().value();
    String text = Digits.both(mm, depth.off().result().uncertainty()) + " mm";
    Figure off = workings.figure("", depth.off(), text);
    return Optional.of(
        new DepthSheet(off, said(depth, aim, mm), depth.judged().verdict() == Verdict.YES));
  }

  private static String said(SeatDepth depth, String aim, double mm) {
    return switch (depth.judged().verdict()) {
      case YES -> "Where it stood at Strip.";
      case NO -> (mm > 0 ? "Too deep. " : "Not deep enough. ") + aim + ".";
      case CANNOT_TELL -> "Cannot tell: the depth gauge’s doubt reaches past the tolerance.";
    };
  }

  private static Optional<Double> depth(String field, FitFields fields, FieldProblems problems) {
    Optional<Double> mm =
        problems
            .take(field, LengthEntry.parse(fields.get(field), LengthEntry.Unit.MILLIMETRE))
            .map(t -> t.length().millimetres());
    if (mm.isPresent() && !(mm.get() >= 0 && mm.get() <= MOST_MM)) {
      problems.add(
          field, new Problem(fields.get(field), "Not a depth of a ring.", "Enter 0 to 500 mm."));
      return Optional.empty();
    }
    return mm;
  }
}
