package unbo.app.setting;

import java.util.Locale;
import java.util.Optional;
import unbo.app.fitting.MountedClearance;
import unbo.app.job.Workpiece;
import unbo.app.working.Figure;
import unbo.app.working.Workings;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.BearingPlace;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;
import unbo.core.contact.BallThrust;
import unbo.core.measure.Measured;
import unbo.core.measure.Window;
import unbo.core.section.BearingPortrait;
import unbo.core.section.InternalGeometry;
import unbo.core.setting.SpacerLength;
import unbo.core.setting.SpacerPair;
import unbo.core.setting.SpacerWorkings;
import unbo.core.units.Digits;
import unbo.core.working.Input;
import unbo.core.working.Origin;

/**
 * What a measured spacer does to its two ball bearings: free, just free, or preloaded by how much.
 *
 * @param verdict a sentence
 * @param does what would mend it; empty where nothing has to be
 * @param good whether both stay free
 * @param from where the clearance comes from, a sentence
 * @param slack the figure that the verdict rests on; null where none is worked
 * @param preload on each bearing; null where slack is left
 */
public record SpacerRow(
    String verdict, String does, boolean good, String from, Figure slack, Figure preload) {

  /** Slack along the axis. */
  private static final Window FREE = new Window(0, Double.POSITIVE_INFINITY);

  /** Sizes further apart than this are not those of one pair. */
  private static final double MOST_OFF_MM = 5;

  /** What a row is made of. */
  private record Pair(
      String title,
      SpacerLength spacer,
      InternalGeometry inside,
      MountedClearance clearance,
      String from) {

    double offMm() {
      return spacer.working().result().value();
    }
  }

  /** Empty while a length is not measured, or where the bearings are no ball bearings. */
  static Optional<SpacerRow> of(
      Workpiece piece, String title, Optional<SpacerLength> spacer, Workings workings) {
    Assembly assembly = piece.assembly();
    Optional<BearingPlace> place = assembly.arrangement().namedPlaces().stream().findFirst();
    if (spacer.isEmpty() || place.isEmpty()) {
      return Optional.empty();
    }
    Optional<InternalGeometry> inside =
        assembly
            .bearingAt(place.get().id())
            .filter(SpacerRow::isBall)
            .flatMap(b -> BearingPortrait.of(b).inside());
    Optional<MountedClearance> clearance = MountedClearance.of(piece, place.get().id());
    if (inside.isEmpty() || clearance.isEmpty()) {
      return Optional.empty();
    }
    MountedClearance c = clearance.get();
    String from = "Clearance of one bearing: " + Math.round(c.um()) + " µm, " + c.said() + ".";
    return Optional.of(row(new Pair(title, spacer.get(), inside.get(), c, from), workings));
  }

  private static boolean isBall(Bearing bearing) {
    return bearing.family() == Family.DEEP_GROOVE_BALL;
  }

  private static SpacerRow row(Pair pair, Workings workings) {
    if (pair.clearance.um() <= 0) {
      return bare(
          "Already preloaded by their fits: no length of spacer frees them.",
          "Another clearance group, or a looser seat.",
          pair);
    }
    if (Math.abs(pair.offMm()) >= MOST_OFF_MM) {
      return bare(
          "5 mm or more apart: not the spacer of this distance.", "Measure both again.", pair);
    }
    SpacerWorkings works = works(pair);
    Figure slack = workings.judged(pair.title, works.slack(), FREE, both(works.slack().result()));
    return switch (FREE.judge(works.slack().result())) {
      case YES -> free(pair, works, slack);
      case NO -> preloaded(pair, works, slack, workings);
      case CANNOT_TELL ->
          new SpacerRow(
              "Cannot tell whether the pair is free: length and clearance meet within their doubt.",
              "A micrometer on spacer and distance, and Fit saved, narrow it; turn it by hand after tightening.",
              false,
              pair.from,
              slack,
              null);
    };
  }

  private static SpacerRow bare(String verdict, String does, Pair pair) {
    return new SpacerRow(verdict, does, false, pair.from, null, null);
  }

  private static SpacerWorkings works(Pair pair) {
    InternalGeometry in = pair.inside;
    double most = 0.9 * (BallThrust.USUAL_OSCULATION - 1) * in.elementMm() * 1000;
    Input radial =
        Input.of(
            "g",
            "radial clearance of one bearing",
            Math.min(pair.clearance.um(), most),
            pair.clearance.u95(),
            "µm",
            pair.clearance.fromFit()
                ? Origin.computed(pair.clearance.said())
                : Origin.table(pair.clearance.said()));
    var lengths = pair.spacer.working().inputs();
    return SpacerWorkings.of(lengths.get(0), lengths.get(1), radial, in.elementMm(), in.perRow());
  }

  private static SpacerRow free(Pair pair, SpacerWorkings works, Figure slack) {
    boolean isShort = pair.offMm() < 0;
    double left = works.slack().result().value();
    boolean just = left < SpacerPair.JUST_FREE_MM;
    String verdict =
        (isShort ? "Short by " : "Long by ")
            + mm(Math.abs(pair.offMm()))
            + ", which the bearings’ own clearance takes up: "
            + mm(left)
            + " is left along the axis.";
    String does =
        just
            ? "A chip or some heat takes that: aim nearer to the distance."
            : isShort ? "Not preloaded by this sum; the clamp still pulls that way." : "";
    return new SpacerRow(verdict, does, !just && !isShort, pair.from, slack, null);
  }

  private static SpacerRow preloaded(
      Pair pair, SpacerWorkings works, Figure slack, Workings workings) {
    boolean isShort = pair.offMm() < 0;
    double over = -works.slack().result().value();
    double clearance = Math.abs(pair.offMm()) - over;
    double aim = Math.abs(pair.offMm()) - clearance / 2;
    Measured force = works.preload().result();
    Figure preload =
        workings.figure(
            pair.title,
            works.preload(),
            newtons(works.preload().least()) + " to " + newtons(works.preload().most()));
    return new SpacerRow(
        "Preloaded by about "
            + newtons(force.value())
            + " on each bearing"
            + (isShort
                ? ", at most the clamp’s force"
                : ", at most what the outer rings’ seats hold")
            + ": the spacer is "
            + mm(over)
            + " too "
            + (isShort ? "short." : "long."),
        isShort
            ? "A spacer " + mm(aim) + " longer leaves half the clearance."
            : "Face off " + mm(aim) + " for half the clearance, square to the bore.",
        false,
        pair.from,
        slack,
        preload);
  }

  private static String both(Measured value) {
    return Digits.both(value.value(), value.uncertainty()) + " mm (95 %)";
  }

  private static String mm(double value) {
    return String.format(Locale.ROOT, "%.2f mm", value);
  }

  private static String newtons(double n) {
    return n >= 1000 ? String.format(Locale.ROOT, "%.1f kN", n / 1000) : Math.round(n) + " N";
  }
}
