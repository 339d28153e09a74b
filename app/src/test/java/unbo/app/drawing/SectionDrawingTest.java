package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.app.drawing.SectionDrawing.DimensionView;
import unbo.app.drawing.SectionDrawing.FlagView;
import unbo.app.drawing.SectionDrawing.Format;
import unbo.app.drawing.SectionDrawing.PartView;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.PartTemplate;
import unbo.core.arrangement.SizeTemplate;
import unbo.core.arrangement.TurningGroups;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.measure.Measured;
import unbo.core.section.Section;
import unbo.core.section.SectionBuilder;

@Execution(ExecutionMode.CONCURRENT)
class SectionDrawingTest {

  private static final Arrangement A1 = Arrangements.of("a1");
  private static final List<SectionNote> RESULTS =
      List.of(
          new SectionNote(
              List.of("nut"),
              NoteText.of("end play ")
                  .fine(0.31)
                  .words(" → ")
                  .measured(new Measured(0.06, 0.015))
                  .unit(),
              Sign.ALONG,
              "/jobs/1?at=set"),
          new SectionNote(
              List.of("hub"),
              NoteText.of("rock ").size(1.9).words(" → ").size(0.35).unit(),
              Sign.TILT,
              ""));

  private static final PartStates AS_FOUND =
      new PartStates(new PartStates.Word("as found", "F"), Map.of());

  static List<Arguments> everything() {
    List<Arguments> all = new ArrayList<>();
    for (Arrangement arrangement : Arrangements.standard().all()) {
      for (Format format : List.of(Format.BENCH, Format.PHONE, Format.PAPER)) {
        all.add(Arguments.of(arrangement, format));
      }
    }
    return all;
  }

  private static Bearing bearing(String designation) {
    return Catalogue.standard().find(designation).orElseThrow();
  }

  private static SectionDrawing draw(Assembly assembly, Format format) {
    PartTemplate marked = assembly.arrangement().parts().get(0);
    if (assembly.arrangement() == A1) {
      marked = A1.part("nut").orElseThrow();
    }
    return SectionDrawing.of(SectionBuilder.of(assembly), format, marked, AS_FOUND, RESULTS);
  }

  /**
   * Every arrangement in every format over bearings from half to twice the usual bore and seeded
   * mixtures of sizes: no balloon on another, no leader over another, no text on text, nothing
   * outside the sheet, no contact line over another.
   */
  @ParameterizedTest
  @MethodSource("everything")
  void labelsKeepOffEachOther(Arrangement arrangement, Format format) {
    assemblies(arrangement)
        .forEach(
            assembly -> {
              SectionDrawing drawing = draw(assembly, format);
              String which = arrangement.id() + " " + assembly.measured();
              assertBalloons(drawing, format, which);
              assertTexts(drawing, which);
              assertScaleBar(drawing, SectionBuilder.of(assembly), which);
            });
  }

  private static Stream<Assembly> assemblies(Arrangement arrangement) {
    Random random = new Random(7);
    List<Assembly> all = new ArrayList<>();
    all.add(Assembly.assumed(arrangement));
    for (int i = 0; i < 25; i++) {
      Assembly mixed = bearings(Assembly.assumed(arrangement), random);
      for (SizeTemplate size : arrangement.sizes()) {
        if (random.nextInt(5) == 0) {
          double value = mixed.value(size) * (0.8 + 0.4 * random.nextDouble());
          mixed = mixed.with(size, Math.max(size.least(), Math.min(size.most(), value)));
        }
      }
      all.add(mixed);
    }
    return all.stream();
  }

  private static Assembly bearings(Assembly assembly, Random random) {
    Assembly changed = assembly;
    for (BearingPlace place : assembly.arrangement().namedPlaces()) {
      double usual = assembly.bearing(place.id()).boreMm();
      List<Bearing> near =
          place.kinds().stream()
              .flatMap(k -> Catalogue.standard().of(k.family().orElseThrow()).stream())
              .filter(b -> b.boreMm() >= 0.5 * usual && b.boreMm() <= 2 * usual)
              .toList();
      changed = changed.with(place.id(), near.get(random.nextInt(near.size())));
    }
    return changed;
  }

  private static void assertBalloons(SectionDrawing drawing, Format format, String which) {
    List<PartView> parts = drawing.parts();
    for (int a = 0; a < parts.size(); a++) {
      Spot balloon = parts.get(a).balloon();
      double r = format.balloonRadius();
      assertThat(balloon.x()).as(which).isBetween(r + 6, drawing.width() - r - 6);
      assertThat(balloon.y()).as(which).isBetween(r + 6, drawing.axisY());
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

  /** Every sign stands at the part of its line, on the sheet, and touches no balloon. */
  @ParameterizedTest
  @MethodSource("everything")
  void aSignStandsAtItsPart(Arrangement arrangement, Format format) {
    PartTemplate turning = TurningGroups.turningPart(arrangement);
    for (Sign sign : EnumSet.complementOf(EnumSet.of(Sign.NONE))) {
      SectionNote note =
          new SectionNote(List.of(turning.id()), NoteText.of("rock 0.3 mm"), sign, "");
      SectionDrawing drawing =
          SectionDrawing.of(
              SectionBuilder.of(Assembly.assumed(arrangement)),
              format,
              null,
              AS_FOUND,
              List.of(note));
      PartView at =
          drawing.parts().stream().filter(p -> p.part() == turning).findFirst().orElseThrow();
      assertThat(at.sign()).startsWith("M" + at.anchor().pair() + " m");
      assertThat(at.anchor().x()).isBetween(Sign.REACH, drawing.width() - Sign.REACH);
      assertThat(at.anchor().y()).isBetween(Sign.REACH, drawing.height() - Sign.REACH);
      assertThat(drawing.parts())
          .filteredOn(p -> p != at)
          .extracting(PartView::sign)
          .containsOnly("");
      assertThat(drawing.parts())
          .as(arrangement.id())
          .allMatch(p -> p.balloon().distance(at.anchor()) > Sign.REACH + format.balloonRadius());
    }
  }

  /** A gap is two lines, an overlap a hatched band; both lie on the ring and stay thin. */
  @Test
  void aFitIsDrawnAtItsSeat() {
    String part = A1.partsOf(A1.namedPlaces().get(0).id()).get(0).id();
    assertThat(seat(part, new SeatSign(true, -30)).split("M")).hasSize(3);
    assertThat(seat(part, new SeatSign(true, 30)).split("M").length).isGreaterThan(3);
    assertThat(seat(part, new SeatSign(true, 30)))
        .isNotEqualTo(seat(part, new SeatSign(false, 30)));
    assertThat(seat(part, new SeatSign(true, 900))).isEqualTo(seat(part, new SeatSign(true, 400)));
  }

  private static String seat(String part, SeatSign sign) {
    SectionNote note =
        new SectionNote(List.of(part), NoteText.of("fit"), Sign.NONE, "").fitted(sign);
    return SectionDrawing.of(
            SectionBuilder.of(Assembly.assumed(A1)), Format.BENCH, null, AS_FOUND, List.of(note))
        .parts()
        .stream()
        .filter(p -> p.part().id().equals(part))
        .findFirst()
        .orElseThrow()
        .sign();
  }

  @Test
  void aLineAboutSeveralPartsNamesThemInOrder() {
    SectionNote grease =
        new SectionNote(
            List.of("inboard-cone", "outboard-cone"), NoteText.of("grease 4 + 3 g"), Sign.NONE, "");
    SectionDrawing drawing =
        SectionDrawing.of(
            SectionBuilder.of(Assembly.assumed(A1)), Format.BENCH, null, AS_FOUND, List.of(grease));
    List<FlagView> flags = drawing.results().get(0).flags();
    assertThat(flags).extracting(FlagView::number).containsExactly(3, 7);
    assertThat(flags.get(0).x()).isLessThan(flags.get(1).x() - 18);
    assertThat(flags.get(1).x()).isLessThan(drawing.results().get(0).arrowFrom() - 9);
    assertThat(drawing.parts())
        .filteredOn(PartView::noted)
        .extracting(PartView::number)
        .containsExactly(3, 7);
  }

  /**
   * The scale bar, with its text in inches, stands on nothing: no part, no dimension, no result.
   */
  private static void assertScaleBar(SectionDrawing drawing, Section section, String which) {
    double left =
        drawing.width() - 18 - Math.max(drawing.scaleBar(), 8 * DimensionChain.widthOf("0"));
    double top = drawing.height() - 12 - 8 - 11;
    assertThat(drawing.dimensions())
        .as(which)
        .allMatch(d -> d.textY() + 5 <= drawing.height())
        .noneMatch(d -> d.textX() + d.textWidth() / 2 > left && d.textY() + 5 > top);
    assertThat(drawing.results()).as(which).noneMatch(r -> r.arrowTo() > left && r.y() + 5 > top);
    double unit = drawing.unitsPerMm();
    double middle =
        drawing.parts().get(0).anchor().x() - unit * section.parts().get(0).anchor().x();
    boolean brokenOff = !drawing.breakLine().isEmpty();
    for (var part : section.parts()) {
      for (var shape : part.shapes()) {
        double lowest = drawing.axisY() - unit * shape.leastR();
        boolean under = lowest > top && !brokenOff;
        assertThat(middle + unit * shape.mostX() > left && under)
            .as(which + ": the scale bar on " + part.name())
            .isFalse();
      }
    }
  }

  @Test
  void theDrawingIsToScale() {
    Assembly hub = Assembly.assumed(A1);
    Section section = SectionBuilder.of(hub);
    SectionDrawing drawing = draw(hub, Format.BENCH);
    assertThat(drawing.scaleBar()).isCloseTo(10 * drawing.unitsPerMm(), within(1e-9));
    double spot = drawing.parts().get(8).anchor().x() - drawing.parts().get(0).anchor().x();
    double real = section.parts().get(8).anchor().x() - section.parts().get(0).anchor().x();
    assertThat(spot / real).isCloseTo(drawing.unitsPerMm(), within(1e-6));
  }

  @Test
  void whatIsSelectedAndWhatIsAssumedIsSaid() {
    SectionDrawing drawing = draw(Assembly.assumed(A1), Format.BENCH);
    assertThat(drawing.parts())
        .filteredOn(PartView::selected)
        .extracting(p -> p.part().id())
        .containsExactly("nut");
    assertThat(drawing.anyAssumed()).isTrue();
    assertThat(drawing.parts()).extracting(PartView::letter).containsOnly("F");
    assertThat(drawing.parts().get(8).label()).isEqualTo("9, castle nut, as found");
  }

  @Test
  void anotherBearingGivesAnotherDrawing() {
    SectionDrawing one = draw(Assembly.assumed(A1), Format.BENCH);
    SectionDrawing other =
        draw(Assembly.assumed(A1).with("inboard", bearing("32206")), Format.BENCH);
    assertThat(one.parts().get(2).outlines()).isNotEqualTo(other.parts().get(2).outlines());
    assertThat(other.dimensions())
        .as("the width of the inboard bearing")
        .anyMatch(d -> !d.upright() && d.text().equals("21.25"));
  }

  /** A hatch line never leaves the surface that it fills. */
  @Test
  void hatchesStayInside() {
    Section section = SectionBuilder.of(Assembly.assumed(A1));
    SectionDrawing drawing = draw(Assembly.assumed(A1), Format.BENCH);
    assertThat(drawing.parts().get(4).outlines().get(0).hatch()).startsWith("M");
    assertThat(drawing.parts().get(0).outlines().get(0).hatch()).isEmpty();
    assertThat(section.parts()).hasSameSizeAs(drawing.parts());
    assertThat(Map.of("ring", 2, "casting", 4).values())
        .allSatisfy(i -> assertThat(drawing.parts().get(i).outlines().get(0).hatch()).isNotEmpty());
  }

  /** The line of a diameter ends where a surface of that diameter begins, not at another one. */
  @ParameterizedTest
  @MethodSource("arrangements")
  void aDiameterLeadsToItsSurface(Arrangement arrangement) {
    Section section = SectionBuilder.of(Assembly.assumed(arrangement));
    List<Section.Dimension> diameters =
        section.dimensions().stream().filter(Section.Dimension::diameter).toList();
    for (Section.Dimension dimension : diameters) {
      if (dimension.surfaceFrom().isEmpty()) {
        assertThat(arrangement.id()).as("only the root of a groove is no surface").isEqualTo("a15");
        continue;
      }
      double from = dimension.surfaceFrom().getAsDouble();
      assertThat(section.parts().stream().flatMap(p -> p.shapes().stream()))
          .as(arrangement.id() + " Ø" + dimension.value())
          .anySatisfy(
              shape ->
                  assertThat(shape.outline())
                      .filteredOn(c -> Math.abs(c.r() - dimension.value() / 2) < 1e-6)
                      .hasSizeGreaterThan(1)
                      .anyMatch(c -> c.x() == from));
    }
    DimensionView drawn = draw(Assembly.assumed(arrangement), Format.BENCH).dimensions().get(0);
    assertThat(drawn.upright()).isEqualTo(!diameters.isEmpty());
  }

  static List<Arrangement> arrangements() {
    return Arrangements.standard().all();
  }
}
