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
  INCH_TAPER("inch-taper", "4");

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

  /** The table for a bearing. Wheel units and cartridges are taken by the radial one. */
  public static RingKind of(Bearing bearing) {
    if (!bearing.isTaper()) {
      return RADIAL;
    }
    return bearing.isInch() ? INCH_TAPER : METRIC_TAPER;
  }
}
