package unbo.app.working;

import java.util.ArrayList;
import java.util.List;
import unbo.core.measure.Window;
import unbo.core.units.Digits;
import unbo.core.working.Settling;
import unbo.core.working.Working;

/** Collects the figures of a sheet with their workings, in the order of the page. */
public final class Workings {

  private final String prefix;
  private final List<WorkingView> all = new ArrayList<>();

  /** Figures of a sheet; the prefix keeps its keys apart from other sheets'. */
  public Workings(String prefix) {
    this.prefix = prefix;
  }

  /** A figure with value, uncertainty and unit as its text. */
  public Figure figure(String where, Working working) {
    String unit = working.formula().unit();
    String text = Digits.both(working.result().value(), working.result().uncertainty());
    return figure(
        where, working, unit.isEmpty() || unit.equals("°") ? text + unit : text + " " + unit);
  }

  /** A figure with a text of its own. */
  public Figure figure(String where, Working working, String text) {
    return add(where, working, null, text);
  }

  /** A figure judged against a window: when that cannot tell, the slip says what would. */
  public Figure judged(String where, Working working, Window window, String text) {
    return add(where, working, Settling.of(working, window), text);
  }

  private Figure add(String where, Working working, Settling settling, String text) {
    String key = prefix + "-" + (all.size() + 1);
    all.add(WorkingView.of(key, where, working, settling));
    return new Figure(key, text);
  }

  public List<WorkingView> all() {
    return List.copyOf(all);
  }

  /** What would settle the verdicts that cannot tell, without repeats. */
  public List<String> settles() {
    return all.stream().flatMap(w -> w.settles().stream()).distinct().toList();
  }
}
