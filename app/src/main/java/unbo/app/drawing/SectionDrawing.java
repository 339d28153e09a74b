package unbo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import unbo.core.arrangement.HubPart;
import unbo.core.arrangement.Section;
import unbo.core.arrangement.SectionPart;
import unbo.core.arrangement.Shape;

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
 * @param contactLines path data
 * @param dimensions written dimensions
 * @param results what the tools computed, written in the quiet half
 * @param anyAssumed whether anything is drawn dashed
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
    List<String> contactLines,
    List<DimensionView> dimensions,
    List<ResultView> results,
    boolean anyAssumed) {

  /** A part: outlines, balloon and leader. */
  public record PartView(
      int number,
      HubPart part,
      String name,
      String label,
      String letter,
      boolean selected,
      boolean assumed,
      List<Outline> outlines,
      Spot anchor,
      Spot balloon,
      Spot leaderEnd) {}

  /** One outline with the class that says its hatch. */
  public record Outline(String path, String look) {}

  /** A written dimension: line, ticks, text, and the lines that lead to it. */
  public record DimensionView(
      String path,
      double textX,
      double textY,
      double textWidth,
      String text,
      boolean upright,
      boolean assumed) {}

  /** A line of computed result. */
  public record ResultView(
      double x, double y, String text, boolean arrows, double arrowFrom, double arrowTo) {}

  /** How a part stands on the job, for its label and letter. */
  public interface PartStates {
    String titleOf(HubPart part);

    String letterOf(HubPart part);

    boolean isAssumed(SectionPart part);
  }

  /** What a drawing is drawn to: its width and whether it is for a thumb. */
  public record Format(double width, double balloonRadius, double spacing, double mostHeight) {
    /** Beside a worksheet at the bench. */
    public static final Format BENCH = new Format(760, 17, 46, 450);

    /** On a phone held upright. */
    public static final Format PHONE = new Format(380, 15, 36, 460);

    /** On paper, where nothing is touched. */
    public static final Format PAPER = new Format(640, 12, 32, 400);
  }

  /** Draws a section. */
  public static SectionDrawing of(
      Section section, Format format, HubPart selected, PartStates states, List<String> results) {
    return new SectionDrawer(section, format, selected, states, results).draw();
  }

  /** Length of the scale bar that stands for ten millimetres. */
  public double scaleBar() {
    return 10 * unitsPerMm;
  }

  static Outline outline(Shape shape, Scale scale) {
    return new Outline(
        scale.path(shape.outline()),
        "cut-" + shape.look().name().toLowerCase(Locale.ROOT).replace('_', '-'));
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
