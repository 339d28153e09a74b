package unbo.core.shim;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Which shims of a stock come to a thickness: all stacks are looked at, the fewest shims first,
 * then the least error. Thickness in whole micrometres.
 *
 * @param shims thicknesses in mm with their count, the thickest first
 * @param totalMm of all
 */
public record ShimStack(List<Shims> shims, double totalMm) {

  /** Shims of one thickness. */
  public record Shims(double thicknessMm, int count) {}

  /**
   * What a search found.
   *
   * @param best empty when none is within the tolerance
   * @param alternatives next best, within the tolerance
   * @param nearest the nearest of all; the best itself when there is one
   */
  public record Found(Optional<ShimStack> best, List<ShimStack> alternatives, ShimStack nearest) {}

  /** More shims creep and bend. */
  public static final int WARN_OVER = 3;

  private static final int ALTERNATIVES = 4;
  private static final long MOST_STEPS = 4_000_000;

  public int count() {
    return shims.stream().mapToInt(Shims::count).sum();
  }

  public double errorMm(double targetMm) {
    return totalMm - targetMm;
  }

  /**
   * Searches.
   *
   * @param targetMm 0 or more
   * @param toleranceMm 0 or more
   * @param mostShims 1 to 8
   * @param stock thicknesses over 0 with counts
   * @throws IllegalArgumentException when the stock has too many kinds to look at all stacks
   */
  public static Found search(
      double targetMm, double toleranceMm, int mostShims, List<Shims> stock) {
    return new Search(targetMm, toleranceMm, mostShims, stock).run();
  }

  /** What is needed while it is searched. */
  private static final class Search {

    private final long target;
    private final long tolerance;
    private final int most;
    private final long[] thickness;
    private final int[] stock;
    private final int[] taken;
    private final List<ShimStack> within = new ArrayList<>();
    private ShimStack nearest;
    private long steps;

    Search(double targetMm, double toleranceMm, int mostShims, List<Shims> all) {
      this.target = Math.round(targetMm * 1000);
      this.tolerance = Math.round(toleranceMm * 1000);
      this.most = mostShims;
      List<Shims> sorted =
          all.stream()
              .filter(s -> s.count > 0)
              .sorted(Comparator.comparingDouble(Shims::thicknessMm).reversed())
              .toList();
      thickness = sorted.stream().mapToLong(s -> Math.round(s.thicknessMm * 1000)).toArray();
      stock = sorted.stream().mapToInt(Shims::count).toArray();
      taken = new int[thickness.length];
      nearest = new ShimStack(List.of(), 0);
    }

    /** By count: once some stacks of few shims do, those of more are only alternatives. */
    Found run() {
      for (int count = 0; count <= most && within.size() < ALTERNATIVES + 1; count++) {
        from(0, count, 0);
      }
      Comparator<ShimStack> order =
          Comparator.comparingInt(ShimStack::count)
              .thenComparingDouble(s -> Math.abs(Math.round(s.totalMm * 1000) - target));
      within.sort(order);
      Optional<ShimStack> best = within.stream().findFirst();
      List<ShimStack> others = within.stream().skip(1).limit(ALTERNATIVES).toList();
      return new Found(best, others, best.orElse(nearest));
    }

    private void from(int kind, int left, long sum) {
      if (++steps > MOST_STEPS) {
        throw new IllegalArgumentException("Too many kinds of shims to look at all stacks");
      }
      if (left == 0) {
        keep(sum);
        return;
      }
      if (kind == thickness.length) {
        return;
      }
      long tooMuch = target + Math.max(tolerance, Math.abs(error(nearest)));
      for (int n = Math.min(left, stock[kind]); n >= 0; n--) {
        long now = sum + n * thickness[kind];
        long reach = now + (long) (left - n) * thickness[kind];
        boolean over = now > tooMuch;
        boolean under = reach < target - Math.max(tolerance, Math.abs(error(nearest)));
        if (!over && !under) {
          taken[kind] = n;
          from(kind + 1, left - n, now);
          taken[kind] = 0;
        }
      }
    }

    private long error(ShimStack stack) {
      return Math.round(stack.totalMm * 1000) - target;
    }

    private void keep(long sum) {
      long error = Math.abs(sum - target);
      if (error <= tolerance) {
        within.add(stack(sum));
      }
      if (error < Math.abs(error(nearest))) {
        nearest = stack(sum);
      }
    }

    private ShimStack stack(long sum) {
      List<Shims> shims = new ArrayList<>();
      for (int i = 0; i < taken.length; i++) {
        if (taken[i] > 0) {
          shims.add(new Shims(thickness[i] / 1000.0, taken[i]));
        }
      }
      return new ShimStack(List.copyOf(shims), sum / 1000.0);
    }
  }
}
