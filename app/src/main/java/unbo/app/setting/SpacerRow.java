package unbo.app.setting;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.app.fitting.MountedClearance;
import unbo.app.job.Workpiece;
import unbo.core.arrangement.Adjustment;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.SizeTemplate;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;
import unbo.core.contact.BallThrust;
import unbo.core.fit.Material;
import unbo.core.measure.Instrument;
import unbo.core.section.BearingPortrait;
import unbo.core.section.InternalGeometry;
import unbo.core.setting.SpacerPair;

/**
 * What a measured spacer does to its two ball bearings: free, just free, or preloaded by how much.
 *
 * @param verdict a sentence
 * @param does what would mend it; empty where nothing has to be
 * @param good whether both stay free
 * @param from where the clearance comes from, a sentence
 */
public record SpacerRow(String verdict, String does, boolean good, String from) {

  /** Empty while a length is not measured, or where the bearings are no ball bearings. */
  static Optional<SpacerRow> of(Workpiece piece, String part) {
    Assembly assembly = piece.assembly();
    Optional<Adjustment.Difference> lengths =
        assembly.arrangement().adjustmentAt(part).flatMap(Adjustment::difference);
    Optional<BearingPlace> place = assembly.arrangement().namedPlaces().stream().findFirst();
    if (lengths.isEmpty() || place.isEmpty()) {
      return Optional.empty();
    }
    SizeTemplate length = assembly.arrangement().size(lengths.get().length()).orElseThrow();
    SizeTemplate distance = assembly.arrangement().size(lengths.get().distance()).orElseThrow();
    boolean measured = assembly.isMeasured(length) && assembly.isMeasured(distance);
    Optional<InternalGeometry> inside =
        assembly
            .bearingAt(place.get().id())
            .filter(SpacerRow::isBall)
            .flatMap(b -> BearingPortrait.of(b).inside());
    Optional<MountedClearance> clearance = MountedClearance.of(piece, place.get().id());
    if (!measured || inside.isEmpty() || clearance.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        row(assembly.value(distance), assembly.value(length), inside.get(), clearance.get()));
  }

  private static boolean isBall(Bearing bearing) {
    return bearing.family() == Family.DEEP_GROOVE_BALL;
  }

  private static SpacerRow row(
      double shoulder, double spacer, InternalGeometry in, MountedClearance clearance) {
    String from =
        "Clearance of one bearing: " + whole(clearance.um()) + " µm, " + clearance.said() + ".";
    if (clearance.um() <= 0) {
      return new SpacerRow(
          "Already preloaded by their fits: no length of spacer frees them.",
          "Another clearance group, or a looser seat.",
          false,
          from);
    }
    double most = 0.9 * 2 * (BallThrust.USUAL_OSCULATION - 1) / 2 * in.elementMm();
    BallThrust bearing =
        new BallThrust(
            in.elementMm(),
            in.perRow(),
            Math.min(clearance.um() / 1000, most),
            BallThrust.USUAL_OSCULATION);
    if (Math.abs(shoulder - spacer) >= 5) {
      return new SpacerRow(
          "5 mm or more apart: not the spacer of this distance.",
          "Measure both again.",
          false,
          from);
    }
    SpacerPair pair =
        SpacerPair.of(
            new SpacerPair.Question(
                shoulder,
                spacer,
                bearing,
                0,
                0,
                Material.STEEL,
                Material.STEEL,
                0,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                SpacerPair.Distribution.UNIFORM));
    Instrument caliper = Instrument.withId("caliper").orElseThrow();
    double doubt = Math.hypot(caliper.uncertaintyAt(shoulder), caliper.uncertaintyAt(spacer));
    return Math.abs(Math.abs(pair.offMm()) - pair.axialClearanceMm()) <= doubt
        ? new SpacerRow(
            "Cannot tell whether the pair is free: length and clearance meet within "
                + mm(doubt)
                + ", the doubt of the two lengths.",
            "A micrometer on spacer and distance settles it.",
            false,
            from)
        : said(pair, from);
  }

  private static SpacerRow said(SpacerPair pair, String from) {
    String off = pair.offMm() < 0 ? "short" : "long";
    String whose =
        pair.offMm() < 0
            ? ", at most the clamp’s force"
            : ", at most what the outer rings’ seats hold";
    if (pair.preloadMm() == 0) {
      boolean just = pair.verdict().equals("just-free");
      boolean isShort = pair.offMm() < 0;
      return new SpacerRow(
          (isShort ? "Short by " : "Long by ")
              + mm(Math.abs(pair.offMm()))
              + ", which the bearings’ own clearance takes up: "
              + mm(pair.slackMm())
              + " is left along the axis.",
          just
              ? "A chip or some heat takes that: aim nearer to the distance."
              : isShort ? "Not preloaded by this sum; the clamp still pulls that way." : "",
          !just && !isShort,
          from);
    }
    double aim = Math.abs(pair.offMm()) - pair.axialClearanceMm() / 2;
    String does =
        pair.offMm() > 0
            ? "Face off " + mm(aim) + " for half the clearance, square to the bore."
            : "A spacer " + mm(aim) + " longer leaves half the clearance.";
    return new SpacerRow(
        "Preloaded by "
            + newtons(pair.preloadN())
            + " on each bearing"
            + whose
            + ": the spacer is "
            + mm(pair.preloadMm())
            + " too "
            + off
            + ".",
        does,
        false,
        from);
  }

  private static String mm(double value) {
    return String.format(Locale.ROOT, "%.2f mm", value);
  }

  private static String whole(double value) {
    return String.format(Locale.ROOT, "%.0f", value);
  }

  private static String newtons(double n) {
    return n >= 1000 ? String.format(Locale.ROOT, "%.1f kN", n / 1000) : Math.round(n) + " N";
  }
}
