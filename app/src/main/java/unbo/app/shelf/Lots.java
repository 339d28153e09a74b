package unbo.app.shelf;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.measure.Verdict;

/**
 * Suppliers and lots side by side: how many pieces were measured, how many were refused, how far
 * their sizes lie off the nominal on the mean. A mean of fewer than three pieces says little and is
 * marked so.
 */
public record Lots(List<Lot> rows) {

  /**
   * One lot of one number from one supplier.
   *
   * @param boreUm mean bore less nominal, micrometres; NaN-free: empty when not measured
   */
  public record Lot(
      String supplier,
      String lot,
      String number,
      int pieces,
      int measured,
      long passed,
      long refused,
      OptionalDouble boreUm,
      OptionalDouble outsideUm,
      boolean few) {}

  private static final int ENOUGH = 3;

  static Lots of(List<ShelfItem> items, List<ShelfInspection> inspections) {
    Map<Long, List<ShelfInspection>> byItem =
        inspections.stream().collect(Collectors.groupingBy(ShelfInspection::getItemId));
    Map<String, List<ShelfItem>> byLot = new LinkedHashMap<>();
    for (ShelfItem item : items) {
      byLot.computeIfAbsent(key(item), k -> new ArrayList<>()).add(item);
    }
    return new Lots(
        byLot.values().stream()
            .map(its -> lot(its, byItem))
            .sorted(
                Comparator.comparing(Lot::number)
                    .thenComparing(Lot::supplier)
                    .thenComparing(Lot::lot))
            .toList());
  }

  private static String key(ShelfItem item) {
    String number = item.getDesignation().isEmpty() ? item.getNumber() : item.getDesignation();
    return item.getSupplier() + "\n" + item.getLot() + "\n" + number;
  }

  private static Lot lot(List<ShelfItem> items, Map<Long, List<ShelfInspection>> byItem) {
    ShelfItem first = items.get(0);
    List<ShelfInspection> all =
        items.stream().flatMap(i -> byItem.getOrDefault(i.getId(), List.of()).stream()).toList();
    Bearing bearing = Catalogue.standard().find(first.getDesignation()).orElse(null);
    return new Lot(
        first.getSupplier(),
        first.getLot(),
        first.getDesignation().isEmpty() ? first.getNumber() : first.getDesignation(),
        items.stream().mapToInt(ShelfItem::getQuantity).sum(),
        all.size(),
        all.stream().filter(i -> i.getVerdict() == Verdict.YES).count(),
        all.stream().filter(i -> i.getVerdict() == Verdict.NO).count(),
        off(all, ShelfInspection::getBore, bearing == null ? 0 : bearing.boreMm()),
        off(all, ShelfInspection::getOutside, bearing == null ? 0 : bearing.outerMm()),
        all.size() < ENOUGH);
  }

  private static OptionalDouble off(
      List<ShelfInspection> all, Function<ShelfInspection, Double> size, double nominal) {
    return all.stream()
        .map(size)
        .filter(v -> v != null)
        .mapToDouble(v -> (v - nominal) * 1000)
        .average();
  }
}
