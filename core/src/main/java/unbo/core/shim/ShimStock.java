package unbo.core.shim;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import unbo.core.shim.ShimStack.Shims;
import unbo.core.units.Digits;
import unbo.core.units.Entry;
import unbo.core.units.LengthEntry;

/**
 * Shims of one box by thickness, as somebody writes them: {@code 0.10 x 4; 0.15 x 2}, a thickness
 * alone is one shim.
 *
 * @param shims kinds with their counts, over 0, in the order in which they were written
 */
public record ShimStock(List<Shims> shims) {

  /** So many kinds are looked at. */
  public static final int MOST_KINDS = 40;

  private static final double THICKEST_MM = 20;
  private static final String WRITE = "Write 0.10 x 4; 0.15 x 2, in mm.";

  public ShimStock {
    shims = List.copyOf(shims);
  }

  /** Reads it; nothing written is an empty entry. */
  public static Entry<ShimStock> parse(String typed) {
    String text = typed == null ? "" : typed;
    Map<Double, Integer> counts = new LinkedHashMap<>();
    for (String piece : text.split("[;\\r\\n]+")) {
      if (piece.isBlank()) {
        continue;
      }
      String[] parts = piece.strip().split("\\s*[x×*]\\s*", -1);
      Optional<Double> mm = parts.length > 2 ? Optional.empty() : mm(parts[0]);
      Optional<Integer> count = parts.length < 2 ? Optional.of(1) : count(parts[1]);
      if (mm.isEmpty() || count.isEmpty()) {
        return Entry.refused(text, "“" + piece.strip() + "” is no shim.", WRITE);
      }
      counts.merge(mm.get(), count.get(), Integer::sum);
    }
    if (counts.size() > MOST_KINDS) {
      return Entry.refused(text, "More than 40 kinds of shims.", "Enter those near the thickness.");
    }
    return counts.isEmpty()
        ? Entry.empty(text)
        : Entry.taken(
            text,
            new ShimStock(
                counts.entrySet().stream().map(e -> new Shims(e.getKey(), e.getValue())).toList()));
  }

  private static Optional<Double> mm(String text) {
    return LengthEntry.parse(text, LengthEntry.Unit.MILLIMETRE)
        .value()
        .map(t -> t.length().millimetres())
        .filter(v -> v > 0 && v <= THICKEST_MM);
  }

  private static Optional<Integer> count(String text) {
    return text.strip().matches("\\d{1,3}")
        ? Optional.of(Integer.parseInt(text.strip())).filter(n -> n > 0)
        : Optional.empty();
  }

  /**
   * What is left when a stack was taken out.
   *
   * @throws IllegalArgumentException when it has not got all of them
   */
  public ShimStock without(ShimStack taken) {
    Map<Double, Integer> left = new LinkedHashMap<>();
    shims.forEach(s -> left.merge(s.thicknessMm(), s.count(), Integer::sum));
    for (Shims s : taken.shims()) {
      double kind =
          left.keySet().stream()
              .filter(k -> Math.abs(k - s.thicknessMm()) < 0.0005)
              .findFirst()
              .orElseThrow(() -> new IllegalArgumentException("No shim of that thickness"));
      int rest = left.get(kind) - s.count();
      if (rest < 0) {
        throw new IllegalArgumentException("Not so many of that thickness");
      }
      left.put(kind, rest);
    }
    left.values().removeIf(n -> n == 0);
    return new ShimStock(
        left.entrySet().stream().map(e -> new Shims(e.getKey(), e.getValue())).toList());
  }

  /** What is left of this when those were taken out; what was not there is not missed. */
  public ShimStock less(ShimStock taken) {
    Map<Double, Integer> left = new LinkedHashMap<>();
    shims.forEach(s -> left.merge(s.thicknessMm(), s.count(), Integer::sum));
    taken.shims().forEach(s -> left.computeIfPresent(s.thicknessMm(), (k, n) -> n - s.count()));
    left.values().removeIf(n -> n <= 0);
    return new ShimStock(
        left.entrySet().stream().map(e -> new Shims(e.getKey(), e.getValue())).toList());
  }

  /** As it is written; empty when none is left. */
  public String text() {
    return shims.stream()
        .map(s -> Digits.exact(s.thicknessMm()) + " x " + s.count())
        .collect(Collectors.joining("; "));
  }
}
