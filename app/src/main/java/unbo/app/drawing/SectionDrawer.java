package unbo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import unbo.app.drawing.SectionDrawing.DimensionView;
import unbo.app.drawing.SectionDrawing.Format;
import unbo.app.drawing.SectionDrawing.PartStates;
import unbo.app.drawing.SectionDrawing.PartView;
import unbo.app.drawing.SectionDrawing.ResultView;
import unbo.core.arrangement.HubPart;
import unbo.core.arrangement.Section;
import unbo.core.arrangement.SectionPart;

/**
 * Lays a section out: scale first, then balloons, then dimensions and results in the lower half.
 */
final class SectionDrawer {

  private static final double DIMENSION_DROP = 34;
  private static final double LINE = 24;

  private final Section section;
  private final Format format;
  private final HubPart selected;
  private final PartStates states;
  private final List<String> resultTexts;
  private final BalloonPlacer placer;
  private final Scale scale;

  SectionDrawer(
      Section section, Format format, HubPart selected, PartStates states, List<String> results) {
    this.section = section;
    this.format = format;
    this.selected = selected;
    this.states = states;
    this.resultTexts = results;
    this.placer = new BalloonPlacer(format.balloonRadius(), format.spacing());
    this.scale = scale();
  }

  SectionDrawing draw() {
    List<DimensionView> dimensions =
        new DimensionChain(section, scale, axisY() + DIMENSION_DROP).views();
    return new SectionDrawing(
        format.width(),
        height(),
        scale.unitsPerMm(),
        axisY(),
        scale.x(section.leastX()) - 14,
        scale.x(section.mostX()) + 14,
        parts(),
        section.contactLines().stream()
            .map(l -> "M" + scale.at(l.element()).pair() + " L" + scale.at(l.centre()).pair())
            .toList(),
        dimensions,
        results(),
        section.parts().stream().anyMatch(states::isAssumed));
  }

  private Scale scale() {
    double reach = placer.reach();
    double byWidth = (format.width() - 2 * reach) / (section.mostX() - section.leastX());
    double byHeight = (format.mostHeight() - reach) / (section.mostR() - section.leastR());
    double unitsPerMm = Math.min(byWidth, byHeight);
    double slack = format.width() - 2 * reach - unitsPerMm * (section.mostX() - section.leastX());
    return new Scale(
        unitsPerMm,
        reach + slack / 2 - section.leastX() * unitsPerMm,
        reach + 4 + section.mostR() * unitsPerMm);
  }

  private double axisY() {
    return scale.axisY();
  }

  private double height() {
    double written = axisY() + DIMENSION_DROP + LINE * (2 + resultTexts.size());
    return Math.max(scale.y(section.leastR()) + 12, written);
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
        part.number() + ", " + part.name() + ", " + states.titleOf(part.part()),
        states.letterOf(part.part()),
        part.part() == selected,
        states.isAssumed(part),
        part.shapes().stream().map(s -> SectionDrawing.outline(s, scale)).toList(),
        anchor,
        balloon,
        edge);
  }

  /** Results stand in the quiet half, under the dimensions. */
  private List<ResultView> results() {
    List<ResultView> views = new ArrayList<>();
    double middle = (scale.x(section.leastX()) + scale.x(chainEnd())) / 2;
    double y = axisY() + DIMENSION_DROP + LINE * 2;
    for (int i = 0; i < resultTexts.size(); i++) {
      double half = DimensionChain.widthOf(resultTexts.get(i)) / 2 + 6;
      views.add(
          new ResultView(
              middle, y + i * LINE, resultTexts.get(i), i == 0, middle - half, middle + half));
    }
    return views;
  }

  /** The outboard end of the written lengths: results stand between there and the inboard end. */
  private double chainEnd() {
    return section.dimensions().stream()
        .filter(d -> !d.diameter())
        .mapToDouble(Section.Dimension::to)
        .max()
        .orElse(section.mostX());
  }
}
