package unbo.core.tolerance;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import unbo.core.catalogue.Bearing;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;

/**
 * A bought bearing measured against its class: each size against its limits, its play against its
 * clearance group, both with the uncertainty of the measurement (ISO 14253-1 in spirit: what cannot
 * be told is not passed). Bore and outside are the mean of several places; a single reading says
 * less and should carry more uncertainty.
 *
 * <p>Not judged: the corner radius, read without an uncertainty; its {@link CornerRadius band} is
 * shown beside it, and it is held against the fillet. Play is the radial clearance under no load,
 * ISO 5753-1.
 *
 * @param findings each judged size, in the order bore, outside, width, play
 */
public record IncomingInspection(List<Finding> findings) {

  /**
   * One judged size.
   *
   * @param what such as {@code bore}
   * @param measured the value, millimetres or micrometres as {@code unit} says
   * @param least the least allowed
   * @param most the most allowed
   * @param unit mm or µm
   */
  public record Finding(
      String what,
      Measured measured,
      double least,
      double most,
      String unit,
      Verdict verdict,
      String reason) {}

  /**
   * What was measured; empty for what was not.
   *
   * @param bore millimetres
   * @param outside millimetres
   * @param width millimetres, for tapers T
   * @param playUm radial play, micrometres
   */
  public record Sizes(
      Optional<Measured> bore,
      Optional<Measured> outside,
      Optional<Measured> width,
      Optional<Measured> playUm) {}

  /** Judges a bearing of a class and clearance group by what was measured. */
  public static IncomingInspection of(
      Bearing bearing, String toleranceClass, String group, Sizes sizes) {
    ToleranceCard card = ToleranceCard.of(bearing, toleranceClass);
    List<Finding> findings = new ArrayList<>();
    size("bore", bearing.boreMm(), card.bore(), sizes.bore(), findings);
    size("outside", bearing.outerMm(), card.outside(), sizes.outside(), findings);
    size("width", bearing.widthMm(), card.width(), sizes.width(), findings);
    sizes.playUm().ifPresent(play -> findings.add(play(card, group, play)));
    return new IncomingInspection(List.copyOf(findings));
  }

  private static void size(
      String what,
      double nominal,
      Optional<Limits> limits,
      Optional<Measured> measured,
      List<Finding> findings) {
    if (measured.isEmpty()) {
      return;
    }
    Measured value = measured.get();
    if (limits.isEmpty()) {
      findings.add(
          new Finding(
              what,
              value,
              nominal,
              nominal,
              "mm",
              Verdict.CANNOT_TELL,
              "No limits in the tables."));
      return;
    }
    double least = limits.get().leastMm(nominal);
    double most = limits.get().mostMm(nominal);
    Verdict verdict = new Window(least, most).judge(value);
    findings.add(
        new Finding(what, value, least, most, "mm", verdict, reason(verdict, value, least, most)));
  }

  private static String reason(Verdict verdict, Measured value, double least, double most) {
    return switch (verdict) {
      case YES -> "Clearly within limits.";
      case NO ->
          String.format(
              Locale.ROOT,
              "Out of limits by %.0f µm or more: not the marked bearing, or worn, or not of this class.",
              1000 * Math.max(least - value.most(), value.least() - most));
      case CANNOT_TELL ->
          2 * value.uncertainty() > most - least
              ? "The instrument is coarser than the class: a micrometer or bore gauge tells more."
              : "Cannot tell: too near a limit. Repeat the measurement, or use a finer instrument.";
    };
  }

  private static Finding play(ToleranceCard card, String group, Measured play) {
    var clearance = card.groups().get(group);
    if (clearance == null) {
      return new Finding(
          "play", play, 0, 0, "µm", Verdict.CANNOT_TELL, "No clearance table for this family.");
    }
    Verdict verdict = new Window(clearance.minUm(), clearance.maxUm()).judge(play);
    String reason =
        switch (verdict) {
          case YES -> "Within group " + group + ".";
          case NO -> "Not group " + group + ": another group, or worn.";
          case CANNOT_TELL -> "Cannot tell from the neighbouring group with this dial indicator.";
        };
    return new Finding("play", play, clearance.minUm(), clearance.maxUm(), "µm", verdict, reason);
  }

  /**
   * The whole: {@code NO} when anything is surely outside, {@code YES} only when bore, outside and
   * width were measured and all of them lie surely inside.
   */
  public Verdict verdict() {
    if (findings.stream().anyMatch(f -> f.verdict() == Verdict.NO)) {
      return Verdict.NO;
    }
    long sizes = findings.stream().filter(f -> f.unit().equals("mm")).count();
    boolean all = findings.stream().allMatch(f -> f.verdict() == Verdict.YES);
    return sizes == 3 && all ? Verdict.YES : Verdict.CANNOT_TELL;
  }
}
