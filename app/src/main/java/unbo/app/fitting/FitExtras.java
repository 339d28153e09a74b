package unbo.app.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import unbo.app.drawing.WarmCasePicture;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.working.Workings;
import unbo.core.fit.BoughtHub;
import unbo.core.fit.Fit;
import unbo.core.fit.Makeshift;
import unbo.core.fit.PressSleeve;
import unbo.core.fit.Recommendation;
import unbo.core.fit.WarmCase;
import unbo.core.section.BearingPortrait;

/**
 * What stands beside a fit: the depth of a ring without a shoulder, a bought hub, the warm case.
 *
 * @param depth null while none was measured
 * @param bought null while nothing of one was measured
 * @param makeshift how a seat is held without being mended; null for a whole one
 * @param sleeves what to press with, by ring
 * @param schools what decides between two schools of clearance; empty off a bicycle
 * @param warm null for a case that grows no more than its ring, or before the fit is known
 */
public record FitExtras(
    DepthSheet depth,
    BoughtHub bought,
    Makeshift makeshift,
    WarmCasePicture warm,
    List<String> sleeves,
    String schools) {

  static FitExtras of(
      Workpiece piece,
      FitPlace place,
      FitFields fields,
      FieldProblems problems,
      Recommendation zones,
      Workings workings) {
    boolean onShaft = !place.turning(piece.arrangement()).equals("outer");
    return new FitExtras(
        DepthSheet.of(fields, problems, workings).orElse(null),
        BoughtSheet.of(fields, problems, place, onShaft, zones).orElse(null),
        fields.makeshift(piece.topSpeedKmh()).orElse(null),
        null,
        List.of(),
        "");
  }

  FitExtras with(Fit fit, Workpiece piece, FitPlace place) {
    boolean light = fit.input().housing().material().isLightAlloy();
    Optional<WarmCase> warm =
        light ? WarmCase.of(fit.input()).filter(w -> w.cold().likely() > 0) : Optional.empty();
    return new FitExtras(
        depth,
        bought,
        makeshift,
        warm.map(WarmCasePicture::of).orElse(null),
        BearingPortrait.of(place.bearing())
            .inside()
            .map(i -> PressSleeve.of(fit, i))
            .orElse(List.of()),
        schools(fit, piece));
  }

  /** Normal clearance against clicking, or larger because two fits and an axle eat it. */
  private static String schools(Fit fit, Workpiece piece) {
    boolean bicycle =
        piece
            .vehicleKind()
            .map(k -> k.equals("bicycle"))
            .orElse(piece.arrangement().kinds().equals(List.of("bicycle")));
    if (!bicycle || fit.clearance().isEmpty()) {
      return "";
    }
    double left = fit.clearance().get().mounted().likely();
    String here =
        left < 0
            ? "the fits eat it all, so the larger group is right here."
            : "the fits leave it, so a larger group would only click.";
    return "Two methods for bicycle cartridges: normal clearance against clicking, or a larger group because two fits and an axle take it. Likely left once mounted: "
        + Math.round(left)
        + " µm; "
        + here;
  }

  /** Whether there is something to keep though no fit was worked. */
  boolean isEntered() {
    return depth != null || bought != null || makeshift != null;
  }

  /** For paper. */
  List<String> lines() {
    List<String> lines = new ArrayList<>();
    if (depth != null) {
      lines.add("Depth of the ring: " + depth.verdict());
    }
    if (bought != null) {
      bought
          .lines()
          .forEach(
              l ->
                  lines.add(
                      "Bought hub, "
                          + l.what().toLowerCase(java.util.Locale.ROOT)
                          + ": "
                          + l.says()));
    }
    if (bought != null) {
      bought.beside().forEach(b -> lines.add("Bought hub, " + b));
    }
    if (makeshift != null) {
      lines.add("Held by: " + makeshift.title() + (makeshift.blocks() ? ", a makeshift." : "."));
    }
    return List.copyOf(lines);
  }
}
