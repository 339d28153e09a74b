package unbo.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;

/**
 * A bought or second-hand hub, looked at before it is paid for: its seat against the zone that the
 * position asks, its flange and its fillets against the broken one's. A thinner flange or a sharper
 * corner than what broke will break sooner; a fillet larger than the ring's corner keeps the ring
 * off its shoulder. Source: notch effect and ISO 582 for corners; usual workshop practice. Limits:
 * sizes only, it says nothing of material, hardness or cracks.
 *
 * @param lines what was judged
 * @param beside what another that one could buy has more or less of, in sentences
 */
public record BoughtHub(List<Line> lines, List<String> beside) {

  /** Doubt of a radius gauge, mm: half a step of its leaves, our own assumption. */
  public static final double RADIUS_U95_MM = 0.125;

  public BoughtHub {
    lines = List.copyOf(lines);
    beside = List.copyOf(beside);
  }

  /** Something that was compared. */
  public record Line(String what, Verdict verdict, String says) {}

  /** A seat's size against the limits of a zone about its nominal size. */
  public static Line seat(Measured sizeMm, double nominalMm, String zone) {
    Optional<Window> window =
        IsoZone.parse(zone)
            .flatMap(z -> z.at(nominalMm))
            .map(
                l ->
                    new Window(nominalMm + l.lowerUm() / 1000.0, nominalMm + l.upperUm() / 1000.0));
    if (window.isEmpty()) {
      return new Line("Seat", Verdict.CANNOT_TELL, "No limits of " + zone + " for this size.");
    }
    Verdict verdict = window.get().judge(sizeMm);
    String size = String.format(Locale.ROOT, "%.3f mm, ", sizeMm.value());
    return new Line(
        "Seat",
        verdict,
        size
            + switch (verdict) {
              case YES -> "within " + zone + ".";
              case NO -> "outside " + zone + ": worn or made for another ring.";
              case CANNOT_TELL ->
                  "cannot tell whether within " + zone + ": a finer gauge settles it.";
            });
  }

  /** A flange against the broken one's. */
  public static Line flange(Measured bought, Measured broken) {
    double less = broken.value() - bought.value();
    double doubt = Math.hypot(bought.uncertainty(), broken.uncertainty());
    Verdict verdict = less > doubt ? Verdict.NO : less < -doubt ? Verdict.YES : Verdict.CANNOT_TELL;
    return new Line(
        "Flange",
        verdict,
        switch (verdict) {
          case NO -> mm(less) + " thinner than the broken one: it gives way sooner.";
          case YES -> mm(-less) + " thicker than the broken one.";
          case CANNOT_TELL -> "As thick as the broken one, within the gauge’s doubt.";
        });
  }

  /**
   * A flange against that of another that one could buy. It compares and does not condemn: the
   * broken one is what both are judged by.
   *
   * @param other what the other is called
   */
  public static String flangeBeside(Measured bought, Measured theirs, String other) {
    double more = bought.value() - theirs.value();
    double doubt = Math.hypot(bought.uncertainty(), theirs.uncertainty());
    String says =
        Math.abs(more) <= doubt
            ? "as thick, within the gauge’s doubt."
            : mm(Math.abs(more)) + (more > 0 ? " thicker." : " thinner: the other is stronger.");
    return "Flange beside " + other + ": " + says;
  }

  /** A fillet against that of another that one could buy, mm; compared as flanges are. */
  public static String filletBeside(String where, double bought, double theirs, String other) {
    double more = bought - theirs;
    String says =
        Math.abs(more) <= Math.sqrt(2) * RADIUS_U95_MM
            ? "as round, within the gauge’s doubt."
            : mm(Math.abs(more)) + (more > 0 ? " rounder." : " sharper: the other is stronger.");
    return "Fillet " + where + " beside " + other + ": " + says;
  }

  /**
   * A fillet against the broken one's and against the ring's corner.
   *
   * @param where front or back
   * @param corner least corner of the ring that sits there, mm; empty where it is not known
   */
  public static Line fillet(String where, double bought, double broken, OptionalDouble corner) {
    String what = "Fillet " + where;
    if (corner.isPresent() && bought - RADIUS_U95_MM > corner.getAsDouble()) {
      return new Line(
          what,
          Verdict.NO,
          "Larger than the ring’s corner of "
              + mm(corner.getAsDouble())
              + " at least: the ring would not reach its shoulder.");
    }
    double doubt = Math.sqrt(2) * RADIUS_U95_MM;
    if (broken - bought > doubt) {
      return new Line(
          what,
          Verdict.NO,
          mm(broken - bought) + " sharper than the broken one: cracks start there.");
    }
    return new Line(
        what,
        bought - broken > doubt ? Verdict.YES : Verdict.CANNOT_TELL,
        bought - broken > doubt
            ? mm(bought - broken) + " rounder than the broken one."
            : "As round as the broken one, within the gauge’s doubt.");
  }

  /** The worst of its lines: what is no better than the broken one is not called sound. */
  public Verdict verdict() {
    List<Verdict> all = new ArrayList<>(lines.stream().map(Line::verdict).toList());
    return all.contains(Verdict.NO)
        ? Verdict.NO
        : all.isEmpty() || all.contains(Verdict.CANNOT_TELL) ? Verdict.CANNOT_TELL : Verdict.YES;
  }

  private static String mm(double value) {
    return String.format(Locale.ROOT, "%.2f mm", value);
  }
}
