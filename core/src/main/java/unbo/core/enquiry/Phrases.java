package unbo.core.enquiry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.tables.Table;
import unbo.core.units.Problem;

/** Everyday words for places: the table {@code phrases.csv}. A word may mean several. */
final class Phrases {

  private record Phrase(String words, List<Arrangement> arrangements) {

    static Phrase of(Table.Row row) {
      return new Phrase(
          row.text("phrase"),
          Arrays.stream(row.text("arrangement").split("\\|")).map(Arrangements::of).toList());
    }

    boolean isSure() {
      return arrangements.size() == 1;
    }
  }

  private static final List<Phrase> AS_LISTED =
      Table.read(Phrases.class, "/unbo/core/enquiry/phrases.csv", Phrase::of);

  /** {@code car wheel bearing} is a car's wheel: what tells counts before what does not. */
  private static final List<Phrase> IN_TURN =
      AS_LISTED.stream()
          .sorted(
              Comparator.comparing((Phrase p) -> !p.isSure()).thenComparing(p -> -p.words.length()))
          .toList();

  private Phrases() {}

  private static Optional<Phrase> in(String text) {
    String low = " " + text.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9-]+", " ") + " ";
    return IN_TURN.stream()
        .filter(p -> low.contains(" " + p.words + " ") || low.contains(" " + p.words + "s "))
        .findFirst();
  }

  /** The place that a text names; empty where its words may mean several. */
  static Optional<Arrangement> placeIn(String text) {
    return in(text).filter(Phrase::isSure).map(p -> p.arrangements.get(0));
  }

  /** What to write instead of words that may mean several places; empty where there are none. */
  static Optional<Problem> unsureIn(String text) {
    return in(text)
        .filter(p -> !p.isSure())
        .map(
            p ->
                new Problem(
                    p.words,
                    "This may be: " + joined(p, Arrangement::title, "; ") + ".",
                    "Choose the position, or write one of: "
                        + joined(p, Phrases::surePhrase, ", ")
                        + "."));
  }

  private static String joined(Phrase phrase, Function<Arrangement, String> word, String by) {
    return phrase.arrangements.stream().map(word).collect(Collectors.joining(by));
  }

  /** The words to write for a place. */
  static String surePhrase(Arrangement arrangement) {
    return AS_LISTED.stream()
        .filter(p -> p.isSure() && p.arrangements.get(0).equals(arrangement))
        .map(Phrase::words)
        .findFirst()
        .orElse(arrangement.title());
  }

  /** Some phrases that would have been understood. */
  static List<String> examples() {
    List<Phrase> sure = AS_LISTED.stream().filter(Phrase::isSure).toList();
    List<String> some = new ArrayList<>();
    for (int i = 0; i < sure.size(); i += sure.size() / 4) {
      some.add(sure.get(i).words);
    }
    return some;
  }
}
