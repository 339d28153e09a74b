package unbo.app.shelf;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import unbo.app.web.FieldProblems;
import unbo.core.units.Problem;

/**
 * A CSV text on its way to the shelf: which column means what, each line taken or refused. Nothing
 * is written while any line is refused.
 *
 * @param text the CSV text
 * @param headers its first line
 * @param mapping field by column place; an empty field leaves the column out
 * @param lines every line with what came of it
 * @param problem why the text as a whole cannot be read; null when it can
 */
public record CsvImport(
    String text, List<String> headers, List<String> mapping, List<Line> lines, Problem problem) {

  /** Fields of a card, in the order of the export. */
  static final List<String> FIELDS =
      List.of("number", "place", "quantity", "price", "lot", "supplier", "note", "unmarked");

  static final int MOST_LINES = 5000;
  static final int MOST_COLUMNS = 40;
  static final int LONGEST_CELL = 1000;

  private static final Map<String, List<String>> NAMES =
      Map.of(
          "number", List.of("number", "part", "part number", "designation", "bearing", "item"),
          "place", List.of("place", "bin", "shelf", "location", "box"),
          "quantity", List.of("quantity", "qty", "pieces", "count", "stock"),
          "price", List.of("price", "cost", "price each", "each"),
          "lot", List.of("lot", "batch"),
          "supplier", List.of("supplier", "from", "vendor"),
          "note", List.of("note", "notes", "remark", "comment"),
          "unmarked", List.of("unmarked", "no mark"));

  /** One line: its number in the text, its cells, and either an entry or its problems. */
  public record Line(
      long number, List<String> cells, Optional<ShelfEntry> entry, List<String> problems) {
    /** For templates: whether it was taken. */
    public boolean isTaken() {
      return entry.isPresent();
    }
  }

  /** Reads a text; an empty mapping is guessed from the first line. */
  static CsvImport of(String text, List<String> given) {
    if (text.isBlank()) {
      return failed(
          text, new Problem("", "There is nothing to import.", "Choose a file or paste its text."));
    }
    if (text.indexOf('\0') >= 0) {
      return failed(
          text, new Problem("", "Not a text file.", "Save the table as CSV (UTF-8) first."));
    }
    try (CSVParser parser = format(text).parse(new StringReader(text))) {
      List<CSVRecord> records = parser.getRecords();
      Optional<Problem> tooMuch = tooMuch(records);
      if (tooMuch.isPresent()) {
        return failed(text, tooMuch.get());
      }
      return read(text, records, given);
    } catch (IOException | UncheckedIOException | IllegalStateException e) {
      return failed(
          text,
          new Problem(
              "", "A quote is not closed, or the text breaks off.", "Save it as CSV again."));
    }
  }

  /** More than a shelf's table has is refused before a page is made of it. */
  private static Optional<Problem> tooMuch(List<CSVRecord> records) {
    if (records.size() - 1 > MOST_LINES) {
      return Optional.of(
          new Problem("", "Too many lines.", "Import at most " + MOST_LINES + " lines at once."));
    }
    for (CSVRecord record : records) {
      if (record.size() > MOST_COLUMNS) {
        return Optional.of(
            new Problem(
                "line " + record.getRecordNumber() + ": " + record.size() + " columns",
                "Too many columns.",
                "Import at most " + MOST_COLUMNS + " columns."));
      }
      if (record.stream().anyMatch(c -> c.length() > LONGEST_CELL)) {
        return Optional.of(
            new Problem(
                "line " + record.getRecordNumber(),
                "A cell is too long.",
                "Shorten it to " + LONGEST_CELL + " characters."));
      }
    }
    return Optional.empty();
  }

  private static CsvImport failed(String text, Problem problem) {
    return new CsvImport(text, List.of(), List.of(), List.of(), problem);
  }

  /** A semicolon in the first line, where there is one, else a tab, else a comma. */
  private static CSVFormat format(String text) {
    String first = text.lines().findFirst().orElse("");
    char delimiter = first.indexOf(';') >= 0 ? ';' : first.indexOf('\t') >= 0 ? '\t' : ',';
    return CSVFormat.DEFAULT
        .builder()
        .setDelimiter(delimiter)
        .setTrim(true)
        .setIgnoreEmptyLines(true)
        .get();
  }

  private static CsvImport read(String text, List<CSVRecord> records, List<String> given) {
    List<String> headers = new ArrayList<>();
    records.get(0).forEach(h -> headers.add(h.replace("\uFEFF", "")));
    List<String> mapping = given.size() == headers.size() ? given : guess(headers);
    List<Line> lines = new ArrayList<>();
    for (CSVRecord record : records.subList(1, records.size())) {
      lines.add(line(record, mapping));
    }
    Problem problem = null;
    if (!mapping.contains("number")) {
      problem =
          new Problem(
              String.join(", ", headers),
              "No column for the number.",
              "Choose the column for the number below.");
    } else if (lines.isEmpty()) {
      problem = new Problem("", "Only a first line, nothing below it.", "Add lines.");
    }
    return new CsvImport(text, headers, mapping, lines, problem);
  }

  private static List<String> guess(List<String> headers) {
    List<String> mapping = new ArrayList<>();
    for (String header : headers) {
      String low = header.toLowerCase(Locale.ROOT).strip();
      mapping.add(
          FIELDS.stream()
              .filter(f -> NAMES.get(f).contains(low) && !mapping.contains(f))
              .findFirst()
              .orElse(""));
    }
    return mapping;
  }

  private static Line line(CSVRecord record, List<String> mapping) {
    Map<String, String> fields = new LinkedHashMap<>();
    List<String> cells = new ArrayList<>();
    for (int i = 0; i < record.size(); i++) {
      cells.add(record.get(i));
      if (i < mapping.size() && !mapping.get(i).isEmpty()) {
        fields.put(mapping.get(i), unguarded(record.get(i)));
      }
    }
    FieldProblems problems = new FieldProblems();
    if (record.size() > mapping.size()) {
      problems.add(
          "number",
          new Problem(
              String.valueOf(record.size()),
              "More cells than the first line has.",
              "Look for an extra separator."));
    }
    Optional<ShelfEntry> entry = ShelfEntry.of(fields, problems);
    return new Line(
        record.getRecordNumber(),
        cells,
        entry,
        problems.list().stream().map(Problem::sentence).toList());
  }

  /** The export guards cells against being run as formulas; the guard is taken off again. */
  private static String unguarded(String cell) {
    return cell.startsWith("'") && isFormula(cell.substring(1)) ? cell.substring(1) : cell;
  }

  /** Whether a spreadsheet would run a cell: its first sign decides, whatever follows. */
  static boolean isFormula(String cell) {
    return !cell.isEmpty() && "=+-@\t\r\n".indexOf(cell.charAt(0)) >= 0;
  }

  public List<String> fields() {
    return FIELDS;
  }

  public boolean isReady() {
    return problem == null && !lines.isEmpty() && lines.stream().allMatch(Line::isTaken);
  }

  public long refused() {
    return lines.stream().filter(l -> !l.isTaken()).count();
  }

  /** The lines to show: those refused first, a handful of the others. */
  public List<Line> shown() {
    List<Line> shown = new ArrayList<>(lines.stream().filter(l -> !l.isTaken()).limit(50).toList());
    lines.stream().filter(Line::isTaken).limit(8).forEach(shown::add);
    return shown;
  }
}
