package unbo.app.drawing;

import java.util.List;

/**
 * What a station writes on a section.
 *
 * @param parts the parts that it is about; empty when it is about the whole
 * @param text its line
 * @param sign what is drawn at the parts
 * @param href where the figure stands with its working; empty when that is the page itself
 * @param seat a fit to be drawn at the seat itself; null for any other figure
 */
public record SectionNote(
    List<String> parts, NoteText text, Glyph sign, String href, SeatSign seat) {

  public SectionNote {
    parts = List.copyOf(parts);
  }

  /** About parts, with nothing drawn at them. */
  public SectionNote(List<String> parts, NoteText text, Glyph sign, String href) {
    this(parts, text, sign, href, null);
  }

  /** The same with a fit drawn at the seat. */
  public SectionNote fitted(SeatSign shown) {
    return new SectionNote(parts, text, sign, href, shown);
  }

  /** The same with the place where its figure stands. */
  public SectionNote at(String address) {
    return new SectionNote(parts, text, sign, address, seat);
  }

  /** The same with something drawn at its parts. */
  public SectionNote drawn(Glyph shown) {
    return new SectionNote(parts, text, shown, href, seat);
  }
}
