package unbo.core.tolerance;

import java.util.Arrays;
import java.util.Optional;
import unbo.core.catalogue.Bearing;

/** Which table of ring tolerances a bearing goes by; each has classes of its own. */
public enum RingKind {
  /** Radial bearings except tapers: Normal, P6, P5, P4, P2. */
  RADIAL("radial", "Normal"),
  /** Metric tapers: Normal, P6X, P5, P4. */
  METRIC_TAPER("metric-taper", "Normal"),
  /** Inch tapers: 4, 2, 3, 0, 00, finer to the right. Their bores are made over size. */
  INCH_TAPER("inch-taper", "4"),
  /**
   * No limits are known here: wheel units and headset cartridges (their makers’ own), drawn cups,
   * which take their size when pressed in (ISO 3245), needle cages, axial ones too, thrust bearings
   * (ISO 199) and spherical plain ones (ISO 12240-1), whose tables are not among ours.
   */
  NOT_KNOWN("not-known", "Normal");

  private final String id;
  private final String usualClass;

  RingKind(String id, String usualClass) {
    this.id = id;
    this.usualClass = usualClass;
  }

  public String id() {
    return id;
  }

  /** The class of an unmarked bearing. */
  public String usualClass() {
    return usualClass;
  }

  public static Optional<RingKind> withId(String id) {
    return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
  }

  /**
   * The table for a bearing. Inch numbers that begin with J have metric dimensions and go by class
   * K, whose limits are those of the metric tapers (ABMA 19.1).
   */
  public static RingKind of(Bearing bearing) {
    return switch (bearing.family()) {
      case WHEEL_UNIT,
              HEADSET,
              DRAWN_CUP_NEEDLE,
              NEEDLE_CAGE,
              THRUST_NEEDLE,
              THRUST_BALL,
              SPHERICAL_PLAIN ->
          NOT_KNOWN;
      case TAPERED_ROLLER -> isInInches(bearing) ? INCH_TAPER : METRIC_TAPER;
      default -> RADIAL;
    };
  }

  private static boolean isInInches(Bearing bearing) {
    return bearing.isInch() && !bearing.designation().startsWith("J");
  }

  /** The same, that of radial bearings assumed where no limits are known: to search by size. */
  public static RingKind assumed(Bearing bearing) {
    RingKind kind = of(bearing);
    return kind == NOT_KNOWN ? RADIAL : kind;
  }
}
