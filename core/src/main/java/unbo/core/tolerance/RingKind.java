package unbo.core.tolerance;

import java.util.Arrays;
import java.util.Optional;
import unbo.core.catalogue.Bearing;

/** Which table of ring tolerances a bearing goes by; each has classes of its own. */
public enum RingKind {
  /** Radial bearings except tapers: Normal, P6, P5, P4, P2. */
  RADIAL("radial", "Normal", "ISO 492"),
  /** Metric tapers: Normal, P6X, P5, P4. */
  METRIC_TAPER("metric-taper", "Normal", "ISO 492"),
  /** Inch tapers: 4, 2, 3, 0, 00, finer to the right. Their bores are made over size. */
  INCH_TAPER("inch-taper", "4", "ABMA 19.2"),
  /** Thrust balls with flat seats: shaft washer's bore, housing washer's outside, height. */
  THRUST("thrust", "Normal", "ISO 199"),
  /**
   * Drawn cups: the circle inside the needles once the cup is pressed into a ring of its nominal
   * outside. Loose it has no true size, and its outside is not limited.
   */
  DRAWN_CUP("drawn-cup", "Normal", "ISO 3245"),
  /**
   * No limits are known here: wheel units and headset cartridges (their makers’ own), needle cages,
   * axial ones too, and spherical plain bearings (ISO 12240-1), whose table is not among ours.
   */
  NOT_KNOWN("not-known", "Normal", "");

  private final String id;
  private final String usualClass;
  private final String standard;

  RingKind(String id, String usualClass, String standard) {
    this.id = id;
    this.usualClass = usualClass;
    this.standard = standard;
  }

  /** Where the limits stand; empty where none are known. */
  public String standard() {
    return standard;
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
              NEEDLE_CAGE,
              THRUST_NEEDLE,
              TWO_WAY_THRUST_BALL,
              SPHERICAL_PLAIN,
              INSERT_BALL,
              TRACK_ROLLER,
              ROD_END,
              ONE_WAY_CLUTCH ->
          NOT_KNOWN;
      case THRUST_BALL -> THRUST;
      case DRAWN_CUP_NEEDLE -> DRAWN_CUP;
      case TAPERED_ROLLER -> isInInches(bearing) ? INCH_TAPER : METRIC_TAPER;
      default -> RADIAL;
    };
  }

  private static boolean isInInches(Bearing bearing) {
    return bearing.isInch() && !bearing.designation().startsWith("J");
  }

  /**
   * The same, that of radial bearings assumed where no limits are known of all sizes: to search by
   * size.
   */
  public static RingKind assumed(Bearing bearing) {
    RingKind kind = of(bearing);
    return kind == NOT_KNOWN || kind == DRAWN_CUP ? RADIAL : kind;
  }
}
