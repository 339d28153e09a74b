package unbo.core.tolerance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.tolerance.InternalClearances.Clearance;
import unbo.core.tolerance.RingTolerances.Dimension;

class ToleranceTablesTest {

  /** Values of ISO 492 and ABMA 19.2 as printed in general catalogues. */
  @ParameterizedTest
  @CsvSource({
    "RADIAL,BORE,Normal,25,-10,0",
    "RADIAL,BORE,Normal,30,-10,0",
    "RADIAL,BORE,Normal,30.01,-12,0",
    "RADIAL,BORE,P6,25,-8,0",
    "RADIAL,BORE,P5,25,-6,0",
    "RADIAL,BORE,P2,25,-2.5,0",
    "RADIAL,OUTSIDE,Normal,52,-13,0",
    "RADIAL,OUTSIDE,P6,52,-11,0",
    "RADIAL,WIDTH,Normal,25,-120,0",
    "METRIC_TAPER,BORE,Normal,30,-12,0",
    "METRIC_TAPER,OUTSIDE,Normal,62,-16,0",
    "METRIC_TAPER,WIDTH,Normal,30,0,200",
    "INCH_TAPER,BORE,4,31.75,0,13",
    "INCH_TAPER,BORE,00,31.75,0,8",
    "INCH_TAPER,OUTSIDE,4,59.131,0,25",
    "THRUST,BORE,Normal,25,-10,0",
    "THRUST,OUTSIDE,Normal,42,-16,0",
    "THRUST,WIDTH,Normal,25,-250,20",
    "DRAWN_CUP,BORE,Normal,16,16,27",
    "DRAWN_CUP,BORE,Normal,25,20,33"
  })
  void ringLimits(
      RingKind kind, Dimension dimension, String cls, double size, double lower, double upper) {
    Limits limits = RingTolerances.of(kind, dimension, cls, size).orElseThrow();
    assertThat(limits.lowerUm()).isEqualTo(lower);
    assertThat(limits.upperUm()).isEqualTo(upper);
    assertThat(limits.leastMm(size)).isLessThanOrEqualTo(limits.mostMm(size));
  }

  /** Values of ISO 5753-1 as printed in general catalogues. */
  @ParameterizedTest
  @CsvSource({
    "deep-groove-ball,CN,25,5,20",
    "deep-groove-ball,C3,25,13,28",
    "deep-groove-ball,C3,24,13,28",
    "deep-groove-ball,C3,10,8,23",
    "deep-groove-ball,C3,10.5,11,25",
    "deep-groove-ball,C4,50,30,51",
    "cylindrical-roller,CN,25,20,45",
    "cylindrical-roller,C3,50,50,80",
    "self-aligning-ball,CN,25,11,24",
    "self-aligning-ball,C3,40,23,40",
    "four-point-ball,CN,25,65,110",
    "four-point-ball,C3,50,110,165",
    "two-row-angular-ball,CN,25,8,27",
    "two-row-angular-ball,C3,40,21,40"
  })
  void clearances(String kind, String group, double bore, double least, double most) {
    Clearance found = InternalClearances.of(kind, group, bore).orElseThrow();
    assertThat(found.minUm()).isEqualTo(least);
    assertThat(found.maxUm()).isEqualTo(most);
  }

  private static final List<String> WHOLE =
      InternalClearances.GROUPS.stream().filter(g -> !g.equals("CM")).toList();

  /**
   * Law: the clearance for electric motors is a narrow part of normal, at every bore that it has.
   */
  @Test
  void motorClearanceLiesWithinNormal() {
    for (double bore = 10.5; bore <= 120; bore += 0.5) {
      Clearance motor = InternalClearances.of("deep-groove-ball", "CM", bore).orElseThrow();
      Clearance normal = InternalClearances.of("deep-groove-ball", "CN", bore).orElseThrow();
      assertThat(motor.minUm()).as("" + bore).isGreaterThanOrEqualTo(normal.minUm());
      assertThat(motor.maxUm()).as("" + bore).isLessThan(normal.maxUm());
    }
  }

  /** Law: a looser group starts higher and ends higher, at every bore. */
  @Test
  void groupsGrow() {
    for (String kind : InternalClearances.kinds()) {
      for (double bore = 6.5; bore <= 200; bore += 0.5) {
        Clearance before = null;
        for (String group : WHOLE) {
          Optional<Clearance> now = InternalClearances.of(kind, group, bore);
          if (now.isEmpty()) {
            continue;
          }
          if (before != null) {
            assertThat(now.get().minUm()).as(kind + group + bore).isGreaterThan(before.minUm());
            assertThat(now.get().maxUm()).as(kind + group + bore).isGreaterThan(before.maxUm());
          }
          before = now.get();
        }
      }
    }
  }

  /**
   * What is told by another standard, or by nobody, has no limits here; J is metric (ABMA 19.1).
   */
  @ParameterizedTest
  @CsvSource({
    "DAC35720033, NOT_KNOWN",
    "HK1612, DRAWN_CUP",
    "51105, THRUST",
    "AXK2542, NOT_KNOWN",
    "GE20, NOT_KNOWN",
    "JL69349/JL69310, METRIC_TAPER",
    "L44649/L44610, INCH_TAPER",
    "30206, METRIC_TAPER",
    "6205, RADIAL",
    "NU205, RADIAL"
  })
  void everyKindGoesByItsOwnTable(String designation, RingKind kind) {
    assertThat(RingKind.of(Catalogue.standard().find(designation).orElseThrow())).isEqualTo(kind);
  }

  /** Values of ISO 492 as printed in general catalogues: bore 25, outside 52. */
  @ParameterizedTest
  @CsvSource({
    "6205, Normal, 13, 25, test indicator",
    "6205, P6, 8, 13, test indicator",
    "6205, P5, 4, 8, No gauge",
    "6205, P4, 3, 5, No gauge",
    "6210, Normal, 15, 35, dial indicator",
    "6305, Normal, 13, 25, test indicator"
  })
  void ringsRunAsTrueAsTheirClass(
      String number, String cls, double inner, double outer, String check) {
    Bearing bearing = Catalogue.standard().find(number).orElseThrow();
    RunningAccuracy found = RunningAccuracy.of(bearing, cls).orElseThrow();
    assertThat(found).isEqualTo(new RunningAccuracy(inner, outer));
    assertThat(found.check()).contains(check);
    assertThat(found.working(true, cls).result().value()).isEqualTo(inner);
  }

  /** Law: a finer class never runs less true, and a larger ring never truer. */
  @Test
  void finerClassesRunTruer() {
    for (Bearing bearing : Catalogue.standard().of(unbo.core.catalogue.Family.DEEP_GROOVE_BALL)) {
      if (bearing.outerMm() > 250) {
        continue;
      }
      double inner = Double.MAX_VALUE;
      double outer = Double.MAX_VALUE;
      for (String cls : List.of("Normal", "P6", "P5", "P4", "P2")) {
        RunningAccuracy found = RunningAccuracy.of(bearing, cls).orElseThrow();
        assertThat(found.innerUm()).as(bearing.designation() + cls).isLessThanOrEqualTo(inner);
        assertThat(found.outerUm()).as(bearing.designation() + cls).isLessThanOrEqualTo(outer);
        inner = found.innerUm();
        outer = found.outerUm();
      }
    }
    assertThat(RunningAccuracy.of(Catalogue.standard().find("30206").orElseThrow(), "Normal"))
        .isEmpty();
  }

  /** Where a kind's table ends, in millimetres. */
  private static final Map<String, Double> LAST_BORE = Map.of("two-row-angular-ball", 65.0);

  /** Law: within a group, a greater bore is never tighter at its most. */
  @Test
  void clearanceGrowsWithTheBore() {
    for (String kind : InternalClearances.kinds()) {
      for (String group : WHOLE) {
        double most = 0;
        for (double bore = 10.5; bore <= 200; bore += 0.5) {
          Optional<Clearance> row = InternalClearances.of(kind, group, bore);
          if (row.isEmpty()) {
            assertThat(most == 0 || bore > LAST_BORE.getOrDefault(kind, 120.0))
                .as(kind + group)
                .isTrue();
            break;
          }
          double now = row.get().maxUm();
          assertThat(now).as(kind + group + bore).isGreaterThanOrEqualTo(most);
          most = now;
        }
      }
    }
  }

  /** Law: a finer class never allows more, and what is greater never less. */
  @Test
  void finerClassesAllowLess() {
    for (RingKind kind : EnumSet.complementOf(EnumSet.of(RingKind.NOT_KNOWN, RingKind.DRAWN_CUP))) {
      for (Dimension dimension : List.of(Dimension.BORE, Dimension.OUTSIDE)) {
        double coarser = Double.MAX_VALUE;
        for (String cls : RingTolerances.classes(kind)) {
          double width =
              RingTolerances.of(kind, dimension, cls, 45).map(Limits::widthUm).orElse(0.0);
          assertThat(width).as(kind + cls).isPositive().isLessThanOrEqualTo(coarser);
          coarser = width;
          double before = 0;
          for (double size = 19; size <= 180; size++) {
            double at = RingTolerances.of(kind, dimension, cls, size).orElseThrow().widthUm();
            assertThat(at).as(kind + cls + size).isGreaterThanOrEqualTo(before);
            before = at;
          }
        }
      }
    }
  }

  @Test
  void everyBearingHasItsCard() {
    for (Bearing bearing : Catalogue.standard().all()) {
      ToleranceCard card = ToleranceCard.usual(bearing);
      if (card.kind() == RingKind.NOT_KNOWN) {
        assertThat(card.bore()).as(bearing.designation()).isEmpty();
        continue;
      }
      assertThat(card.bore()).as(bearing.designation()).isPresent();
      assertThat(card.outside().isPresent())
          .as(bearing.designation())
          .isEqualTo(card.kind() != RingKind.DRAWN_CUP);
    }
    Bearing ball = Catalogue.standard().find("6205").orElseThrow();
    assertThat(ToleranceCard.usual(ball).groups())
        .containsOnlyKeys("C2", "CM", "CN", "C3", "C4", "C5");
    assertThat(ToleranceCard.of(ball, "P9").bore()).isEmpty();
  }
}
