package unbo.core.setting;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.MultivariateJacobianFunction;
import org.hipparchus.util.Pair;

/**
 * Life and tilt stiffness of a set pair against its setting. The two rows are brought into
 * equilibrium under radial and axial load: radial and axial displacement and tilt of the hub, each
 * element loaded along its normal by δ = (δᵣ + θ·x)·cos ψ·cos α ± (δₐ + θ·R·cos ψ)·sin α − gap, the
 * gap being (E/2)·sin α in each row, E the setting (positive is play). Summed over {@value #ANGLES}
 * angles, scaled by the count of elements. Life of a row by its mean load with the exponent of its
 * contact, of the pair by (Σ L^−e)^(−1/e).
 *
 * <p>Source: equilibrium of a two-row bearing as in textbooks of rolling bearing analysis; Palmgren
 * for the contacts. Limits: stiff rings, no film and no dirt in it; the curve compares settings of
 * one hub. Its peak lies in light preload beside the cliff and is never a target.
 */
public final class SettingLife {

  static final int ANGLES = 72;

  private static final int MOST_STEPS = 400;
  private static final double TOLERANCE = 1e-12;

  /** Square of what may be left out of balance, as a share of the load: a millionth. */
  private static final double BALANCED = 1e-12;

  /** Share of the load for each millimetre, of a spring that is in nobody's way. */
  private static final double SPRING = 1e-5;

  /** How the rows face. */
  public enum Mounting {
    BACK_TO_BACK,
    FACE_TO_FACE
  }

  /**
   * A hub under its load.
   *
   * @param one row at x = 0
   * @param two row at x = span
   * @param spanMm between the raceways' middles, over 0
   * @param planeMm where the radial load acts, from row one
   * @param radialN over 0
   * @param axialN positive pushes the hub towards row two
   * @param momentNm added for the secant of the tilt, over 0
   */
  public record Hub(
      PairRow one,
      PairRow two,
      double spanMm,
      double planeMm,
      double radialN,
      double axialN,
      Mounting mounting,
      double momentNm) {

    /**
     * @throws IllegalArgumentException for what carries nothing
     */
    public Hub {
      if (!(spanMm > 0 && radialN > 0 && momentNm > 0)) {
        throw new IllegalArgumentException("Not a loaded hub");
      }
    }
  }

  /**
   * A point of the curve.
   *
   * @param settingMm positive is play
   * @param relativeLife 1 at a setting of nothing
   * @param tiltNmPerMrad secant stiffness
   * @param loadZone share of the more loaded row's elements that carry
   * @param tiltMrad how far the hub tips under its own load
   * @param equivalentOneN radial load with half a circle loaded that wears row one as much
   * @param equivalentTwoN the same of row two
   */
  public record Point(
      double settingMm,
      double relativeLife,
      double tiltNmPerMrad,
      double loadZone,
      double tiltMrad,
      double equivalentOneN,
      double equivalentTwoN) {

    /**
     * Basic rating life of the pair by ISO 281, in million turns: each row (C/P)^p with p 3 for
     * balls and 10/3 for rollers, together (Σ L^−e)^(−1/e). For comparing, never a promise.
     *
     * @param oneN rating of row one, over 0
     * @param twoN rating of row two, over 0
     */
    public double millionTurns(double oneN, double twoN, boolean rollers) {
      double p = rollers ? 10.0 / 3 : 3;
      double e = rollers ? 9.0 / 8 : 10.0 / 9;
      double worn = Math.pow(equivalentOneN / oneN, p * e) + Math.pow(equivalentTwoN / twoN, p * e);
      return Math.pow(worn, -1 / e);
    }
  }

  private final Hub hub;
  private final double[] cosines = new double[ANGLES];

  private double[] last = {0.01, 0, 0};

  private SettingLife(Hub hub) {
    this.hub = hub;
    for (int i = 0; i < ANGLES; i++) {
      cosines[i] = Math.cos(2 * Math.PI * (i + 0.5) / ANGLES);
    }
  }

  /**
   * The curve from one setting to another, evenly spaced.
   *
   * @param points 2 or more
   */
  public static List<Point> curve(Hub hub, double fromMm, double toMm, int points) {
    SettingLife pair = new SettingLife(hub);
    double unit = pair.state(0, 0).life;
    List<Point> curve = new ArrayList<>();
    for (int i = 0; i < points; i++) {
      double setting = fromMm + (toMm - fromMm) * i / (points - 1);
      curve.add(pair.point(setting, unit));
    }
    return curve;
  }

  /** One setting. */
  public static Point at(Hub hub, double settingMm) {
    SettingLife pair = new SettingLife(hub);
    return pair.point(settingMm, pair.state(0, 0).life);
  }

  /**
   * Load of each element of both rows at a setting, N, the one under the load first and then round.
   */
  public static List<List<Double>> elements(Hub hub, double settingMm) {
    SettingLife pair = new SettingLife(hub);
    double[] x = pair.settled(settingMm, 0).x;
    return List.of(pair.round(true, x, settingMm), pair.round(false, x, settingMm));
  }

  private List<Double> round(boolean first, double[] x, double setting) {
    PairRow row = first ? hub.one : hub.two;
    List<Double> loads = new ArrayList<>();
    for (int i = 0; i < row.elements(); i++) {
      double cosine = Math.cos(2 * Math.PI * i / row.elements());
      loads.add(row.load(approach(row, first, cosine, x, setting)));
    }
    return List.copyOf(loads);
  }

  private Point point(double setting, double unit) {
    State plain = state(setting, 0);
    State tilted = state(setting, hub.momentNm * 1000);
    double turned = Math.abs(tilted.theta - plain.theta) * 1000;
    return new Point(
        setting,
        plain.life / unit,
        turned == 0 ? 0 : hub.momentNm / turned,
        plain.zone,
        plain.theta * 1000,
        hub.one.equivalent(plain.one),
        hub.two.equivalent(plain.two));
  }

  private record State(double theta, double life, double zone, double one, double two) {}

  /** Begins where the last one ended. */
  private State state(double setting, double extraNmm) {
    last = settled(setting, extraNmm).x;
    return finished(last, setting);
  }

  /**
   * Brought into balance by a library's least squares on the forces. The elastic energy less the
   * work of the loads is convex, so there is one answer; a spring of a hundred-thousandth of the
   * load for each millimetre finds the rows where nothing touches yet.
   */
  private Balance settled(double setting, double extraNmm) {
    double[] load = {hub.radialN, hub.axialN, hub.radialN * hub.planeMm + extraNmm};
    double scale = Math.max(hub.spanMm, hub.one.meanMm());
    Residuals residuals = new Residuals(setting, load, new double[] {1, 1, scale});
    descend(residuals, new double[] {last[0], last[1], last[2] * scale});
    // Where the last point lies on the far side of a contact, a fresh one finds its way.
    for (double start = 0.01; residuals.least > BALANCED && start < 1; start *= 2) {
      descend(residuals, new double[] {start, 0, 0});
    }
    return residuals.nearest;
  }

  private static void descend(Residuals residuals, double[] start) {
    try {
      new LevenbergMarquardtOptimizer()
          .withCostRelativeTolerance(TOLERANCE)
          .withParameterRelativeTolerance(TOLERANCE)
          .withOrthoTolerance(TOLERANCE)
          .optimize(
              new LeastSquaresBuilder()
                  .model(residuals)
                  .target(new double[3])
                  .start(start)
                  .maxEvaluations(MOST_STEPS)
                  .maxIterations(MOST_STEPS)
                  .build());
    } catch (MathIllegalStateException e) {
      // Asked for more digits than there are, or for too many steps: the nearest point stands.
    }
  }

  /** Forces out of balance against the load, with their slopes; keeps the nearest point. */
  private final class Residuals implements MultivariateJacobianFunction {
    private final double setting;
    private final double[] load;
    private final double[] scales;
    private Balance nearest;
    private double least = Double.POSITIVE_INFINITY;

    Residuals(double setting, double[] load, double[] scales) {
      this.setting = setting;
      this.load = load;
      this.scales = scales;
    }

    @Override
    public Pair<RealVector, RealMatrix> value(RealVector at) {
      double[] x = new double[3];
      for (int i = 0; i < 3; i++) {
        x[i] = at.getEntry(i) / scales[i];
      }
      Balance here = balance(x, setting, load);
      double[] off = new double[3];
      double[][] slope = new double[3][3];
      double sum = 0;
      for (int i = 0; i < 3; i++) {
        off[i] = here.force[i] / scales[i] / hub.radialN - SPRING * at.getEntry(i);
        sum += off[i] * off[i];
        for (int j = 0; j < 3; j++) {
          slope[i][j] =
              -here.stiff[i][j] / scales[i] / scales[j] / hub.radialN - (i == j ? SPRING : 0);
        }
      }
      if (sum < least) {
        least = sum;
        nearest = here;
      }
      return new Pair<>(new ArrayRealVector(off, false), new Array2DRowRealMatrix(slope, false));
    }
  }

  /**
   * What a displacement comes to.
   *
   * @param force out of balance, N, and its moment, Nmm
   */
  private record Balance(double[] x, double[] force, double[][] stiff) {}

  private double side(boolean first) {
    boolean back = hub.mounting == Mounting.BACK_TO_BACK;
    return first == back ? -1 : 1;
  }

  private double approach(PairRow row, boolean first, double cosine, double[] x, double setting) {
    double at = first ? 0 : hub.spanMm;
    double s = side(first);
    return (x[0] + x[2] * at) * cosine * row.cos()
        + s * (x[1] + x[2] * row.meanMm() / 2 * cosine) * row.sin()
        - setting / 2 * row.sin();
  }

  private Balance balance(double[] x, double setting, double[] load) {
    double[] force = load.clone();
    double[][] stiff = new double[3][3];
    for (boolean first : new boolean[] {true, false}) {
      PairRow row = first ? hub.one : hub.two;
      double weight = (double) row.elements() / ANGLES;
      double at = first ? 0 : hub.spanMm;
      double s = side(first);
      for (double cosine : cosines) {
        double approach = approach(row, first, cosine, x, setting);
        if (approach <= 0) {
          continue;
        }
        double[] arm = {
          cosine * row.cos(),
          s * row.sin(),
          cosine * (at * row.cos() + s * row.meanMm() / 2 * row.sin())
        };
        double q = weight * row.load(approach);
        double k = row.power() * q / approach;
        for (int i = 0; i < 3; i++) {
          force[i] -= q * arm[i];
          for (int j = 0; j < 3; j++) {
            stiff[i][j] += k * arm[i] * arm[j];
          }
        }
      }
    }
    return new Balance(x, force, stiff);
  }

  private State finished(double[] x, double setting) {
    double one = mean(true, x, setting);
    double two = mean(false, x, setting);
    boolean more = one / hub.one.capacity() >= two / hub.two.capacity();
    double e = hub.one.isRoller() ? 9.0 / 8 : 10.0 / 9;
    double worn =
        Math.pow(one / hub.one.capacity(), e * hub.one.lifeExponent())
            + Math.pow(two / hub.two.capacity(), e * hub.two.lifeExponent());
    return new State(x[2], Math.pow(worn, -1 / e), zone(more, x, setting), one, two);
  }

  /** Mean load of a row with the exponent of its contact. */
  private double mean(boolean first, double[] x, double setting) {
    PairRow row = first ? hub.one : hub.two;
    double sum = 0;
    for (double cosine : cosines) {
      sum += Math.pow(row.load(approach(row, first, cosine, x, setting)), row.lifeExponent());
    }
    return Math.pow(sum / ANGLES, 1 / row.lifeExponent());
  }

  private double zone(boolean first, double[] x, double setting) {
    int loaded = 0;
    for (double cosine : cosines) {
      loaded += approach(first ? hub.one : hub.two, first, cosine, x, setting) > 0 ? 1 : 0;
    }
    return (double) loaded / ANGLES;
  }
}
