package unbo.app.stripping;

import java.util.Optional;
import unbo.app.job.Form;
import unbo.app.web.FieldProblems;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;

/**
 * Where a ring stood that no shoulder stops, as typed: the place that Fit presses the new one to.
 *
 * @param depth of its face
 * @param from which face, and what stands in for the shoulder
 */
public record RingDepth(String depth, String from) {

  static final String DEPTH = "ring-depth";
  static final String FROM = "ring-from";
  private static final double MOST_MM = 500;
  private static final int LONGEST = 100;

  public RingDepth {
    depth = depth == null ? "" : depth;
    from = from == null ? "" : from;
  }

  /** What a form says; empty when no depth was entered. */
  static Optional<RingDepth> of(Form form) {
    String depth = form.get(DEPTH).strip();
    return depth.isEmpty()
        ? Optional.empty()
        : Optional.of(new RingDepth(depth, form.get(FROM).strip()));
  }

  /** Says at its field what is no depth of a ring. */
  void check(FieldProblems problems) {
    Optional<Double> mm =
        problems
            .take(DEPTH, LengthEntry.parse(depth, LengthEntry.Unit.MILLIMETRE))
            .map(t -> t.length().millimetres());
    if (mm.isPresent() && !(mm.get() >= 0 && mm.get() <= MOST_MM)) {
      problems.add(DEPTH, new Problem(depth, "Not a depth of a ring.", "Enter 0 to 500 mm."));
    }
    if (from.length() > LONGEST) {
      problems.add(FROM, new Problem(from, "Too long.", "Write 100 characters at most."));
    }
  }
}
