package unbo.core.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.Reading;

/** Bore, outside, width, and widths that differ at one ring only. */
final class EnvelopeAspects {

  /** Listings round to a hundredth. */
  private static final double SAME_MM = 0.011;

  /** Less than this looks like a fit and is none: 25 against 25.4. */
  private static final double LOOKS_LIKE_A_FIT_MM = 0.6;

  private EnvelopeAspects() {}

  static List<Difference> compare(Reading old, Reading fresh, Optional<PositionDuty> duty) {
    Bearing a = old.bearing();
    Bearing b = fresh.bearing();
    List<Difference> all = new ArrayList<>();
    seat("bore", a.boreMm(), b.boreMm(), "the shaft", all);
    seat("outside", a.outerMm(), b.outerMm(), "the housing", all);
    width(a, b, all);
    otherRing(a, b, all);
    return all;
  }

  private static void seat(
      String aspect, double old, double fresh, String seat, List<Difference> all) {
    double gap = fresh - old;
    if (Math.abs(gap) <= SAME_MM) {
      return;
    }
    boolean trap = Math.abs(gap) <= LOOKS_LIKE_A_FIT_MM;
    String reason =
        trap
            ? "Only %s mm different: the ring goes on crooked or creeps on %s. No adhesive makes this a fit."
            : "%s mm different: %s would have to be made new, a conversion with its own drawing.";
    all.add(
        new Difference(
            aspect,
            mm(old),
            mm(fresh),
            Severity.IMPOSSIBLE,
            String.format(Locale.ROOT, reason, plain(Math.abs(gap)), seat)));
  }

  private static void width(Bearing a, Bearing b, List<Difference> all) {
    double gap = b.widthMm() - a.widthMm();
    if (Math.abs(gap) <= SAME_MM) {
      return;
    }
    String reason =
        gap > 0
            ? "%s mm wider: circlip, spacer or seal no longer fit."
            : "%s mm narrower: without a spacer made to size the bearing is not held axially.";
    all.add(
        new Difference(
            "width",
            mm(a.widthMm()),
            mm(b.widthMm()),
            Severity.IMPOSSIBLE,
            String.format(Locale.ROOT, reason, plain(Math.abs(gap)))));
  }

  private static void otherRing(Bearing a, Bearing b, List<Difference> all) {
    double old = other(a);
    double fresh = other(b);
    boolean sameFamily = a.family() == b.family();
    if (sameFamily && Math.abs(old - fresh) > SAME_MM) {
      all.add(
          new Difference(
              "width of the other ring",
              mm(old),
              mm(fresh),
              Severity.UNSUITABLE,
              "The rings differ in width: circlip or flange meets one ring in another place."));
    }
    if (a.isTaper() && b.isTaper()) {
      double cone = b.taper().orElseThrow().coneMm() - a.taper().orElseThrow().coneMm();
      double cup = b.taper().orElseThrow().cupMm() - a.taper().orElseThrow().cupMm();
      if (Math.max(Math.abs(cone), Math.abs(cup)) > SAME_MM) {
        all.add(
            new Difference(
                "cone and cup width",
                mm(a.taper().get().coneMm()) + ", " + mm(a.taper().get().cupMm()),
                mm(b.taper().get().coneMm()) + ", " + mm(b.taper().get().cupMm()),
                Severity.MATTERS,
                "Shoulder or snap ring is at another depth, even where T is the same."));
      }
    }
  }

  private static double other(Bearing bearing) {
    OptionalDouble other = bearing.otherWidthMm();
    return other.orElse(bearing.widthMm());
  }

  private static String mm(double value) {
    return plain(value) + " mm";
  }

  private static String plain(double value) {
    double rounded = Math.round(value * 1000) / 1000.0;
    return rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded);
  }
}
