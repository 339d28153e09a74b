package unbo.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
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
  private static final double TEXT = 12;

  /** A run with its number. */
  public record Run(int number, TestRun run) {}

  /** A line with its number at its end, kept clear of the others; one reading alone is a dot. */
  public record Line(String path, double endX, double endY, double textY, int number) {

    Line written(double y) {
      return new Line(path, endX, endY, y, number);
    }
  }

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
        apart(runs.stream().map(r -> line(r, mostMinutes, mostRise)).toList()),
        marks(mostMinutes, mostRise));
  }

  /** Numbers a line of text apart, each group of near ones about the middle of its ends. */
  private static List<Line> apart(List<Line> lines) {
    List<Line> fromAbove = lines.stream().sorted(Comparator.comparingDouble(Line::endY)).toList();
    List<Group> groups = new ArrayList<>();
    for (Line line : fromAbove) {
      Group next = new Group(List.of(line));
      while (!groups.isEmpty() && groups.get(groups.size() - 1).to() + TEXT > next.from()) {
        next = groups.remove(groups.size() - 1).and(next);
      }
      groups.add(next);
    }
    return groups.stream().flatMap(g -> g.written().stream()).toList();
  }

  /** Ends whose numbers would meet. */
  private record Group(List<Line> lines) {

    Group and(Group below) {
      List<Line> all = new ArrayList<>(lines);
      all.addAll(below.lines);
      return new Group(all);
    }

    double from() {
      double middle = lines.stream().mapToDouble(Line::endY).average().orElse(0);
      return middle - TEXT * (lines.size() - 1) / 2;
    }

    double to() {
      return from() + TEXT * (lines.size() - 1);
    }

    List<Line> written() {
      List<Line> written = new ArrayList<>();
      for (int i = 0; i < lines.size(); i++) {
        written.add(lines.get(i).written(from() + TEXT * i));
      }
      return written;
    }
  }

  /** Up to the next round number. */
  private static double round(double most) {
    double power = Math.pow(10, Math.floor(Math.log10(most)));
    for (double step : new double[] {1, 1.5, 2, 3, 4, 5, 6, 8}) {
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
    return new Line(path.toString(), last.x(), last.y(), last.y(), run.number);
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
