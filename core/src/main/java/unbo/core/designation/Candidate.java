package unbo.core.designation;

import java.util.BitSet;
import java.util.List;

/**
 * A spelling found in a marking with what stands around it: all that decides which readings are
 * kept. The reading itself, with its words, is made of those alone.
 *
 * @param spelling what was found
 * @param from its first character in the marking
 * @param match how well it fits
 * @param before what stands before it
 * @param behind what stands behind it
 * @param score how likely, beside the others of the same number
 */
record Candidate(
    Spelling spelling, int from, double match, SuffixRun before, SuffixRun behind, double score) {

  /** Our own bound: a spelling that is rarely meant does not speak for all that is marked. */
  private static final double LEAST_OF_A_WHOLE = 0.5;

  Candidate scoring(double other) {
    return new Candidate(spelling, from, match, before, behind, other);
  }

  /** Whether it leaves nothing of a marking unread, and is likelier than not by itself. */
  boolean isWhole() {
    return from == 0 && match == 1 && score > LEAST_OF_A_WHOLE && !behind.hasUnread();
  }

  /** Whether nothing stands around its number. */
  boolean isBare() {
    return before.pieces().isEmpty() && behind.pieces().isEmpty();
  }

  /** The characters that it explains: the number, and what was read around it. */
  BitSet explained() {
    BitSet at = body();
    add(before.pieces(), at);
    add(behind.pieces(), at);
    return at;
  }

  private static void add(List<SuffixRun.Piece> pieces, BitSet at) {
    for (SuffixRun.Piece piece : pieces) {
      if (!piece.isUnread()) {
        at.set(piece.from(), piece.to());
      }
    }
  }

  /** The characters of the number itself, with the letters of its kind before it. */
  BitSet body() {
    BitSet at = new BitSet();
    at.set(from, from + spelling.length());
    for (SuffixRun.Piece piece : before.pieces()) {
      if (piece.kind() == SuffixRun.Kind.KNOWN) {
        at.set(piece.from(), piece.to());
      }
    }
    return at;
  }

  /**
   * The reading that it makes.
   *
   * @param confidence its share among all readings of the number
   */
  Reading reading(String text, Marking marking, int item, double confidence) {
    ReadingBuilder builder = new ReadingBuilder(text, marking, item);
    builder.addRun(before, Part.Kind.PREFIX);
    builder.addBody(spelling, from, match);
    builder.addRun(behind, Part.Kind.SUFFIX);
    return builder.build(spelling, confidence);
  }
}
