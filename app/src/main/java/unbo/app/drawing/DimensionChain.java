package unbo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import unbo.app.drawing.SectionDrawing.DimensionView;
import unbo.app.web.InchText;
import unbo.core.section.Section;

/**
 * Writes dimensions in the quiet half: lengths in a chain below the axis, the text in its own gap
 * where it fits, else on the first line below where it meets no other; diameters upright at the
 * left.
 */
final class DimensionChain {

  private static final double CHARACTER = 8.4;
  private static final double TICK = 4;
  private static final double ROOM = 10;
  private static final double LOWER = 20;
  private static final double GAP = 2;

  private final Section section;
  private final Scale scale;
  private final double y;
  private final boolean inch;

  DimensionChain(Section section, Scale scale, double y, boolean inch) {
    this.inch = inch;
    this.section = section;
    this.scale = scale;
    this.y = y;
  }

  /** The width that a text of the figures' face takes at the drawing's text size. */
  static double widthOf(String text) {
    return text.length() * CHARACTER;
  }

  /** Diameters first: their lines may run under the texts of the lengths, which cover them. */
  List<DimensionView> views() {
    List<DimensionView> views = new ArrayList<>();
    List<Section.Dimension> all = section.dimensions();
    for (int i = 0; i < all.size(); i++) {
      if (all.get(i).diameter()) {
        views.add(diameter(key(i), all.get(i)));
      }
    }
    for (int i = 0; i < all.size(); i++) {
      if (!all.get(i).diameter()) {
        views.add(length(key(i), all.get(i), views));
      }
    }
    return views;
  }

  private static String key(int place) {
    return SectionDrawing.DIMENSION_KEY + "-" + (place + 1);
  }

  private DimensionView length(
      String key, Section.Dimension dimension, List<DimensionView> before) {
    double from = scale.x(dimension.from());
    double to = scale.x(dimension.to());
    String text = plain(dimension.value());
    double width = widthOf(text) + 4;
    StringBuilder path = new StringBuilder();
    line(path, from, scale.axisY() + 4, from, y + TICK + 2);
    line(path, to, scale.axisY() + 4, to, y + TICK + 2);
    line(path, from, y, to, y);
    slash(path, from, y);
    slash(path, to, y);
    double middle = (from + to) / 2;
    double textY = widthOf(text) + ROOM < to - from ? y : lowerLine(middle, width, before);
    return new DimensionView(
        key, path.toString(), middle, textY, width, text, false, dimension.assumed());
  }

  /** The first line under the chain on which the text meets no other. */
  private double lowerLine(double middle, double width, List<DimensionView> before) {
    double line = y + LOWER;
    while (meetsAny(line, middle, width, before)) {
      line += LOWER;
    }
    return line;
  }

  private static boolean meetsAny(
      double line, double middle, double width, List<DimensionView> before) {
    return before.stream()
        .filter(d -> !d.upright() && d.textY() == line)
        .anyMatch(d -> Math.abs(d.textX() - middle) < (d.textWidth() + width) / 2);
  }

  private DimensionView diameter(String key, Section.Dimension dimension) {
    double x = scale.x(section.leastX()) - 12;
    double bottom = scale.y(dimension.from());
    String text = "Ø" + plain(dimension.value());
    StringBuilder path = new StringBuilder();
    line(path, x, scale.axisY() - 8, x, bottom);
    line(path, x - 6, bottom, Math.max(x + 12, surface(dimension)), bottom);
    slash(path, x, bottom);
    return new DimensionView(
        key,
        path.toString(),
        x,
        (scale.axisY() + bottom) / 2 + 6,
        widthOf(text) + 4,
        text,
        true,
        dimension.assumed());
  }

  /** The line goes on to the surface: what stands at the left may have another diameter. */
  private double surface(Section.Dimension dimension) {
    return scale.x(dimension.surfaceFrom().orElse(section.leastX())) - GAP;
  }

  private static void line(StringBuilder path, double x1, double y1, double x2, double y2) {
    path.append('M').append(new Spot(x1, y1).pair()).append(" L").append(new Spot(x2, y2).pair());
  }

  private static void slash(StringBuilder path, double x, double y) {
    line(path, x - TICK, y + TICK, x + TICK, y - TICK);
  }

  private String plain(double value) {
    return inch ? InchText.inches(millimetres(value)) : millimetres(value);
  }

  private static String millimetres(double value) {
    double rounded = Math.round(value * 100) / 100.0;
    return rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded);
  }
}
