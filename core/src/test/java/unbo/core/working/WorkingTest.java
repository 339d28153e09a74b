package unbo.core.working;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Scale;
import org.junit.jupiter.api.Test;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.measure.Readings;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;

class WorkingTest {

  private static final Origin HERE = Origin.measured("by the test");

  private static Input in(String symbol, double value, double u) {
    return Input.of(symbol, symbol, value, u, "mm", HERE);
  }

  private static Formula formula(Formula.Law law) {
    return Formula.of("Result", "mm", "f", law, "test", "none");
  }

  private static Working sum(Input... inputs) {
    List<Input> all = List.of(inputs);
    return Working.of(formula(v -> all.stream().mapToDouble(i -> v.get(i.symbol())).sum()), all);
  }

  /** JCGM 101:2008, 9.2.2: four inputs of u = 1 add to u = 2.0. */
  @Test
  void aSumAddsByRootSumSquare() {
    Working w = sum(in("a", 0, 2), in("b", 0, 2), in("c", 0, 2), in("d", 0, 2));
    assertThat(w.result().uncertainty()).isCloseTo(4.0, within(1e-9));
    assertThat(w.drawn()).isFalse();
    assertThat(w.shares()).allSatisfy(s -> assertThat(s.share()).isCloseTo(0.25, within(1e-9)));
  }

  /** JCGM 100:2008, 5.1.6: for a product the relative uncertainties add by root-sum-square. */
  @Test
  void aProductAddsRelativeUncertainties() {
    Working w =
        Working.of(
            formula(v -> v.get("F") * v.get("r")), List.of(in("F", 6, 0.12), in("r", 300, 6)));
    assertThat(w.result().value()).isEqualTo(1800);
    assertThat(w.result().uncertainty()).isCloseTo(1800 * Math.sqrt(0.0008), within(1e-6));
    assertThat(w.mostDoubtful()).isPresent();
  }

  /** A square about zero: first order would give nothing; chi-square's 97.5 % point is 5.024. */
  @Test
  void aBentFormulaIsDrawn() {
    Working w = Working.of(formula(v -> v.get("x") * v.get("x")), List.of(in("x", 0, 2)));
    assertThat(w.drawn()).isTrue();
    assertThat(w.most()).isCloseTo(5.024, within(0.15));
    assertThat(w.least()).isCloseTo(0.001, within(0.002));
    Working again = Working.of(formula(v -> v.get("x") * v.get("x")), List.of(in("x", 0, 2)));
    assertThat(again.most()).as("seeded").isEqualTo(w.most());
  }

  @Test
  void aGentleBendStaysFirstOrder() {
    Working w = Working.of(formula(v -> v.get("x") * v.get("x")), List.of(in("x", 10, 0.2)));
    assertThat(w.drawn()).isFalse();
    assertThat(w.result().uncertainty()).isCloseTo(4, within(1e-9));
  }

  /** A value on the way has its own unit and leaves the result's alone. */
  @Test
  void middleValuesAreShownInTheirOwnUnit() {
    Formula charge =
        Formula.of("Charge", "g", "g", v -> v.get("V") * 0.9, "test", "none")
            .by("volume", "cm³", v -> v.get("V"));
    Working w = Working.of(charge, List.of(in("V", 10, 1)));
    assertThat(w.formula().unit()).isEqualTo("g");
    assertThat(w.steps()).containsExactly(new Working.Step("volume", 10, "cm³"));
  }

  @Test
  void missingAndDoubledInputsAreRefused() {
    assertThatThrownBy(() -> Working.of(formula(v -> v.get("y")), List.of(in("x", 1, 0))))
        .hasMessageContaining("y");
    assertThatThrownBy(
            () -> Working.of(formula(v -> v.get("x")), List.of(in("x", 1, 0), in("x", 2, 0))))
        .hasMessageContaining("Two inputs");
  }

  @Property
  void sharesSumToOneAndABetterInputNeverWidens(
      @ForAll @Scale(4) @DoubleRange(min = 0.001, max = 5) double a,
      @ForAll @Scale(4) @DoubleRange(min = 0.001, max = 5) double b) {
    Input better = in("a", 3, a).or("look closer", a / 2);
    Formula product = formula(v -> v.get("a") + 2 * v.get("b"));
    Working w = Working.of(product, List.of(better, in("b", 4, b)));
    assertThat(w.shares().stream().mapToDouble(Working.Share::share).sum())
        .isCloseTo(1, within(1e-9));
    assertThat(w.after(better, better.finer().get(0)).result().uncertainty())
        .isLessThan(w.result().uncertainty());
  }

  /** The inputs of readings give the very result of the readings. */
  @Property
  void readingsAndTheirInputsAgree(
      @ForAll @DoubleRange(min = 0, max = 1) double x,
      @ForAll @DoubleRange(min = 0, max = 1) double y,
      @ForAll @DoubleRange(min = 0, max = 1) double z) {
    Readings readings = Readings.of(List.of(x, y, z), Instrument.dial());
    Working w =
        Working.of(
            formula(v -> v.get("m") + v.get("δ")),
            ReadingInputs.of("m", "play", readings, "mm", HERE));
    assertThat(w.result().value()).isCloseTo(readings.result().value(), within(1e-12));
    assertThat(w.result().uncertainty()).isCloseTo(readings.result().uncertainty(), within(1e-9));
  }

  private static Working play(double... values) {
    List<Double> all = java.util.Arrays.stream(values).boxed().toList();
    return Working.of(
        formula(v -> v.get("m") + v.get("δ")),
        ReadingInputs.of("m", "play", Readings.of(all, Instrument.dial()), "mm", HERE));
  }

  /** s = 0.005: three readings leave ± 0.0134, five ± 0.0080; the lower limit is 0.0125 away. */
  @Test
  void moreReadingsSettleWhatScatterLeavesOpen() {
    Settling settling = Settling.of(play(0.037, 0.042, 0.047), new Window(0.0295, 0.13));
    assertThat(settling.verdict()).isEqualTo(Verdict.CANNOT_TELL);
    assertThat(settling.sentences().get(0)).contains("1 more reading ");
    assertThat(settling.ways().get(0).uncertaintyLeft()).isLessThan(0.0125);
  }

  /** No scatter at all: only the dial's own error is left, which a finer one halves. */
  @Test
  void aFinerGaugeSettlesWhatTheGaugeLeavesOpen() {
    Settling settling = Settling.of(play(0.033, 0.033, 0.033), new Window(0.03, 0.13));
    assertThat(settling.sentences()).hasSize(1);
    assertThat(settling.sentences().get(0)).contains("test indicator").contains("0.002 mm");
  }

  @Test
  void onTheLimitNothingSettles() {
    Settling settling = Settling.of(play(0.03, 0.03, 0.03), new Window(0.03, 0.13));
    assertThat(settling.verdict()).isEqualTo(Verdict.CANNOT_TELL);
    assertThat(settling.ways()).isEmpty();
    assertThat(settling.sentences().get(0)).contains("No measurement");
  }

  @Test
  void somethingDecidedNeedsNoMeasurement() {
    Settling settling = Settling.of(play(0.08, 0.08, 0.08), new Window(0.03, 0.13));
    assertThat(settling.verdict()).isEqualTo(Verdict.YES);
    assertThat(settling.sentences()).isEmpty();
  }

  /** What it promises is true: done, the verdict falls. */
  @Property
  void whatWouldSettleItDoes(
      @ForAll @Scale(4) @DoubleRange(min = 0.02, max = 0.05) double at,
      @ForAll @Scale(4) @DoubleRange(min = 0.0005, max = 0.02) double scatter) {
    Working w = play(at - scatter, at, at + scatter);
    Window window = new Window(0.03, 0.13);
    Settling settling = Settling.of(w, window);
    for (Settling.Way way : settling.ways()) {
      Working done = w.after(way.input(), way.finer());
      assertThat(window.judge(new Measured(done.result().value(), done.result().uncertainty())))
          .isNotEqualTo(Verdict.CANNOT_TELL);
    }
  }
}
