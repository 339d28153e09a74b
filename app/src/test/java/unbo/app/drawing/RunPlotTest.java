package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import unbo.core.speed.TestRun;

class RunPlotTest {

  private static RunPlot.Run run(int number, double... celsius) {
    List<TestRun.Sample> samples = new ArrayList<>();
    for (int i = 0; i < celsius.length; i++) {
      samples.add(new TestRun.Sample(30.0 * i, celsius[i]));
    }
    return new RunPlot.Run(number, new TestRun(1000, "oil", 2, 20, samples));
  }

  /** 40 °C over the air and 60 minutes fill the axes; the middle of both is half of them. */
  @Test
  void theAxesEndAtRoundNumbers() {
    RunPlot plot = RunPlot.of(List.of(run(1, 20, 45, 60)));
    assertThat(plot.marks()).extracting(RunPlot.Mark::text).contains("60 min", "40", "20", "30");
    assertThat(plot.lines().get(0).path()).isEqualTo("M40 190 L265 78.8 L490 12");
  }

  /** Runs that end alike still carry numbers that can be read, and keep their own ends. */
  @Test
  void numbersStandApart() {
    RunPlot plot = RunPlot.of(List.of(run(1, 20, 50), run(2, 20, 50.2), run(3, 20, 50.1)));
    List<Double> texts = plot.lines().stream().map(RunPlot.Line::textY).sorted().toList();
    assertThat(texts.get(1) - texts.get(0)).isGreaterThanOrEqualTo(12);
    assertThat(texts.get(2) - texts.get(1)).isGreaterThanOrEqualTo(12);
    assertThat(RunPlot.of(List.of(run(4, 33))).lines().get(0).path()).startsWith("M40 ");
  }
}
