package unbo.core.tables;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/**
 * One text resource, line by line: empty lines and lines that start with {@code #} are left out; a
 * fault is a {@link BrokenTableException} that names file, line and text.
 */
public final class TextLines {

  private TextLines() {}

  /**
   * A line of the file.
   *
   * @param number counted from one
   * @param text without white space at its ends
   */
  public record Line(int number, String text) {}

  /** The lines of a resource that lies beside a class. */
  public static List<Line> of(Class<?> beside, String file) {
    try (InputStream in = beside.getResourceAsStream(file)) {
      if (in == null) {
        throw new BrokenTableException(file, 0, "the file is missing", null);
      }
      return read(new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8)));
    } catch (IOException e) {
      throw new UncheckedIOException(file, e);
    }
  }

  private static List<Line> read(BufferedReader in) throws IOException {
    List<Line> lines = new ArrayList<>();
    int number = 0;
    for (String text = in.readLine(); text != null; text = in.readLine()) {
      number++;
      if (!text.isBlank() && !text.startsWith("#")) {
        lines.add(new Line(number, text.strip()));
      }
    }
    return lines;
  }

  /** Hands a line to its reader; what that refuses is said with file, line and text. */
  public static void each(String file, Line line, Consumer<String> reader) {
    try {
      reader.accept(line.text());
    } catch (RuntimeException e) {
      throw new BrokenTableException(
          file, line.number(), e.getMessage() + " in “" + line.text() + "”", e);
    }
  }
}
