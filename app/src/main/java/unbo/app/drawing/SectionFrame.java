package unbo.app.drawing;

import java.util.List;

/**
 * A section in its frame, as pages show it: heading, both drawings, what cannot be, and its parts
 * in a row.
 *
 * @param heading over the drawing
 * @param note beside the heading
 * @param title of the drawing, for who does not see it
 * @param base address to which a part's id is added
 * @param drawn the drawings
 * @param rows the parts
 */
public record SectionFrame(
    String heading, String note, String title, String base, DrawnSection drawn, List<Row> rows) {

  /**
   * A part in the row.
   *
   * @param letter of its state; empty where it has none
   * @param state in words
   */
  public record Row(
      int number, String part, String name, String letter, String state, boolean selected) {}
}
