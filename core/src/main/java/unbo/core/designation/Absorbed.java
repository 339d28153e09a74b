package unbo.core.designation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;

/**
 * Drops the readings of a part of a number where another reading explains the whole of it: a cup
 * alone, read out of a cone and its cup, is no other bearing. What is dropped counts for the
 * reading that swallows it where both name the same bearing.
 */
final class Absorbed {

  /** Our own bound: the whole must be no mere guess beside its part, such as a worn character. */
  private static final double LEAST_SHARE = 0.25;

  private final List<Candidate> all;
  private final List<Characters> explained;
  private final List<Characters> bodies;

  /** Which characters of the marking, and how many: counted once, compared with all others. */
  private record Characters(BitSet at, int count) {

    boolean isMoreThan(Characters other) {
      return count > other.count;
    }

    boolean holds(Characters less) {
      for (int i = less.at.nextSetBit(0); i >= 0; i = less.at.nextSetBit(i + 1)) {
        if (!at.get(i)) {
          return false;
        }
      }
      return true;
    }
  }

  private Absorbed(Marking marking, List<Candidate> all) {
    this.all = all;
    this.explained = new ArrayList<>(all.size());
    this.bodies = new ArrayList<>(all.size());
    BitSet worn = worn(marking);
    for (Candidate candidate : all) {
      explained.add(characters(candidate.explained(), worn));
      bodies.add(characters(candidate.body(), worn));
    }
  }

  /** A worn character is no proof that a reading explains more than another. */
  private static BitSet worn(Marking marking) {
    BitSet worn = new BitSet();
    for (int i = 0; i < marking.length(); i++) {
      worn.set(i, marking.at(i) == '?');
    }
    return worn;
  }

  private static Characters characters(BitSet at, BitSet worn) {
    at.andNot(worn);
    return new Characters(at, at.cardinality());
  }

  /** What is left of the readings of one item, in the order given; a list that may be changed. */
  static List<Candidate> by(Marking marking, List<Candidate> all) {
    return all.size() < 2 || isAllExplainedByEach(all) ? all : new Absorbed(marking, all).left();
  }

  /**
   * Then none explains more than another; but a set may have the other for its part, where it is
   * not all that is marked.
   */
  private static boolean isAllExplainedByEach(List<Candidate> all) {
    for (Candidate candidate : all) {
      boolean set = candidate.spelling().role().equals("set") && !candidate.isBare();
      if (set || candidate.before().hasUnread() || candidate.behind().hasUnread()) {
        return false;
      }
    }
    return true;
  }

  private List<Candidate> left() {
    double[] scores = new double[all.size()];
    Arrays.setAll(scores, i -> all.get(i).score());
    boolean[] gone = new boolean[scores.length];
    for (int small = 0; small < scores.length; small++) {
      int whole = wholeOf(small);
      if (whole >= 0) {
        gone[small] = true;
        scores[whole] += isSame(small, whole) ? all.get(small).score() : 0;
      }
    }
    List<Candidate> left = new ArrayList<>();
    for (int i = 0; i < scores.length; i++) {
      if (!gone[i]) {
        left.add(all.get(i).scoring(scores[i]));
      }
    }
    return left;
  }

  private boolean isSame(int one, int other) {
    return all.get(one).spelling().bearing().equals(all.get(other).spelling().bearing());
  }

  /** The reading that explains most of those that swallow this one; −1 for none. */
  private int wholeOf(int small) {
    int whole = -1;
    for (int i = 0; i < all.size(); i++) {
      if (swallows(i, small) && (whole < 0 || bodies.get(i).isMoreThan(bodies.get(whole)))) {
        whole = i;
      }
    }
    return whole;
  }

  /**
   * Whether one reading leaves less unread than another, and nothing that the other explains; or is
   * a cone with its cup, of which the other takes one and passes the other over as a code.
   */
  private boolean swallows(int whole, int small) {
    boolean more = explained.get(whole).isMoreThan(explained.get(small));
    boolean set =
        all.get(whole).spelling().role().equals("set")
            && bodies.get(whole).isMoreThan(bodies.get(small))
            && bodies.get(whole).holds(bodies.get(small));
    return (more || set)
        && all.get(whole).score() >= LEAST_SHARE * all.get(small).score()
        && explained.get(whole).holds(explained.get(small));
  }
}
