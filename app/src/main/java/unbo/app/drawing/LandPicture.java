package unbo.app.drawing;

import java.util.Locale;
import unbo.core.strip.SpacerLand;
import unbo.core.working.Working;

/**
 * The corner behind an inner ring, enlarged: the ring with its corner at its least and its most,
 * the spacer with its chamfer, and the land that a collet's lip finds between. To one scale, from
 * the sizes that the land is worked from.
 *
 * @param ring outline with the least corner
 * @param corner the most corner, dashed
 * @param spacer outline
 * @param land the face that is left with the most corner; empty when there is none
 * @param landY where it is written
 */
public record LandPicture(
    double width,
    double height,
    String ring,
    String corner,
    String spacer,
    String land,
    double landY) {

  private static final double PX = 44;
  private static final double WIDTH = 220;
  private static final double HEIGHT = 150;
  private static final double FACE = 120;
  private static final double BASE = 118;

  /** Draws a land. */
  public static LandPicture of(SpacerLand land) {
    double least = value(land.most(), "r");
    double most = value(land.least(), "r");
    double opens = (value(land.least(), "dₛ") - value(land.least(), "d")) / 2;
    double chamfer = value(land.least(), "c");
    double top = Math.max(-BASE + 8, -PX * (Math.max(most, opens + chamfer) + 1));
    String ring = ring(least, top);
    String corner = arc(most);
    double begin = PX * (opens + chamfer);
    String spacer =
        String.format(
            Locale.ROOT,
            "M%.1f %.1f V%.1f L%.1f %.1f H4 V%.1f Z",
            FACE,
            BASE + top,
            BASE - begin,
            FACE - PX * chamfer,
            BASE - PX * opens,
            BASE + top);
    boolean isThere = opens + chamfer > most;
    String line =
        isThere
            ? String.format(Locale.ROOT, "M%.1f %.1f V%.1f", FACE, BASE - PX * most, BASE - begin)
            : "";
    return new LandPicture(
        WIDTH, HEIGHT, ring, corner, spacer, line, BASE - (begin + PX * most) / 2);
  }

  private static String ring(double r, double top) {
    return String.format(
        Locale.ROOT,
        "M%.1f %.1f V%.1f A%.1f %.1f 0 0 0 %.1f %.1f H%.1f V%.1f Z",
        FACE,
        BASE + top,
        BASE - PX * r,
        PX * r,
        PX * r,
        FACE + PX * r,
        BASE,
        WIDTH - 4,
        BASE + top);
  }

  private static String arc(double r) {
    return String.format(
        Locale.ROOT,
        "M%.1f %.1f A%.1f %.1f 0 0 0 %.1f %.1f",
        FACE,
        BASE - PX * r,
        PX * r,
        PX * r,
        FACE + PX * r,
        BASE);
  }

  private static double value(Working working, String symbol) {
    return working.inputs().stream()
        .filter(i -> i.symbol().equals(symbol))
        .findFirst()
        .orElseThrow()
        .value()
        .value();
  }
}
