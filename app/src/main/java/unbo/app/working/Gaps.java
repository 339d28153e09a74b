package unbo.app.working;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import unbo.core.section.TurnsFree;

/**
 * What stands still against what turns, the nearest first, with its working.
 *
 * @param rows a pair each
 */
public record Gaps(List<Row> rows, List<WorkingView> workings) {

  /**
   * A pair.
   *
   * @param refused nearer than two run-outs and a grain of dirt, by sizes that were measured
   */
  public record Row(String standing, String turning, Figure mm, boolean assumed, boolean refused) {}

  public static Gaps of(TurnsFree free) {
    Workings workings = new Workings("free");
    List<Row> rows = new ArrayList<>();
    for (TurnsFree.Gap gap : free.gaps()) {
      String text = String.format(Locale.ROOT, "%.1f mm", gap.mm());
      rows.add(
          new Row(
              gap.standing().title(),
              gap.turning().title(),
              workings.figure("", gap.working(), text),
              gap.assumed(),
              gap.isTooNear() && !gap.assumed()));
    }
    return new Gaps(List.copyOf(rows), workings.all());
  }
}
