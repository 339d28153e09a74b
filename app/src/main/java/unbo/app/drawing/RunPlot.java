package unbo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import unbo.core.speed.TestRun;

/**
 * Test runs as lines: degrees over the air against minutes.
 *
 * @param lines a run each
 * @param marks of both axes
 */
public record RunPlot(List<Line> lines, List<Mark> marks) {

  public static final double WIDTH = 520;
  public static final double HEIGHT = 220;

  private static final double LEFT = 40;
  private static final double RIGHT = 490;
  private static final double TOP = 12;
  private static final double BOTTOM = 190;

  /** A run with its number. */
  public record Run(int number, TestRun run) {}

  /** A line with its number at its end; one reading alone is a dot. */
  public record Line(String path, double endX, double endY, int number) {}

  /** A number at an axis. */
  public record Mark(double x, double y, String anchor, String text) {}

  /** Draws them to one scale. */
  public static RunPlot of(List<Run> runs) {
    double minutes =
        Math.max(
            1,
            runs.stream()
                .flatMap(r -> r.run.samples().stream())
                .mapToDouble(TestRun.Sample::minutes)
                .max()
                .orElse(1));
    double rise =
        Math.max(
            1,
            runs.stream()
                .flatMap(r -> r.run.samples().stream().map(s -> s.celsius() - r.run.airC()))
                .mapToDouble(Double::doubleValue)
                .max()
                .orElse(1));
    double mostMinutes = round(minutes);
    double mostRise = round(rise);
    return new RunPlot(
        runs.stream().map(r -> line(r, mostMinutes, mostRise)).toList(),
        marks(mostMinutes, mostRise));
  }

  /** Up to one, two or five times a power of ten. */
  private static double round(double most) {
    double power = Math.pow(10, Math.floor(Math.log10(most)));
    for (double step : new double[] {1, 2, 5}) {
      if (most <= step * power) {
        return step * power;
      }
    }
    return 10 * power;
  }

  private static Line line(Run run, double minutes, double rise) {
    StringBuilder path = new StringBuilder();
    Spot last = null;
    for (TestRun.Sample s : run.run.samples()) {
      double over = Math.max(0, s.celsius() - run.run.airC());
      last =
          new Spot(
              LEFT + (RIGHT - LEFT) * s.minutes() / minutes, BOTTOM - (BOTTOM - TOP) * over / rise);
      path.append(path.isEmpty() ? "M" : " L").append(last.pair());
    }
    return new Line(path.toString(), last.x(), last.y(), run.number);
  }

  private static List<Mark> marks(double minutes, double rise) {
    List<Mark> marks = new ArrayList<>();
    for (int i = 0; i <= 2; i++) {
      double x = LEFT + (RIGHT - LEFT) * i / 2;
      String unit = i == 2 ? " min" : "";
      marks.add(new Mark(x, BOTTOM + 18, i == 2 ? "end" : "middle", plain(minutes * i / 2) + unit));
      double y = BOTTOM - (BOTTOM - TOP) * i / 2;
      marks.add(new Mark(LEFT - 5, y + 4, "end", plain(rise * i / 2)));
    }
    return List.copyOf(marks);
  }

  private static String plain(double value) {
    return value == Math.rint(value)
        ? String.format(Locale.ROOT, "%.0f", value)
        : String.format(Locale.ROOT, "%.1f", value);
  }
}
