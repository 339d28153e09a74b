package unbo.core.working;

import java.util.ArrayList;
import java.util.List;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;

/**
 * A working judged against a window, and when that cannot tell: which measurement would, worked out
 * by working the formula again with each input known better. The value is taken to stay as it is;
 * if it moves, so may the verdict.
 *
 * @param verdict whether the result lies in the window
 * @param ways each measurement that alone would settle it, cheapest first within its input, the
 *     input with most of the doubt first
 * @param together what would settle it only when all of it is done; empty when one way alone does
 *     or nothing does
 */
public record Settling(Verdict verdict, List<Way> ways, List<Way> together) {

  /** Something to do, and the uncertainty of the result that is left then. */
  public record Way(Input input, Finer finer, double uncertaintyLeft) {}

  public static Settling of(Working working, Window window) {
    Verdict verdict = judge(working, window);
    if (verdict != Verdict.CANNOT_TELL) {
      return new Settling(verdict, List.of(), List.of());
    }
    List<Way> alone = new ArrayList<>();
    for (Working.Share share : working.shares()) {
      firstThatSettles(working, share.input(), window).ifPresent(alone::add);
    }
    if (!alone.isEmpty() || judge(working.atBest(), window) == Verdict.CANNOT_TELL) {
      return new Settling(verdict, List.copyOf(alone), List.of());
    }
    return new Settling(verdict, List.of(), all(working));
  }

  private static java.util.Optional<Way> firstThatSettles(
      Working working, Input input, Window window) {
    for (Finer finer : input.finer()) {
      Working better = working.after(input, finer);
      if (judge(better, window) != Verdict.CANNOT_TELL) {
        return java.util.Optional.of(new Way(input, finer, better.result().uncertainty()));
      }
    }
    return java.util.Optional.empty();
  }

  private static List<Way> all(Working working) {
    double left = working.atBest().result().uncertainty();
    List<Way> ways = new ArrayList<>();
    for (Working.Share share : working.shares()) {
      share.input().finer().stream()
          .min(java.util.Comparator.comparingDouble(Finer::uncertainty))
          .ifPresent(finest -> ways.add(new Way(share.input(), finest, left)));
    }
    return List.copyOf(ways);
  }

  private static Verdict judge(Working working, Window window) {
    return window.judge(
        new Measured(
            (working.least() + working.most()) / 2, (working.most() - working.least()) / 2));
  }

  /** What to do, in sentences. */
  public List<String> sentences() {
    if (verdict != Verdict.CANNOT_TELL) {
      return List.of();
    }
    if (!together.isEmpty()) {
      return List.of(
          "Only together these would settle it: "
              + String.join("; ", together.stream().map(w -> w.finer().does()).toList())
              + ".");
    }
    if (ways.isEmpty()) {
      return List.of(
          "No measurement listed here can settle it: the value is too near the limit. Treat it as not passed.");
    }
    return ways.stream()
        .map(w -> "Would settle it, if the value stays: " + w.finer().does() + ".")
        .toList();
  }
}
