package unbo.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.designation.DesignationReader;

class BearingPortraitTest {

  private static final DesignationReader READER = DesignationReader.standard();

  private static BearingPortrait portrait(String text) {
    return BearingPortrait.of(READER.read(text).readings().get(0));
  }

  private static List<String> names(BearingPortrait portrait) {
    return portrait.pieces().stream().map(BearingPortrait.Piece::name).toList();
  }

  /** Law: every bearing of the catalogue is drawn inside its own envelope and fills it. */
  @Test
  void everyBearingIsDrawnWithinItsEnvelope() {
    for (Bearing b : Catalogue.standard().all()) {
      BearingPortrait portrait = BearingPortrait.of(b);
      double slack = 0.02 * b.widthMm() + 0.05;
      if (b.family() == Family.TRACK_ROLLER) {
        continue; // Its stud reaches out behind it and is solid.
      }
      for (BearingPortrait.Piece piece : portrait.pieces()) {
        for (Shape shape : piece.shapes()) {
          assertThat(shape.area()).as(b.designation() + " " + piece.name()).isPositive();
          assertThat(shape.leastR())
              .as(b.designation() + " " + piece.name())
              .isGreaterThanOrEqualTo(b.boreMm() / 2 - 1e-9);
          assertThat(shape.mostR())
              .as(b.designation() + " " + piece.name())
              .isLessThanOrEqualTo(b.outerMm() / 2 + 1e-9);
          if (!b.isInch()) {
            assertThat(shape.leastX()).as(b.designation()).isGreaterThanOrEqualTo(-slack);
            assertThat(shape.mostX()).as(b.designation()).isLessThanOrEqualTo(b.widthMm() + slack);
          }
        }
      }
      assertThat(names(portrait)).as(b.designation()).doesNotHaveDuplicates();
    }
  }

  /** Its three washers and two rows part cleanly: left to right, nothing in another. */
  @Test
  void aTwoWayThrustBearingIsDrawnWithThreeWashers() {
    for (Bearing b : Catalogue.standard().of(Family.TWO_WAY_THRUST_BALL)) {
      BearingPortrait portrait = BearingPortrait.of(b);
      assertThat(names(portrait))
          .containsExactly("shaft washer", "balls", "housing washer", "cage");
      Shape shaft = portrait.pieces().get(0).shapes().get(0);
      List<Shape> housing = portrait.pieces().get(2).shapes();
      assertThat(housing.get(0).mostX()).as(b.designation()).isLessThan(shaft.leastX());
      assertThat(housing.get(1).leastX()).as(b.designation()).isGreaterThan(shaft.mostX());
      assertThat(shaft.leastR()).isEqualTo(b.boreMm() / 2);
      assertThat(housing.get(0).leastR()).isGreaterThan(shaft.leastR());
    }
  }

  /** Its inner ring is 1 mm wider than the outer one, which stands in the middle of it. */
  @Test
  void aSealedNeedleBearingIsDrawnWithTheNarrowerOuterRing() {
    BearingPortrait sealed = portrait("NA4902-2RS");
    Shape inner = shapes(sealed, "inner ring").get(0);
    Shape outer = shapes(sealed, "outer ring").get(0);
    assertThat(inner.mostX() - inner.leastX()).isEqualTo(14);
    assertThat(outer.mostX() - outer.leastX()).isEqualTo(13);
    assertThat(outer.leastX() - inner.leastX()).isEqualTo(0.5);
    assertThat(shapes(portrait("NA4902"), "outer ring").get(0).mostX()).isEqualTo(13);
  }

  /** A seal of needles stands in the outer ring, off the needles, and touches what runs in it. */
  @Test
  void theSealsOfNeedlesStandBetweenTheRings() {
    for (String number : List.of("NA4902-2RS", "RNA4902-2RS", "NA6905-2RS", "NKI25/20-2RS")) {
      BearingPortrait sealed = portrait(number);
      Shape outer = shapes(sealed, "outer ring").get(0);
      Shape needles = shapes(sealed, "needles").get(0);
      Shape left = shapes(sealed, "left seal").get(0);
      Shape right = shapes(sealed, "right seal").get(0);
      assertThat(left.leastX()).as(number).isGreaterThan(outer.leastX());
      assertThat(left.mostX()).as(number).isLessThan(needles.leastX());
      assertThat(right.leastX()).as(number).isGreaterThan(needles.mostX());
      assertThat(left.leastR()).as(number).isCloseTo(needles.leastR(), within(1e-9));
      assertThat(left.mostR()).as(number).isCloseTo(outer.leastR(), within(1e-9));
    }
  }

  /** The cage of a thrust bearing lies where no washer is: over and under its balls. */
  @Test
  void theCageOfAThrustBearingMeetsNoWasher() {
    for (String number : List.of("51206", "51110", "52206", "52309")) {
      BearingPortrait portrait = portrait(number);
      List<Shape> balls = shapes(portrait, "balls");
      for (Shape bar : shapes(portrait, "cage")) {
        assertThat(balls)
            .as(number)
            .anyMatch(b -> bar.leastX() > b.leastX() && bar.mostX() < b.mostX())
            .noneMatch(b -> bar.leastR() > b.leastR() && bar.mostR() < b.mostR());
      }
    }
  }

  /** Law: a name points into its own piece and into no element of another. */
  @Test
  void everyNamePointsAtItsOwn() {
    for (Bearing b : Catalogue.standard().all()) {
      List<BearingPortrait.Piece> pieces = BearingPortrait.of(b).pieces();
      for (BearingPortrait.Piece piece : pieces) {
        Point anchor = piece.anchor();
        assertThat(piece.shapes())
            .as(b.designation() + " " + piece.name())
            .anyMatch(s -> isIn(s, anchor));
        assertThat(pieces)
            .as(b.designation() + " " + piece.name())
            .filteredOn(p -> p != piece)
            .flatExtracting(BearingPortrait.Piece::shapes)
            .filteredOn(s -> s.look() == Shape.Look.UNCUT)
            .noneMatch(s -> isIn(s, anchor));
      }
    }
  }

  /** By the number of edges over it. */
  private static boolean isIn(Shape shape, Point at) {
    boolean in = false;
    List<Point> outline = shape.outline();
    for (int i = 0; i < outline.size(); i++) {
      Point one = outline.get(i);
      Point next = outline.get((i + 1) % outline.size());
      if (one.x() > at.x() != next.x() > at.x()) {
        double share = (at.x() - one.x()) / (next.x() - one.x());
        in ^= one.r() + share * (next.r() - one.r()) > at.r();
      }
    }
    return in;
  }

  private static List<Shape> shapes(BearingPortrait portrait, String piece) {
    return portrait.pieces().stream()
        .filter(p -> p.name().equals(piece))
        .flatMap(p -> p.shapes().stream())
        .toList();
  }

  @Test
  void everyEstimateIsPossible() {
    for (Bearing b : Catalogue.standard().all()) {
      BearingPortrait.of(b)
          .inside()
          .ifPresent(
              g -> {
                double chord = g.pitchMm() * Math.sin(Math.PI / g.perRow());
                assertThat(chord)
                    .as(b.designation() + ": elements stand beside each other")
                    .isGreaterThanOrEqualTo(g.elementMm() - 1e-9);
                assertThat(g.elementMm()).isLessThan((b.outerMm() - b.boreMm()) / 2 + 1e-9);
              });
    }
  }

  /** 6205 has nine balls of 7.94 mm in general tables; 6204 eight of the same size. */
  @Test
  void countedBallsAreNotEstimated() {
    InternalGeometry inside = portrait("6205").inside().orElseThrow();
    assertThat(inside.listed()).isTrue();
    assertThat(inside.perRow()).isEqualTo(9);
    assertThat(inside.elementMm()).isEqualTo(7.938);
    assertThat(portrait("6204").inside().orElseThrow().perRow()).isEqualTo(8);
    assertThat(portrait("6205-V").inside().orElseThrow().perRow()).isGreaterThan(12);
  }

  @ParameterizedTest
  @CsvSource({
    "6205-ZZ,left shield,right shield",
    "6205-2RS,left seal,right seal",
    "6205-RS,left seal,",
    "6205,,"
  })
  void closuresAreDrawn(String text, String left, String right) {
    assertThat(
            names(portrait(text)).contains("left seal")
                || names(portrait(text)).contains("left shield"))
        .isEqualTo(left != null);
    if (left != null) {
      assertThat(names(portrait(text))).contains(left);
    }
    if (right != null) {
      assertThat(names(portrait(text))).contains(right);
    }
  }

  /** A contact seal touches the shoulder, a shield leaves a gap. */
  @Test
  void lipsTouchAndShieldsDoNot() {
    double shield = least("6205-ZZ", "left shield");
    double contact = least("6205-2RS", "left seal");
    double gap = least("6205-2RZ", "left seal");
    assertThat(contact).isLessThan(shield);
    assertThat(gap).isGreaterThan(contact);
  }

  private static double least(String text, String piece) {
    return portrait(text).pieces().stream()
        .filter(p -> p.name().equals(piece))
        .flatMap(p -> p.shapes().stream())
        .mapToDouble(Shape::leastR)
        .min()
        .orElseThrow();
  }

  @Test
  void aFullComplementHasNoCage() {
    assertThat(names(portrait("6205-V"))).doesNotContain("cage");
    assertThat(names(portrait("6205"))).contains("cage", "balls", "inner ring", "outer ring");
    assertThat(names(portrait("30206"))).contains("cone", "cup", "rollers");
    assertThat(names(portrait("HK2016"))).doesNotContain("inner ring");
    assertThat(portrait("7205B").contactLines()).hasSize(1);
    assertThat(portrait("7205").contactLines()).as("the angle is not known").isEmpty();
  }

  /** Ribs stand where the letters put them. */
  @Test
  void ribsFollowTheLetters() {
    assertThat(innerTop("NU205")).isLessThan(innerTop("NJ205"));
    assertThat(innerTop("N205")).isEqualTo(innerTop("NUP205"));
  }

  private static double innerTop(String text) {
    return portrait(text).pieces().stream()
        .filter(p -> p.name().equals("inner ring"))
        .flatMap(p -> p.shapes().stream())
        .mapToDouble(Shape::mostR)
        .max()
        .orElseThrow();
  }

  /**
   * Whose balls lean, and how far, is not known from its size: no deep groove ball's 0° is said.
   */
  @Test
  void aFourPointBearingHasNoAngleOfADeepGrooveBall() {
    Bearing four = Catalogue.standard().find("QJ206").orElseThrow();
    assertThat(BearingPortrait.of(four).inside().orElseThrow().contactAngleDeg()).isEmpty();
    assertThat(BearingPortrait.of(four).inside().orElseThrow().listed()).isFalse();
  }
}
