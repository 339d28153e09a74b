package unbo.core.designation;

import java.util.IdentityHashMap;
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

  private final Marking marking;
  private final Map<LetterReader, Around> around = new IdentityHashMap<>();
  private final Boolean[] ofAnotherKind;

  /** What one family takes the letters for that stand before and behind each place. */
  private static final class Around {
    private final SuffixRun[] before;
    private final List<SuffixRun>[] behind;
    private final List<SuffixRun>[] behindMiniature;

    @SuppressWarnings("unchecked") // arrays of lists that nobody else sees
    Around(int places) {
      before = new SuffixRun[places];
      behind = new List[places];
      behindMiniature = new List[places];
    }
  }

  /** A reader of the characters of one item. */
  ItemReader(Marking marking) {
    this.marking = marking;
    this.ofAnotherKind = new Boolean[marking.length() + 1];
  }

  /** Adds what may be read of a spelling that begins at a character, if it matches there. */
  void readAt(LetterReader letters, Spelling spelling, int from, List<Candidate> found) {
    double match = spelling.match(marking, from);
    if (match <= 0 || marking.isTooWorn(from, from + spelling.length())) {
      return;
    }
    if (isOfAnotherKind(from)) {
      return;
    }
    SuffixRun before = before(letters, from).withOwnSizesOf(spelling.bearing(), marking);
    if (!mayStandBehind(before, spelling, marking, from)) {
      return;
    }
    int end = from + spelling.length();
    double start = match * before.weight();
    if (start < LEAST_SCORE) {
      return;
    }
    for (SuffixRun run : behind(letters, end, spelling.bearing().boreMm())) {
      SuffixRun behind =
          spelling.hasBoreBehind()
              ? run.withBoreIn()
              : run.withOwnSizesOf(spelling.bearing(), marking);
      double score = start * behind.weight();
      if (score >= LEAST_SCORE && !isGluedToLoose(spelling, marking, end, behind)) {
        found.add(new Candidate(spelling, from, match, before, behind, score));
      }
    }
  }

  private Around around(LetterReader letters) {
    Around known = around.get(letters);
    if (known == null) {
      known = new Around(marking.length() + 1);
      around.put(letters, known);
    }
    return known;
  }

  private SuffixRun before(LetterReader letters, int from) {
    if (from == 0) {
      return SuffixRun.NOTHING;
    }
    SuffixRun[] known = around(letters).before;
    if (known[from] == null) {
      known[from] = letters.before(marking, from);
    }
    return known[from];
  }

  private List<SuffixRun> behind(LetterReader letters, int end, double boreMm) {
    if (end == marking.length()) {
      return SuffixRun.NOTHING_ALONE;
    }
    boolean miniature = LetterReader.isMiniature(boreMm);
    Around around = around(letters);
    List<SuffixRun>[] known = miniature ? around.behindMiniature : around.behind;
    if (known[end] == null) {
      known[end] = letters.behind(marking, end, miniature);
    }
    return known[end];
  }

  private boolean isOfAnotherKind(int from) {
    if (ofAnotherKind[from] == null) {
      ofAnotherKind[from] = isOfAnotherKind(marking, from);
    }
    return ofAnotherKind[from];
  }

  /**
   * Letters glued before a number are part of its name: {@code UC205} is no 205 with letters before
   * it, and {@code SCE 1212} none with a mark before it. What is not known may stand there only
   * before digits of a plan that has no letters; before a loose spelling nothing unread may stand
   * at all, and no letter glued to it says anything.
   */
  private static boolean mayStandBehind(
      SuffixRun before, Spelling spelling, Marking marking, int from) {
    if (spelling.isLoose() && before.hasUnread()) {
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
    return OtherProduct.isWord(letters)
        && OtherProduct.named(letters, marking.tokensFrom(from).get(0).text()).isPresent();
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
