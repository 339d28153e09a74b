package unbo.core.enquiry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.tables.Table;

/** Everyday words for places: the table {@code phrases.csv}. */
final class Phrases {

  private record Phrase(String words, Arrangement arrangement) {}

  private static final List<Phrase> ALL =
      Table.read(
              Phrases.class,
              "/unbo/core/enquiry/phrases.csv",
              row -> new Phrase(row.text("phrase"), Arrangements.of(row.text("arrangement"))))
          .stream()
          .sorted(Comparator.comparingInt((Phrase p) -> p.words.length()).reversed())
          .toList();

  private Phrases() {}

  /** The place that a text names; the longest phrase counts. */
  static Optional<Arrangement> placeIn(String text) {
    String low = " " + text.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9-]+", " ") + " ";
    return ALL.stream()
        .filter(p -> low.contains(" " + p.words + " ") || low.contains(" " + p.words + "s "))
        .map(Phrase::arrangement)
        .findFirst();
  }

  /** Some phrases that would have been understood. */
  static List<String> examples() {
    List<String> some = new ArrayList<>();
    for (int i = 0; i < ALL.size(); i += ALL.size() / 4) {
      some.add(ALL.get(i).words);
    }
    return some;
  }
}
