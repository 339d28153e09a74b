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
import unbo.core.fit.Recommendation;
import unbo.core.fit.WarmCase;

/**
 * What stands beside a fit: the depth of a ring without a shoulder, a bought hub, the warm case.
 *
 * @param depth null while none was measured
 * @param bought null while nothing of one was measured
 * @param makeshift how a seat is held without being mended; null for a whole one
 * @param warm null for a case that grows no more than its ring, or before the fit is known
 */
public record FitExtras(
    DepthSheet depth, BoughtHub bought, Makeshift makeshift, WarmCasePicture warm) {

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
        fields.makeshift().orElse(null),
        null);
  }

  FitExtras with(Fit fit) {
    boolean light = fit.input().housing().material().isLightAlloy();
    Optional<WarmCase> warm = light ? WarmCase.of(fit.input()) : Optional.empty();
    return new FitExtras(depth, bought, makeshift, warm.map(WarmCasePicture::of).orElse(null));
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
    if (makeshift != null) {
      lines.add("Held by: " + makeshift.title() + (makeshift.blocks() ? ", a makeshift." : "."));
    }
    return List.copyOf(lines);
  }
}
