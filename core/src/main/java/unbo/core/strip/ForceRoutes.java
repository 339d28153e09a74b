package unbo.core.strip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import unbo.core.strip.Bench.Push;
import unbo.core.strip.Route.Kind;

/** Force on a face of what leaves, from behind or from the side to which it leaves. */
final class ForceRoutes {

  private static final double JAW_MM = 5;
  private static final double BLADE_MM = 2;
  private static final double LIP_MM = 1.5;
  private static final double LEAST_LIP_MM = 0.5;
  private static final double LEAST_GRIP_MM = 1;

  private final TightFit fit;
  private final Bench bench;
  private final RouteList routes;

  ForceRoutes(TightFit fit, Bench bench, RouteList routes) {
    this.fit = fit;
    this.bench = bench;
    this.routes = routes;
  }

  /** From behind, on the best face that can be reached with and without elements in the way. */
  void pushes() {
    List<Push> pushes = bench.pushes();
    Optional<Push> straight = pushes.stream().filter(p -> !p.crosses()).findFirst();
    straight.ifPresent(this::straight);
    pushes.stream().filter(Push::crosses).findFirst().ifPresent(p -> routes.pushed(p, Kind.PRESS));
    Optional<Push> leaning = straight.isEmpty() ? leaning() : Optional.empty();
    leaning.ifPresent(p -> routes.pushed(p, Kind.SCREW_DRIFT, Kind.DRIFT));
    if (pushes.isEmpty() && leaning.isEmpty()) {
      routes.impossible(Kind.PRESS, "No face of what leaves can be reached from behind.");
    }
  }

  private void straight(Push push) {
    routes.pushed(push, Kind.PRESS, Kind.SCREW_DRIFT, Kind.DRIFT);
    if (fit.isInHousing()) {
      routes.pushed(push, Kind.THREADED_ROD);
    }
    if (fit.isWheelUnit()) {
      routes.pushed(push, Kind.HUB_PRESS);
    }
    if (takesNewBehind()) {
      routes.pushed(push, Kind.NEW_PUSHES_OLD);
    }
  }

  /** A drift through the far opening: on the tight ring where it has a ledge, else on the other. */
  private Optional<Push> leaning() {
    List<Push> met = new ArrayList<>();
    for (String part : bench.leaving()) {
      for (String piece : bench.pieces(part)) {
        if (bench.isMetByLeaningDrift(piece)) {
          bench.force(piece, LEAST_GRIP_MM).ifPresent(met::add);
        }
      }
    }
    return met.stream()
        .min(
            Comparator.comparing(Push::crosses)
                .thenComparing(p -> !p.piece().equals(fit.leaving())));
  }

  private boolean takesNewBehind() {
    return fit.isInHousing()
        && bench.leaving().size() == 1
        && fit.part(fit.leaving()).isBearing()
        && bench.isOpenBehind(fit.leaving());
  }

  /** From the side to which it leaves. */
  void pulls() {
    if (fit.isInHousing()) {
      collet();
    } else if (fit.isRingLeaving()) {
      grip(Kind.JAW_PULLER, JAW_MM, "No room for jaws behind the tight ring.");
      grip(Kind.SPLITTER, BLADE_MM, "No gap behind the tight ring that a blade could start in.");
    }
    if (!fit.isLevered()) {
      slideHammer();
    }
  }

  private void collet() {
    if (!fit.isBearingLeaving()) {
      return;
    }
    String pulled = bench.pieces(ForcePaths.partOf(fit.leaving())).get(0);
    double lip = bench.gripBehind(pulled, LIP_MM);
    if (!bench.isBoreFree(pulled)) {
      routes.impossible(Kind.COLLET_PULLER, "Something is in its bore.");
    } else if (lip < LEAST_LIP_MM) {
      routes.impossible(Kind.COLLET_PULLER, "No room for a lip behind the ring.");
    } else {
      bench.force(pulled, lip).ifPresent(p -> routes.pushed(p, Kind.COLLET_PULLER));
    }
  }

  private void grip(Kind kind, double toolMm, String otherwise) {
    double grip = bench.gripBehind(fit.leaving(), toolMm);
    if (grip < LEAST_GRIP_MM) {
      routes.impossible(kind, otherwise);
    } else {
      bench.force(fit.leaving(), grip).ifPresent(p -> routes.pushed(p, kind));
    }
  }

  private void slideHammer() {
    bench
        .sticksOut()
        .filter(p -> !fit.part(p).isBearing())
        .flatMap(p -> bench.force(bench.pieces(p).get(0), LEAST_GRIP_MM))
        .ifPresent(p -> routes.pushed(p, Kind.SLIDE_HAMMER));
  }
}
