package unbo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import unbo.core.fit.Fit;
import unbo.core.fit.FitInput;
import unbo.core.fit.Spread;

/**
 * A fit to a stretched scale: for each ring its band and its seat's, with the gap or overlap that
 * they make, and the clearance ladder from the shelf to the running bearing. All bands in
 * micrometres on one scale, so that they can be compared by eye.
 *
 * @param bands from top to bottom
 * @param zeroX where nothing is off, or no clearance is left
 * @param marks of the scale
 */
public record FitPicture(
    double width, double height, List<Band> bands, double zeroX, List<Mark> marks) {

  private static final double WIDTH = 460;
  private static final double LEFT = 112;
  private static final double RIGHT = 16;
  private static final double ROW = 24;
  private static final double GAP = 14;

  /**
   * One band.
   *
   * @param look {@code seat}, {@code ring}, {@code tight}, {@code loose} or {@code clearance}
   * @param likelyX where the likely value lies
   */
  public record Band(
      String label, double x, double wide, double y, double likelyX, String text, String look) {}

  /** A mark of the scale. */
  public record Mark(double x, String text) {}

  /** Draws a fit. */
  public static FitPicture of(Fit fit) {
    return new Maker(fit).make();
  }

  /** What is needed while it is drawn. */
  private static final class Maker {

    private final Fit fit;
    private final List<Row> rows = new ArrayList<>();

    private record Row(String label, Spread spread, String look, boolean first) {}

    Maker(Fit fit) {
      this.fit = fit;
      FitInput in = fit.input();
      add("shaft", in.shaft().size(), "seat", true);
      add("ring’s bore", in.bore(), "ring", false);
      add("inner ring", fit.inner().cold(), look(fit.inner().cold()), false);
      add("ring’s outside", in.outside(), "ring", true);
      add("housing", in.housing().size(), "seat", false);
      add("outer ring", fit.outer().cold(), look(fit.outer().cold()), false);
      fit.clearance()
          .ifPresent(
              l -> {
                add("unmounted", l.unmounted(), "clearance", true);
                add("mounted", l.mounted(), "clearance", false);
                add("running", l.running(), "clearance", false);
              });
    }

    private static String look(Spread interference) {
      return interference.likely() > 0 ? "tight" : "loose";
    }

    private void add(String label, Spread spread, String look, boolean first) {
      rows.add(new Row(label, spread, look, first));
    }

    FitPicture make() {
      double least = Math.min(0, rows.stream().mapToDouble(r -> r.spread.least()).min().orElse(0));
      double most = Math.max(0, rows.stream().mapToDouble(r -> r.spread.most()).max().orElse(0));
      double span = Math.max(20, most - least);
      double scale = (WIDTH - LEFT - RIGHT) / span;
      List<Band> bands = new ArrayList<>();
      double y = 6;
      for (Row row : rows) {
        y += row.first ? GAP : 0;
        double x = LEFT + (row.spread.least() - least) * scale;
        double wide = Math.max(2, (row.spread.most() - row.spread.least()) * scale);
        double likely = LEFT + (row.spread.likely() - least) * scale;
        bands.add(new Band(row.label, x, wide, y, likely, text(row), row.look));
        y += ROW;
      }
      return new FitPicture(WIDTH, y + 22, bands, LEFT - least * scale, marks(least, most, scale));
    }

    private static String text(Row row) {
      String likely = String.format(Locale.ROOT, "%+.0f", row.spread.likely());
      return likely.equals("-0") || likely.equals("+0") ? "0" : likely.replace('-', '−');
    }

    private static List<Mark> marks(double least, double most, double scale) {
      double span = most - least;
      int step = span > 120 ? 50 : span > 60 ? 20 : 10;
      List<Mark> marks = new ArrayList<>();
      for (int um = (int) Math.ceil(least / step) * step; um <= most; um += step) {
        marks.add(new Mark(LEFT + (um - least) * scale, String.valueOf(um).replace('-', '−')));
      }
      return marks;
    }
  }
}
