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
import unbo.core.evidence.Finding;
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
        if (after.stops().equals(now.stops())) {
          assertThat(after.urgency()).as(test.id()).isEqualTo(now.urgency());
        }
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
                  Comparator.comparingDouble((Diagnosis.NextTest n) -> worth(kind, d, n))
                      .reversed())
              .noneMatch(n -> barred.contains(n.test().occasion()))
              .noneMatch(n -> d.answers().containsKey(n.test().id()));
          d.nextTest(here).ifPresent(n -> assertThat(offered).contains(n));
        });
  }

  /** What means little before its parent was answered counts for a share. */
  private static double worth(VehicleKind kind, Diagnosis d, Diagnosis.NextTest next) {
    boolean ready = TestOrder.isReady(model(kind), next.test().id(), d.answers());
    return next.bitsPerMinute() * (ready ? 1 : TestChoice.NOT_YET);
  }

  /**
   * Domain: for each urgency the causes at or above it are added, the worst whose sum passes 10 %
   * holds; a stop finding rules.
   */
  @ParameterizedTest
  @MethodSource("kinds")
  void theUrgencyIsTheWorstWhoseSumCounts(VehicleKind kind) {
    forMany(
        kind,
        d -> {
          if (!d.stops().isEmpty()) {
            assertThat(d.urgency()).isEqualTo(Urgency.STOP);
            return;
          }
          double worse = 0;
          double there = 0;
          for (Cause cause : model(kind).causes()) {
            int against = cause.urgency().compareTo(d.urgency());
            worse += against < 0 ? d.probability(cause.id()) : 0;
            there += against <= 0 ? d.probability(cause.id()) : 0;
          }
          assertThat(worse).isLessThanOrEqualTo(Diagnosis.COUNTS_OVER);
          assertThat(there).isGreaterThan(Diagnosis.COUNTS_OVER);
        });
  }

  /**
   * No further answer outvotes a stop finding, and nothing is asked on the road while it stands.
   */
  @ParameterizedTest
  @MethodSource("kinds")
  void aStopFindingIsNeverOutvoted(VehicleKind kind) {
    DiagnosisModel model = model(kind);
    List<String> stopping = StopRules.tests();
    forMany(
        kind,
        d -> {
          for (DiagnosisTest test : model.tests()) {
            if (stopping.contains(test.id())) {
              Map<String, String> more = new LinkedHashMap<>(d.answers());
              more.put(test.id(), test.answers().get(0).id());
              Diagnosis now = Diagnosis.of(model, more);
              if (!now.stops().isEmpty()) {
                assertThat(now.urgency()).isEqualTo(Urgency.STOP);
                assertThat(now.nextTests()).noneMatch(n -> n.test().occasion() == Occasion.ROAD);
                now.nextTest()
                    .ifPresent(n -> assertThat(n.test().occasion()).isNotEqualTo(Occasion.ROAD));
              }
            }
          }
        });
  }

  /** Answers in any order come to the same. */
  @ParameterizedTest
  @MethodSource("kinds")
  void theOrderOfAnsweringHasNoEffect(VehicleKind kind) {
    DiagnosisModel model = model(kind);
    forMany(
        kind,
        d -> {
          List<String> tests = new java.util.ArrayList<>(d.answers().keySet());
          java.util.Collections.reverse(tests);
          Map<String, String> turned = new LinkedHashMap<>();
          tests.forEach(t -> turned.put(t, d.answers().get(t)));
          Diagnosis other = Diagnosis.of(model, turned);
          for (Cause cause : model.causes()) {
            assertThat(other.probability(cause.id()))
                .isCloseTo(d.probability(cause.id()), within(1e-12));
          }
          assertThat(other.urgency()).isEqualTo(d.urgency());
          assertThat(other.stops()).hasSameSizeAs(d.stops());
          assertThat(other.besides()).isEqualTo(d.besides());
          assertThat(other.overruled()).hasSameElementsAs(d.overruled());
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
                .filter(next -> !VoidRules.isAsked(next.test().id()))
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

  /**
   * Of tests that say the same thing the one nearer the part counts, of two as near the stronger.
   */
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
      model.likelihoods().spread(new Finding(model.indexOfTest(one.id()), 0)),
      model.likelihoods().spread(new Finding(model.indexOfTest(other.id()), 0))
    };
    DiagnosisTest stronger = spreads[0] >= spreads[1] ? one : other;
    if (one.occasion() != other.occasion()) {
      stronger = one.occasion().compareTo(other.occasion()) > 0 ? one : other;
    }
    Diagnosis alone = Diagnosis.of(model, Map.of(stronger.id(), both.get(stronger.id())));
    Diagnosis together = Diagnosis.of(model, both);
    for (Cause cause : model.causes()) {
      assertThat(together.probability(cause.id()))
          .as(one.id() + " and " + other.id())
          .isCloseTo(alone.probability(cause.id()), within(1e-12));
    }
  }
}
