package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import unbo.app.drawing.BearingDrawing.Format;
import unbo.app.drawing.BearingDrawing.Label;
import unbo.app.drawing.BearingDrawing.Measure;
import unbo.app.drawing.BearingDrawing.Subject;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.section.BearingPortrait;

class BearingDrawingTest {

  private static Subject subject(Bearing bearing) {
    return new Subject(bearing.designation(), BearingPortrait.of(bearing));
  }

  private static Subject subject(String designation) {
    return subject(Catalogue.standard().find(designation).orElseThrow());
  }

  /**
   * Law: for every bearing, whole and close, at the bench and on a phone: all of it on the sheet.
   */
  @Test
  void everyBearingIsDrawnWithoutOverlap() {
    for (Bearing b : Catalogue.standard().all()) {
      for (boolean close : new boolean[] {false, true}) {
        for (Format format : List.of(Format.bench(false), Format.phone(true))) {
          check(BearingDrawing.of(List.of(subject(b)), close, format), b.designation());
        }
      }
    }
  }

  @Test
  void threeOverEachOtherStandOnOneSheet() {
    List<Bearing> all = Catalogue.standard().all();
    for (int i = 0; i + 600 < all.size(); i += 41) {
      List<Subject> three =
          List.of(subject(all.get(i)), subject(all.get(i + 300)), subject(all.get(i + 600)));
      BearingDrawing drawing = BearingDrawing.of(three, false, Format.bench(false));
      assertThat(drawing.layers()).hasSize(3);
      check(drawing, three.toString());
    }
  }

  private static void check(BearingDrawing drawing, String name) {
    for (Label label : drawing.labels()) {
      double end = label.from().x() + 4 + label.text().length() * 8.4;
      assertThat(end).as(name + " " + label.text()).isLessThanOrEqualTo(drawing.width());
      assertThat(label.y()).as(name).isBetween(0.0, drawing.height());
    }
    for (int i = 1; i < drawing.labels().size(); i++) {
      Label above = drawing.labels().get(i - 1);
      Label below = drawing.labels().get(i);
      assertThat(below.y() - above.y()).as(name).isGreaterThan(15);
      assertThat(Spot.cross(above.from(), above.to(), below.from(), below.to()))
          .as(name + ": leaders of " + above.text() + " and " + below.text())
          .isFalse();
    }
    List<Measure> measures = new ArrayList<>(drawing.measures());
    for (Measure m : measures) {
      assertThat(m.textX()).as(name + " " + m.text()).isBetween(0.0, drawing.width());
      for (Measure other : measures) {
        if (m != other && m.upright() == other.upright()) {
          double apart = Math.hypot(m.textX() - other.textX(), m.textY() - other.textY());
          assertThat(apart).as(name + ": " + m.text() + " on " + other.text()).isGreaterThan(13);
        }
      }
    }
  }

  @Test
  void oneSizeIsWrittenOnce() {
    BearingDrawing same =
        BearingDrawing.of(List.of(subject("6205"), subject("NU205")), false, Format.bench(false));
    assertThat(same.measures()).extracting(Measure::text).containsExactly("Ø25", "Ø52", "15");
    assertThat(same.layers().get(1).differences()).isEqualTo("the same envelope");
    BearingDrawing other =
        BearingDrawing.of(List.of(subject("6205"), subject("6305")), false, Format.bench(false));
    assertThat(other.measures())
        .extracting(Measure::text)
        .containsExactly("Ø25", "A Ø52", "B Ø62", "A 15", "B 17");
    assertThat(other.layers().get(1).differences()).isEqualTo("outside +10 mm, width +2 mm");
  }

  /** What may have another bore has not the same envelope, whatever is drawn. */
  @Test
  void aBoreInDoubtIsSaidBesideTheDrawing() {
    Subject doubtful = new Subject("6205-16", subject("6205").portrait(), true);
    for (List<Subject> both :
        List.of(List.of(subject("6205"), doubtful), List.of(doubtful, subject("6205")))) {
      assertThat(BearingDrawing.of(both, false, Format.bench(false)).layers().get(1).differences())
          .isEqualTo("bore in doubt");
    }
  }

  /** To scale: twice the bore is drawn twice as far from the axis. */
  @Test
  void itIsToScale() {
    BearingDrawing drawing =
        BearingDrawing.of(List.of(subject("6210")), false, Format.bench(false));
    BearingDrawing close = BearingDrawing.of(List.of(subject("6210")), true, Format.bench(false));
    assertThat(close.unitsPerMm()).isGreaterThan(drawing.unitsPerMm());
    assertThat(drawing.scaleBar()).isEqualTo(10 * drawing.unitsPerMm());
  }
}
