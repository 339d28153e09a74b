package unbo.app.stripping;

import java.util.ArrayList;
import java.util.List;
import unbo.app.job.Job;
import unbo.app.job.Workpiece;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.SizeTemplate;
import unbo.core.units.Digits;

/**
 * What the last job at a position kept, the reference for what comes apart now: how parts came off,
 * and the sizes that were measured, beside today's.
 */
final class LastStrip {

  /** Two readings of a digital caliper differ by less than this. */
  private static final double SAME_MM = 0.05;

  private LastStrip() {}

  static List<String> lines(Workpiece piece, Job earlier) {
    StripWords words = new StripWords(earlier.arrangement());
    List<String> lines = new ArrayList<>();
    earlier.work().sheet(StripRecord.TYPE).taken().stream()
        .filter(t -> !t.kept().isEmpty() && earlier.arrangement().part(t.part()).isPresent())
        .forEach(t -> lines.add(StripWords.capital(words.name(t.part())) + ": " + t.kept()));
    Assembly then = earlier.assembly();
    for (SizeTemplate size : earlier.arrangement().sizes()) {
      if (then.isMeasured(size)) {
        lines.add(size(piece.assembly(), size, then.value(size), words));
      }
    }
    return List.copyOf(lines);
  }

  private static String size(Assembly now, SizeTemplate size, double then, StripWords words) {
    String name = StripWords.capital(words.name(size.part())) + ", " + size.label() + ": ";
    String line = name + Digits.exact(then) + " mm";
    if (!now.isMeasured(size)) {
      return line;
    }
    double change = now.value(size) - then;
    return line
        + ", now "
        + Digits.exact(now.value(size))
        + (Math.abs(change) < SAME_MM ? " mm: unchanged" : " mm: changed");
  }
}
