package unbo.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import unbo.app.drawing.SectionDrawing.DimensionView;
import unbo.app.drawing.SectionDrawing.FlagView;
import unbo.app.drawing.SectionDrawing.Format;
import unbo.app.drawing.SectionDrawing.PartView;
import unbo.app.drawing.SectionDrawing.ResultView;
import unbo.core.arrangement.PartTemplate;
import unbo.core.section.Section;
import unbo.core.section.SectionPart;
import unbo.core.section.Shape;

/**
 * Lays a section out: scale first, then balloons, then dimensions and results in the lower half.
 */
final class SectionDrawer {

  private static final double DIMENSION_DROP = 34;
  private static final double LINE = 20;
  private static final double BOLD = 1.07;
  private static final double ARROW = 18;
  private static final double FLAG = 13;

  /** How much of the upper half's height the lower half may take before it is broken off. */
  private static final double LOWER_SHARE = 0.6;

  private final Section section;
  private final Format format;
  private final PartTemplate selected;
  private final PartStates states;
  private final List<SectionNote> notes;
  private final BalloonPlacer placer;
  private final double lowerEnd;
  private final Scale scale;
  private final List<DimensionView> dimensions;
  private final List<ResultView> results;

  SectionDrawer(
      Section section,
      Format format,
      PartTemplate selected,
      PartStates states,
      List<SectionNote> results) {
    this.section = section;
    this.format = format;
    this.selected = selected;
    this.states = states;
    this.notes = results;
    this.placer = new BalloonPlacer(format.balloonRadius(), format.spacing());
    this.lowerEnd = lowerEnd();
    this.scale = scale();
    this.dimensions =
        new DimensionChain(section, scale, axisY() + DIMENSION_DROP, format.inch()).views();
    this.results = resultViews();
  }

  SectionDrawing draw() {
    return new SectionDrawing(
        format.width(),
        height(),
        scale.unitsPerMm(),
        format.balloonRadius(),
        axisY(),
        scale.x(section.leastX()) - 14,
        scale.x(section.mostX()) + 14,
        parts(),
        section.grease().stream().map(g -> SectionDrawing.outline(g, scale)).toList(),
        section.contactLines().stream()
            .map(l -> Spot.line(scale.at(l.element()), scale.at(l.centre())))
            .toList(),
        dimensions,
        results,
        section.parts().stream().anyMatch(SectionPart::assumed),
        breakLine());
  }

  private Scale scale() {
    double reach = placer.reach();
    double byWidth = (format.width() - 2 * reach) / (section.mostX() - section.leastX());
    double byHeight = (format.mostHeight() - reach) / (section.mostR() - lowerEnd);
    double unitsPerMm = Math.min(byWidth, byHeight);
    double slack = format.width() - 2 * reach - unitsPerMm * (section.mostX() - section.leastX());
    return new Scale(
        unitsPerMm,
        reach + slack / 2 - section.leastX() * unitsPerMm,
        reach + 4 + section.mostR() * unitsPerMm);
  }

  /** Where the lower half ends, in millimetres; a deep one is broken off (ISO 128-3). */
  private double lowerEnd() {
    return Math.max(section.leastR(), -LOWER_SHARE * section.mostR());
  }

  private boolean isBroken() {
    return section.leastR() < lowerEnd - 1e-9;
  }

  /** A straight break line with a zigzag in its middle, under everything that is broken off. */
  private String breakLine() {
    if (!isBroken()) {
      return "";
    }
    double y = scale.y(lowerEnd);
    double from = scale.x(brokenShapes().mapToDouble(Shape::leastX).min().orElseThrow()) - 8;
    double to = scale.x(brokenShapes().mapToDouble(Shape::mostX).max().orElseThrow()) + 8;
    double middle = (from + to) / 2;
    return Spot.line(
        new Spot(from, y),
        new Spot(middle - 6, y),
        new Spot(middle - 2, y - 6),
        new Spot(middle + 2, y + 6),
        new Spot(middle + 6, y),
        new Spot(to, y));
  }

  private Stream<Shape> brokenShapes() {
    return section.parts().stream()
        .flatMap(p -> p.shapes().stream())
        .filter(s -> s.leastR() < lowerEnd);
  }

  private Shape broken(Shape shape) {
    return shape.cutBelow(lowerEnd);
  }

  private double axisY() {
    return scale.axisY();
  }

  /** Down to the lowest line, and a strip more where the scale bar would stand on something. */
  private double height() {
    double lowest =
        Stream.of(
                Stream.of(scale.y(lowerEnd)),
                dimensions.stream().map(d -> d.textY() + 5),
                results.stream().map(ResultView::y))
            .flatMap(s -> s)
            .max(Comparator.naturalOrder())
            .orElseThrow();
    double height = lowest + 12;
    return isBesideTheScaleBar(height) ? height + SectionDrawing.SCALE_STRIP : height;
  }

  private boolean isBesideTheScaleBar(double height) {
    double left = SectionDrawing.scaleBarFrom(format.width(), scale.unitsPerMm()) - 4;
    double top = height - SectionDrawing.SCALE_STRIP;
    boolean shape =
        section.parts().stream()
            .flatMap(p -> p.shapes().stream())
            .anyMatch(
                s -> scale.x(s.mostX()) > left && scale.y(Math.max(s.leastR(), lowerEnd)) > top);
    boolean dimension =
        dimensions.stream()
            .anyMatch(d -> d.textX() + d.textWidth() / 2 > left && d.textY() + 5 > top);
    return shape || dimension || results.stream().anyMatch(r -> r.arrowTo() > left && r.y() > top);
  }

  private List<PartView> parts() {
    List<SectionPart> all = section.parts();
    List<Spot> anchors = all.stream().map(p -> scale.at(p.anchor())).toList();
    double floor = axisY() - format.balloonRadius();
    List<Spot> places = placer.place(anchors, SectionDrawing.upperSpots(section, scale), floor);
    List<PartView> views = new ArrayList<>();
    for (int i = 0; i < all.size(); i++) {
      views.add(view(all.get(i), anchors.get(i), places.get(i)));
    }
    return views;
  }

  private PartView view(SectionPart part, Spot anchor, Spot balloon) {
    double share = format.balloonRadius() / balloon.distance(anchor);
    Spot edge =
        new Spot(
            balloon.x() + share * (anchor.x() - balloon.x()),
            balloon.y() + share * (anchor.y() - balloon.y()));
    return new PartView(
        part.number(),
        part.part(),
        part.name(),
        label(part),
        states.of(part.part()).letter(),
        selected != null && part.part().id().equals(selected.id()),
        part.assumed(),
        notesOf(part).findAny().isPresent(),
        sign(part, anchor),
        SectionDrawing.outlines(part.shapes().stream().map(this::broken), scale),
        anchor,
        balloon,
        edge);
  }

  private Stream<SectionNote> notesOf(SectionPart part) {
    return notes.stream().filter(n -> n.parts().contains(part.part().id()));
  }

  private String sign(SectionPart part, Spot anchor) {
    Stream<String> signs = notesOf(part).map(SectionNote::sign).distinct().map(s -> s.at(anchor));
    Stream<String> seats =
        notesOf(part)
            .map(SectionNote::seat)
            .filter(java.util.Objects::nonNull)
            .map(s -> s.at(part.shapes(), scale));
    return Stream.concat(signs, seats).filter(s -> !s.isEmpty()).collect(Collectors.joining(" "));
  }

  private String label(SectionPart part) {
    String state = states.of(part.part()).title();
    return part.number() + ", " + part.name() + (state.isEmpty() ? "" : ", " + state);
  }

  /** Results stand in the quiet half under the dimensions, or under the drawing if too wide. */
  private List<ResultView> resultViews() {
    List<ResultView> views = new ArrayList<>();
    double middle = fitsInside() ? (quietFrom() + quietTo()) / 2 : format.width() / 2;
    for (int i = 0; i < notes.size(); i++) {
      double half = widthOf(text(i)) / 2 + 6;
      boolean arrows = hasArrows(i) && 2 * (half + ARROW) < format.width();
      views.add(
          new ResultView(
              middle,
              resultsFrom() + i * LINE,
              text(i),
              flags(notes.get(i), middle - half - (arrows ? ARROW + 8 : 0)),
              notes.get(i).href(),
              arrows,
              middle - half,
              middle + half));
    }
    return views;
  }

  /** Results are written bold, and so a little wider than dimensions. */
  private static double widthOf(String text) {
    return BOLD * DimensionChain.widthOf(text);
  }

  /** A movement along the axis has arrows both ways; no other figure has. */
  private boolean hasArrows(int note) {
    return note == 0 && notes.get(note).sign() == Sign.ALONG;
  }

  private String text(int note) {
    return notes.get(note).text().text(format.inch());
  }

  /** The balloons' numbers of the parts that a note is about, before its line. */
  private List<FlagView> flags(SectionNote note, double before) {
    List<FlagView> flags = new ArrayList<>();
    List<SectionPart> about =
        section.parts().stream().filter(p -> note.parts().contains(p.part().id())).toList();
    for (int i = 0; i < about.size(); i++) {
      double x = before - FLAG - (about.size() - 1 - i) * LINE;
      flags.add(new FlagView(x, about.get(i).number()));
    }
    return flags;
  }

  private boolean fitsInside() {
    double room = quietTo() - quietFrom();
    for (int i = 0; i < notes.size(); i++) {
      double arrows = hasArrows(i) ? 2 * ARROW : 0;
      if (widthOf(text(i)) + 12 + arrows > room) {
        return false;
      }
    }
    return true;
  }

  private double resultsFrom() {
    double lowest =
        dimensions.stream()
            .filter(d -> !d.upright())
            .mapToDouble(DimensionView::textY)
            .max()
            .orElse(axisY() + DIMENSION_DROP);
    double under = lowest + LINE * 1.5;
    double last = under + LINE * (notes.size() - 1);
    boolean inside = fitsInside() && last < scale.y(lowerEnd) - 8;
    return inside ? under : Math.max(under, scale.y(lowerEnd) + LINE);
  }

  private double quietFrom() {
    return scale.x(widest().leastX());
  }

  private double quietTo() {
    return scale.x(widest().mostX());
  }

  /** The widest silhouette of the lower half, in which there is room to write. */
  private Shape widest() {
    return section.parts().stream()
        .flatMap(p -> p.shapes().stream())
        .filter(s -> s.look() == Shape.Look.OUTSIDE)
        .max(Comparator.comparingDouble(s -> s.mostX() - s.leastX()))
        .orElseGet(() -> section.parts().get(0).shapes().get(0));
  }
}
