package unbo.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import unbo.app.speed.BearingRun;
import unbo.core.speed.TestRun;

/** Test runs of the demo: a hub on a stand in two oils at three speeds and two levels, made up. */
final class DemoRuns {

  private static final String SERIES = "kart hub on the stand";

  /** How much warmer than the air, °C, in the order of the plan. */
  private static final double[] RISES = {
    14.2, 9.9, 19.1, 15.6, 22.8, 17.4, 28.7, 23.1, 31.5, 26.2, 36.9, 31.8
  };

  private DemoRuns() {}

  static List<BearingRun> all(String person, Instant now) {
    List<BearingRun> runs = new ArrayList<>();
    int i = 0;
    for (double rpm : new double[] {2000, 3500, 5000}) {
      for (double level : new double[] {2, 6}) {
        for (String oil : List.of("shelf 68", "shelf 22")) {
          double rise = RISES[i];
          Instant at = now.minus(Duration.ofHours(40L * (RISES.length - i)));
          runs.add(new BearingRun(SERIES, run(rpm, oil, level, rise), person, at));
          i++;
        }
      }
    }
    return runs;
  }

  /** It comes to rest within an hour. */
  private static TestRun run(double rpm, String oil, double level, double rise) {
    List<TestRun.Sample> samples = new ArrayList<>();
    for (double minutes : new double[] {0, 10, 20, 40, 60}) {
      double share = 1 - Math.exp(-minutes / 12);
      samples.add(new TestRun.Sample(minutes, Math.round(10 * (19 + rise * share)) / 10.0));
    }
    return new TestRun(rpm, oil, level, 19, samples);
  }
}
