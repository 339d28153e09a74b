package unbo.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import unbo.core.catalogue.Family;
import unbo.core.tables.Table;
import unbo.core.tolerance.InternalClearances;

/**
 * A mounted bearing: whether both rings hold, what presses and what pulls, and what clearance is
 * left mounted and hot. Interference and clearance are diametral. Likely values and chances come
 * from a normal model in which limits are three standard deviations away; least and most are
 * arithmetic.
 *
 * <p>Sources: ISO 286-2 and ISO 492 for the limits, Lamé for pressure and raceways, ISO 5753-1 for
 * the clearance, linear expansion for the heat. Limits: rings and seats round and true; the bands
 * of the verdict are our own.
 *
 * @param inner the ring on the shaft
 * @param outer the ring in the housing
 * @param clearance unmounted, mounted and running; empty for what is set after fitting
 * @param endPlayChangeUm what the fits and the heat take from the end play of what is set after
 *     fitting, negative when they take; empty for the others
 * @param verdict empty for what is set after fitting
 */
public record Fit(
    FitInput input,
    Ring inner,
    Ring outer,
    Optional<Ladder> clearance,
    Optional<Double> endPlayChangeUm,
    Optional<Verdict> verdict) {

  /**
   * One ring on its seat.
   *
   * @param cold interference at room temperature, µm; negative is a gap
   * @param hot the same when running
   * @param pressureMpa at the likely interference cold, 0 when loose
   * @param pressForceN to press it on or in, 0 when loose
   * @param pullForceN to get it off again
   * @param hoopMpa in the housing's wall, or in the ring on its shaft
   * @param raceway what the cold fit takes from the clearance, µm
   */
  public record Ring(
      Spread cold,
      Spread hot,
      double pressureMpa,
      double pressForceN,
      double pullForceN,
      double hoopMpa,
      Spread raceway) {

    public double tightChance() {
      return cold.chanceOverZero();
    }
  }

  /** Internal clearance in µm, from the shelf to the running bearing. */
  public record Ladder(Spread unmounted, Spread mounted, Spread running) {}

  /** What the running clearance comes to. */
  public enum Verdict {
    LOCKS("locks"),
    PRELOADED("preloaded"),
    GOOD("good"),
    LOOSE("loose");

    private final String id;

    Verdict(String id) {
      this.id = id;
    }

    public String id() {
      return id;
    }
  }

  /** To pull a ring takes more than to press it: 0.18 against 0.12. */
  static final double PULL_OVER_PRESS = 1.5;

  private static final double UM = 1000;

  private record Bands(
      String kind, double locks, double preloads, double loose, double loosePerMm) {}

  private static final List<Bands> BANDS =
      Table.read(
          Fit.class,
          "/unbo/core/fit/clearance-bands.csv",
          row ->
              new Bands(
                  row.text("kind"),
                  row.number("locks"),
                  row.number("preloads"),
                  row.number("loose"),
                  row.number("loosePerMm")));

  /** Works a fit. */
  public static Fit of(FitInput in) {
    Ring inner = inner(in);
    Ring outer = outer(in);
    double heat =
        Material.RING.expansion()
            * (in.shaft().runningC() - in.housing().runningC())
            * (in.boreMm() + in.outerMm())
            / 2
            * UM;
    Spread innerHot = taken(in, inner.hot, true);
    Spread outerHot = taken(in, outer.hot, false);
    Optional<Ladder> ladder =
        in.clearance()
            .map(g -> Spread.within(limits(g)))
            .map(
                u -> {
                  Spread mounted = u.minus(inner.raceway).minus(outer.raceway);
                  Spread running = u.minus(innerHot).minus(outerHot).plus(-heat);
                  return new Ladder(u, mounted, running);
                });
    Optional<Double> endPlay =
        in.clearance().isPresent() || in.contactAngleDeg() <= 0
            ? Optional.empty()
            : Optional.of(
                -(innerHot.likely() + outerHot.likely() + heat)
                    / 2
                    / Math.tan(Math.toRadians(in.contactAngleDeg())));
    return new Fit(in, inner, outer, ladder, endPlay, ladder.map(l -> verdict(l.running, in)));
  }

  private static unbo.core.tolerance.Limits limits(FitInput.Group group) {
    return new unbo.core.tolerance.Limits(
        group.limits().minUm(), group.limits().maxUm(), group.limits().source());
  }

  private static Ring inner(FitInput in) {
    Spread cold = in.shaft().size().minus(in.bore());
    double grows =
        (in.shaft().material().expansion() - Material.RING.expansion())
            * in.boreMm()
            * (in.shaft().runningC() - in.roomC())
            * UM;
    return ring(in, cold, cold.plus(grows), true);
  }

  private static Ring outer(FitInput in) {
    Spread cold = in.outside().minus(in.housing().size());
    double gives =
        (in.housing().material().expansion() - Material.RING.expansion())
            * in.outerMm()
            * (in.housing().runningC() - in.roomC())
            * UM;
    return ring(in, cold, cold.plus(-gives), false);
  }

  private static Ring ring(FitInput in, Spread cold, Spread hot, boolean isInner) {
    double d = isInner ? in.boreMm() : in.outerMm();
    double pressure = pressurePerUm(in, isInner) * Math.max(0, cold.likely());
    double force = in.friction() * pressure * Math.PI * d * in.widthMm();
    double hoop =
        isInner
            ? Lame.hoopStress(pressure, d, in.innerRacewayMm())
            : Lame.hoopStress(pressure, d, in.housing().wallMm());
    return new Ring(
        cold, hot, pressure, force, force * PULL_OVER_PRESS, hoop, taken(in, cold, isInner));
  }

  /** Pressure in MPa for each µm of interference as measured, what pressing flattens taken off. */
  static double pressurePerUm(FitInput in, boolean isInner) {
    double perMm =
        isInner
            ? Lame.pressurePerMm(
                in.boreMm(),
                in.shaft().wallMm(),
                in.shaft().material(),
                in.innerRacewayMm(),
                Material.RING)
            : Lame.pressurePerMm(
                in.outerMm(),
                in.outerRacewayMm(),
                Material.RING,
                in.housing().wallMm(),
                in.housing().material());
    FitInput.Seat seat = isInner ? in.shaft() : in.housing();
    double d = isInner ? in.boreMm() : in.outerMm();
    return perMm * seat.surface().left(d) / UM;
  }

  /** What a fit takes from the internal clearance, µm. */
  private static Spread taken(FitInput in, Spread interference, boolean isInner) {
    double pressure = pressurePerUm(in, isInner);
    double perUm =
        isInner
            ? Lame.innerGrows(pressure, in.boreMm(), in.innerRacewayMm())
            : Lame.outerShrinks(pressure, in.outerMm(), in.outerRacewayMm());
    return interference.tightPart(perUm * UM);
  }

  static boolean isRoller(Family family) {
    return family.id().contains("roller") || family.id().contains("needle");
  }

  /** What a running clearance comes to, by the bands. */
  static Verdict verdict(Spread running, FitInput in) {
    String kind = isRoller(in.family()) ? "roller" : "ball";
    Bands bands = BANDS.stream().filter(b -> b.kind.equals(kind)).findFirst().orElseThrow();
    double low = running.oneInHundred();
    if (low < bands.locks) {
      return Verdict.LOCKS;
    }
    if (low < bands.preloads || running.likely() < 0) {
      return Verdict.PRELOADED;
    }
    return running.likely() > bands.loose + bands.loosePerMm * in.boreMm()
        ? Verdict.LOOSE
        : Verdict.GOOD;
  }

  /** The tightest group with which this fit is good; empty when none is, or none is asked. */
  public Optional<String> rightGroup() {
    Optional<String> kind = clearanceKind();
    if (clearance.isEmpty() || kind.isEmpty()) {
      return Optional.empty();
    }
    Ladder ladder = clearance.get();
    double shift = ladder.running.likely() - ladder.unmounted.likely();
    double rest =
        Math.sqrt(
            Math.max(
                0, Math.pow(ladder.running.sigma(), 2) - Math.pow(ladder.unmounted.sigma(), 2)));
    List<String> good = new ArrayList<>();
    for (String group : List.of("C2", "CN", "C3", "C4", "C5")) {
      InternalClearances.of(kind.get(), group, input.boreMm())
          .ifPresent(
              c -> {
                double sigma = Math.hypot(rest, (c.maxUm() - c.minUm()) / 6);
                double likely = (c.minUm() + c.maxUm()) / 2 + shift;
                if (verdict(new Spread(likely, likely, likely, sigma), input) == Verdict.GOOD) {
                  good.add(group);
                }
              });
    }
    return good.stream().findFirst();
  }

  private Optional<String> clearanceKind() {
    return clearanceKind(input.family());
  }

  /** The clearance table of a family; empty for what is set after fitting. */
  public static Optional<String> clearanceKind(Family family) {
    return switch (family) {
      case DEEP_GROOVE_BALL, TWO_ROW_BALL -> Optional.of(Family.DEEP_GROOVE_BALL.id());
      case SELF_ALIGNING_BALL, CYLINDRICAL_ROLLER -> Optional.of(family.id());
      case NEEDLE_ROLLER -> Optional.of(Family.CYLINDRICAL_ROLLER.id());
      default -> Optional.empty();
    };
  }

  /** Under this chance a ring with a turning load is said to creep. */
  static final double HOLDS = 0.95;

  /**
   * Which rings would creep in their seats when running: those with the turning load that are not
   * surely tight. {@code inner}, {@code outer}, both or none.
   */
  public List<String> creeping(String turning) {
    List<String> creeping = new ArrayList<>();
    if (!turning.equals("outer") && inner.hot.chanceOverZero() < HOLDS) {
      creeping.add("inner");
    }
    if (!turning.equals("inner") && outer.hot.chanceOverZero() < HOLDS) {
      creeping.add("outer");
    }
    return List.copyOf(creeping);
  }

  /**
   * What can be said of it, the weightiest first; sentences.
   *
   * @param turning the ring that sees the turning load: {@code inner}, {@code outer}, {@code both}
   */
  public List<String> reasons(String turning) {
    return FitReasons.of(this, turning);
  }
}
