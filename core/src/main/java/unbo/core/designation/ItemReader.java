package unbo.core.designation;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import unbo.core.catalogue.Family;

/**
 * Reads one number of a text: what stands around a spelling is read once for each place, however
 * many spellings begin or end there.
 */
final class ItemReader {

  /** Less is not worth a line. */
  private static final double LEAST_SCORE = 0.002;

  private final String text;
  private final Marking marking;
  private final int number;
  private final Map<Place, SuffixRun> before = new HashMap<>();
  private final Map<Place, List<SuffixRun>> behind = new HashMap<>();

  private record Place(LetterReader letters, int at, boolean miniature) {}

  /**
   * A reader of one item.
   *
   * @param text the whole text
   * @param marking the characters of the item
   * @param number which item of the text it is, from 0
   */
  ItemReader(String text, Marking marking, int number) {
    this.text = text;
    this.marking = marking;
    this.number = number;
  }

  /** Adds the readings of a spelling that begins at a character, if it matches there. */
  void readAt(LetterReader letters, Spelling spelling, int from, List<Reading> found) {
    double match = spelling.match(marking, from);
    if (match <= 0) {
      return;
    }
    SuffixRun before = before(letters, from);
    if (!mayStandBehind(before, spelling, marking, from)) {
      return;
    }
    int end = from + spelling.length();
    double start = match * before.weight();
    for (SuffixRun run : behind(letters, end, spelling.bearing().boreMm())) {
      SuffixRun behind = spelling.hasBoreBehind() ? run.withBoreIn() : run;
      double score = start * behind.weight();
      if (score >= LEAST_SCORE && !isGluedToLoose(spelling, marking, end, behind)) {
        ReadingBuilder builder = new ReadingBuilder(text, marking, number);
        builder.addRun(before, Part.Kind.PREFIX);
        builder.addBody(spelling, from, match);
        builder.addRun(behind, Part.Kind.SUFFIX);
        found.add(builder.build(spelling, score));
      }
    }
  }

  private SuffixRun before(LetterReader letters, int from) {
    return before.computeIfAbsent(
        new Place(letters, from, false), p -> letters.before(marking, from));
  }

  private List<SuffixRun> behind(LetterReader letters, int end, double boreMm) {
    boolean miniature = LetterReader.isMiniature(boreMm);
    return behind.computeIfAbsent(
        new Place(letters, end, miniature), p -> letters.behind(marking, end, miniature));
  }

  /**
   * Letters glued before a number are part of its name: {@code UC205} is no 205 with letters before
   * it, and {@code SCE 1212} none with a mark before it. What is not known may stand there only
   * before digits of a plan that has no letters; before a loose spelling nothing unread may stand
   * at all, and no letter glued to it says anything.
   */
  private static boolean mayStandBehind(
      SuffixRun before, Spelling spelling, Marking marking, int from) {
    if (spelling.isLoose() && before.hasUnread() || isOfAnotherKind(marking, from)) {
      return false;
    }
    if (from == 0 || marking.separatorBefore(from) != 0) {
      return true;
    }
    SuffixRun.Piece glued = before.pieces().get(before.pieces().size() - 1);
    if (spelling.isLoose()) {
      return glued.kind() != SuffixRun.Kind.KNOWN;
    }
    return !glued.isUnread()
        || Character.isDigit(marking.at(from))
            && isOfDigits(spelling.bearing().family())
            && !isWord(marking.characters().substring(glued.from(), from));
  }

  private static boolean isWord(String letters) {
    return letters.length() > 1 && OtherProduct.isWord(letters);
  }

  /**
   * Whether the letters right before these digits make them the number of another kind. One letter
   * parted from them may be a mark as well: that only costs confidence.
   */
  private static boolean isOfAnotherKind(Marking marking, int from) {
    int start = from;
    while (start > 0
        && Character.isLetter(marking.at(start - 1))
        && (start == from || marking.separatorBefore(start) == 0)) {
      start--;
    }
    boolean starts = start == 0 || marking.separatorBefore(start) != 0;
    boolean glued = marking.separatorBefore(from) == 0;
    if (!starts || start == from || !glued && from - start == 1) {
      return false;
    }
    String letters = marking.characters().substring(start, from);
    return OtherProduct.named(
            letters, Token.of(marking, from, marking.length()).get(0).text(marking))
        .isPresent();
  }

  private static boolean isOfDigits(Family family) {
    return switch (family) {
      case DEEP_GROOVE_BALL, ANGULAR_CONTACT_BALL, TAPERED_ROLLER -> true;
      default -> false;
    };
  }

  /** A loose spelling stands alone: nothing unread is glued behind it. */
  private static boolean isGluedToLoose(
      Spelling spelling, Marking marking, int end, SuffixRun run) {
    return spelling.isLoose()
        && !run.pieces().isEmpty()
        && run.pieces().get(0).isUnread()
        && marking.separatorBefore(end) == 0;
  }
}
