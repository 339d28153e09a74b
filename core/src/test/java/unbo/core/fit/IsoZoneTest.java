package unbo.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import unbo.core.tolerance.Limits;

/** Zones of ISO 286: against limits as they are printed, the rules, and each other. */
class IsoZoneTest {

  private static final double[] ENDS = {3, 6, 10, 18, 30, 50, 80, 120, 180, 250, 315, 400, 500};

  private static Limits at(String zone, double d) {
    return IsoZone.parse(zone).orElseThrow().at(d).orElseThrow();
  }

  /** As ISO 286-2 prints them. */
  @ParameterizedTest
  @CsvSource({
    "k5,25,2,11",
    "k6,25,2,15",
    "m5,25,8,17",
    "m6,25,8,21",
    "n5,25,15,24",
    "n6,25,15,28",
    "p6,25,22,35",
    "r6,25,28,41",
    "s6,25,35,48",
    "t6,25,41,54",
    "u6,25,48,61",
    "x6,25,64,77",
    "j5,25,-4,5",
    "j6,25,-4,9",
    "j7,25,-8,13",
    "h5,25,-9,0",
    "h6,25,-13,0",
    "g6,25,-20,-7",
    "f7,25,-41,-20",
    "e8,25,-73,-40",
    "d9,25,-117,-65",
    "c11,25,-240,-110",
    "a11,25,-430,-300",
    "b11,25,-290,-160",
    "js6,25,-6.5,6.5",
    "h11,25,-130,0",
    "h14,25,-520,0",
    "k8,25,0,33",
    "r6,60,41,60",
    "r6,70,43,62",
    "s6,110,79,101",
    "j6,60,-7,12",
    "k6,100,3,25",
    "m6,130,15,40",
    "H7,52,0,30",
    "H6,62,0,19",
    "H8,62,0,46",
    "N7,52,-39,-9",
    "P7,52,-51,-21",
    "J7,52,-12,18",
    "K7,52,-21,9",
    "M7,52,-30,0",
    "JS7,40,-12.5,12.5",
    "M6,280,-41,-9",
    "M6,260,-41,-9",
    "M6,200,-37,-8",
    "N6,25,-24,-11",
    "P6,25,-31,-18",
    "R7,25,-41,-20",
    "S7,25,-48,-27",
    "T7,25,-54,-33",
    "U7,25,-61,-40",
    "X7,25,-77,-56",
    "K6,25,-11,2",
    "M6,25,-17,-4",
    "K8,25,-23,10",
    "M8,25,-29,4",
    "N8,25,-36,-3",
    "N9,25,-52,0",
    "P9,25,-74,-22",
    "J6,25,-5,8",
    "J8,25,-13,20",
    "G7,25,7,28",
    "F8,25,20,53",
    "E9,25,40,92",
    "D10,25,65,149",
    "C11,25,110,240",
    "K7,2,-10,0",
    "N9,2,-29,-4",
    "H7,3,0,10",
    "H7,3.1,0,12",
    "H7,500,0,63",
    "n6,3,4,10",
    "cd9,8,-92,-56",
    "K9,2,-25,0"
  })
  void asTheStandardPrintsThem(String zone, double d, double lower, double upper) {
    assertThat(at(zone, d).lowerUm()).as(zone + " lower").isCloseTo(lower, within(1e-9));
    assertThat(at(zone, d).upperUm()).as(zone + " upper").isCloseTo(upper, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"K77", "q6", "i7", "H0", "H17", "g2", "t9", "kk6", "Hh7", "", "7H", "h", "w6"})
  void whatIsNoZoneIsNotRead(String text) {
    assertThat(IsoZone.parse(text)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"t6,20", "v6,12", "y6,15", "cd8,11", "fg7,25", "j8,5", "K9,10", "H7,0.5", "H7,501"})
  void whatIsNotMadeForASizeIsNotGiven(String zone, double d) {
    assertThat(IsoZone.parse(zone).orElseThrow().at(d)).isEmpty();
  }

  @Test
  void theCaseMatters() {
    assertThat(at("n7", 40)).isNotEqualTo(at("N7", 40));
    assertThat(at("n7", 40).lowerUm()).isEqualTo(17);
    assertThat(at("N7", 40).upperUm()).isEqualTo(-8);
  }

  /**
   * Table values are the rounded rule i = 0.45·D^⅓ + 0.001·D; to 3 mm and IT6 3–6 the table rules.
   */
  @Test
  void gradesFollowTheRule() {
    int[] factors = {7, 10, 16, 25, 40, 64, 100};
    for (int range = 1; range < ENDS.length; range++) {
      double mean = Math.sqrt(ENDS[range - 1] * ENDS[range]);
      double i = 0.45 * Math.cbrt(mean) + 0.001 * mean;
      for (int g = 5; g <= 11; g++) {
        if (!(range == 1 && g == 6)) {
          double table = IsoZone.grade(g, ENDS[range]).orElseThrow();
          double rule = factors[g - 5] * i;
          assertThat(table)
              .as("IT" + g + " to " + ENDS[range])
              .isCloseTo(rule, within(Math.max(0.05 * rule, 0.6)));
        }
      }
    }
  }

  @Test
  void deviationsFollowTheirRules() {
    Map<String, DoubleUnaryOperator> rules =
        Map.of(
            "d9", d -> -16 * Math.pow(d, 0.44),
            "e8", d -> -11 * Math.pow(d, 0.41),
            "f7", d -> -5.5 * Math.pow(d, 0.41),
            "g6", d -> -2.5 * Math.pow(d, 0.34));
    rules.forEach(
        (zone, rule) -> {
          for (int range = 1; range < ENDS.length; range++) {
            double mean = Math.sqrt(ENDS[range - 1] * ENDS[range]);
            double expected = rule.applyAsDouble(mean);
            assertThat(at(zone, ENDS[range]).upperUm())
                .as(zone + " to " + ENDS[range])
                .isCloseTo(expected, within(Math.max(0.05 * -expected, 0.8)));
          }
        });
    for (int range = 1; range < ENDS.length; range++) {
      double mean = Math.sqrt(ENDS[range - 1] * ENDS[range]);
      assertThat(at("n6", ENDS[range]).lowerUm())
          .isCloseTo(5 * Math.pow(mean, 0.34), within(0.05 * 5 * Math.pow(mean, 0.34) + 0.8));
      assertThat(at("m6", ENDS[range]).lowerUm())
          .isEqualTo(
              IsoZone.grade(7, ENDS[range]).orElseThrow()
                  - IsoZone.grade(6, ENDS[range]).orElseThrow());
    }
  }

  /** Holes A to H mirror the shafts (ISO 286-1); a zone is as wide as its grade. */
  @Property(tries = 300)
  void holesMirrorShafts(
      @ForAll @DoubleRange(min = 1, max = 500) double d,
      @ForAll @IntRange(min = 6, max = 9) int g) {
    for (String letter : Set.of("d", "e", "f", "g", "h", "js")) {
      if (IsoZone.parse(letter + g).isPresent()) {
        Limits shaft = at(letter + g, d);
        Limits hole = at(letter.toUpperCase() + g, d);
        assertThat(hole.lowerUm()).isCloseTo(-shaft.upperUm(), within(1e-9));
        assertThat(hole.widthUm()).isCloseTo(IsoZone.grade(g, d).orElseThrow(), within(1e-9));
      }
    }
  }

  /** From k to zc each letter lies above the one before, at any size. */
  @Property(tries = 200)
  void lettersRise(@ForAll @DoubleRange(min = 1, max = 500) double d) {
    double before = Double.NEGATIVE_INFINITY;
    for (String letter : "g h k m n p r s t u v x y z".split(" ")) {
      var limits = IsoZone.parse(letter + "6").orElseThrow().at(d);
      if (limits.isPresent()) {
        assertThat(limits.get().lowerUm()).as(letter).isGreaterThanOrEqualTo(before);
        before = limits.get().lowerUm();
      }
    }
  }
}
