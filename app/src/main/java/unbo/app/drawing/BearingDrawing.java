package unbo.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import unbo.app.web.InchText;
import unbo.core.section.BearingPortrait;

/**
 * Up to three bearings cut above their axis, laid over each other to one scale against one
 * shoulder, ready to be written as SVG. The first is hatched; the others are outlines, told apart
 * by stroke and letter.
 *
 * @param layers the bearings, the first at the bottom
 * @param labels names of the first one's pieces, only when it is alone
 * @param close whether the ring section alone is shown, enlarged, without the axis
 */
public record BearingDrawing(
    double width,
    double height,
    double unitsPerMm,
    double axisY,
    boolean close,
    List<Layer> layers,
    List<Label> labels,
    List<Measure> measures) {

  /** The most bearings that stay legible over each other. */
  public static final int MOST = 3;

  /** One bearing: its letter, what it is, how its size differs from the first, its outlines. */
  public record Layer(
      String letter,
      String name,
      String differences,
      int place,
      List<SectionDrawing.Outline> outlines,
      List<String> contactLines) {}

  /** A piece's name at the right with the line to it. */
  public record Label(String text, double y, Spot from, Spot to) {

    /** The line from the name to its piece. */
    public String leader() {
      return Spot.line(from, to);
    }
  }

  /** A dimension line with its text. */
  public record Measure(
      int place,
      String path,
      double textX,
      double textY,
      double textWidth,
      boolean upright,
      String text) {}

  /** Where it is drawn. */
  public record Format(double width, double mostHeight, double labelRoom, boolean inch) {
    /** Beside a worksheet. */
    public static Format bench(boolean inch) {
      return new Format(760, 430, 150, inch);
    }

    /** On a phone. */
    public static Format phone(boolean inch) {
      return new Format(380, 360, 150, inch);
    }
  }

  private static final ToDoubleFunction<BearingPortrait> BORE = p -> p.bearing().boreMm();
  private static final ToDoubleFunction<BearingPortrait> OUTER = p -> p.bearing().outerMm();

  private static final double TOP = 62;

  /** Room under the axis, for the scale bar with its text. */
  private static final double UNDER = 32;

  private static final double COLUMN = 30;
  private static final double LINE = 21;
  private static final double CHARACTER = 8.4;

  /**
   * A bearing to be drawn.
   *
   * @param name what it is called
   * @param boreInDoubt whether its number may name another bore than is drawn
   */
  public record Subject(String name, BearingPortrait portrait, boolean boreInDoubt) {

    /** One whose bore is known. */
    public Subject(String name, BearingPortrait portrait) {
      this(name, portrait, false);
    }
  }

  /** Draws. At least one subject. */
  public static BearingDrawing of(List<Subject> subjects, boolean close, Format format) {
    return new Layout(subjects, close, format).draw();
  }

  /** Places one drawing. */
  private static final class Layout {
    private final List<String> names;
    private final List<BearingPortrait> portraits;
    private final boolean boreInDoubt;
    private final boolean close;
    private final Format format;
    private final Scale scale;
    private final double left;

    Layout(List<Subject> subjects, boolean close, Format format) {
      this.portraits = subjects.stream().limit(MOST).map(Subject::portrait).toList();
      this.names = subjects.stream().map(Subject::name).toList();
      this.boreInDoubt = subjects.stream().limit(MOST).anyMatch(Subject::boreInDoubt);
      this.close = close;
      this.format = format;
      this.left = 26 + COLUMN * (sizes(BORE).size() + sizes(OUTER).size());
      this.scale = scale();
    }

    private double most(ToDoubleFunction<BearingPortrait> size) {
      return portraits.stream().mapToDouble(size).max().orElseThrow();
    }

    private double outerRadius() {
      return most(p -> p.bearing().outerMm()) / 2;
    }

    /** The lowest radius that is shown. */
    private double floor() {
      if (!close) {
        return 0;
      }
      double bore = portraits.stream().mapToDouble(p -> p.bearing().boreMm()).min().orElseThrow();
      return bore / 2 - 0.08 * (outerRadius() - bore / 2);
    }

    private Scale scale() {
      double labels = portraits.size() == 1 ? format.labelRoom() : 30;
      double byWidth = (format.width() - left - labels) / most(BearingPortrait::widthMm);
      double byHeight = (format.mostHeight() - TOP - UNDER) / (outerRadius() - floor());
      double units = Math.min(byWidth, byHeight);
      double slack = format.width() - left - labels - units * most(BearingPortrait::widthMm);
      return new Scale(units, left + slack / 2, TOP + outerRadius() * units);
    }

    BearingDrawing draw() {
      double bottom = scale.y(floor()) + UNDER;
      List<Layer> layers = new ArrayList<>();
      for (int i = 0; i < portraits.size(); i++) {
        layers.add(layer(portraits.get(i), i));
      }
      List<Label> labels = portraits.size() == 1 ? labels(portraits.get(0)) : List.of();
      double lowest = labels.stream().mapToDouble(Label::y).max().orElse(0) + 14;
      return new BearingDrawing(
          format.width(),
          Math.max(bottom, lowest),
          scale.unitsPerMm(),
          scale.axisY(),
          close,
          layers,
          labels,
          measures());
    }

    private Layer layer(BearingPortrait portrait, int place) {
      return new Layer(
          letter(place),
          names.get(place),
          place == 0 ? "" : differences(portrait),
          place,
          SectionDrawing.outlines(
              portrait.pieces().stream().flatMap(p -> p.shapes().stream()), scale),
          close ? List.of() : portrait.contactLines().stream().map(this::line).toList());
    }

    private String line(unbo.core.section.Section.ContactLine line) {
      return Spot.line(scale.at(line.element()), scale.at(line.centre()));
    }

    /** Names in a column at the right, sorted by height so that no line crosses another. */
    private List<Label> labels(BearingPortrait portrait) {
      List<BearingPortrait.Piece> named =
          portrait.pieces().stream()
              .filter(p -> !p.name().startsWith("left") || isAlone(portrait, p))
              .sorted(Comparator.comparingDouble((BearingPortrait.Piece p) -> -p.anchor().r()))
              .toList();
      double edge = scale.x(most(BearingPortrait::widthMm)) + 26;
      double first = named.stream().mapToDouble(p -> scale.at(p.anchor()).y()).min().orElse(TOP);
      double total = LINE * (named.size() - 1);
      double last = named.stream().mapToDouble(p -> scale.at(p.anchor()).y()).max().orElse(TOP);
      double y = Math.max(TOP, (first + last - total) / 2);
      List<Label> labels = new ArrayList<>();
      for (BearingPortrait.Piece piece : named) {
        String text = piece.name().replace("right ", "");
        labels.add(new Label(text, y, new Spot(edge, y), scale.at(piece.anchor())));
        y += LINE;
      }
      uncross(labels);
      return labels;
    }

    /** Neighbours whose leaders cross change places until none do. */
    private static void uncross(List<Label> labels) {
      for (int round = 0; round < labels.size(); round++) {
        for (int i = 1; i < labels.size(); i++) {
          Label above = labels.get(i - 1);
          Label below = labels.get(i);
          if (Spot.cross(above.from(), above.to(), below.from(), below.to())) {
            labels.set(i - 1, new Label(below.text(), above.y(), above.from(), below.to()));
            labels.set(i, new Label(above.text(), below.y(), below.from(), above.to()));
          }
        }
      }
    }

    private static boolean isAlone(BearingPortrait portrait, BearingPortrait.Piece piece) {
      String other = piece.name().replace("left", "right");
      return portrait.pieces().stream().noneMatch(p -> p.name().equals(other));
    }

    /** Each size once, with the letters of those that have it: bore, outside, width. */
    private List<Measure> measures() {
      List<Measure> all = new ArrayList<>();
      double x = scale.x(0) - 18;
      for (ToDoubleFunction<BearingPortrait> size : List.of(BORE, OUTER)) {
        for (Map.Entry<Double, List<Integer>> e : sizes(size).entrySet()) {
          all.add(diameter(x, e.getKey(), e.getValue()));
          x -= COLUMN;
        }
      }
      int line = 0;
      for (Map.Entry<Double, List<Integer>> e : sizes(BearingPortrait::widthMm).entrySet()) {
        all.add(width(line++, e.getKey(), e.getValue()));
      }
      return all;
    }

    /** The distinct values of a size, each with the places of those that have it. */
    private Map<Double, List<Integer>> sizes(ToDoubleFunction<BearingPortrait> size) {
      Map<Double, List<Integer>> distinct = new TreeMap<>();
      for (int i = 0; i < portraits.size(); i++) {
        distinct
            .computeIfAbsent(size.applyAsDouble(portraits.get(i)), v -> new ArrayList<>())
            .add(i);
      }
      return distinct;
    }

    private static String letter(int place) {
      return String.valueOf((char) ('A' + place));
    }

    private String letters(List<Integer> places) {
      return portraits.size() == 1 || places.size() == portraits.size()
          ? ""
          : places.stream().map(Layout::letter).collect(Collectors.joining()) + " ";
    }

    private static int styleOf(List<Integer> places) {
      return places.get(0);
    }

    private Measure diameter(double x, double mm, List<Integer> places) {
      double top = scale.y(mm / 2);
      double bottom = close ? scale.y(floor()) + 16 : scale.axisY();
      StringBuilder path = new StringBuilder();
      line(path, x, bottom, x, top);
      line(path, x - 5, top, scale.x(0) - 3, top);
      line(path, x - 4, top + 4, x + 4, top - 4);
      String text = letters(places) + "Ø" + size(mm);
      double half = text.length() * CHARACTER / 2;
      double middle = Math.max((top + bottom) / 2, top + half + 8);
      return new Measure(styleOf(places), path.toString(), x, middle, 2 * half + 4, true, text);
    }

    private Measure width(int line, double mm, List<Integer> places) {
      double y = TOP - 16 - line * LINE * 0.8;
      double from = scale.x(0);
      double to = scale.x(mm);
      double down = scale.y(portraits.get(places.get(0)).bearing().outerMm() / 2) - 3;
      StringBuilder path = new StringBuilder();
      line(path, from, y, to, y);
      line(path, from, y - 5, from, down);
      line(path, to, y - 5, to, down);
      String text = letters(places) + size(mm);
      double wide = text.length() * CHARACTER + 4;
      boolean fits = wide + 8 < to - from;
      double textX = fits ? (from + to) / 2 : to + 6 + wide / 2;
      return new Measure(styleOf(places), path.toString(), textX, y + 5, wide, false, text);
    }

    private static void line(StringBuilder path, double x1, double y1, double x2, double y2) {
      path.append('M').append(new Spot(x1, y1).pair());
      path.append(" L").append(new Spot(x2, y2).pair());
    }

    /** How a bearing's size differs from the first one's. */
    private String differences(BearingPortrait portrait) {
      List<String> all = new ArrayList<>();
      if (boreInDoubt) {
        all.add("bore in doubt");
      } else {
        difference("bore", BORE, portrait, all);
      }
      difference("outside", OUTER, portrait, all);
      difference("width", BearingPortrait::widthMm, portrait, all);
      return all.isEmpty() ? "the same envelope" : String.join(", ", all);
    }

    private void difference(
        String name,
        ToDoubleFunction<BearingPortrait> size,
        BearingPortrait portrait,
        List<String> all) {
      double gap = size.applyAsDouble(portrait) - size.applyAsDouble(portraits.get(0));
      if (Math.abs(gap) > 0.0005) {
        double rounded = Math.round(Math.abs(gap) * 1000) / 1000.0;
        String mm = rounded == Math.rint(rounded) ? "" + (long) rounded : "" + rounded;
        all.add(name + (gap > 0 ? " +" : " −") + mm + " mm");
      }
    }

    private String size(double mm) {
      double rounded = Math.round(mm * 1000) / 1000.0;
      String text =
          rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded);
      return format.inch() ? InchText.inches(text) : text;
    }
  }

  /** Length of the scale bar that stands for ten millimetres. */
  public double scaleBar() {
    return 10 * unitsPerMm;
  }
}
