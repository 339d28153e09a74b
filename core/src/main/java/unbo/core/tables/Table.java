package unbo.core.tables;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * One table file: comma separated, a header line, comment lines that start with {@code #}. Every
 * fault is a {@link BrokenTableException} that names file, line and text; there is no quiet
 * default.
 */
public final class Table {

  private static final CSVFormat FORMAT =
      CSVFormat.DEFAULT
          .builder()
          .setHeader()
          .setSkipHeaderRecord(true)
          .setCommentMarker('#')
          .setTrim(true)
          .get();

  private Table() {}

  /** Reads a resource that lies beside a class, one value for each row. */
  public static <T> List<T> read(Class<?> beside, String file, Function<Row, T> each) {
    try (InputStream in = beside.getResourceAsStream(file)) {
      if (in == null) {
        throw new BrokenTableException(file, 0, "the file is missing", null);
      }
      return parse(file, new InputStreamReader(in, StandardCharsets.UTF_8), each);
    } catch (IOException e) {
      throw new UncheckedIOException(file, e);
    }
  }

  static <T> List<T> parse(String file, java.io.Reader text, Function<Row, T> each)
      throws IOException {
    try (CSVParser parser = FORMAT.parse(text)) {
      return parser.stream().map(record -> row(file, parser, record, each)).toList();
    }
  }

  private static <T> T row(String file, CSVParser parser, CSVRecord record, Function<Row, T> each) {
    long line = parser.getCurrentLineNumber();
    if (!record.isConsistent()) {
      throw new BrokenTableException(
          file, line, "wrong number of columns: " + String.join(",", record.toList()), null);
    }
    try {
      return each.apply(new Row(record));
    } catch (IllegalArgumentException e) {
      throw new BrokenTableException(file, line, e.getMessage() + " in " + record.toMap(), e);
    }
  }

  /** One row, asked by column name. */
  public static final class Row {
    private final CSVRecord record;

    private Row(CSVRecord record) {
      this.record = record;
    }

    public String text(String column) {
      return record.get(column);
    }

    public double number(String column) {
      return Double.parseDouble(record.get(column));
    }

    public int whole(String column) {
      return Integer.parseInt(record.get(column));
    }
  }
}
