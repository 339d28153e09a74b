package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.BearingPlace;
import unbo.core.designation.BearingFacts;

/** The way of fresh grease, and oil in its pocket. */
class GreaseAndOilTest {

  private static double x(String path, int point) {
    String[] spots = path.split(" m")[0].replaceAll("[ML]", "").trim().split("\\s+");
    return Double.parseDouble(spots[2 * point]);
  }

  /** A taper hub: out of the hollow between both, to the left on the left, to the right. */
  @Test
  void greaseGoesFromTheHollowOutwards() {
    List<String> paths =
        GreasePath.of(Assembly.assumed(Arrangements.of("a1"))).orElseThrow().paths();
    assertThat(paths).hasSize(2);
    assertThat(x(paths.get(0), 0)).isGreaterThan(x(paths.get(0), 1));
    assertThat(x(paths.get(0), 1)).isGreaterThan(x(paths.get(0), 2));
    assertThat(x(paths.get(1), 0)).isLessThan(x(paths.get(1), 1));
    assertThat(x(paths.get(1), 1)).isLessThan(x(paths.get(1), 2));
  }

  /** What keeps its own grease takes none from outside. */
  @Test
  void closedBearingsTakeNone() {
    assertThat(GreasePath.of(Assembly.assumed(Arrangements.of("a2")))).isEmpty();
    Assembly open = Assembly.assumed(Arrangements.of("a24"));
    assertThat(GreasePath.of(open)).isPresent();
    BearingFacts closed =
        new BearingFacts("", "contact", "contact", null, null, null, null, List.of(), List.of());
    assertThat(GreasePath.of(open.saying(Map.of("pilot", closed)))).isEmpty();
    BearingFacts half =
        new BearingFacts("", "contact", "open", null, null, null, null, List.of(), List.of());
    assertThat(GreasePath.of(open.saying(Map.of("pilot", half)))).isPresent();
  }

  /** Every arrangement with a bearing that takes grease has a way for it that can be drawn. */
  @Test
  void everyWayCanBeDrawn() {
    for (Arrangement a : Arrangements.standard().all()) {
      GreasePath.of(Assembly.assumed(a))
          .ifPresent(
              p ->
                  assertThat(p.paths())
                      .as(a.id())
                      .isNotEmpty()
                      .allSatisfy(w -> assertThat(w).doesNotContain("NaN").startsWith("M")));
    }
  }

  /** The level lies as far under the axis as was said, to the picture's own scale. */
  @Test
  void theLevelIsToScale() {
    Assembly assembly = Assembly.assumed(Arrangements.of("a24"));
    BearingPlace place = assembly.arrangement().namedPlaces().get(0);
    OilPicture low = OilPicture.of(assembly, place, 15).orElseThrow();
    OilPicture high = OilPicture.of(assembly, place, 12).orElseThrow();
    double outer = assembly.bearing(place.id()).outerMm() / 2;
    double bottom =
        Arrays.stream(low.wall().split("[A-Z ]+"))
            .filter(s -> !s.isBlank())
            .mapToDouble(Double::parseDouble)
            .max()
            .orElseThrow();
    assertThat(low.levelY()).isGreaterThan(high.levelY());
    double unit = (low.levelY() - high.levelY()) / 3;
    assertThat(low.height() - 8 - low.levelY()).isCloseTo((outer + 3 - 15) * unit, within(0.01));
    assertThat(bottom).isPositive();
    assertThat(low.drain()).endsWith("m-6 -4 l6 4 l-6 4");
  }
}
