package unbo.app.tin;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import unbo.app.web.FieldProblems;
import unbo.core.lubricant.Tin;
import unbo.core.units.Problem;

/**
 * Data sheets of several tins as CSV: a line of column names, then a line a tin. All are taken or
 * none; what is wrong is said with its line.
 *
 * @param tins with place and day opened; empty when something is wrong
 */
record TinSheets(List<Row> tins) {

  /** The columns that are known, in any order; a name and a thickener are needed. */
  static final List<String> COLUMNS =
      List.of(
          "name",
          "thickener",
          "v40",
          "v100",
          "leastC",
          "mostC",
          "ndm",
          "wash",
          "ep",
          "density",
          "refuses",
          "place",
          "opened",
          "content");

  private static final int MOST_LINES = 200;

  private static final CSVFormat FORMAT =
      CSVFormat.DEFAULT.builder().setIgnoreSurroundingSpaces(true).setIgnoreEmptyLines(true).get();

  /** A tin with where it stands. */
  record Row(Tin tin, String place, String opened, Double content) {}

  /** Reads a text; problems are at the field {@code sheets}. */
  static TinSheets read(String text, FieldProblems problems) {
    List<CSVRecord> lines;
    CSVFormat format = FORMAT.builder().setDelimiter(separator(text)).get();
    try (CSVParser parser = format.parse(new StringReader(text))) {
      lines = parser.getRecords();
    } catch (IOException | UncheckedIOException | IllegalStateException e) {
      return wrong(problems, "this text", "Not CSV: a quote stays open.", "Close every quote.");
    }
    if (lines.size() < 2 || lines.size() > MOST_LINES) {
      return wrong(
          problems,
          lines.size() + " lines",
          lines.size() < 2 ? "No tin in it." : "More than 200 lines.",
          "Send the columns’ names first, such as name;thickener;v40;v100, then a line a tin.");
    }
    List<String> columns = lines.get(0).toList();
    Optional<String> unknown = columns.stream().filter(c -> !COLUMNS.contains(c)).findFirst();
    if (unknown.isPresent() || !columns.containsAll(List.of("name", "thickener"))) {
      return wrong(
          problems,
          unknown.orElse(String.join(" ", columns)),
          unknown.isPresent() ? "Not a column." : "name and thickener are missing.",
          "Known are " + String.join(", ", COLUMNS) + ".");
    }
    List<Row> rows = new ArrayList<>();
    for (int i = 1; i < lines.size(); i++) {
      row(columns, lines.get(i).toList(), i + 1, problems).ifPresent(rows::add);
    }
    return new TinSheets(problems.isEmpty() ? rows : List.of());
  }

  /** A semicolon in the first line says that it separates. */
  private static char separator(String text) {
    return text.lines().findFirst().orElse("").contains(";") ? ';' : ',';
  }

  private static TinSheets wrong(FieldProblems problems, String found, String what, String remedy) {
    problems.add("sheets", new Problem(found, what, remedy));
    return new TinSheets(List.of());
  }

  private static Optional<Row> row(
      List<String> columns, List<String> cells, int number, FieldProblems problems) {
    if (cells.size() > columns.size()) {
      problems.add(
          "sheets",
          new Problem(
              "line " + number, "More cells than columns.", "Put one cell under each column."));
      return Optional.empty();
    }
    Map<String, String> fields = new LinkedHashMap<>();
    for (int i = 0; i < cells.size(); i++) {
      fields.put(columns.get(i), cells.get(i));
    }
    fields.computeIfPresent("ep", (k, v) -> List.of("yes", "true", "1").contains(v) ? "true" : "");
    for (String refused : fields.getOrDefault("refuses", "").split("[ +/]+")) {
      fields.put("refuses-" + refused, "true");
    }
    TinForm form = new TinForm(fields, new FieldProblems());
    Optional<Tin> tin = form.read();
    form.problems()
        .list()
        .forEach(
            p ->
                problems.add(
                    "sheets",
                    new Problem("line " + number + ": " + p.found(), p.wrong(), p.remedy())));
    return tin.map(t -> new Row(t, form.get("place"), form.get("opened"), form.content()));
  }
}
