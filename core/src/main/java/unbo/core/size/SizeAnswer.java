package unbo.core.size;

import java.util.List;

/**
 * What a measured size may be.
 *
 * @param candidates the likeliest first; empty when no standard size is near
 * @param none how likely it is no standard size of the tables, 0 to 1
 * @param advice what to measure again and with what, or what else tells the first two apart; empty
 *     when the first is clear
 * @param traps sizes of the other system that lie close by
 */
public record SizeAnswer(
    List<SizeCandidate> candidates, double none, String advice, List<String> traps) {
  public SizeAnswer {
    candidates = List.copyOf(candidates);
    traps = List.copyOf(traps);
  }
}
