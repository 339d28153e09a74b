package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.core.vehicle.VehicleKind;

/** Laws of a diagnosis after answers as a true cause would give them, for every kind of vehicle. */
class DiagnosisLawsTest {

  private static final int TRIES = 60;

  static Stream<VehicleKind> kinds() {
    return DiagnosisModel.kinds().stream();
  }

  private static void forMany(VehicleKind kind, Consumer<Diagnosis> law) {
    DiagnosisModel model = DiagnosisModel.some(kind).orElseThrow();
    Random random = new Random(kind.ordinal() + 11);
    for (int i = 0; i < TRIES; i++) {
      law.accept(Diagnosis.of(model, answers(model, random)));
    }
  }

  /** What a vehicle with one true cause answers to a random part of the tests. */
  private static Map<String, String> answers(DiagnosisModel model, Random random) {
    int cause = random.nextInt(model.causes().size());
    List<DiagnosisTest> tests = new ArrayList<>(model.tests());
    Collections.shuffle(tests, random);
    Map<String, String> answers = new LinkedHashMap<>();
    for (DiagnosisTest test : tests.subList(0, random.nextInt(tests.size()))) {
      double[] likely = model.answers(model.indexOfTest(test.id()), cause);
      double left = random.nextDouble();
      int answer = 0;
      while (answer < likely.length - 1 && left > likely[answer]) {
        left -= likely[answer++];
      }
      answers.put(test.id(), test.answers().get(answer).id());
    }
    return answers;
  }

  private static DiagnosisModel model(VehicleKind kind) {
    return DiagnosisModel.some(kind).orElseThrow();
  }

  private static Diagnosis with(
      VehicleKind kind, Diagnosis now, DiagnosisTest test, String answer) {
    Map<String, String> more = new LinkedHashMap<>(now.answers());
    more.put(test.id(), answer);
    return Diagnosis.of(model(kind), more);
  }

  /** To stop asking and to have nothing to ask is the same. */
  @ParameterizedTest
  @MethodSource("kinds")
  void itIsSettledExactlyWhenNothingIsWorthAsking(VehicleKind kind) {
    boolean[] seen = new boolean[2];
    forMany(
        kind,
        d -> {
          assertThat(d.isSettled()).isEqualTo(d.nextTest().isEmpty());
          seen[d.isSettled() ? 1 : 0] = true;
        });
    assertThat(seen).as("both were met").containsExactly(true, true);
  }

  /** Checked by whole diagnoses: after any answer to be expected the same would be done. */
  @ParameterizedTest
  @MethodSource("kinds")
  void onceSettledNoExpectedAnswerChangesWhatToDo(VehicleKind kind) {
    forMany(
        kind,
        d -> {
          if (d.isSettled()) {
            boolean still = !d.answers().isEmpty() && d.urgency() == Urgency.STOP;
            model(kind).tests().stream()
                .filter(t -> !d.answers().containsKey(t.id()))
                .filter(t -> !still || t.occasion() != Occasion.ROAD)
                .forEach(t -> assertChangesNothing(kind, d, t));
          }
        });
  }

  private static void assertChangesNothing(VehicleKind kind, Diagnosis now, DiagnosisTest test) {
    for (DiagnosisTest.Answer answer : test.answers()) {
      if (predicted(kind, now, test, answer.id()) > 0.02) {
        Diagnosis after = with(kind, now, test, answer.id());
        assertThat(after.first().decision()).as(test.id()).isEqualTo(now.first().decision());
        assertThat(after.urgency()).as(test.id()).isEqualTo(now.urgency());
      }
    }
  }

  private static double predicted(
      VehicleKind kind, Diagnosis now, DiagnosisTest test, String answer) {
    DiagnosisModel model = model(kind);
    int t = model.indexOfTest(test.id());
    double sum = 0;
    for (int c = 0; c < model.causes().size(); c++) {
      sum +=
          now.probability(model.causes().get(c).id()) * model.answers(t, c)[test.indexOf(answer)];
    }
    return sum;
  }

  /** What cannot be done is not asked, nothing is asked twice, the worthiest comes first. */
  @ParameterizedTest
  @MethodSource("kinds")
  void whatIsOfferedCanBeDoneAndIsInOrder(VehicleKind kind) {
    Set<Occasion> barred = EnumSet.of(Occasion.ROAD, Occasion.OPENED);
    Circumstances here = new Circumstances(barred, Set.of());
    forMany(
        kind,
        d -> {
          List<Diagnosis.NextTest> offered = d.nextTests(here);
          assertThat(offered)
              .isSortedAccordingTo(
                  Comparator.comparingDouble(Diagnosis.NextTest::bitsPerMinute).reversed())
              .noneMatch(n -> barred.contains(n.test().occasion()))
              .noneMatch(n -> d.answers().containsKey(n.test().id()));
          d.nextTest(here).ifPresent(n -> assertThat(offered).contains(n));
        });
  }

  /** The urgency is at least that of the likeliest cause, if that counts, and has a cause. */
  @ParameterizedTest
  @MethodSource("kinds")
  void theUrgencyComesFromACauseThatCounts(VehicleKind kind) {
    forMany(
        kind,
        d -> {
          Cause urgent = d.urgentCause();
          assertThat(urgent.urgency()).isEqualTo(d.urgency());
          assertThat(d.urgency()).isLessThanOrEqualTo(d.first().urgency());
          double same =
              model(kind).causes().stream()
                  .filter(c -> c.urgency() == d.urgency())
                  .mapToDouble(c -> d.probability(c.id()))
                  .sum();
          assertThat(same > Diagnosis.COUNTS_OVER || urgent.equals(d.first())).isTrue();
        });
  }

  /** Shares of causes that forbid moving it add up to theirs. */
  @ParameterizedTest
  @MethodSource("kinds")
  void theShareThatForbidsMovingIsASum(VehicleKind kind) {
    forMany(
        kind,
        d -> {
          double sum =
              model(kind).causes().stream()
                  .filter(c -> c.urgency() == Urgency.STOP)
                  .mapToDouble(c -> d.probability(c.id()))
                  .sum();
          assertThat(d.stopShare()).isCloseTo(sum, within(1e-12)).isBetween(0.0, 1.0);
        });
  }

  /** A test parts two different causes, the likelier named first, and not by equal answers. */
  @ParameterizedTest
  @MethodSource("kinds")
  void theTwoThatATestPartsAnswerItDifferently(VehicleKind kind) {
    DiagnosisModel model = model(kind);
    forMany(
        kind,
        d ->
            d.nextTest()
                .ifPresent(
                    next -> {
                      List<Cause> pair = d.parted(next.test());
                      assertThat(pair).hasSize(2).doesNotHaveDuplicates();
                      double first = d.probability(pair.get(0).id());
                      assertThat(first).isGreaterThanOrEqualTo(d.probability(pair.get(1).id()));
                      int t = model.indexOfTest(next.test().id());
                      assertThat(model.answers(t, model.causes().indexOf(pair.get(0))))
                          .isNotEqualTo(model.answers(t, model.causes().indexOf(pair.get(1))));
                    }));
  }

  /** Of tests that say the same thing a second, weaker one moves nothing. */
  @ParameterizedTest
  @MethodSource("kinds")
  void theSameThingSaidTwiceCountsOnce(VehicleKind kind) {
    DiagnosisModel model = model(kind);
    for (DiagnosisTest one : model.tests()) {
      for (DiagnosisTest other : model.tests()) {
        if (one != other && !one.group().isEmpty() && one.group().equals(other.group())) {
          assertStrongerCounts(model, one, other);
        }
      }
    }
  }

  private static void assertStrongerCounts(
      DiagnosisModel model, DiagnosisTest one, DiagnosisTest other) {
    Map<String, String> both = new LinkedHashMap<>();
    both.put(one.id(), one.answers().get(0).id());
    both.put(other.id(), other.answers().get(0).id());
    double[] spreads = {
      model.spread(model.indexOfTest(one.id()), 0), model.spread(model.indexOfTest(other.id()), 0)
    };
    DiagnosisTest stronger = spreads[0] >= spreads[1] ? one : other;
    Diagnosis alone = Diagnosis.of(model, Map.of(stronger.id(), both.get(stronger.id())));
    Diagnosis together = Diagnosis.of(model, both);
    for (Cause cause : model.causes()) {
      assertThat(together.probability(cause.id()))
          .as(one.id() + " and " + other.id())
          .isCloseTo(alone.probability(cause.id()), within(1e-12));
    }
  }
}
