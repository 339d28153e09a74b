package unbo.app.job;

import java.util.List;

/**
 * A line that a station brings to the job sheet.
 *
 * @param label what it is about; may be empty
 * @param text in our words, with lengths in millimetres
 * @param typed what a person typed or said, kept as it stands; may be empty
 */
public record PaperLine(String label, String text, String typed) {

  public static PaperLine of(String label, String text) {
    return new PaperLine(label, text, "");
  }

  /** Readings as they were typed, and by whom. */
  public static PaperLine typed(String label, List<String> readings, String by) {
    return new PaperLine(label, by, String.join(" · ", readings));
  }
}
