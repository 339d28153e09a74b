package unbo.app.drawing;

/** How a result is drawn at its part, beside the line that says it in figures. */
public enum Sign implements Glyph {
  /** Nothing: the figure is no movement, force or heat. */
  NONE(""),

  /** Play along the axis: an arrow with two heads beside it. */
  ALONG("M%1$s %2$s m-18 0 h36 m-6 -5 l6 5 l-6 5 M%1$s %2$s m-12 -5 l-6 5 l6 5"),

  /** Play square to the axis. */
  ACROSS("M%1$s %2$s m0 -18 v36 m-5 -6 l5 6 l5 -6 M%1$s %2$s m-5 -12 l5 -6 l5 6"),

  /** Rock: it tips to and fro. */
  TILT("M%1$s %2$s m-17 7 a18 18 0 0 0 34 0 m-8 2 l8 -2 l2 8 M%1$s %2$s m-19 15 l2 -8 l8 2"),

  /** It turns, and something is read while it does: torque, run-out, clicks. */
  TURN("M%1$s %2$s m-6 -20 a12 21 0 0 0 0 40 m-8 -5 l8 5 l3 -9"),

  /** A load along the axis, to the right. */
  PUSH_RIGHT("M%1$s %2$s m-26 0 h22 m-7 -5 l7 5 l-7 5"),

  /** A load along the axis, to the left. */
  PUSH_LEFT("M%1$s %2$s m26 0 h-22 m7 -5 l-7 5 l7 5"),

  /** Heat goes out from it. */
  WARM(
      "M%1$s %2$s m-8 0 a8 8 0 1 0 16 0 a8 8 0 1 0 -16 0"
          + " M%1$s %2$s m-14 0 a14 14 0 1 0 28 0 a14 14 0 1 0 -28 0");

  /** How far a sign reaches from its part's anchor, in units of the drawing. */
  static final double REACH = 22;

  private final String strokes;

  Sign(String strokes) {
    this.strokes = strokes;
  }

  @Override
  public String at(Spot place) {
    return strokes.formatted(Spot.number(place.x()), Spot.number(place.y()));
  }
}
