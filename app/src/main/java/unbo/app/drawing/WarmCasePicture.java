package unbo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import unbo.core.fit.WarmCase;

/**
 * The interference of a ring in a case that warms, to scale: its 95 % band, its likely value, and
 * where that comes to nothing.
 *
 * @param band of the 95 %, as path data
 * @param likely as path data
 * @param zeroY where nothing is left
 * @param letsGoX where the likely value meets it; negative where it does not on this picture
 * @param marks of both scales
 */
public record WarmCasePicture(
    String band, String likely, double zeroY, double letsGoX, List<Mark> marks, String label) {

  public static final double WIDTH = 320;
  public static final double HEIGHT = 120;
  private static final double LEFT = 44;
  private static final double BOTTOM = 18;
  private static final double TOP = 8;

  /** From the room to 150 °C, which a case sees seldom and light alloy bears. */
  private static final double TO_C = 150;

  private static final int STEP_C = 25;

  /** A mark with its text. */
  public record Mark(double x, double y, String anchor, String text) {}

  /** Draws it. */
  public static WarmCasePicture of(WarmCase warm) {
    return new Maker(warm).make();
  }

  private static final class Maker {
    private final WarmCase warm;
    private final double most;
    private final double least;

    Maker(WarmCase warm) {
      this.warm = warm;
      this.most = Math.max(0, warm.likelyUm(warm.roomC()) + warm.u95Um());
      this.least = Math.min(0, warm.likelyUm(TO_C) - warm.u95Um());
    }

    WarmCasePicture make() {
      double u = warm.u95Um();
      double letsGo = warm.letsGoC();
      boolean shown = warm.cold().likely() > 0 && letsGo <= TO_C;
      String label =
          shown
              ? String.format(
                  Locale.ROOT,
                  "likely gone at %.0f °C, from %.0f °C (95 %%)",
                  letsGo,
                  warm.earliestC())
              : warm.cold().likely() <= 0 ? "loose when cold" : "still tight at 150 °C";
      return new WarmCasePicture(
          "M" + line(u, false) + " L" + line(-u, true) + " Z",
          "M" + line(0, false),
          y(0),
          shown ? x(letsGo) : -1,
          marks(),
          label);
    }

    private String line(double offUm, boolean backwards) {
      double from = backwards ? TO_C : warm.roomC();
      double to = backwards ? warm.roomC() : TO_C;
      return point(from, offUm) + " L" + point(to, offUm);
    }

    private String point(double celsius, double offUm) {
      return String.format(Locale.ROOT, "%.1f %.1f", x(celsius), y(warm.likelyUm(celsius) + offUm));
    }

    private double x(double celsius) {
      return LEFT + (WIDTH - LEFT - 26) * (celsius - warm.roomC()) / (TO_C - warm.roomC());
    }

    private double y(double um) {
      return TOP + (HEIGHT - TOP - BOTTOM) * (most - um) / Math.max(1, most - least);
    }

    private List<Mark> marks() {
      List<Mark> marks = new ArrayList<>();
      IntStream.iterate(
              STEP_C * (int) Math.ceil(warm.roomC() / STEP_C), c -> c <= TO_C, c -> c + STEP_C)
          .forEach(c -> marks.add(new Mark(x(c), HEIGHT - 4, "middle", c + " °C")));
      marks.add(new Mark(LEFT - 6, y(0) + 4, "end", "0 µm"));
      if (y(0) - y(most) > 14) {
        marks.add(new Mark(LEFT - 6, y(most) + 8, "end", String.format(Locale.ROOT, "%.0f", most)));
      }
      return marks;
    }
  }
}
