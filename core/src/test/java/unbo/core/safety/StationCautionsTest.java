package unbo.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;

/**
 * Every station with the cautions that must stand there. Which danger is met where is written down
 * here, apart from the table.
 */
class StationCautionsTest {

  private static List<String> at(String station, String arrangement, String kind) {
    return Cautions.at(station, Arrangements.of(arrangement), Optional.of(kind), Optional.empty());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "listen | a2 a3 | car | hands, hair and clothes, only the listener, exhaust gas, road tests, engine drives",
        "listen | a1 | trailer | road tests",
        "rock | a1 a2 a21 | car | axle stands.*never on a jack alone, fingers out of joints, gloves off, by hand only",
        "rock | a6 a7 | motorcycle | axle stands.*never on a jack alone, fingers out of joints",
        "rock | a5 a31 | bicycle | fingers out of joints, by hand only",
        "rock | a2 a41 | car | no weight on the wheel while its axle nut is loose",
        "name | a1 a14 a26 | car | compressed air",
        "strip | a1 a2 a4 a20 | trailer | jack alone, brake dust, split rims, shatter, eye protection, out of line with the press, fluororubber, hollow parts burst, zinc, magnesium, pacemaker",
        "strip | a2 | car | no weight on the wheel",
        "strip | a35 a45 a46 a25 | car | springs",
        "strip | a12 a26 a34 | car | timing belts stay on",
        "strip | a18 | car | qualified people",
        "read | a1 a9 a44 | car | solvent, phosgene, compressed air",
        "fit | a1 a4 a10 | motorcycle | eye protection, out of line with the press, gloves on for hot, pacemaker, hollow parts burst",
        "pack | a1 a5 a8 | bicycle | surgical emergency",
        "pack | a1 a4 | motorcycle | no grease on discs",
        "set | a2 a41 | car | no weight on the wheel before its axle nut, one-use, never tightened again",
        "set | a1 a10 a11 | car | locking parts, maker",
        "set | a1 a21 | trailer | wheel nuts",
        "prove | a1 a2 a4 | car | brake pedal, brake hoses, lock to lock, local law, wheel torque again"
      })
  void theDangerIsNamedWhereItIsMet(
      String station, String arrangements, String kind, String wanted) {
    for (String arrangement : arrangements.split(" ")) {
      String all = String.join("\n", at(station, arrangement, kind));
      for (String words : wanted.split(", (?!hair)")) {
        assertThat(all)
            .as(station + " " + arrangement)
            .containsPattern(Pattern.compile(words, Pattern.CASE_INSENSITIVE));
      }
    }
  }

  /** A caution that stands where its danger is not met teaches nobody to read the others. */
  @Test
  void nothingIsWarnedOfThatIsNotThere() {
    assertThat(at("rock", "a5", "bicycle")).noneMatch(c -> c.contains("jack"));
    assertThat(at("strip", "a14", "bicycle")).noneMatch(c -> c.contains("Split rims"));
    assertThat(at("set", "a1", "trailer")).noneMatch(c -> c.contains("axle nut"));
    assertThat(at("listen", "a1", "trailer")).noneMatch(c -> c.contains("Engine"));
    assertThat(at("book", "a1", "trailer")).isEmpty();
  }

  /** Each station of the work warns of something on every arrangement; no need is misspelt. */
  @Test
  void everyStationWarnsOnEveryArrangement() {
    for (Arrangement a : Arrangements.standard().all()) {
      for (String station : List.of("listen", "rock", "name", "strip", "read", "pack", "set")) {
        assertThat(Cautions.at(station, a, Optional.empty(), Optional.empty()))
            .as(station + " " + a.id())
            .isNotEmpty();
      }
    }
    Set<String> known = Set.of("any", "wheel", "tight", "clamp");
    assertThat(Cautions.needs())
        .allMatch(
            n ->
                known.contains(n)
                    || Arrangements.standard().all().stream().anyMatch(a -> a.id().equals(n)));
    assertThat(Arrays.asList("wheel", "tight", "clamp")).allMatch(Cautions.needs()::contains);
  }
}
