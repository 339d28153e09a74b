package unbo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import unbo.core.shim.ShimSum;

/**
 * A stack of depths as arrows one under the other, each from where the last one ended: to the right
 * what asks for more shim, to the left what asks for less. What is left at the end is the shim,
 * drawn wider than to scale where it is thin.
 *
 * @param rows of the depths
 * @param shimFrom left end of what is left
 * @param shimTo right end
 */
public record ShimPicture(List<Row> rows, double shimFrom, double shimTo, double height) {

  public static final double WIDTH = 320;
  private static final double LEFT = 12;
  private static final double ROW = 26;
  private static final double HEAD = 5;
  private static final double LEAST_SHIM = 6;

  /** A depth. */
  public record Row(String path, String text, double textX, double y) {}

  /** Draws a stack. */
  public static ShimPicture of(List<ShimSum.Depth> depths, double neededMm) {
    double least = 0;
    double most = 0;
    double end = 0;
    for (ShimSum.Depth d : depths) {
      end += d.sign() * d.valueMm();
      least = Math.min(least, end);
      most = Math.max(most, end);
    }
    double scale = (WIDTH - 2 * LEFT) / Math.max(1e-6, most - least);
    List<Row> rows = new ArrayList<>();
    double from = -least * scale + LEFT;
    for (int i = 0; i < depths.size(); i++) {
      ShimSum.Depth d = depths.get(i);
      double to = from + d.sign() * d.valueMm() * scale;
      rows.add(row(d, from, to, ROW * (i + 1)));
      from = to;
    }
    double zero = -least * scale + LEFT;
    double wide = Math.max(LEAST_SHIM, Math.abs(neededMm) * scale);
    return new ShimPicture(
        rows,
        neededMm >= 0 ? zero : zero - wide,
        neededMm >= 0 ? zero + wide : zero,
        ROW * (depths.size() + 1) + 8);
  }

  private static Row row(ShimSum.Depth d, double from, double to, double y) {
    double head = to > from ? -HEAD : HEAD;
    String path =
        Spot.line(new Spot(from, y), new Spot(to, y))
            + " "
            + Spot.line(new Spot(to + head, y - 4), new Spot(to, y), new Spot(to + head, y + 4));
    String text = d.label() + String.format(Locale.ROOT, " %.3f mm", d.valueMm()).replace('-', '−');
    return new Row(path, text, LEFT, y - 6);
  }
}
