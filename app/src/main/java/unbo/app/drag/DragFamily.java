package unbo.app.drag;

import java.util.Optional;
import unbo.core.catalogue.Bearing;

/**
 * The factors of friction that a bearing goes by.
 *
 * @param word of the table of factors
 * @param rows of elements
 */
public record DragFamily(String word, int rows) {

  /** Empty for families without factors: what swivels, slides or is a unit of its maker's own. */
  public static Optional<DragFamily> of(Bearing bearing) {
    return Optional.ofNullable(word(bearing)).map(w -> new DragFamily(w, rows(bearing)));
  }

  private static String word(Bearing bearing) {
    return switch (bearing.family()) {
      case DEEP_GROOVE_BALL, TWO_ROW_BALL -> "deep-groove-ball";
      case ANGULAR_CONTACT_BALL, TWO_ROW_ANGULAR_BALL, WHEEL_UNIT, FOUR_POINT_BALL ->
          "angular-contact-ball";
      case SELF_ALIGNING_BALL -> "self-aligning-ball";
      case CYLINDRICAL_ROLLER -> "cylindrical-roller";
      case TAPERED_ROLLER -> "tapered-roller";
      case NEEDLE_ROLLER, DRAWN_CUP_NEEDLE, NEEDLE_CAGE -> "needle-roller";
      case THRUST_BALL, TWO_WAY_THRUST_BALL -> "thrust-ball";
      default -> null;
    };
  }

  private static int rows(Bearing bearing) {
    return bearing.family().rows() == 2 ? 2 : 1;
  }
}
