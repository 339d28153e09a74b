package unbo.core.designation;

/** One number of a text with its characters, which are split once. */
record MarkedItem(ReadingReport.Item item, Marking marking) {

  /** The stretch of a text from a place up to another. */
  static MarkedItem of(String text, int from, int to) {
    String own = text.substring(from, to);
    return new MarkedItem(new ReadingReport.Item(from, to, own), Marking.of(own, from));
  }
}
