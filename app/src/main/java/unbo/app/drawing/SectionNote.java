package unbo.app.drawing;

import java.util.List;

/**
 * What a station writes on a section.
 *
 * @param parts the parts that it is about; empty when it is about the whole
 * @param text its line
 * @param sign what is drawn at the parts
 * @param href where the figure stands with its working; empty when that is the page itself
 */
public record SectionNote(List<String> parts, NoteText text, Sign sign, String href) {

  public SectionNote {
    parts = List.copyOf(parts);
  }

  /** The same with the place where its figure stands. */
  public SectionNote at(String address) {
    return new SectionNote(parts, text, sign, address);
  }

  /** The same with something drawn at its parts. */
  public SectionNote drawn(Sign shown) {
    return new SectionNote(parts, text, shown, href);
  }
}
