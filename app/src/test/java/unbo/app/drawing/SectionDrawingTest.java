package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.app.drawing.SectionDrawing.DimensionView;
import unbo.app.drawing.SectionDrawing.Format;
import unbo.app.drawing.SectionDrawing.PartView;
import unbo.core.arrangement.HubDimension;
import unbo.core.arrangement.HubPart;
import unbo.core.arrangement.Section;
import unbo.core.arrangement.SectionPart;
import unbo.core.arrangement.TaperHub;
import unbo.core.arrangement.TaperHubSection;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.setting.SpindleThread;

class SectionDrawingTest {

  private static final SpindleThread THREAD = new SpindleThread(18, 1.5, "M18×1.5");
  private static final List<String> RESULTS =
      List.of("end play 0.310 → 0.060 ± 0.015 mm", "rock 1.9 → 0.35 mm");

  static List<Format> formats() {
    return List.of(Format.BENCH, Format.PHONE, Format.PAPER);
  }

  private static Bearing bearing(String designation) {
    return Catalogue.standard().find(designation).orElseThrow();
  }

  private static SectionDrawing draw(TaperHub hub, Format format) {
    return SectionDrawing.of(TaperHubSection.of(hub), format, HubPart.NUT, new AsFound(), RESULTS);
  }

  private record AsFound() implements SectionDrawing.PartStates {
    @Override
    public String titleOf(HubPart part) {
      return "as found";
    }

    @Override
    public String letterOf(HubPart part) {
      return "F";
    }

    @Override
    public boolean isAssumed(SectionPart part) {
      return part.assumed();
    }
  }

  /**
   * Over all bores in all formats: no balloon on another, no leader over another, nothing outside.
   */
  @ParameterizedTest
  @MethodSource("formats")
  void labelsKeepOffEachOther(Format format) {
    List<Bearing> tapers = Catalogue.standard().of(Family.TAPERED_ROLLER);
    for (int i = 0; i < tapers.size(); i++) {
      for (double shoulders : new double[] {12, 34, 110}) {
        Bearing outboard = tapers.get(Math.max(0, i - 2));
        TaperHub hub =
            new TaperHub(
                tapers.get(i), outboard, THREAD, Map.of(HubDimension.SHOULDER_DISTANCE, shoulders));
        SectionDrawing drawing = draw(hub, format);
        String which = hub.inboard().designation() + "/" + outboard.designation() + " " + shoulders;
        assertBalloons(drawing, format, which);
        assertTexts(drawing, which);
      }
    }
  }

  private static void assertBalloons(SectionDrawing drawing, Format format, String which) {
    List<PartView> parts = drawing.parts();
    for (int a = 0; a < parts.size(); a++) {
      Spot balloon = parts.get(a).balloon();
      double r = format.balloonRadius();
      assertThat(balloon.x()).as(which).isBetween(r, drawing.width() - r);
      assertThat(balloon.y()).as(which).isBetween(r, drawing.axisY());
      for (int b = a + 1; b < parts.size(); b++) {
        assertThat(balloon.distance(parts.get(b).balloon()))
            .as(which + " balloons " + (a + 1) + " and " + (b + 1))
            .isGreaterThan(2 * r);
        assertThat(
                Spot.cross(
                    parts.get(a).anchor(), balloon, parts.get(b).anchor(), parts.get(b).balloon()))
            .as(which + " leaders " + (a + 1) + " and " + (b + 1))
            .isFalse();
      }
    }
  }

  private static void assertTexts(SectionDrawing drawing, String which) {
    List<DimensionView> lengths = drawing.dimensions().stream().filter(d -> !d.upright()).toList();
    for (int a = 0; a < lengths.size(); a++) {
      for (int b = a + 1; b < lengths.size(); b++) {
        boolean sameLine = Math.abs(lengths.get(a).textY() - lengths.get(b).textY()) < 16;
        double apart = Math.abs(lengths.get(a).textX() - lengths.get(b).textX());
        assertThat(
                !sameLine || apart >= (lengths.get(a).textWidth() + lengths.get(b).textWidth()) / 2)
            .as(which + ": " + lengths.get(a).text() + " and " + lengths.get(b).text())
            .isTrue();
      }
    }
    drawing
        .results()
        .forEach(
            r -> {
              assertThat(r.y()).as(which).isLessThan(drawing.height());
              assertThat(lengths).as(which).allMatch(d -> Math.abs(d.textY() - r.y()) >= 15);
            });
  }

  @Test
  void theDrawingIsToScale() {
    TaperHub hub =
        new TaperHub(
            bearing("30206"),
            bearing("30204"),
            THREAD,
            Map.of(HubDimension.SHOULDER_DISTANCE, 34.0));
    Section section = TaperHubSection.of(hub);
    SectionDrawing drawing = draw(hub, Format.BENCH);
    assertThat(drawing.scaleBar()).isCloseTo(10 * drawing.unitsPerMm(), within(1e-9));
    double spot = drawing.parts().get(8).anchor().x() - drawing.parts().get(0).anchor().x();
    double real = section.parts().get(8).anchor().x() - section.parts().get(0).anchor().x();
    assertThat(spot / real).isCloseTo(drawing.unitsPerMm(), within(1e-6));
  }

  @Test
  void whatIsSelectedAndWhatIsAssumedIsSaid() {
    SectionDrawing drawing =
        draw(new TaperHub(bearing("30206"), bearing("30204"), THREAD, Map.of()), Format.BENCH);
    assertThat(drawing.parts())
        .filteredOn(PartView::selected)
        .extracting(PartView::part)
        .containsExactly(HubPart.NUT);
    assertThat(drawing.anyAssumed()).isTrue();
    assertThat(drawing.parts()).extracting(PartView::letter).containsOnly("F");
    assertThat(drawing.parts().get(8).label()).isEqualTo("9, castle nut, as found");
  }

  @Test
  void anotherBearingGivesAnotherDrawing() {
    SectionDrawing one =
        draw(new TaperHub(bearing("30206"), bearing("30204"), THREAD, Map.of()), Format.BENCH);
    SectionDrawing other =
        draw(new TaperHub(bearing("32206"), bearing("30204"), THREAD, Map.of()), Format.BENCH);
    assertThat(one.parts().get(2).outlines()).isNotEqualTo(other.parts().get(2).outlines());
    assertThat(other.dimensions().get(0).text()).isEqualTo("21.25");
  }
}
