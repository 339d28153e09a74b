package unbo.core.strip;

import java.util.Optional;
import java.util.OptionalDouble;
import unbo.core.heat.LooseningHeat;
import unbo.core.strip.Route.Kind;
import unbo.core.strip.Route.Verdict;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/** Heat that frees a press fit: of the housing, or of the ring on its shaft. */
final class HeatRoute {

  private final TightFit fit;
  private final Kind kind;

  private HeatRoute(TightFit fit) {
    this.fit = fit;
    this.kind = fit.isInHousing() ? Kind.HEAT_HOUSING : Kind.HEAT_RING;
  }

  /** Adds it; none where there is rubber, a lever does, or no usual press fit is known. */
  static void addTo(RouteList routes, TightFit fit) {
    if (!fit.isLevered() && !fit.isOfRubber() && (fit.isInHousing() || fit.isRingLeaving())) {
      new HeatRoute(fit).add(routes);
    }
  }

  /** What was measured counts; else the tightest usual fit, and its middle for what is likely. */
  private void add(RouteList routes) {
    OptionalDouble tightest = LooseningHeat.worstMm(fit.isInHousing(), fit.diameterMm());
    Optional<Double> measured = fit.interferenceMm();
    if (tightest.isEmpty() && measured.isEmpty()) {
      return;
    }
    double interference = measured.orElseGet(tightest::getAsDouble);
    Origin origin =
        measured.isPresent()
            ? Origin.measured("seat and ring, measured")
            : Origin.assumed("greatest of a usual press fit; measure both for your own");
    Working needed = temperature(interference, origin);
    Working likely = temperature(measured.isPresent() ? interference : interference / 2, origin);
    add(routes, needed, likely.result().value() <= limitC());
  }

  private Working temperature(double interference, Origin origin) {
    LooseningHeat.Heated what =
        fit.isInHousing() ? LooseningHeat.Heated.ALLOY_HOUSING : LooseningHeat.Heated.RING;
    return LooseningHeat.temperature(what, fit.diameterMm(), Math.max(0, interference), origin);
  }

  /** A bare ring stands more than a bearing with cage and grease. */
  private double limitC() {
    return kind == Kind.HEAT_RING && fit.isBareInnerRing()
        ? LooseningHeat.BARE_RING_LIMIT_C
        : LooseningHeat.LIMIT_C;
  }

  private void add(RouteList routes, Working needed, boolean does) {
    double warm = needed.result().value();
    boolean spoilt = does && fit.isSealed() && warm > LooseningHeat.SEALED_LIMIT_C;
    Verdict verdict = spoilt ? Verdict.SCRAPS : Verdict.KEEPS;
    routes.heated(
        kind,
        does ? verdict : Verdict.NOT_POSSIBLE,
        kind == Kind.HEAT_HOUSING ? fit.housing() : fit.ring(),
        needed,
        limitC(),
        does
            ? whatToKnow(warm, spoilt)
            : "It would have to be warmer than its limit: heat alone does not free it.");
  }

  private String whatToKnow(double warm, boolean spoilt) {
    String help =
        warm <= limitC()
            ? ""
            : "At the tightest usual fit heat alone does not do within its limit: help it with a light push. ";
    String seals =
        spoilt
            ? "Its seals or shields were read: over 80 °C they and the grease are harmed, and the bearing is scrap. "
            : "A sealed or greased bearing over 80 °C is scrap. ";
    String housing =
        kind == Kind.HEAT_HOUSING
            ? "For a light alloy housing; one of steel or iron frees nothing when it is soaked."
            : "";
    return (help + seals + housing).strip();
  }
}
