package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import unbo.core.vehicle.VehicleKind;

class DiagnosisEngineTest {

  private static final DiagnosisModel CAR = DiagnosisModel.some(VehicleKind.CAR).orElseThrow();
  private static final DiagnosisModel TRAILER =
      DiagnosisModel.some(VehicleKind.TRAILER).orElseThrow();

  private static Diagnosis car(String... pairs) {
    return Diagnosis.of(CAR, answers(pairs));
  }

  private static Map<String, String> answers(String... pairs) {
    Map<String, String> answers = new LinkedHashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      answers.put(pairs[i], pairs[i + 1]);
    }
    return answers;
  }

  private static Map<String, String> randomAnswers(DiagnosisModel model, Random random, int count) {
    List<DiagnosisTest> tests = new ArrayList<>(model.tests());
    Collections.shuffle(tests, random);
    Map<String, String> answers = new LinkedHashMap<>();
    for (DiagnosisTest test : tests.subList(0, count)) {
      int pick = random.nextInt(test.answers().size());
      answers.put(test.id(), test.answers().get(pick).id());
    }
    return answers;
  }

  /** Enough to be of use, and every row of the tables named something that exists at load. */
  @Test
  void theTablesAreLargeEnough() {
    long causes = CAR.causes().size() + TRAILER.causes().size() - 2L;
    assertThat(causes).isGreaterThanOrEqualTo(35);
    assertThat(CAR.tests().size() + TRAILER.tests().size()).isGreaterThanOrEqualTo(50);
    for (DiagnosisModel model : List.of(CAR, TRAILER)) {
      for (DiagnosisTest test : model.tests()) {
        assertThat(test.minutes()).as(test.id()).isPositive();
        assertThat(test.steps()).as(test.id()).isNotEmpty();
        for (int c = 0; c < model.causes().size(); c++) {
          double sum = 0;
          for (double p : model.answers(model.indexOfTest(test.id()), c)) {
            assertThat(p).isPositive();
            sum += p;
          }
          assertThat(sum).isCloseTo(1, within(1e-12));
        }
      }
    }
  }

  /** Laws: a sum of one; the order of answering does not matter; striking out goes back. */
  @ParameterizedTest
  @EnumSource(
      value = VehicleKind.class,
      names = {"CAR", "TRAILER"})
  void probabilitiesKeepTheirLaws(VehicleKind kind) {
    DiagnosisModel model = DiagnosisModel.some(kind).orElseThrow();
    Random random = new Random(4);
    for (int i = 0; i < 40; i++) {
      Map<String, String> answers = randomAnswers(model, random, 6);
      Diagnosis diagnosis = Diagnosis.of(model, answers);
      double sum = diagnosis.ranked().stream().mapToDouble(Diagnosis.Ranked::probability).sum();
      assertThat(sum).isCloseTo(1, within(1e-9));
      Map<String, String> turned = new LinkedHashMap<>();
      List<String> tests = new ArrayList<>(answers.keySet());
      Collections.reverse(tests);
      tests.forEach(t -> turned.put(t, answers.get(t)));
      for (Cause cause : model.causes()) {
        assertThat(Diagnosis.of(model, turned).probability(cause.id()))
            .isCloseTo(diagnosis.probability(cause.id()), within(1e-9));
      }
      String struck = tests.get(0);
      Map<String, String> rest = new LinkedHashMap<>(answers);
      rest.remove(struck);
      Diagnosis.Ranked first = diagnosis.ranked().get(0);
      double moved =
          first.moves().stream()
              .filter(m -> m.test().equals(struck))
              .findFirst()
              .orElseThrow()
              .logOdds();
      double before = Diagnosis.of(model, rest).probability(first.cause().id());
      assertThat(moved).isCloseTo(odds(first.probability()) - odds(before), within(1e-6));
    }
  }

  private static double odds(double p) {
    return Math.log(p / (1 - p));
  }

  /** Bayes by hand: two causes of a trailer under one answer, from the table's own numbers. */
  @Test
  void oneAnswerIsBayes() {
    Diagnosis none = Diagnosis.of(TRAILER, Map.of());
    Diagnosis one = Diagnosis.of(TRAILER, Map.of("t-nuts", "axle-1-left"));
    int test = TRAILER.indexOfTest("t-nuts");
    double[] loose = TRAILER.answers(test, index("t-loose-wheel-axle-1-left"));
    double[] drag = TRAILER.answers(test, index("t-brake-drag-axle-1-left"));
    double ratio =
        none.probability("t-loose-wheel-axle-1-left")
            / none.probability("t-brake-drag-axle-1-left");
    assertThat(
            one.probability("t-loose-wheel-axle-1-left")
                / one.probability("t-brake-drag-axle-1-left"))
        .isCloseTo(ratio * loose[0] / drag[0], within(1e-9));
  }

  private static int index(String cause) {
    for (int i = 0; i < TRAILER.causes().size(); i++) {
      if (TRAILER.causes().get(i).id().equals(cause)) {
        return i;
      }
    }
    throw new AssertionError(cause);
  }

  /** A growl with road speed, louder in left bends, hot and rough at the front right. */
  @Test
  void theUsualWheelBearingIsFound() {
    Diagnosis diagnosis =
        car(
            "speed",
            "road",
            "sound",
            "growl",
            "bend",
            "left",
            "spin",
            "axle-1-right",
            "heat",
            "axle-1-right");
    assertThat(diagnosis.first().label()).startsWith("front right wheel bearing");
    assertThat(diagnosis.urgency()).isEqualTo(Urgency.BENCH_ONLY);
    Diagnosis.Ranked first = diagnosis.ranked().get(0);
    assertThat(first.moves()).hasSize(5).anySatisfy(m -> assertThat(m.reason()).isNotBlank());
    assertThat(first.cause().place().position()).isEqualTo("axle-1-right");
  }

  @Test
  void otherComplaintsAreToldFromIt() {
    assertThat(car("sound", "click", "full-lock", "left", "boot", "axle-1-right").first().id())
        .isEqualTo("cv-outer-axle-1-right");
    assertThat(
            car("speed", "engine", "standing", "yes", "belt-off", "gone", "arm-gap", "tilted")
                .first()
                .id())
        .isEqualTo("tensioner");
    assertThat(car("surface", "yes", "swap", "moves", "tread", "axle-2-left").first().id())
        .isEqualTo("tyre-axle-2-left");
    Diagnosis wheel = car("sound", "knock", "nuts", "axle-1-left");
    assertThat(wheel.first().id()).isEqualTo("loose-wheel-axle-1-left");
    assertThat(wheel.urgency()).as("the worst that counts").isEqualTo(Urgency.STOP);
    assertThat(
            Diagnosis.of(
                    TRAILER, answers("t-rock", "axle-1-left", "t-spin", "none", "cap-heat", "none"))
                .first()
                .id())
        .isEqualTo("hub-loose-axle-1-left");
  }

  /** Two findings that say the same thing count once: the stronger one. */
  @Test
  void whatSaysTheSameCountsOnce() {
    Diagnosis swap = car("swap", "moves");
    Diagnosis both = car("swap", "moves", "surface", "yes");
    assertThat(both.probability("tyre-axle-1-left"))
        .isCloseTo(swap.probability("tyre-axle-1-left"), within(1e-9));
  }

  /** Answers that contradict each other leave it less certain than those that agree. */
  @Test
  void contradictionLowersTheCertainty() {
    Diagnosis agreeing =
        car("spin", "axle-1-right", "rock-12", "axle-1-right", "heat", "axle-1-right");
    Diagnosis contradicting =
        car("spin", "axle-1-right", "rock-12", "axle-2-left", "heat", "axle-1-left");
    assertThat(firstDecision(contradicting)).isLessThan(firstDecision(agreeing));
    assertThat(contradicting.entropyBits()).isGreaterThan(agreeing.entropyBits());
  }

  /** How likely what would be done is right: both rows of a bearing are renewed by one action. */
  private static double firstDecision(Diagnosis diagnosis) {
    return diagnosis.ranked().stream()
        .filter(r -> r.cause().decision().equals(diagnosis.first().decision()))
        .mapToDouble(Diagnosis.Ranked::probability)
        .sum();
  }

  /** The expected fall of entropy, against summing over the answers by whole diagnoses. */
  @Test
  void expectedInformationIsExact() {
    Map<String, String> given = answers("speed", "road", "surface", "no");
    Diagnosis now = Diagnosis.of(CAR, given);
    for (Diagnosis.NextTest next : now.nextTests()) {
      double expected = 0;
      for (DiagnosisTest.Answer answer : next.test().answers()) {
        Map<String, String> more = new LinkedHashMap<>(given);
        more.put(next.test().id(), answer.id());
        expected += predicted(now, next.test(), answer) * Diagnosis.of(CAR, more).entropyBits();
      }
      assertThat(next.expectedBits())
          .as(next.test().id())
          .isCloseTo(Math.max(0, now.entropyBits() - expected), within(1e-9));
    }
  }

  private static double predicted(Diagnosis now, DiagnosisTest test, DiagnosisTest.Answer answer) {
    double sum = 0;
    for (int c = 0; c < CAR.causes().size(); c++) {
      sum +=
          now.probability(CAR.causes().get(c).id())
              * CAR.answers(CAR.indexOfTest(test.id()), c)[test.indexOf(answer.id())];
    }
    return sum;
  }

  /** It stops asking once no answer could change what to do. */
  @Test
  void itStopsWhenNothingWouldChange() {
    Diagnosis open = car();
    assertThat(open.isSettled()).isFalse();
    assertThat(open.nextTest()).isPresent();
    Diagnosis sure =
        Diagnosis.of(
            TRAILER,
            answers(
                "t-nuts",
                "axle-1-left",
                "t-sound",
                "knock",
                "t-coupling-lift",
                "no",
                "t-jerk",
                "yes",
                "t-spin",
                "none",
                "cap-heat",
                "none",
                "t-cap-off",
                "clean",
                "t-tread",
                "even"));
    assertThat(sure.first().id()).isEqualTo("t-loose-wheel-axle-1-left");
    assertThat(sure.isSettled()).isTrue();
    assertThat(sure.nextTest()).isEmpty();
  }

  @Test
  void whatIsUnknownIsRefused() {
    assertThatThrownBy(() -> car("telepathy", "yes")).hasMessageContaining("telepathy");
    assertThatThrownBy(() -> car("speed", "warp")).hasMessageContaining("warp");
  }

  /** Domain: a washed, dry bearing rattles whatever its state, so no evidence. */
  @Test
  void whatIsLooseAndDryCountsForNothing() {
    DiagnosisModel car = DiagnosisModel.some(VehicleKind.CAR).orElseThrow();
    Map<String, String> dry =
        Map.of("sound", "growl", "spin", "axle-1-left", "hand-feel", "rough", "turned", "dry");
    Diagnosis now = Diagnosis.of(car, dry);
    Diagnosis without = Diagnosis.of(car, Map.of("sound", "growl"));
    for (Cause cause : car.causes()) {
      assertThat(now.probability(cause.id()))
          .isCloseTo(without.probability(cause.id()), within(1e-12));
    }
    assertThat(now.overruled())
        .extracting(o -> o.test().id())
        .containsExactlyInAnyOrder("spin", "hand-feel");
    assertThat(now.overruled()).allSatisfy(o -> assertThat(o.reason()).contains("no evidence"));
    Diagnosis greased =
        Diagnosis.of(car, Map.of("sound", "growl", "spin", "axle-1-left", "turned", "greased"));
    assertThat(greased.first().place().wheel()).isEqualTo("axle-1-left");
  }

  /** What is a stop by play and roughness is none when the roughness was felt on a dry bearing. */
  @Test
  void aStopOfTwoFindingsNeedsBoth() {
    DiagnosisModel car = DiagnosisModel.some(VehicleKind.CAR).orElseThrow();
    Diagnosis both = Diagnosis.of(car, Map.of("rock-12", "axle-1-left", "spin", "axle-1-left"));
    assertThat(both.urgency()).isEqualTo(Urgency.STOP);
    Diagnosis other = Diagnosis.of(car, Map.of("rock-12", "axle-1-left", "spin", "axle-1-right"));
    assertThat(other.stops()).isEmpty();
    Diagnosis dry =
        Diagnosis.of(car, Map.of("rock-12", "axle-1-left", "spin", "axle-1-left", "turned", "dry"));
    assertThat(dry.stops()).isEmpty();
  }
}
