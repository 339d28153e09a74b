package unbo.app.drawing;

/**
 * What a station writes on a section.
 *
 * @param part the part that it is about; empty when it is about the whole
 * @param text its line
 * @param href where the figure stands with its working; empty when that is the page itself
 */
public record SectionNote(String part, NoteText text, String href) {

  /** The same with the place where its figure stands. */
  public SectionNote at(String address) {
    return new SectionNote(part, text, address);
  }
}
