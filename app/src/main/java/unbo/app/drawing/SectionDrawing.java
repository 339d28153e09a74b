package unbo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import unbo.core.arrangement.PartTemplate;
import unbo.core.section.Section;
import unbo.core.section.SectionPart;
import unbo.core.section.Shape;

/**
 * A half-section drawing, ready to be written as SVG.
 *
 * @param width of the view box
 * @param height of the view box
 * @param unitsPerMm scale
 * @param balloonRadius of its balloons
 * @param axisY where the axis lies
 * @param axisFrom left end of the centre line
 * @param axisTo right end of the centre line
 * @param parts in drawing order
 * @param grease grease in the hollows, behind the parts
 * @param contactLines path data
 * @param dimensions written dimensions
 * @param results what the tools computed, written in the quiet half
 * @param anyAssumed whether anything is drawn dashed
 * @param breakLine path of the line where the lower half is broken off; empty when it is whole
 */
public record SectionDrawing(
    double width,
    double height,
    double unitsPerMm,
    double balloonRadius,
    double axisY,
    double axisFrom,
    double axisTo,
    List<PartView> parts,
    List<Outline> grease,
    List<String> contactLines,
    List<DimensionView> dimensions,
    List<ResultView> results,
    boolean anyAssumed,
    String breakLine) {

  /**
   * A part: outlines, balloon and leader; noted when a station wrote something of it, with the path
   * of what is drawn there, empty for nothing.
   */
  public record PartView(
      int number,
      PartTemplate part,
      String name,
      String label,
      String letter,
      boolean selected,
      boolean assumed,
      boolean noted,
      String sign,
      List<Outline> outlines,
      Spot anchor,
      Spot balloon,
      Spot leaderEnd) {

    /** The line from the balloon to its part. */
    public String leader() {
      return Spot.line(leaderEnd, anchor);
    }
  }

  /**
   * Outlines of one look, drawn as one, with the class of that look and their hatch lines, empty
   * when it has none.
   */
  public record Outline(String path, String look, String hatch) {
    Outline and(Outline other) {
      return new Outline(path + other.path, look, hatch + other.hatch);
    }
  }

  /** What the keys of the dimensions' workings begin with. */
  static final String DIMENSION_KEY = "size";

  /**
   * A written dimension: line, ticks, text, and the lines that lead to it; by its key its working
   * is found.
   */
  public record DimensionView(
      String key,
      String path,
      double textX,
      double textY,
      double textWidth,
      String text,
      boolean upright,
      boolean assumed) {}

  /**
   * A line of computed result.
   *
   * @param flags the parts that it is about; empty for the whole
   */
  public record ResultView(
      double x,
      double y,
      String text,
      List<FlagView> flags,
      String href,
      boolean arrows,
      double arrowFrom,
      double arrowTo) {}

  /** A balloon's number before a line. */
  public record FlagView(double x, int number) {}

  /** What a drawing is drawn to: its width and whether it is for a thumb. */
  public record Format(
      double width, double balloonRadius, double spacing, double mostHeight, boolean inch) {
    Format(double width, double balloonRadius, double spacing, double mostHeight) {
      this(width, balloonRadius, spacing, mostHeight, false);
    }

    /** The same with its dimensions written in inches, or not. */
    public Format in(boolean inches) {
      return new Format(width, balloonRadius, spacing, mostHeight, inches);
    }

    /** Beside a worksheet at the bench. */
    public static final Format BENCH = new Format(760, 17, 46, 436);

    /** On a phone held upright. */
    public static final Format PHONE = new Format(380, 15, 36, 460);

    /** In a list of drawings, with neither balloons nor dimensions. */
    public static final Format THUMBNAIL = new Format(300, 0, 0, 200);

    /** On paper, where nothing is touched. */
    public static final Format PAPER = new Format(640, 12, 32, 400);
  }

  /** Draws a section. */
  public static SectionDrawing of(
      Section section,
      Format format,
      PartTemplate selected,
      PartStates states,
      List<SectionNote> results) {
    return new SectionDrawer(section, format, selected, states, results).draw();
  }

  /** Height of the strip at the lower edge in which the scale bar stands. */
  static final double SCALE_STRIP = 36;

  private static final double SCALE_MARGIN = 18;

  /** Where the scale bar and its text begin, in millimetres or in inches; both end together. */
  static double scaleBarFrom(double width, double unitsPerMm) {
    return width - SCALE_MARGIN - Math.max(10 * unitsPerMm, DimensionChain.widthOf("0.394 in"));
  }

  /** Where the scale bar begins, so that it ends beside the edge. */
  public double scaleBarX() {
    return width - SCALE_MARGIN - scaleBar();
  }

  /** Length of the scale bar that stands for ten millimetres. */
  public double scaleBar() {
    return 10 * unitsPerMm;
  }

  /**
   * Neighbours of one look in one path each: a page of few elements is written and shown sooner.
   */
  static List<Outline> outlines(Stream<Shape> shapes, Scale scale) {
    List<Outline> outlines = new ArrayList<>();
    shapes.forEach(
        shape -> {
          Outline next = outline(shape, scale);
          int last = outlines.size() - 1;
          if (last >= 0 && outlines.get(last).look().equals(next.look())) {
            outlines.set(last, outlines.get(last).and(next));
          } else {
            outlines.add(next);
          }
        });
    return outlines;
  }

  static Outline outline(Shape shape, Scale scale) {
    return new Outline(
        scale.path(shape.outline()),
        "cut-" + shape.look().name().toLowerCase(Locale.ROOT).replace('_', '-'),
        Hatch.of(shape, scale));
  }

  static List<Spot> upperSpots(Section section, Scale scale) {
    List<Spot> spots = new ArrayList<>();
    for (SectionPart part : section.parts()) {
      for (Shape shape : part.shapes()) {
        shape.outline().stream().filter(p -> p.r() >= 0).map(scale::at).forEach(spots::add);
      }
    }
    return spots;
  }
}
