package unbo.core.tolerance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
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
    "INCH_TAPER,OUTSIDE,4,59.131,0,25"
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
    "cylindrical-roller,C3,50,50,80"
  })
  void clearances(String kind, String group, double bore, double least, double most) {
    Clearance found = InternalClearances.of(kind, group, bore).orElseThrow();
    assertThat(found.minUm()).isEqualTo(least);
    assertThat(found.maxUm()).isEqualTo(most);
  }

  /** Law: a looser group starts higher and ends higher, at every bore. */
  @Test
  void groupsGrow() {
    for (String kind : InternalClearances.kinds()) {
      for (double bore = 6.5; bore <= 200; bore += 0.5) {
        Clearance before = null;
        for (String group : InternalClearances.GROUPS) {
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

  /** Law: within a group, a greater bore is never tighter at its most. */
  @Test
  void clearanceGrowsWithTheBore() {
    for (String kind : InternalClearances.kinds()) {
      for (String group : InternalClearances.GROUPS) {
        double most = 0;
        for (double bore = 10.5; bore <= 200; bore += 0.5) {
          double now = InternalClearances.of(kind, group, bore).orElseThrow().maxUm();
          assertThat(now).as(kind + group + bore).isGreaterThanOrEqualTo(most);
          most = now;
        }
      }
    }
  }

  /** Law: a finer class never allows more, and what is greater never less. */
  @Test
  void finerClassesAllowLess() {
    for (RingKind kind : RingKind.values()) {
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
      assertThat(card.bore()).as(bearing.designation()).isPresent();
      assertThat(card.outside()).as(bearing.designation()).isPresent();
    }
    Bearing ball = Catalogue.standard().find("6205").orElseThrow();
    assertThat(ToleranceCard.usual(ball).groups()).containsOnlyKeys("C2", "CN", "C3", "C4", "C5");
    assertThat(ToleranceCard.of(ball, "P9").bore()).isEmpty();
  }
}
