package unbo.core.friction;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import unbo.core.tables.Table;

/**
 * Drag of a bearing: M₀ = max(160·10⁻⁷, 10⁻⁷·(ν·n)^⅔)·f₀·dₘ³ without load, M₁ = f₁·P·dₘ with it
 * (Palmgren; Harris; ISO 15312), and its seals. Nmm, mm²/s, rpm, N, mm. A grease fill other than a
 * third changes M₀ by 0.5 + fill/0.6, fresh grease doubles it (general practice). Two contact lips
 * drag (d_s/10)² + 10 Nmm, d_s being the lip's diameter or (d + D)/2: our assumption, ± 50 %.
 *
 * <p>Limits: steady running; grease that has been run in unless said fresh; ν·n over 0.
 *
 * @param noLoadNmm M₀
 * @param loadNmm M₁
 * @param sealNmm of all lips
 * @param watts all together
 * @param uncertaintyPercent at 95 %, of the total
 * @param runningC by the reference condition of ISO 15312; empty without a width
 * @param reasons what was assumed, sentences
 */
public record Friction(
    double noLoadNmm,
    double loadNmm,
    double sealNmm,
    double watts,
    double uncertaintyPercent,
    OptionalDouble runningC,
    List<String> reasons) {

  private static final double PALMGREN = 0.3;
  private static final double SEAL = 0.5;
  private static final double HYBRID = 0.8;
  private static final double LIGHT_LIP = 0.3;

  private record Factors(
      String family,
      double grease,
      double grease2,
      double bath,
      double bath2,
      double f1,
      double power) {}

  private static final List<Factors> FACTORS =
      Table.read(
          Friction.class,
          "/unbo/core/friction/factors.csv",
          row ->
              new Factors(
                  row.text("family"),
                  row.number("grease"),
                  row.number("grease2"),
                  row.number("bath"),
                  row.number("bath2"),
                  row.number("f1"),
                  row.number("power")));

  /** What seals a side. */
  public enum Seal {
    OPEN("open", 0),
    SHIELD("shield", 0),
    NON_CONTACT("non-contact", 0),
    LIGHT_CONTACT("light-contact", LIGHT_LIP),
    CONTACT("contact", 1);

    private final String id;
    private final double lip;

    Seal(String id, double lip) {
      this.id = id;
      this.lip = lip;
    }

    public String id() {
      return id;
    }
  }

  /**
   * What is asked.
   *
   * @param family a word of {@link #families}
   * @param rpm over 0
   * @param viscosityMm2s at work, over 0
   * @param fill of the free volume, 0 to 1; a third is usual
   * @param sides that are sealed, 0 to 2
   * @param lipMm diameter of the lips; empty takes (d + D)/2
   * @param staticRatingN C₀; empty estimates it
   * @param contactAngleDeg 0 takes the family's own
   * @param rows 1 or 2
   */
  public record Question(
      String family,
      double boreMm,
      double outerMm,
      OptionalDouble widthMm,
      double rpm,
      double radialN,
      double axialN,
      double viscosityMm2s,
      double fill,
      boolean fresh,
      boolean oilBath,
      Seal seal,
      int sides,
      OptionalDouble lipMm,
      boolean hybrid,
      OptionalDouble staticRatingN,
      double contactAngleDeg,
      int rows,
      double roomC) {

    /**
     * @throws IllegalArgumentException for what cannot run
     */
    public Question {
      boolean can =
          families().contains(family)
              && boreMm > 0
              && outerMm > boreMm
              && rpm > 0
              && radialN >= 0
              && axialN >= 0
              && viscosityMm2s > 0
              && fill >= 0
              && fill <= 1
              && sides >= 0
              && sides <= 2
              && rows >= 1
              && rows <= 2
              && contactAngleDeg >= 0
              && contactAngleDeg < 90;
      if (!can) {
        throw new IllegalArgumentException("Not a bearing at work");
      }
    }

    /** The same in another oil, or at another temperature. */
    public Question at(double viscosity) {
      return new Question(
          family,
          boreMm,
          outerMm,
          widthMm,
          rpm,
          radialN,
          axialN,
          viscosity,
          fill,
          fresh,
          oilBath,
          seal,
          sides,
          lipMm,
          hybrid,
          staticRatingN,
          contactAngleDeg,
          rows,
          roomC);
    }

    /** Heat that it loses for each degree over the air, W; empty without a width. */
    public OptionalDouble wattsPerDegree() {
      boolean thrust = family.equals("thrust-ball");
      if (widthMm.isEmpty() && !thrust) {
        return OptionalDouble.empty();
      }
      return OptionalDouble.of(
          thrust
              ? 0.020 / 50 * Math.PI / 2 * (outerMm * outerMm - boreMm * boreMm)
              : 0.016 / 50 * Math.PI * widthMm.getAsDouble() * (boreMm + outerMm));
    }

    /** Mean of bore and outside diameter, mm. */
    public double mean() {
      return (boreMm + outerMm) / 2;
    }
  }

  /** The families that have factors. */
  public static List<String> families() {
    return FACTORS.stream().map(Factors::family).toList();
  }

  /** Works the drag. */
  public static Friction of(Question q) {
    List<String> reasons = new ArrayList<>();
    Factors f = FACTORS.stream().filter(x -> x.family.equals(q.family)).findFirst().orElseThrow();
    double noLoad = noLoad(q, f);
    double load = load(q, f, reasons);
    double seal = seal(q, reasons);
    double total = noLoad + load + seal;
    double watts = total / 1000 * 2 * Math.PI * q.rpm / 60;
    double doubt = Math.hypot(Math.hypot(PALMGREN * noLoad, PALMGREN * load), SEAL * seal);
    reasons.add(
        "Palmgren’s moments are good to about 30 %, seals to 50 %: our own bounds, at 95 %.");
    return new Friction(
        noLoad,
        load,
        seal,
        watts,
        total == 0 ? 0 : 100 * doubt / total,
        running(q, watts),
        List.copyOf(reasons));
  }

  private static double noLoad(Question q, Factors f) {
    boolean two = q.rows == 2;
    double viscous = q.oilBath ? (two ? f.bath2 : f.bath) : two ? f.grease2 : f.grease;
    double speed = Math.max(160e-7, 1e-7 * Math.pow(q.viscosityMm2s * q.rpm, 2.0 / 3));
    double filling = q.oilBath ? 1 : (0.5 + q.fill / 0.6) * (q.fresh ? 2 : 1);
    return speed * viscous * filling * Math.pow(q.mean(), 3);
  }

  private static double load(Question q, Factors f, List<String> reasons) {
    double p = equivalent(q);
    double factor = f.f1;
    if (f.power > 0 && p > 0) {
      double rating =
          q.staticRatingN.orElseGet(
              () -> {
                reasons.add(
                    "The static rating is estimated from the envelope (ISO 76 with usual balls).");
                return estimatedRating(q);
              });
      factor *= Math.pow(staticLoad(q) / rating, f.power);
    }
    return factor * p * q.mean() * (q.hybrid ? HYBRID : 1);
  }

  private static double cot(Question q) {
    double usual =
        switch (q.family) {
          case "angular-contact-ball" -> 25;
          case "tapered-roller" -> 14;
          default -> 0;
        };
    double angle = q.contactAngleDeg > 0 ? q.contactAngleDeg : usual;
    return angle == 0 ? 0 : 1 / Math.tan(Math.toRadians(angle));
  }

  /** Load that M₁ is reckoned with. */
  private static double equivalent(Question q) {
    return switch (q.family) {
      case "deep-groove-ball" -> Math.max(q.radialN, 3 * q.axialN - 0.1 * q.radialN);
      case "angular-contact-ball" -> Math.max(q.radialN, 0.9 * q.axialN * cot(q) - 0.1 * q.radialN);
      case "self-aligning-ball" -> Math.max(q.radialN, 3 * q.axialN - 0.1 * q.radialN);
      case "thrust-ball" -> q.axialN;
      default -> Math.max(q.radialN, 0.8 * q.axialN * cot(q));
    };
  }

  private static double staticLoad(Question q) {
    return switch (q.family) {
      case "thrust-ball" -> q.axialN;
      case "angular-contact-ball" -> Math.max(q.radialN, 0.5 * q.radialN + 0.38 * q.axialN);
      default -> Math.max(q.radialN, 0.6 * q.radialN + 0.5 * q.axialN);
    };
  }

  /** C₀ by ISO 76 with balls of 0.295·(D − d), as many as usual. */
  static double estimatedRating(Question q) {
    double ball = 0.295 * (q.outerMm - q.boreMm);
    double balls = Math.max(3, Math.rint(0.6 * Math.PI * q.mean() / ball));
    double gamma = ball / q.mean();
    double f = gamma <= 0.09 ? 14.7 + 20 * gamma : 16.5 - 23.4 * (gamma - 0.09);
    double c0 = f * q.rows * balls * ball * ball;
    return q.family.equals("thrust-ball") ? c0 * 4 : c0;
  }

  private static double seal(Question q, List<String> reasons) {
    if (q.seal.lip == 0 || q.sides == 0) {
      return 0;
    }
    double lip = q.lipMm.orElse(q.mean());
    if (q.lipMm.isEmpty()) {
      reasons.add("The lips’ diameter is taken as the mean of bore and outside.");
    }
    return q.seal.lip * q.sides / 2.0 * ((lip / 10) * (lip / 10) + 10);
  }

  /** Reference condition of ISO 15312: 0.016 W/mm² over 50 K, 0.020 for thrust bearings. */
  private static OptionalDouble running(Question q, double watts) {
    OptionalDouble perDegree = q.wattsPerDegree();
    return perDegree.isEmpty()
        ? OptionalDouble.empty()
        : OptionalDouble.of(q.roomC + watts / perDegree.getAsDouble());
  }

  public double totalNmm() {
    return noLoadNmm + loadNmm + sealNmm;
  }
}
