package unbo.core.tables;

/** Thrown when a table file is missing or a row of it cannot be understood; it stops the start. */
public final class BrokenTableException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  BrokenTableException(String file, long line, String text, Throwable cause) {
    super("Table " + file + ", line " + line + ": " + text, cause);
  }
}
