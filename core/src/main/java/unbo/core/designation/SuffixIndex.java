package unbo.core.designation;

import java.util.ArrayList;
import java.util.List;

/** Suffixes (or prefixes) of a family by their first character, so that few are compared. */
final class SuffixIndex {

  private static final int ASCII = 128;

  private final List<List<Suffix>> byFirst = new ArrayList<>();

  private SuffixIndex(List<Suffix> all) {
    for (int i = 0; i < ASCII; i++) {
      byFirst.add(List.of());
    }
    for (Suffix suffix : all) {
      char first = suffix.spelling().charAt(0);
      List<Suffix> more = new ArrayList<>(byFirst.get(first));
      more.add(suffix);
      byFirst.set(first, List.copyOf(more));
    }
  }

  static SuffixIndex of(List<Suffix> all) {
    return new SuffixIndex(all);
  }

  /** Those that begin with a character. */
  List<Suffix> startingWith(char first) {
    return first < ASCII ? byFirst.get(first) : List.of();
  }

  /** Those that are spelled like a text. */
  List<Suffix> spelled(String text) {
    List<Suffix> found = List.of();
    for (Suffix suffix : startingWith(text.charAt(0))) {
      if (suffix.spelling().equals(text)) {
        found = found.isEmpty() ? new ArrayList<>() : found;
        found.add(suffix);
      }
    }
    return found;
  }
}
