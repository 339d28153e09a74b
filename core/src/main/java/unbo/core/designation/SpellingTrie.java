package unbo.core.designation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Spellings by their characters, so that only those are weighed that a marking can still be. A worn
 * character goes down every branch, a look-alike down its own and its twin's.
 */
final class SpellingTrie {

  private final Map<Character, SpellingTrie> next = new HashMap<>();
  private final List<Spelling> here = new ArrayList<>();
  private char[] wanted = new char[0];
  private SpellingTrie[] children = new SpellingTrie[0];

  static SpellingTrie of(List<Spelling> spellings) {
    SpellingTrie root = new SpellingTrie();
    for (Spelling spelling : spellings) {
      SpellingTrie at = root;
      for (char c : spelling.key().toCharArray()) {
        at = at.next.computeIfAbsent(c, k -> new SpellingTrie());
      }
      at.here.add(spelling);
    }
    root.settle();
    return root;
  }

  /** Lays the children out as arrays: walking them is what every reading does most. */
  private void settle() {
    wanted = new char[next.size()];
    children = new SpellingTrie[next.size()];
    int i = 0;
    for (Map.Entry<Character, SpellingTrie> e : next.entrySet()) {
      wanted[i] = e.getKey();
      children[i++] = e.getValue();
      e.getValue().settle();
    }
  }

  /** Spellings that could start at a place of the marking. */
  List<Spelling> from(Marking marking, int from) {
    List<Spelling> found = new ArrayList<>();
    walk(marking, from, found);
    return found;
  }

  private void walk(Marking marking, int at, List<Spelling> found) {
    for (int i = 0; i < here.size(); i++) {
      found.add(here.get(i));
    }
    if (at < marking.length()) {
      char marked = marking.at(at);
      for (int i = 0; i < wanted.length; i++) {
        if (Spelling.canBe(marked, wanted[i])) {
          children[i].walk(marking, at + 1, found);
        }
      }
    }
  }

  /**
   * The numbers of bearings whose spelling begins with exactly these characters and goes on, each
   * once.
   *
   * @param most how many at the most
   */
  List<String> continuing(String typed, int most) {
    SpellingTrie at = this;
    for (char c : typed.toCharArray()) {
      at = at.next.get(c);
      if (at == null) {
        return List.of();
      }
    }
    Set<String> found = new LinkedHashSet<>();
    at.collectBelow(found, most);
    return List.copyOf(found);
  }

  private void collectBelow(Set<String> found, int most) {
    for (SpellingTrie child : children) {
      for (int i = 0; i < child.here.size() && found.size() < most; i++) {
        found.add(child.here.get(i).bearing().designation());
      }
      if (found.size() < most) {
        child.collectBelow(found, most);
      }
    }
  }
}
