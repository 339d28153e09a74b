package unbo.core.speed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.core.friction.Drag;
import unbo.core.friction.Friction;
import unbo.core.friction.HeatBalance;
import unbo.core.lubricant.Film;
import unbo.core.lubricant.Oil;
import unbo.core.measure.Measured;
import unbo.core.section.InternalGeometry;
import unbo.core.tolerance.Limits;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * What speed does to one bearing, side by side: speed number, temperature by its own drag, film,
 * the pull on an element against its load, clearance lost by a hot inner ring; and which of them is
 * nearest to its limit. Sources: those of the parts. Limits: one bearing, its own heat alone; the
 * limits of the rows are those that are said there.
 *
 * @param cageRpm of the cage
 * @param elementRpm of an element about its own axis
 * @param watts drag at the temperature that it comes to; null when that is outside the range
 * @param celsius that temperature; null as well
 * @param minutes until it is about as warm; empty without a width
 * @param rows what has a limit
 */
public record HighSpeed(
    Working cageRpm,
    Working elementRpm,
    Working watts,
    Working celsius,
    OptionalDouble minutes,
    List<Row> rows) {

  /** Greases and steel of ordinary bearings end here (ISO 15243, general practice). */
  public static final double HOTTEST_C = 120;

  private static final double STRIBECK_BALL = 5;
  private static final double STRIBECK_ROLLER = 4.6;
  private static final double STEEL_DENSITY = 7.85;
  private static final double CERAMIC_DENSITY = 3.2;
  private static final double EXPANSION = 0.0117;

  /**
   * Something with a limit.
   *
   * @param value what it is
   * @param limit what it is held against, in words
   * @param share of the limit that is used; 1 is at it
   */
  public record Row(String title, Working value, String limit, double share) {}

  /**
   * A bearing at work.
   *
   * @param drag what is asked of its drag; its viscosity is not used
   * @param bathFactor what the level does to the drag without load, see {@link
   *     unbo.core.friction.OilBath}; 1 for grease
   * @param innerTurns else the outer ring does
   * @param mostNdm speed number that the lubricant is good for; empty where nobody said
   * @param clearanceUm of the free bearing; empty where it has none or none is known
   * @param interferenceUm of the inner ring on its shaft, 0 or more
   * @param innerWarmerC inner ring over outer ring, 0 or more
   */
  public record Work(
      Friction.Question drag,
      InternalGeometry inside,
      Oil oil,
      double bathFactor,
      boolean innerTurns,
      OptionalDouble mostNdm,
      Optional<Limits> clearanceUm,
      double interferenceUm,
      double innerWarmerC) {}

  /** Works it. */
  public static HighSpeed of(Work work) {
    return new Maker(work).make();
  }

  /** The row that is nearest to its limit; empty where none has one. */
  public Optional<Row> governing() {
    return rows.stream().max(Comparator.comparingDouble(Row::share));
  }

  /** What is needed while it is worked. */
  private static final class Maker {
    private final Work work;
    private final Friction.Question q;
    private final InternalGeometry in;
    private final ElementSpeeds speeds;

    Maker(Work work) {
      this.work = work;
      this.q = work.drag;
      this.in = work.inside;
      this.speeds =
          ElementSpeeds.of(
              in.pitchMm(),
              in.elementMm(),
              in.lengthMm(),
              q.hybrid() ? CERAMIC_DENSITY : STEEL_DENSITY,
              angle(),
              q.rpm(),
              work.innerTurns);
    }

    private double angle() {
      return in.contactAngleDeg().orElse(0);
    }

    HighSpeed make() {
      Optional<Working> celsius =
          q.wattsPerDegree().isEmpty()
              ? Optional.empty()
              : HeatBalance.celsius(
                  work.oil, q.roomC(), q.wattsPerDegree().getAsDouble(), this::wattsAt);
      List<Row> rows = new ArrayList<>();
      ndm().ifPresent(rows::add);
      celsius.ifPresent(t -> rows.add(heat(t)));
      celsius.ifPresent(t -> rows.add(film(t.result().value())));
      pull().ifPresent(rows::add);
      clearance().ifPresent(rows::add);
      return new HighSpeed(
          cage(),
          spin(),
          celsius.map(t -> watts(t.result().value())).orElse(null),
          celsius.orElse(null),
          Drag.minutesToSteady(q),
          List.copyOf(rows));
    }

    private double wattsAt(double viscosity) {
      Friction f = Friction.of(q.at(viscosity));
      double nmm = f.totalNmm() + (work.bathFactor - 1) * f.noLoadNmm();
      return nmm / 1000 * 2 * Math.PI * q.rpm() / 60;
    }

    private Working watts(double celsius) {
      return Drag.watts(
          q.at(work.oil.at(celsius)),
          new Drag.Factor(
              Drag.On.LUBRICANT,
              "Drag at that temperature",
              "h",
              "what the level does",
              new Measured(work.bathFactor, 0),
              Origin.entered("level"),
              ""));
    }

    private Input speed() {
      return Input.exact("n", "speed", q.rpm(), "rpm", Origin.entered("speed"));
    }

    private Input pitch() {
      return Input.of(
          "dₘ",
          "circle of the elements",
          in.pitchMm(),
          in.listed() ? 0 : 0.02 * in.pitchMm(),
          "mm",
          origin());
    }

    private Input element() {
      return Input.of(
          "Dw", "element", in.elementMm(), in.listed() ? 0 : 0.12 * in.elementMm(), "mm", origin());
    }

    private Origin origin() {
      return in.listed()
          ? Origin.table("inside of the bearing, listed")
          : Origin.estimated("inside of the bearing, from its envelope");
    }

    private Working cage() {
      double sign = work.innerTurns ? -1 : 1;
      double cos = Math.cos(Math.toRadians(angle()));
      return Working.of(
          Formula.of(
              "Cage",
              "rpm",
              work.innerTurns ? "n꜀ = n/2·(1 − Dw·cos α/dₘ)" : "n꜀ = n/2·(1 + Dw·cos α/dₘ)",
              v -> v.get("n") / 2 * (1 + sign * v.get("Dw") * cos / v.get("dₘ")),
              "Rolling without slip; Harris.",
              "No slip, one ring standing."),
          List.of(speed(), element(), pitch()));
    }

    private Working spin() {
      double cos = Math.cos(Math.toRadians(angle()));
      return Working.of(
          Formula.of(
              "Spin of an element",
              "rpm",
              "nᵦ = n/2·(dₘ/Dw − Dw·cos²α/dₘ)",
              v ->
                  v.get("n")
                      / 2
                      * (v.get("dₘ") / v.get("Dw") - v.get("Dw") * cos * cos / v.get("dₘ")),
              "Rolling without slip; Harris.",
              "No slip, one ring standing."),
          List.of(speed(), element(), pitch()));
    }

    private Optional<Row> ndm() {
      if (work.mostNdm.isEmpty()) {
        return Optional.empty();
      }
      double most = work.mostNdm.getAsDouble();
      Working ndm =
          Working.of(
              Formula.of(
                  "Speed number",
                  "mm/min",
                  "n·dₘ",
                  v -> v.get("n") * v.get("dₘ"),
                  "General practice.",
                  "A limit of the lubricant, not of the steel."),
              List.of(speed(), pitch()));
      return Optional.of(
          new Row(
              "Speed number",
              ndm,
              String.format(java.util.Locale.ROOT, "%,.0f of this lubricant", most),
              speeds.ndm() / most));
    }

    private Row heat(Working celsius) {
      double share = (celsius.result().value() - q.roomC()) / (HOTTEST_C - q.roomC());
      return new Row(
          "Temperature by its own drag", celsius, "120 °C, ordinary steel and grease", share);
    }

    private Row film(double celsius) {
      Film film = Film.of(work.oil, q.rpm(), q.mean(), Math.min(celsius, Oil.HOTTEST_C));
      return new Row(
          "Film, κ", film.kappa(), "1, under it metal touches", 1 / film.kappa().result().value());
    }

    private Optional<Row> pull() {
      if (q.radialN() <= 0) {
        return Optional.empty();
      }
      double stribeck = in.lengthMm().isPresent() ? STRIBECK_ROLLER : STRIBECK_BALL;
      double load = stribeck * q.radialN() / (in.perRow() * in.rows());
      double density = q.hybrid() ? CERAMIC_DENSITY : STEEL_DENSITY;
      Working pull =
          Working.of(
              Formula.of(
                  "Pull on an element",
                  "N",
                  "F = m·dₘ/2·ω꜀²",
                  v ->
                      ElementSpeeds.of(
                              v.get("dₘ"),
                              v.get("Dw"),
                              in.lengthMm(),
                              density,
                              angle(),
                              v.get("n"),
                              work.innerTurns)
                          .centrifugalN(),
                  "Kinematics; Harris.",
                  "Presses the outer ring alone; a small element less than a large one."),
              List.of(speed(), element(), pitch()));
      return Optional.of(
          new Row(
              "Pull on an element",
              pull,
              String.format(
                  java.util.Locale.ROOT, "%,.0f N, the most that the load presses one with", load),
              speeds.centrifugalN() / load));
    }

    private Optional<Row> clearance() {
      if (work.clearanceUm.isEmpty()) {
        return Optional.empty();
      }
      Limits free = work.clearanceUm.get();
      double raceway = in.pitchMm() - in.elementMm();
      double grows = Math.min(1, q.boreMm() / raceway);
      Working left =
          Working.of(
              Formula.of(
                  "Clearance left, running",
                  "µm",
                  "s = C − δ·d/F − α·dₘ·ΔT",
                  v ->
                      v.get("C")
                          - v.get("δ") * v.get("d/F")
                          - v.get("α") * v.get("dₘ") * v.get("ΔT"),
                  "ISO 5753; thick rings, linear.",
                  "Inner ring warmer; no growth by its own speed."),
              List.of(
                  Input.of(
                      "C",
                      "clearance before mounting",
                      free.middleUm(),
                      free.widthUm() / 3,
                      "µm",
                      Origin.table("clearance group")),
                  Input.of(
                      "δ",
                      "interference of the inner ring",
                      work.interferenceUm,
                      0.3 * work.interferenceUm,
                      "µm",
                      Origin.entered("fit")),
                  Input.exact("d/F", "of it at the raceway", grows, "", Origin.computed("walls")),
                  Input.exact(
                      "α",
                      "expansion of steel",
                      EXPANSION,
                      "µm/(mm·°C)",
                      Origin.table("materials")),
                  pitch(),
                  Input.of(
                      "ΔT",
                      "inner ring over outer",
                      work.innerWarmerC,
                      0.5 * work.innerWarmerC,
                      "°C",
                      Origin.entered("or usual"))));
      double share = 1 - left.result().value() / free.middleUm();
      return Optional.of(
          new Row("Clearance left, running", left, "0 µm, then it is preloaded", share));
    }
  }
}
