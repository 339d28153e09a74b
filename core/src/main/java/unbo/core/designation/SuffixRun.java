package unbo.core.designation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Splits the characters behind (or before) a number into known spellings and unread runs: fewest
 * unread characters first, then fewest pieces. A spelling with two meanings gives one split for
 * each.
 *
 * @param pieces known spellings and unread single characters, in order
 */
record SuffixRun(List<Piece> pieces) {

  /** A stretch of the marking, and the suffix it spells; null when unread. */
  record Piece(int from, int to, Suffix suffix) {
    boolean isUnread() {
      return suffix == null;
    }
  }

  private static final Comparator<SuffixRun> BEST =
      Comparator.comparingLong(SuffixRun::unreadCount).thenComparing(run -> run.pieces.size());

  long unreadCount() {
    int unread = 0;
    for (Piece piece : pieces) {
      unread += piece.isUnread() ? 1 : 0;
    }
    return unread;
  }

  double weight() {
    double weight = 1;
    for (Piece piece : pieces) {
      weight *= piece.isUnread() ? 1 : piece.suffix.weight();
    }
    return weight;
  }

  private static final List<SuffixRun> NOTHING = List.of(new SuffixRun(List.of()));
  private static final int MOST = 8;

  /** All equally good splits of the stretch; one empty split when the stretch is empty. */
  static List<SuffixRun> split(Marking marking, int from, int to, SuffixIndex known) {
    if (from == to) {
      return NOTHING;
    }
    List<List<SuffixRun>> bestFrom = new ArrayList<>(to - from + 1);
    for (int i = 0; i <= to - from; i++) {
      bestFrom.add(NOTHING);
    }
    for (int at = to - 1; at >= from; at--) {
      bestFrom.set(at - from, bestAt(marking, at, to, from, known, bestFrom));
    }
    return bestFrom.get(0);
  }

  private static List<SuffixRun> bestAt(
      Marking marking, int at, int to, int from, SuffixIndex known, List<List<SuffixRun>> rest) {
    List<SuffixRun> all = new ArrayList<>();
    for (Suffix suffix : known.startingWith(marking.at(at))) {
      int end = at + suffix.spelling().length();
      if (end <= to && marking.startsWith(suffix.spelling(), at)) {
        prepend(new Piece(at, end, suffix), rest.get(end - from), all);
      }
    }
    prepend(new Piece(at, at + 1, null), rest.get(at + 1 - from), all);
    return best(all);
  }

  /** The best and its equals. */
  private static List<SuffixRun> best(List<SuffixRun> all) {
    if (all.size() == 1) {
      return all;
    }
    SuffixRun best = all.get(0);
    for (SuffixRun run : all) {
      best = BEST.compare(run, best) < 0 ? run : best;
    }
    List<SuffixRun> equals = new ArrayList<>();
    for (SuffixRun run : all) {
      if (equals.size() < MOST && BEST.compare(run, best) == 0) {
        equals.add(run);
      }
    }
    return equals;
  }

  private static void prepend(Piece piece, List<SuffixRun> rests, List<SuffixRun> all) {
    for (SuffixRun run : rests) {
      List<Piece> pieces = new ArrayList<>();
      pieces.add(piece);
      pieces.addAll(run.pieces);
      all.add(new SuffixRun(List.copyOf(pieces)));
    }
  }
}
