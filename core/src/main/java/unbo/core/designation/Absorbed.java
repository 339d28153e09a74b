package unbo.core.designation;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import unbo.core.designation.Part.Kind;

/**
 * Drops the readings of a part of a number where another reading explains the whole of it: a cup
 * alone, read out of a cone and its cup, is no other bearing. What is dropped counts for the
 * reading that swallows it where both name the same bearing.
 */
final class Absorbed {

  /** Our own bound: the whole must be no mere guess beside its part, such as a worn character. */
  private static final double LEAST_SHARE = 0.25;

  private final List<Reading> readings;
  private final List<BitSet> explained;
  private final List<BitSet> bodies;

  private Absorbed(List<Reading> readings) {
    this.readings = readings;
    this.explained = readings.stream().map(r -> characters(r, k -> k != Kind.UNREAD)).toList();
    this.bodies = readings.stream().map(r -> characters(r, Absorbed::isOfNumber)).toList();
  }

  /** What is left of the readings of one item, in the order given; a list that may be changed. */
  static List<Reading> by(List<Reading> readings) {
    return readings.size() < 2 ? readings : new Absorbed(readings).left();
  }

  private List<Reading> left() {
    double[] scores = readings.stream().mapToDouble(Reading::confidence).toArray();
    boolean[] gone = new boolean[scores.length];
    for (int small = 0; small < scores.length; small++) {
      int whole = wholeOf(small);
      if (whole >= 0) {
        gone[small] = true;
        boolean same = readings.get(small).bearing().equals(readings.get(whole).bearing());
        scores[whole] += same ? readings.get(small).confidence() : 0;
      }
    }
    List<Reading> left = new ArrayList<>();
    for (int i = 0; i < scores.length; i++) {
      if (!gone[i]) {
        left.add(readings.get(i).withConfidence(scores[i]));
      }
    }
    return left;
  }

  /** The reading that explains most of those that swallow this one; −1 for none. */
  private int wholeOf(int small) {
    int whole = -1;
    for (int i = 0; i < readings.size(); i++) {
      if (swallows(i, small)
          && (whole < 0 || bodies.get(i).cardinality() > bodies.get(whole).cardinality())) {
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
    if (readings.get(whole).confidence() < LEAST_SHARE * readings.get(small).confidence()
        || !holds(explained.get(whole), explained.get(small))) {
      return false;
    }
    boolean more = explained.get(whole).cardinality() > explained.get(small).cardinality();
    boolean set =
        readings.get(whole).role().equals("set")
            && holds(bodies.get(whole), bodies.get(small))
            && bodies.get(whole).cardinality() > bodies.get(small).cardinality();
    return more || set;
  }

  private static boolean isOfNumber(Kind kind) {
    return kind != Kind.UNREAD && kind != Kind.BESIDE && kind != Kind.SUFFIX;
  }

  private static boolean holds(BitSet more, BitSet less) {
    BitSet outside = (BitSet) less.clone();
    outside.andNot(more);
    return outside.isEmpty();
  }

  /** Gaps inside a number are none of its characters. */
  private static BitSet characters(Reading reading, Predicate<Kind> which) {
    BitSet characters = new BitSet();
    for (Part part : reading.parts()) {
      if (which.test(part.kind())) {
        IntStream.range(part.start(), part.end())
            .filter(i -> Character.isLetterOrDigit(part.text().charAt(i - part.start())))
            .forEach(characters::set);
      }
    }
    return characters;
  }
}
