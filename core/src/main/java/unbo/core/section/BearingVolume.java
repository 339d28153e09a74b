package unbo.core.section;

import java.util.List;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;

/**
 * How much metal a bearing is: by its listed mass where it has one, else from the same inside that
 * is drawn and named: rings by revolving their outlines, elements by {@link InternalGeometry count
 * and size}, cage as a share of the elements. What is drawn leaves out recesses, corners and the
 * lower lands outside, so the sum is corrected by the mean ratio to listed masses; the free volume
 * that is left then agrees to 15 %.
 */
public final class BearingVolume {

  private static final double STEEL_G_PER_CM3 = 7.85;
  private static final double CAGE_OF_ELEMENTS = 0.22;

  /** Means of recalled masses over drawn metal; InternalGeometryTest holds them to 24 masses. */
  private static final double BALL_CORRECTION = 0.95;

  private static final double TAPER_CORRECTION = 1.035;
  private static final double CYLINDRICAL_CORRECTION = 0.935;
  private static final double NEEDLE_CORRECTION = 0.885;
  private static final double THRUST_CORRECTION = 0.93;

  private static final double MM3_PER_CM3 = 1000;

  private BearingVolume() {}

  /** The room between bore, outside and faces, in cm³. */
  public static double annulusCm3(double boreMm, double outerMm, double widthMm) {
    return Math.PI / 4 * widthMm * (outerMm * outerMm - boreMm * boreMm) / MM3_PER_CM3;
  }

  /** The metal of a bearing, in cm³. */
  public static double solidCm3(Bearing bearing) {
    return ListedInside.of(bearing.family(), bearing.boreMm(), bearing.outerMm(), bearing.widthMm())
        .map(listed -> listed.massG() / STEEL_G_PER_CM3)
        .orElseGet(() -> estimateCm3(bearing));
  }

  /** Whether its metal is a listed mass, not an estimate. */
  public static boolean isListed(Bearing bearing) {
    return ListedInside.of(bearing.family(), bearing.boreMm(), bearing.outerMm(), bearing.widthMm())
        .isPresent();
  }

  private static double estimateCm3(Bearing bearing) {
    BearingPortrait portrait = BearingPortrait.of(bearing);
    double rings =
        portrait.pieces().stream()
            .filter(p -> !p.name().equals("cage"))
            .flatMap(p -> p.shapes().stream())
            .filter(s -> s.look() == Shape.Look.CUT_RING || s.look() == Shape.Look.CUT_SHEET)
            .mapToDouble(BearingVolume::revolved)
            .sum();
    double drawn = rings + portrait.inside().map(BearingVolume::elements).orElse(0.0);
    return correction(bearing.family()) * drawn / MM3_PER_CM3;
  }

  private static double correction(Family family) {
    return switch (family) {
      case TAPERED_ROLLER -> TAPER_CORRECTION;
      case CYLINDRICAL_ROLLER -> CYLINDRICAL_CORRECTION;
      case NEEDLE_ROLLER -> NEEDLE_CORRECTION;
      case THRUST_BALL, TWO_WAY_THRUST_BALL -> THRUST_CORRECTION;
      default -> family.isBall() ? BALL_CORRECTION : 1;
    };
  }

  /** Elements with their cage; a taper's cage is sheet, half as heavy beside its rollers. */
  private static double elements(InternalGeometry inside) {
    double d = inside.elementMm();
    double one =
        inside.lengthMm().isPresent()
            ? Math.PI / 4 * d * d * inside.lengthMm().getAsDouble()
            : Math.PI / 6 * d * d * d;
    double cage = inside.lengthMm().isPresent() ? CAGE_OF_ELEMENTS / 2 : CAGE_OF_ELEMENTS;
    return inside.rows() * inside.perRow() * one * (1 + cage);
  }

  /** The volume of an outline turned once around the axis, in mm³ (Pappus and Guldin). */
  static double revolved(Shape shape) {
    double sum = 0;
    List<Point> o = shape.outline();
    for (int i = 0; i < o.size(); i++) {
      Point a = o.get(i);
      Point b = o.get((i + 1) % o.size());
      sum += (b.x() - a.x()) * (a.r() * a.r() + a.r() * b.r() + b.r() * b.r());
    }
    return Math.abs(sum) * Math.PI / 3;
  }
}
