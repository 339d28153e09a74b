package unbo.core.comparison;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.Reading;

/** What must hold of every comparison, whatever the two bearings and wherever they sit. */
class ComparisonLawsTest {

  private static final DesignationReader READER = DesignationReader.standard();
  private static final long SEED = 20261125;
  private static final List<String> LETTERS =
      List.of("", "-2RS", "-2Z", " C3", " C2", "-2RS C3", " P6");

  static Stream<PositionDuty> duties() {
    return Arrangements.standard().all().stream()
        .map(Arrangement::id)
        .map(id -> PositionDuty.at(id).orElseThrow());
  }

  private static Reading reading(String text) {
    return READER.read(text).readings().get(0);
  }

  private static Comparison compare(String old, String fresh, PositionDuty duty) {
    return Comparison.of(reading(old), reading(fresh), Optional.ofNullable(duty));
  }

  private static List<Comparison> mixtures(int count) {
    Random random = new Random(SEED);
    List<Bearing> all = Catalogue.standard().all();
    List<PositionDuty> duties = duties().toList();
    List<Comparison> found = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Bearing old = all.get(random.nextInt(all.size()));
      List<Bearing> like = all.stream().filter(old::hasEnvelopeOf).toList();
      Bearing fresh = like.get(random.nextInt(like.size()));
      found.add(
          compare(
              old.designation() + LETTERS.get(random.nextInt(LETTERS.size())),
              fresh.designation() + LETTERS.get(random.nextInt(LETTERS.size())),
              duties.get(random.nextInt(duties.size()))));
    }
    return found;
  }

  /** Law: the verdict is that of the heaviest difference, which stands first. */
  @Test
  void theHeaviestDifferenceDecidesAndStandsFirst() {
    for (Comparison found : mixtures(400)) {
      List<Severity> severities = found.differences().stream().map(Difference::severity).toList();
      assertThat(severities).isSortedAccordingTo(Comparator.reverseOrder());
      Severity first = severities.isEmpty() ? Severity.NOTE : severities.get(0);
      assertThat(found.verdict() == Verdict.DOES_NOT_FIT).isEqualTo(first == Severity.IMPOSSIBLE);
      assertThat(found.verdict() == Verdict.FITS_BUT_UNSUITABLE)
          .isEqualTo(first == Severity.UNSUITABLE);
    }
  }

  /** Law: every difference says why, and none promises safety. */
  @Test
  void everyDifferenceHasAReasonAndNoneSaysSafe() {
    assertThat(mixtures(400).stream().flatMap(c -> c.differences().stream()))
        .isNotEmpty()
        .allSatisfy(
            d -> {
              assertThat(d.reason()).as(d.aspect()).isNotBlank();
              assertThat(d.reason().toLowerCase()).doesNotContainPattern("\\bsafe(ly)?\\b");
            });
  }

  /** Without a cage the balls rub on each other: not where it turns round, well where it rocks. */
  @ParameterizedTest
  @MethodSource("duties")
  void fullComplementIsForWhatRocks(PositionDuty duty) {
    List<Severity> found =
        compare("6204-2RS", "6204-V 2RS", duty).differences().stream()
            .filter(d -> d.aspect().equals("full complement"))
            .map(Difference::severity)
            .toList();
    assertThat(found).hasSize(1);
    assertThat(found.get(0) == Severity.UNSUITABLE)
        .isEqualTo(duty.motion() != PositionDuty.Motion.OSCILLATING);
  }

  /** Where dirt and water come, an open bearing does not take a sealed one's place. */
  @ParameterizedTest
  @MethodSource("duties")
  void anOpenBearingIsRefusedWhereDirtComes(PositionDuty duty) {
    Verdict verdict = compare("6204-2RS", "6204", duty).verdict();
    if (duty.isExposed()) {
      assertThat(verdict).isEqualTo(Verdict.FITS_BUT_UNSUITABLE);
    }
    assertThat(compare("6204", "6204", duty).verdict()).isEqualTo(Verdict.SUITS);
  }

  /** Law: a difference of clearance group is seen both ways round. */
  @ParameterizedTest
  @ValueSource(strings = {"C2", "C3", "C4"})
  void theClearanceGroupIsSeenBothWays(String group) {
    for (PositionDuty duty : duties().toList()) {
      String marked = "6204-2RS " + group;
      assertThat(compare("6204-2RS", marked, duty).differences())
          .extracting(Difference::aspect)
          .contains("clearance");
      assertThat(compare(marked, "6204-2RS", duty).differences())
          .extracting(Difference::aspect)
          .contains("clearance");
    }
  }
}
