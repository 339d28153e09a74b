package unbo.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a fit says, in sentences. */
final class FitReasons {

  private static final double UNLIKELY = 0.5;

  private FitReasons() {}

  static List<String> of(Fit fit, String turning) {
    List<String> said = new ArrayList<>();
    creep(fit, turning, said);
    fit.verdict().ifPresent(v -> said.add(verdict(fit, v)));
    fit.endPlayChangeUm().ifPresent(um -> said.add(endPlay(um)));
    if (fit.clearance().isEmpty() && fit.endPlayChangeUm().isEmpty()) {
      said.add("No clearance of this family is tabled here: only its seats are judged.");
    }
    hot(fit, said);
    wall(fit, said);
    if (fit.input().racewaysEstimated()) {
      said.add("Raceway diameters are estimated from the envelope.");
    }
    return List.copyOf(said);
  }

  private static String verdict(Fit fit, Fit.Verdict verdict) {
    String running =
        "Running clearance likely %s µm, one in a hundred under %s µm: "
            .formatted(
                um(fit.clearance().orElseThrow().running().likely()),
                um(fit.clearance().orElseThrow().running().oneInHundred()));
    Optional<String> right = fit.rightGroup();
    String other =
        verdict == Fit.Verdict.GOOD
            ? ""
            : right
                .map(g -> " With these seats group " + g + " would be right.")
                .orElse(" With these seats no clearance group is right: change a seat.");
    return switch (verdict) {
      case LOCKS -> running + "it locks." + other;
      case PRELOADED -> running + "it runs preloaded." + other;
      case LOOSE -> running + "it runs loose." + other;
      case GOOD -> running + "good.";
    };
  }

  private static String endPlay(double um) {
    return um <= 0
        ? "Fits and heat take likely %s µm of this bearing’s end play: set it after fitting."
            .formatted(um(-um))
        : "Heat gives likely %s µm of end play to this bearing: set it after fitting."
            .formatted(um(um));
  }

  private static void creep(Fit fit, String turning, List<String> said) {
    for (String ring : fit.creeping(turning)) {
      creep(ring.equals("inner") ? fit.inner() : fit.outer(), ring, said);
    }
    boolean both = fit.inner().tightChance() > Fit.HOLDS && fit.outer().tightChance() > Fit.HOLDS;
    if (both && !turning.equals("both")) {
      said.add("Both rings are tight: nothing is free along the axis, and both take clearance.");
    }
  }

  private static void creep(Fit.Ring ring, String which, List<String> said) {
    String chance = String.format(Locale.ROOT, "%.0f %%", 100 * ring.hot().chanceOverZero());
    said.add(
        "The "
            + which
            + " ring sees the turning load and is tight in only "
            + chance
            + " of cases when running: it would creep in its seat.");
  }

  private static void hot(Fit fit, List<String> said) {
    boolean tightCold = fit.outer().tightChance() > UNLIKELY;
    if (tightCold && fit.outer().hot().chanceOverZero() < UNLIKELY) {
      said.add("The outer ring is tight cold and loose at working heat: it can turn.");
    }
  }

  private static void wall(Fit fit, List<String> said) {
    Material housing = fit.input().housing().material();
    if (fit.outer().hoopMpa() > housing.proofMpa() / 2) {
      said.add(
          "The housing’s wall carries %s MPa, over half of what %s bears (%s MPa, our default)."
              .formatted(um(fit.outer().hoopMpa()), housing.title(), um(housing.proofMpa())));
    }
  }

  private static String um(double value) {
    return String.format(Locale.ROOT, Math.abs(value) < 10 ? "%.1f" : "%.0f", value);
  }
}
