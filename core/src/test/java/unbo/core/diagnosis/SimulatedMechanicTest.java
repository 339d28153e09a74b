package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import unbo.core.vehicle.VehicleKind;

/**
 * A simulated mechanic: a true cause is drawn from the priors, answers are drawn by the tables, one
 * in twenty is a slip to any answer. How many questions, and how many minutes with those of getting
 * the vehicle there, until the true cause is first and stays first, in the computed order and in
 * random ones: the computed one needs at most half the minutes, and of the questions six tenths.
 * The figures go to {@code core/target/diagnosis-<kind>.txt} and from there into docs/diagnosis.md.
 */
@Order(1)
@Execution(ExecutionMode.CONCURRENT)
class SimulatedMechanicTest {

  private static final long SEED = 20261123;
  private static final int COMPUTED = 120;
  private static final int RANDOM = 200;
  private static final double SLIP = 0.05;

  /** Questions until the truth is first and stays first; all of them when it never is. */
  private record Run(int questions, double minutes, boolean settledRight, boolean settled) {}

  @ParameterizedTest
  @EnumSource(
      value = VehicleKind.class,
      names = {"CAR", "TRAILER", "MOTORCYCLE", "SIDECAR", "BICYCLE", "TRICYCLE"})
  void theComputedOrderNeedsAtMostHalf(VehicleKind kind) throws IOException {
    DiagnosisModel model = DiagnosisModel.some(kind).orElseThrow();
    Random random = new Random(SEED);
    List<Integer> computed = new ArrayList<>();
    List<Double> minutes = new ArrayList<>();
    int settled = 0;
    int right = 0;
    for (int i = 0; i < COMPUTED; i++) {
      Run run = computed(model, random);
      computed.add(run.questions);
      minutes.add(run.minutes);
      settled += run.settled ? 1 : 0;
      right += run.settledRight ? 1 : 0;
    }
    double mean = 0;
    double meanMinutes = 0;
    for (int i = 0; i < RANDOM; i++) {
      Run run = inRandomOrder(model, new Random(SEED + i));
      mean += (double) run.questions / RANDOM;
      meanMinutes += run.minutes / RANDOM;
    }
    Collections.sort(computed);
    Collections.sort(minutes);
    double medianMinutes = minutes.get(minutes.size() / 2);
    int median = computed.get(computed.size() / 2);
    String line =
        String.format(
            Locale.ROOT,
            "| %s | %d | %d | %d | %.1f | %.0f | %.0f | %d %% | %d %% |%n",
            kind.title(),
            model.causes().size() - 1,
            model.tests().size(),
            median,
            mean,
            medianMinutes,
            meanMinutes,
            100 * settled / COMPUTED,
            100 * right / COMPUTED);
    Files.writeString(Path.of("target/diagnosis-" + kind.id() + ".txt"), line);
    assertThat(medianMinutes).as(line).isLessThanOrEqualTo(meanMinutes / 2);
    assertThat(median).as(line).isLessThanOrEqualTo((int) Math.ceil(0.6 * mean));
  }

  private static Run computed(DiagnosisModel model, Random random) {
    Map<String, String> truth = new LinkedHashMap<>();
    int cause = draw(model, random);
    Map<String, String> given = new LinkedHashMap<>();
    List<Boolean> first = new ArrayList<>();
    boolean settled = false;
    boolean right = false;
    while (given.size() < model.tests().size() && given.size() < 25) {
      Diagnosis now = Diagnosis.of(model, given);
      Optional<Diagnosis.NextTest> next =
          now.nextTest().or(() -> now.nextTests().stream().findFirst());
      if (!settled && now.isSettled()) {
        settled = true;
        right = sameDecision(model, cause, now);
      }
      if (next.isEmpty()) {
        break;
      }
      String test = next.get().test().id();
      given.put(test, truth.computeIfAbsent(test, t -> answer(model, t, cause, random)));
      first.add(isFirst(model, cause, given));
    }
    return run(model, given, first, right, settled);
  }

  private static Run inRandomOrder(DiagnosisModel model, Random random) {
    int cause = draw(model, random);
    List<DiagnosisTest> order = new ArrayList<>(model.tests());
    Collections.shuffle(order, random);
    Map<String, String> given = new LinkedHashMap<>();
    List<Boolean> first = new ArrayList<>();
    for (DiagnosisTest test : order) {
      given.put(test.id(), answer(model, test.id(), cause, random));
      first.add(isFirst(model, cause, given));
    }
    return run(model, given, first, false, false);
  }

  /** With the minutes until the truth stays first, and those of getting the vehicle there. */
  private static Run run(
      DiagnosisModel model,
      Map<String, String> given,
      List<Boolean> first,
      boolean right,
      boolean settled) {
    int questions = stays(first);
    double minutes = 0;
    Set<Occasion> there = EnumSet.noneOf(Occasion.class);
    for (String id : List.copyOf(given.keySet()).subList(0, Math.min(questions, given.size()))) {
      DiagnosisTest test = model.test(id).orElseThrow();
      boolean again = !there.add(test.occasion()) && test.occasion() != Occasion.ROAD;
      minutes += test.minutes() + (again ? 0 : test.occasion().setupMinutes());
    }
    return new Run(questions, minutes, right, settled);
  }

  private static boolean sameDecision(DiagnosisModel model, int cause, Diagnosis diagnosis) {
    return diagnosis.first().decision().equals(model.causes().get(cause).decision());
  }

  private static boolean isFirst(DiagnosisModel model, int cause, Map<String, String> given) {
    return Diagnosis.of(model, given).first().equals(model.causes().get(cause));
  }

  /** The number of the question from which on the truth stays first. */
  private static int stays(List<Boolean> first) {
    int from = first.size();
    while (from > 0 && first.get(from - 1)) {
      from--;
    }
    return Math.min(first.size(), from + 1);
  }

  private static int draw(DiagnosisModel model, Random random) {
    double at = random.nextDouble() * (1 - model.prior(model.causes().size() - 1));
    for (int c = 0; c < model.causes().size() - 1; c++) {
      at -= model.prior(c);
      if (at <= 0) {
        return c;
      }
    }
    return 0;
  }

  private static String answer(DiagnosisModel model, String test, int cause, Random random) {
    List<DiagnosisTest.Answer> answers = model.test(test).orElseThrow().answers();
    if (random.nextDouble() < SLIP) {
      return answers.get(random.nextInt(answers.size())).id();
    }
    double[] p = model.answers(model.indexOfTest(test), cause);
    double at = random.nextDouble();
    for (int a = 0; a < p.length; a++) {
      at -= p[a];
      if (at <= 0) {
        return answers.get(a).id();
      }
    }
    return answers.get(p.length - 1).id();
  }
}
