package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.vehicle.VehicleTemplate;

/**
 * The cautions of general workshop practice stand at the test that meets the danger. Which test
 * meets which is written down here, apart from the table of tests.
 */
class CautionsTest {

  private static final Set<String> BICYCLES = Set.of("bicycle", "tricycle");

  private record Asked(String kind, DiagnosisTest test) {}

  private static List<Asked> asked() {
    List<Asked> all = new ArrayList<>();
    for (VehicleTemplate template : VehicleTemplate.all()) {
      DiagnosisModel.of(template.layout())
          .orElseThrow()
          .tests()
          .forEach(t -> all.add(new Asked(template.layout().kind().id(), t)));
    }
    return all;
  }

  private static void assertCaution(Predicate<Asked> where, String words) {
    Pattern wanted = Pattern.compile(words, Pattern.CASE_INSENSITIVE);
    List<Asked> met = asked().stream().filter(where).toList();
    assertThat(met).isNotEmpty();
    assertThat(met)
        .allSatisfy(
            a ->
                assertThat(a.test.caution())
                    .as(a.kind + " " + a.test.id())
                    .containsPattern(wanted));
  }

  @Test
  void aRoadTestIsDrivenWhereNobodyIsInTheWay() {
    assertCaution(a -> a.test.occasion() == Occasion.ROAD, "road|yard");
  }

  @Test
  void nothingStandsOnAJackAlone() {
    assertCaution(
        a -> a.test.occasion() == Occasion.JACKED && !BICYCLES.contains(a.kind),
        "never (on )?a jack alone");
  }

  /** Each danger with the tests that meet it. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '#',
      value = {
        "standing clutch ac lamps stethoscope belt-off m-neutral m-lever m-alternator-off m-scope # exhaust",
        "standing ac lamps stethoscope m-alternator-off m-scope # clothes",
        "stethoscope # only the listener",
        "belt-off # never the timing belt",
        "heat cap-heat burning t-burning m-burning m-heat smoke m-smoke # touch|burns|never your hand",
        "pry watch-ball watch-rod pin m-side-pull m-lift s-lift b-pivot-pull b-saddle-lift t-coupling-lift # fingers",
        "b-coast b-wheel-look b-rub-look # fingers",
        "b-axle-turn m-wheel-axle-turn t-row # compressed air",
        "nuts t-nuts # split rims",
        "drag t-drag m-drag shield b-pad-look # dust",
        "tread bulge m-bulge m-tread # gloves",
        "m-filter oil-metal m-bevel-oil # hot oil",
      })
  void theDangerIsNamedAtTheTest(String tests, String words) {
    Set<String> ids = Set.of(tests.split(" "));
    assertCaution(a -> ids.contains(a.test.id()), words);
    assertThat(asked().stream().map(a -> a.test.id()).toList()).containsAll(ids);
  }
}
