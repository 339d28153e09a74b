package unbo.core.recognition;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.core.arrangement.Arrangement;
import unbo.core.evidence.Weighing;

/**
 * How likely each arrangement is after some looks, by Bayes from the tables of {@link
 * RecognitionTables}, and which look tells most next: the one with the largest expected fall of
 * entropy, computed exactly. Clues count as independent given the arrangement, which overstates how
 * sure the answer is when two of them say the same; so it never claims more than {@value
 * #MOST_SURE}.
 *
 * @param ranked the arrangements, the likeliest first
 * @param next the look that tells most, empty when none would change the first place or all are
 *     done
 */
public record Recognition(List<Candidate> ranked, Optional<Clue> next) {

  /** Enough to go by: the first is so likely that the opened hub will tell the rest. */
  public static final double ENOUGH = 0.9;

  static final double MOST_SURE = 0.97;

  /** A look that tells less than this is not worth it; our own bound. */
  private static final double LEAST_BITS = 0.02;

  /**
   * An arrangement that it may be.
   *
   * @param kind what can be done with it, in words
   * @param sure probability, 0 to 1
   */
  public record Candidate(Arrangement arrangement, String kind, double sure) {}

  /**
   * Weighs what was found.
   *
   * @param found answers by clue id; a clue that is not here was not looked at
   * @throws IllegalArgumentException for a clue or answer that does not exist
   */
  public static Recognition of(Map<String, String> found) {
    RecognitionTables tables = RecognitionTables.standard();
    found.forEach(tables::require);
    Weighing weighing = tables.weighing(found);
    double[] weights = weighing.posterior();
    List<Candidate> ranked = new ArrayList<>();
    for (int i = 0; i < weights.length; i++) {
      ranked.add(tables.candidate(i, Math.min(MOST_SURE, weights[i])));
    }
    ranked.sort(Comparator.comparingDouble(Candidate::sure).reversed());
    return new Recognition(List.copyOf(ranked), next(tables, found, weighing));
  }

  public boolean isEnough() {
    return ranked.get(0).sure() >= ENOUGH;
  }

  private static Optional<Clue> next(
      RecognitionTables tables, Map<String, String> found, Weighing weighing) {
    Clue best = null;
    double most = LEAST_BITS;
    for (int c = 0; c < tables.clues().size(); c++) {
      Clue clue = tables.clues().get(c);
      double gain = found.containsKey(clue.id()) ? 0 : weighing.expectedBits(c);
      if (gain > most) {
        most = gain;
        best = clue;
      }
    }
    return Optional.ofNullable(best);
  }
}
