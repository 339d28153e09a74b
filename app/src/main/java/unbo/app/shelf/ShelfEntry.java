package unbo.app.shelf;

import java.math.BigDecimal;
import java.util.Map;
import java.util.Optional;
import unbo.app.web.FieldProblems;
import unbo.core.units.Entry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;

/**
 * What stands on a shelf card, taken from a form or a line of a CSV file.
 *
 * @param price in the shop's money, null when not known
 */
record ShelfEntry(
    String number,
    String place,
    int quantity,
    BigDecimal price,
    String lot,
    String supplier,
    String note,
    boolean unmarked) {

  private static final int MOST_PIECES = 100_000;

  /** Reads fields by name; problems are noted at theirs. */
  static Optional<ShelfEntry> of(Map<String, String> fields, FieldProblems problems) {
    String number = text(fields, "number", 80, problems);
    if (number.isEmpty()) {
      problems.add(
          "number",
          new Problem(
              "", "The number is missing.", "Enter the number as marked on the ring or the box."));
    }
    String place = text(fields, "place", 40, problems);
    int quantity = quantity(fields.getOrDefault("quantity", ""), problems);
    BigDecimal price = price(fields.getOrDefault("price", ""), problems);
    String lot = text(fields, "lot", 40, problems);
    String supplier = text(fields, "supplier", 80, problems);
    String note = text(fields, "note", 300, problems);
    String mark = fields.getOrDefault("unmarked", "").strip().toLowerCase(java.util.Locale.ROOT);
    boolean unmarked = !mark.isEmpty() && !mark.equals("no") && !mark.equals("0");
    return problems.isEmpty()
        ? Optional.of(new ShelfEntry(number, place, quantity, price, lot, supplier, note, unmarked))
        : Optional.empty();
  }

  private static String text(
      Map<String, String> fields, String field, int longest, FieldProblems problems) {
    String value = fields.getOrDefault(field, "").strip();
    if (value.length() > longest) {
      problems.add(field, new Problem(value, "Too long.", longest + " characters at most."));
    }
    return value;
  }

  private static int quantity(String typed, FieldProblems problems) {
    if (typed.isBlank()) {
      return 1;
    }
    Entry<Double> entry = QuantityEntry.COUNT.parse(typed);
    double value = problems.take("quantity", entry).orElse(0.0);
    if (!entry.isRefused() && !(value >= 0 && value <= MOST_PIECES)) {
      problems.add("quantity", new Problem(typed, "Out of range.", "Enter 0 to 100 000 pieces."));
    }
    return (int) value;
  }

  private static BigDecimal price(String typed, FieldProblems problems) {
    String text = typed.strip().replace(',', '.');
    if (text.isEmpty()) {
      return null;
    }
    if (!text.matches("\\d{1,7}(\\.\\d{1,2})?")) {
      problems.add(
          "price",
          new Problem(
              typed,
              "Not a price.",
              "Enter a price such as 12.50, without currency or thousands separator."));
      return null;
    }
    return new BigDecimal(text);
  }
}
