package unbo.core.comparison;

import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;

/** What a bearing holds along the shaft. */
enum AxialHold {
  BOTH("holds axial load both ways"),
  ONE_WAY("holds axial load one way"),
  NONE("lets the shaft move axially both ways");

  private final String title;

  AxialHold(String title) {
    this.title = title;
  }

  String title() {
    return title;
  }

  static AxialHold of(Bearing bearing) {
    return switch (bearing.family()) {
      case ANGULAR_CONTACT_BALL, HEADSET, TAPERED_ROLLER, THRUST_BALL, THRUST_NEEDLE -> ONE_WAY;
      case DRAWN_CUP_NEEDLE, NEEDLE_ROLLER, NEEDLE_CAGE, ONE_WAY_CLUTCH -> NONE;
      case CYLINDRICAL_ROLLER -> cylindrical(bearing.series());
      default -> BOTH;
    };
  }

  private static AxialHold cylindrical(String series) {
    if (series.startsWith("NUP")) {
      return BOTH;
    }
    return series.startsWith("NJ") || series.startsWith("NF") ? ONE_WAY : NONE;
  }

  /** Whether a family carries along the shaft only. */
  static boolean isThrustOnly(Bearing bearing) {
    return bearing.family().isThrustBall() || bearing.family() == Family.THRUST_NEEDLE;
  }
}
