package unbo.core.strip;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.Contact;
import unbo.core.arrangement.Ring;
import unbo.core.strip.Route.Kind;
import unbo.core.strip.Route.Verdict;

/**
 * The ways to get a tight ring off, the best first: those that keep the bearing, then those that
 * scrap it, then those that risk its seat; within each, heat before force, force that stops and
 * backs off before blows. A way is there because a face can be reached and the force can be held,
 * not because a list says so; one that cannot be done is there too, with its reason. Striking a
 * whole hardened ring is never one.
 *
 * <p>Limits: reach is that of the half section; how strong a tool is, or how far a housing's face
 * yields, is not known.
 */
public final class Routes {

  private final TightFit fit;
  private final Bench bench;
  private final boolean rusted;
  private final RouteList routes;

  private Routes(
      Assembly assembly, StripOrder order, StripStep step, Contact contact, Circumstances found) {
    this.bench = new Bench(assembly, order, step, contact);
    this.fit = new TightFit(assembly, contact, bench);
    this.rusted = found.isRusted(contact);
    this.routes = new RouteList(fit, found);
  }

  /**
   * The ways for a part's press fit; none where the part has none that is parted.
   *
   * @param part the ring, or what it sits on
   */
  public static List<Route> of(Assembly assembly, String part, Circumstances found) {
    StripOrder order = StripOrder.of(assembly, found);
    return order.parting(part).map(s -> of(assembly, order, s, part, found)).orElse(List.of());
  }

  /**
   * The ways for a step of an order.
   *
   * @param part which of its press fits, where it parts several: the ring, or what it sits on
   */
  public static List<Route> of(
      Assembly assembly, StripOrder order, StripStep step, String part, Circumstances found) {
    return contact(assembly.arrangement(), step, part, found)
        .map(c -> new Routes(assembly, order, step, c, found).all())
        .orElse(List.of());
  }

  private static Optional<Contact> contact(
      Arrangement arrangement, StripStep step, String part, Circumstances found) {
    Predicate<Contact> ofStep =
        c ->
            found.isTight(c)
                && step.parts().contains(c.part()) != step.parts().contains(c.other())
                && step.among().containsAll(List.of(c.part(), c.other()));
    return arrangement.contacts().stream()
        .filter(ofStep)
        .min(Comparator.comparing(c -> !c.part().equals(part) && !c.other().equals(part)));
  }

  private List<Route> all() {
    if (fit.isLevered()) {
      routes.across(
          Kind.LEVER, Verdict.KEEPS, "", "A lip or a thin cap is not used again: have a new one.");
    }
    if (rusted) {
      routes.across(
          Kind.PENETRANT,
          Verdict.KEEPS,
          "",
          "Rust holds it, not the fit: time first, force later.");
    }
    HeatRoute.addTo(routes, fit);
    ForceRoutes force = new ForceRoutes(fit, bench, routes);
    force.pushes();
    force.pulls();
    if (!fit.isLevered() && !fit.isWithoutBearing()) {
      lastResorts();
    }
    return routes.bestFirst();
  }

  /** What is left when nothing else does. */
  private void lastResorts() {
    if (fit.isInHousing() && fit.isBush() && bench.isBlindBehind(fit.leaving())) {
      routes.across(
          Kind.GREASE_RAM,
          Verdict.SCRAPS,
          fit.staying(),
          "The hollow behind is closed: grease has nowhere else to go.");
    }
    if (fit.isInHousing() && fit.isLone(Ring.OUTER)) {
      routes.across(
          Kind.WELD_BEAD,
          Verdict.SCRAPS,
          "",
          "The cup is scrap; its seat is not touched. In a light alloy housing warm the housing instead.");
    }
    if (!fit.isInHousing() && fit.isRingLeaving() && isBareInner()) {
      routes.across(
          Kind.RELIEF_CUT, Verdict.RISKS_SEAT, fit.staying(), "One cut too deep marks the seat.");
    }
  }

  private boolean isBareInner() {
    return fit.isLone(Ring.INNER) || !fit.part(fit.leaving()).isBearing();
  }
}
