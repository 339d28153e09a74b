package unbo.core.strip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import unbo.core.strip.Bench.Push;
import unbo.core.strip.Route.Kind;
import unbo.core.strip.Route.Verdict;
import unbo.core.working.Working;

/** Gathers the ways to part one press fit; each carries what it needs and what this shop lacks. */
final class RouteList {

  private static final String STRAIGHT = "No force goes through balls or rollers.";
  private static final String CROSSING =
      "The force goes through balls or rollers and dents the raceways: scrap, however it feels.";

  private final TightFit fit;
  private final Circumstances found;
  private final List<Route> routes = new ArrayList<>();

  RouteList(TightFit fit, Circumstances found) {
    this.fit = fit;
    this.found = found;
  }

  /** What this shop can do first; then what keeps the bearing; then heat before force. */
  List<Route> bestFirst() {
    return routes.stream()
        .sorted(
            Comparator.comparing((Route r) -> !r.isInReach())
                .thenComparing(Route::verdict)
                .thenComparing(Route::kind))
        .toList();
  }

  /** A force on a face; through rolling elements it scraps them. */
  void pushed(Push push, Kind... kinds) {
    for (Kind kind : kinds) {
      String why =
          push.crosses()
              ? CROSSING
              : STRAIGHT + String.format(Locale.ROOT, " Face of %.1f mm.", push.landMm());
      add(kind, push.crosses() ? Verdict.SCRAPS : Verdict.KEEPS, push, why);
    }
  }

  void impossible(Kind kind, String why) {
    add(kind, Verdict.NOT_POSSIBLE, new Push(fit.leaving(), 0, false, List.of(), ""), why);
  }

  /** A way without a force along the axis, on the end that leaves. */
  void across(Kind kind, Verdict verdict, String heldBy, String why) {
    add(kind, verdict, new Push(fit.leaving(), 0, false, fit.ends(), heldBy), why);
  }

  private void add(Kind kind, Verdict verdict, Push push, String why) {
    add(kind, verdict, push, Optional.empty(), 0, why);
  }

  /**
   * Heat on a piece.
   *
   * @param needed how warm it must be
   * @param limitC how warm it may get at most, °C
   */
  void heated(Kind kind, Verdict verdict, String piece, Working needed, double limitC, String why) {
    Push push = new Push(piece, 0, false, fit.ends(), "");
    add(kind, verdict, push, Optional.of(needed), limitC, why);
  }

  private void add(
      Kind kind, Verdict verdict, Push push, Optional<Working> heat, double limitC, String why) {
    List<Tool> tools = RouteKit.tools(kind);
    routes.add(
        new Route(
            kind,
            verdict,
            push.crosses(),
            push.piece(),
            push.heldBy(),
            push.way(),
            tools,
            found.missing(tools),
            heat,
            limitC,
            why,
            RouteKit.cautions(kind)));
  }
}
