package unbo.core.heat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.core.fit.Material;
import unbo.core.tables.Table;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * How warm a ring or a housing is made so that the other part drops in: T = T₀ + (δ + c − αₒ·d·(T₀
 * − Tₒ))/(α·d), with the interference δ, the room to slide c, and what a chilled partner of αₒ at
 * Tₒ already gives. Two times are kept apart: how long the part stays hot enough in the air
 * (cooling in still air, τ = m·c/(h·A)), and how long once it touches the cold seat, which is one
 * to three seconds and governs the work.
 *
 * <p>Sources: linear expansion; Newton's law of cooling with h = 12 W/(m²·K) for still air. Limits
 * by construction: {@code heat-limits.csv}. Limits of the sum: evenly warm parts; the partner stays
 * at its temperature.
 */
public record HeatPlan(
    Question question,
    Working partC,
    Limit limit,
    Within within,
    Optional<Working> inAir,
    Verdict verdict,
    List<String> steps) {

  /** Once the part touches its cold seat: a rule of thumb. */
  public static final int LEAST_ON_SEAT_S = 1;

  public static final int MOST_ON_SEAT_S = 3;

  /** What is heated. */
  public enum Heated {
    RING,
    HOUSING
  }

  /** Of a ring: how it is built. */
  public enum Construction {
    OPEN("open"),
    SEALED("sealed"),
    BARE_RING("bare-ring");

    private final String id;

    Construction(String id) {
      this.id = id;
    }

    public String id() {
      return id;
    }
  }

  /** How warm the part may be. */
  public record Limit(double limitC, double refuseC, String why) {}

  /** Whether the limit is kept. */
  public enum Within {
    YES("yes"),
    WARN("warn"),
    NO("no");

    private final String id;

    Within(String id) {
      this.id = id;
    }

    public String id() {
      return id;
    }
  }

  /** How it will go. */
  public enum Verdict {
    DROPS_ON("drops-on", "drops on"),
    TAP_HOME("tap-home", "tap home"),
    WILL_NOT_GO("will-not-go", "will not go");

    private final String id;
    private final String title;

    Verdict(String id, String title) {
      this.id = id;
      this.title = title;
    }

    public String id() {
      return id;
    }

    public String title() {
      return title;
    }
  }

  private record Row(String part, boolean stabilised, Limit limit) {}

  private static final List<Row> LIMITS =
      Table.read(
          HeatPlan.class,
          "/unbo/core/heat/heat-limits.csv",
          row ->
              new Row(
                  row.text("part"),
                  row.text("stabilised").equals("yes"),
                  new Limit(row.number("limit"), row.number("refuse"), row.text("why"))));

  /**
   * What is asked. Lengths mm, temperatures °C.
   *
   * @param interferenceMm greatest, as measured or by classes; 0 or more
   * @param origin where it comes from
   * @param roomMm wanted between the parts, over 0
   * @param material of a heated housing; a ring is bearing steel
   * @param other of the partner
   * @param chilledC of the partner, no more than the room's
   * @param stabilised whether the ring's heat treatment is stated
   * @param massG of the heated ring; empty estimates it
   */
  public record Question(
      double boreMm,
      double outerMm,
      double widthMm,
      double interferenceMm,
      Origin origin,
      double roomMm,
      Heated heated,
      Material material,
      Material other,
      double roomC,
      double chilledC,
      Construction construction,
      boolean stabilised,
      OptionalDouble massG) {

    /**
     * @throws IllegalArgumentException for what cannot be
     */
    public Question {
      boolean can =
          boreMm > 0
              && outerMm > boreMm
              && widthMm > 0
              && interferenceMm >= 0
              && roomMm > 0
              && chilledC <= roomC;
      if (!can) {
        throw new IllegalArgumentException("Not a ring to be heated");
      }
    }

    StillAir air() {
      return new StillAir(boreMm, outerMm, widthMm, massG);
    }

    double seatMm() {
      return heated == Heated.RING ? boreMm : outerMm;
    }

    Material hot() {
      return heated == Heated.RING ? Material.RING : material;
    }

    Material cold() {
      return heated == Heated.RING ? other : Material.RING;
    }
  }

  /** Makes a plan. */
  public static HeatPlan of(Question q) {
    Working part = temperature(q, q.roomMm);
    Limit limit = limit(q);
    double goal = part.result().value();
    double met = temperature(q, 0).result().value();
    Within within =
        goal <= limit.limitC ? Within.YES : goal <= limit.refuseC ? Within.WARN : Within.NO;
    Verdict verdict =
        within != Within.NO
            ? Verdict.DROPS_ON
            : met < limit.refuseC ? Verdict.TAP_HOME : Verdict.WILL_NOT_GO;
    double start = Math.min(goal, limit.refuseC);
    Optional<Working> air =
        q.heated == Heated.RING && start > met && met > q.roomC
            ? Optional.of(q.air().seconds(start, met, q.roomC))
            : Optional.empty();
    return new HeatPlan(q, part, limit, within, air, verdict, steps(q, goal, limit, verdict));
  }

  private static Limit limit(Question q) {
    String part =
        q.heated == Heated.RING
            ? q.construction.id
            : q.material.isLightAlloy() ? "light-alloy" : "iron";
    boolean stated = q.heated == Heated.RING && q.stabilised;
    return LIMITS.stream()
        .filter(r -> r.part.equals(part) && r.stabilised == stated)
        .findFirst()
        .orElseThrow()
        .limit;
  }

  private static Working temperature(Question q, double roomMm) {
    return Working.of(
        Formula.of(
                "Temperature of the part",
                "°C",
                "T = T₀ + (δ + c − αₒ·d·(T₀ − Tₒ)) / (α·d)",
                v ->
                    v.get("T₀")
                        + Math.max(
                            0,
                            (v.get("δ")
                                    + v.get("c")
                                    - v.get("αₒ") * 1e-6 * v.get("d") * (v.get("T₀") - v.get("Tₒ")))
                                / (v.get("α") * 1e-6 * v.get("d"))),
                "Linear expansion of solids.",
                "Evenly warm parts; the partner stays at its temperature.")
            .by(
                "the partner gives",
                "mm",
                v -> v.get("αₒ") * 1e-6 * v.get("d") * (v.get("T₀") - v.get("Tₒ"))),
        List.of(
            Input.exact("T₀", "room", q.roomC, "°C", Origin.entered("room")),
            Input.exact("δ", "greatest interference", q.interferenceMm, "mm", q.origin),
            Input.exact("c", "room to slide", roomMm, "mm", Origin.assumed("by diameter")),
            expansion("α", "expansion of the heated part", q.hot()),
            expansion("αₒ", "expansion of the partner", q.cold()),
            Input.exact(
                "Tₒ", "the partner’s temperature", q.chilledC, "°C", Origin.entered("partner")),
            Input.exact("d", "diameter of the seat", q.seatMm(), "mm", Origin.entered("seat"))));
  }

  private static Input expansion(String symbol, String name, Material material) {
    double alpha = material.expansion() * 1e6;
    return Input.of(
        symbol,
        name,
        alpha,
        0.05 * alpha,
        "10⁻⁶/K",
        Origin.table("usual value, " + material.title()));
  }

  /** Seconds until the interference is just met again. */
  public OptionalDouble secondsInAir() {
    return inAir.map(w -> OptionalDouble.of(w.result().value())).orElse(OptionalDouble.empty());
  }

  /** How warm it is made: as the sum asks, no more than the limit. */
  public double startC() {
    return Math.min(partC.result().value(), limit.refuseC);
  }

  /** The part's temperature after some seconds in still air, °C. */
  public double afterC(double seconds) {
    return question.roomC
        + (startC() - question.roomC) * Math.exp(-seconds / question.air().timeConstant());
  }

  /** Room between the parts in mm at a temperature of the heated part; negative grips. */
  public double clearanceMm(double temperatureC) {
    double d = question.seatMm();
    return question.hot().expansion() * d * (temperatureC - question.roomC)
        + question.cold().expansion() * d * (question.roomC - question.chilledC)
        - question.interferenceMm;
  }

  private static List<String> steps(Question q, double goal, Limit limit, Verdict verdict) {
    List<String> steps = new ArrayList<>();
    String part = q.heated == Heated.RING ? "ring" : "housing";
    if (verdict == Verdict.WILL_NOT_GO) {
      steps.add(
          "Heat alone does not do it within "
              + whole(limit.refuseC)
              + " °C: chill the other part too, or press.");
      return List.copyOf(steps);
    }
    double to = Math.min(goal, limit.refuseC);
    steps.add(
        "Lay out first: which way it faces, sleeve and hammer in reach, gloves, probe, stop.");
    if (q.chilledC < q.roomC) {
      steps.add(
          "Chill the partner to "
              + whole(q.chilledC)
              + " °C, bagged until it goes in; wipe the dew, oil open bearings at once.");
    }
    steps.add(
        "Warm the "
            + part
            + " to "
            + whole(to)
            + " °C, two probe readings at opposite sides within 10 °C of each other; bright metal is not read"
            + " without contact unless taped or painted.");
    steps.add(
        "One smooth move, square, to the shoulder: once it touches, one to three seconds are left."
            + " Hold until it grips.");
    if (verdict == Verdict.TAP_HOME) {
      steps.add("There is no room to slide at this temperature: tap it home on the tight ring.");
    }
    steps.add("Half way or askew: stop, never hammer it on; puller while warm, then again.");
    steps.add(
        "Cold, push it home again (it shrinks away from the shoulder) and feel with 0.03 mm.");
    return List.copyOf(steps);
  }

  private static String whole(double c) {
    return String.format(Locale.ROOT, "%.0f", c);
  }

  /** Mass of the heated ring or bearing in g: as weighed, else estimated from its envelope. */
  public double ringG() {
    return 1000 * question.air().massKg();
  }
}
