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
    return pieces.stream().filter(Piece::isUnread).count();
  }

  double weight() {
    return pieces.stream()
        .filter(p -> !p.isUnread())
        .mapToDouble(p -> p.suffix.weight())
        .reduce(1, (a, b) -> a * b);
  }

  /** All equally good splits of the stretch; one empty split when the stretch is empty. */
  static List<SuffixRun> split(Marking marking, int from, int to, List<Suffix> known) {
    List<List<SuffixRun>> bestFrom = new ArrayList<>();
    for (int i = 0; i <= to - from; i++) {
      bestFrom.add(List.of());
    }
    bestFrom.set(to - from, List.of(new SuffixRun(List.of())));
    for (int at = to - 1; at >= from; at--) {
      bestFrom.set(at - from, bestAt(marking, at, to, from, known, bestFrom));
    }
    return bestFrom.get(0);
  }

  private static List<SuffixRun> bestAt(
      Marking marking, int at, int to, int from, List<Suffix> known, List<List<SuffixRun>> rest) {
    List<SuffixRun> all = new ArrayList<>();
    prepend(new Piece(at, at + 1, null), rest.get(at + 1 - from), all);
    for (Suffix suffix : known) {
      int end = at + suffix.spelling().length();
      if (end <= to && marking.startsWith(suffix.spelling(), at)) {
        prepend(new Piece(at, end, suffix), rest.get(end - from), all);
      }
    }
    SuffixRun best = all.stream().min(BEST).orElseThrow();
    return all.stream().filter(run -> BEST.compare(run, best) == 0).limit(8).toList();
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
