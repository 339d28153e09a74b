package unbo.app.stripping;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.app.job.Workpiece;
import unbo.app.working.Figure;
import unbo.app.working.Workings;
import unbo.core.arrangement.PartTemplate;
import unbo.core.arrangement.Ring;
import unbo.core.arrangement.TurningGroups;
import unbo.core.catalogue.Bearing;
import unbo.core.fit.Fit;
import unbo.core.fit.FitInput;
import unbo.core.fit.FitInputs;
import unbo.core.fit.FitWorkings;
import unbo.core.fit.Material;
import unbo.core.fit.Recommendation;
import unbo.core.strip.PressForce;
import unbo.core.strip.StripStep;
import unbo.core.strip.Tool;
import unbo.core.tolerance.RingKind;
import unbo.core.working.Working;

/**
 * What force parts a tight ring from a seat as its position asks for it, and whether the shop's
 * press has it.
 *
 * @param off to get it off
 * @param on to press it on
 * @param says of what seat that is
 * @param press what the shop's press has, a sentence; empty where none is known
 */
public record PullForce(Figure off, Figure on, String says, String press) {

  /** Empty where no ring of a bearing is tight, or none of its limits are known. */
  static Optional<PullForce> of(
      Workpiece piece, StripStep step, List<ShopTool> owned, Workings workings) {
    return step.parts().stream()
        .flatMap(p -> piece.arrangement().part(p.replaceAll("/.*", "")).stream())
        .filter(p -> p.place().isPresent() && isTight(step, p))
        .findFirst()
        .flatMap(p -> of(piece, p, owned, workings));
  }

  private static boolean isTight(StripStep step, PartTemplate part) {
    return step.tight().stream()
        .anyMatch(
            g ->
                g.part().replaceAll("/.*", "").equals(part.id())
                    || g.seat().replaceAll("/.*", "").equals(part.id()));
  }

  private static Optional<PullForce> of(
      Workpiece piece, PartTemplate part, List<ShopTool> owned, Workings workings) {
    Optional<Bearing> bearing =
        piece.assembly().bearingAt(part.place().orElseThrow()).filter(PullForce::isWorked);
    boolean turnsOuter =
        TurningGroups.of(piece.arrangement())
            .turnsOuter(piece.arrangement(), part.place().orElseThrow());
    Material housing =
        Material.withId(piece.arrangement().fact("housing-material")).orElse(Material.STEEL);
    Optional<FitInput> input =
        bearing.flatMap(
            b ->
                Recommendation.of(
                        turnsOuter ? "outer" : "inner", "normal", b.boreMm(), housing, false)
                    .flatMap(z -> FitInputs.usual(b, z, housing)));
    // A whole bearing is held by the ring that sees the turning load.
    boolean inner = part.ring().map(r -> r == Ring.INNER).orElse(!turnsOuter);
    return input
        .filter(i -> ring(i, inner).pressForceN() > 0)
        .map(i -> said(i, inner, owned, workings));
  }

  private static boolean isWorked(Bearing b) {
    RingKind kind = RingKind.of(b);
    return kind == RingKind.RADIAL || kind == RingKind.METRIC_TAPER || kind == RingKind.INCH_TAPER;
  }

  private static Fit.Ring ring(FitInput input, boolean inner) {
    Fit fit = Fit.of(input);
    return inner ? fit.inner() : fit.outer();
  }

  private static PullForce said(
      FitInput input, boolean inner, List<ShopTool> owned, Workings workings) {
    Working off = FitWorkings.pull(input, inner);
    String seat = (inner ? input.shaft() : input.housing()).said();
    return new PullForce(
        kilonewtons(off, workings),
        kilonewtons(FitWorkings.force(input, inner), workings),
        "of a seat as usual here, " + seat + ", oiled; twice that when rusty.",
        press(owned, off.result().most() / 1000));
  }

  private static Figure kilonewtons(Working force, Workings workings) {
    return workings.figure(
        "",
        force,
        String.format(
            Locale.ROOT,
            "%.1f ± %.1f kN",
            force.result().value() / 1000,
            force.result().uncertainty() / 1000));
  }

  private static String press(List<ShopTool> owned, double most) {
    OptionalDouble kn =
        owned.stream()
            .filter(t -> t.getTool().equals(Tool.PRESS.id()))
            .map(t -> PressForce.kilonewtons(t.getDetail()))
            .findFirst()
            .orElse(OptionalDouble.empty());
    if (kn.isEmpty()) {
      return "";
    }
    return String.format(
        Locale.ROOT,
        "This workshop’s press of %.0f kN is %s.",
        kn.getAsDouble(),
        kn.getAsDouble() >= 2 * most
            ? "enough, rusty too"
            : kn.getAsDouble() >= most ? "enough while nothing is rusty" : "too weak");
  }
}
