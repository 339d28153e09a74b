package unbo.core.lubricant;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * Which of a shop's tins suits a bearing at work: refusals first, then by the least of four
 * margins, temperature, speed number, film and water, in that order. A margin of 0 is just enough,
 * 1 is plenty; what a data sheet does not say is no margin and no refusal, and is said.
 *
 * @param tins ranked, those that are refused last
 */
public record TinChoice(List<Ranked> tins) {

  private static final double PLENTY_C = 40;
  private static final double BREAKS_FILM = 0.4;

  /**
   * The work of a bearing.
   *
   * @param celsius of the bearing
   * @param inThere thickener of what is in there; empty or unknown where nobody knows
   * @param touches what the grease will touch: {@code rubber}, {@code plastic}, {@code brake}
   */
  public record Work(
      double rpm, double meanMm, double celsius, Water water, String inThere, Set<String> touches) {

    /**
     * @throws IllegalArgumentException for what does not run
     */
    public Work {
      if (!(rpm > 0 && meanMm > 0 && celsius >= Oil.COLDEST_C && celsius <= Oil.HOTTEST_C)) {
        throw new IllegalArgumentException("Not a bearing at work");
      }
      touches = Set.copyOf(touches);
    }
  }

  /**
   * A tin for a work.
   *
   * @param refused why not at all; empty when it may be taken
   * @param margin the least of its margins; 0 when none is known
   * @param reasons what it has and what its sheet does not say
   */
  public record Ranked(
      Tin tin, List<String> refused, double margin, List<String> reasons, Mixing mixing) {

    public boolean isRefused() {
      return !refused.isEmpty();
    }
  }

  /** Ranks tins. */
  public static TinChoice of(Work work, List<Tin> tins) {
    return new TinChoice(
        tins.stream()
            .map(t -> ranked(work, t))
            .sorted(
                Comparator.comparing(Ranked::isRefused)
                    .thenComparing(Comparator.comparingDouble(Ranked::margin).reversed()))
            .toList());
  }

  private static Ranked ranked(Work work, Tin tin) {
    List<String> refused = new ArrayList<>();
    List<String> reasons = new ArrayList<>();
    List<Double> margins = new ArrayList<>();
    for (String touched : work.touches) {
      if (tin.refuses().contains(touched)) {
        refused.add("its sheet refuses " + touched);
      }
    }
    temperature(work, tin, refused, reasons, margins);
    speed(work, tin, refused, reasons, margins);
    film(work, tin, refused, reasons, margins);
    water(work, tin, refused, reasons, margins);
    double margin = margins.stream().mapToDouble(Double::doubleValue).min().orElse(0);
    return new Ranked(tin, refused, margin, reasons, Mixing.of(work.inThere, tin.thickener()));
  }

  private static void temperature(
      Work work, Tin tin, List<String> refused, List<String> reasons, List<Double> margins) {
    if (work.celsius > tin.mostC() || work.celsius < tin.leastC()) {
      refused.add(
          "made for %.0f to %.0f °C".formatted(tin.leastC(), tin.mostC()).replace("-", "−"));
      return;
    }
    double room = tin.mostC() - work.celsius;
    reasons.add(String.format(Locale.ROOT, "%.0f °C below its limit", room));
    margins.add(Math.min(1, room / PLENTY_C));
  }

  private static void speed(
      Work work, Tin tin, List<String> refused, List<String> reasons, List<Double> margins) {
    double ndm = work.rpm * work.meanMm;
    if (tin.ndmLimit().isEmpty()) {
      reasons.add("its sheet gives no speed number");
      return;
    }
    double share = ndm / tin.ndmLimit().getAsDouble();
    if (share > 1) {
      refused.add(
          String.format(
              Locale.ROOT, "speed number %,.0f over its %,.0f", ndm, tin.ndmLimit().getAsDouble()));
      return;
    }
    reasons.add(String.format(Locale.ROOT, "%.0f %% of its speed number", 100 * share));
    margins.add(Math.min(1, 2 * (1 - share)));
  }

  private static void film(
      Work work, Tin tin, List<String> refused, List<String> reasons, List<Double> margins) {
    if (tin.oil().isEmpty()) {
      reasons.add("its sheet gives no viscosity: cannot tell the film");
      return;
    }
    double kappa =
        Film.of(tin.oil().get(), work.rpm, work.meanMm, work.celsius).kappa().result().value();
    if (kappa < BREAKS_FILM && !tin.extremePressure()) {
      refused.add(
          String.format(Locale.ROOT, "film %.1f without additives for mixed running", kappa));
      return;
    }
    String text = String.format(Locale.ROOT, "film κ %.1f", kappa);
    reasons.add(kappa > 4 ? text + ": more drag than need be" : text);
    margins.add(Math.max(0, Math.min(1, Math.log10(kappa / BREAKS_FILM))));
  }

  private static void water(
      Work work, Tin tin, List<String> refused, List<String> reasons, List<Double> margins) {
    if (work.water.mostWashOut() >= 100) {
      return;
    }
    if (tin.washOutPercent().isEmpty()) {
      reasons.add("its sheet gives no wash-out: cannot tell for " + work.water.title());
      return;
    }
    double lost = tin.washOutPercent().getAsDouble();
    if (lost > work.water.mostWashOut()) {
      refused.add(
          String.format(
              Locale.ROOT,
              "%.0f %% washes out, %s allows %.0f %%",
              lost,
              work.water.title(),
              work.water.mostWashOut()));
      return;
    }
    reasons.add(String.format(Locale.ROOT, "%.0f %% washes out", lost));
    margins.add(1 - lost / work.water.mostWashOut());
  }
}
