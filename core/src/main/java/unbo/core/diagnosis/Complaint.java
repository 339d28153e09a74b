package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import unbo.core.tables.Table;

/**
 * A complaint in everyday words, read into answers. The text is taken breath by breath (commas,
 * full stops, <em>and</em>, <em>but</em>); in each the phrases of {@code words.csv} are looked for,
 * the longest first, and the wheel that is named. A phrase behind <em>no</em> or <em>not</em>, or
 * behind a word that says that the noise ends there, is left alone unless a longer phrase says what
 * it means. What is not understood is said, never guessed.
 *
 * @param answers what was read, by test
 * @param heard for each answer, the words that gave it
 * @param conflicts tests that the words answer in two ways; they are not in the answers
 * @param needsWheel phrases that want a wheel to be named
 * @param denied phrases that were said not to be so
 * @param unread breaths of which nothing was understood
 */
public record Complaint(
    Map<String, String> answers,
    Map<String, String> heard,
    Set<String> conflicts,
    Set<String> needsWheel,
    Set<String> denied,
    List<String> unread) {

  private static final Set<String> NOT =
      Set.of(
          "no", "not", "never", "without", "isn't", "nothing", "doesn't", "don't", "won't",
          "aren't");
  private static final int DENIAL_REACHES = 2;

  /** A noise that ends with something says the opposite of one that comes with it. */
  private static final Set<String> ENDS =
      Set.of("stops", "stopped", "gone", "disappears", "disappeared", "vanishes", "away", "quiet");

  private static final int ENDING_REACHES = 3;

  private static final List<Phrase> PHRASES =
      Table.read(Complaint.class, "/unbo/core/diagnosis/words.csv", Phrase::of).stream()
          .flatMap(List::stream)
          .sorted(Comparator.comparingInt((Phrase p) -> p.words.length).reversed())
          .toList();

  /** A wheel that is named without saying what about it. */
  private static final Phrase WHERE =
      new Phrase(Set.of(), new String[] {"there"}, "where", "@here");

  /** Some words in a row and the answer that they give. */
  private record Phrase(Set<String> kinds, String[] words, String test, String answer) {

    static List<Phrase> of(Table.Row row) {
      return Arrays.stream(row.text("phrase").split("\\|"))
          .map(
              p ->
                  new Phrase(
                      Set.of(row.text("kind").split(" ")),
                      p.split(" "),
                      row.text("test"),
                      row.text("answer")))
          .toList();
    }

    boolean standsAt(List<String> breath, int from) {
      if (from + words.length > breath.size()) {
        return false;
      }
      for (int i = 0; i < words.length; i++) {
        String said = breath.get(from + i);
        boolean open = words[i].endsWith("*");
        String wanted = open ? words[i].substring(0, words[i].length() - 1) : words[i];
        if (open ? !said.startsWith(wanted) : !said.equals(wanted)) {
          return false;
        }
      }
      return true;
    }

    String text() {
      return String.join(" ", words).replace("*", "…");
    }
  }

  /** Reads a text for a vehicle; any text is answered. */
  public static Complaint read(DiagnosisModel model, String text) {
    Reader reader = new Reader(model);
    String plain = text.toLowerCase(Locale.ROOT).replace('’', '\'').replace('-', ' ');
    Optional<String> onlyWheel = reader.onlyWheel(words(plain));
    for (String breath : plain.split("[,;.:!?\\n]| and | but | then ")) {
      reader.take(breath.strip(), words(breath), onlyWheel);
    }
    return reader.complaint();
  }

  private static List<String> words(String text) {
    return Arrays.stream(text.split("[^\\p{L}\\p{N}']+")).filter(w -> !w.isEmpty()).toList();
  }

  /** Collects while reading. */
  private static final class Reader {
    private final DiagnosisModel model;
    private final List<DiagnosisTest.Answer> wheels;
    private final Map<String, Map<String, String>> found = new LinkedHashMap<>();
    private final Set<String> needsWheel = new LinkedHashSet<>();
    private final Set<String> denied = new LinkedHashSet<>();
    private final List<String> unread = new ArrayList<>();

    Reader(DiagnosisModel model) {
      this.model = model;
      Set<String> codes =
          model.causes().stream().map(c -> c.place().wheel()).collect(Collectors.toSet());
      this.wheels =
          model.tests().stream()
              .flatMap(t -> t.answers().stream())
              .filter(a -> codes.contains(a.id()))
              .distinct()
              .toList();
    }

    /** The one wheel that a whole text names; empty when none or several. */
    Optional<String> onlyWheel(List<String> words) {
      Set<String> named = new LinkedHashSet<>();
      for (int i = 0; i < words.size(); i++) {
        wheelAt(words, i).ifPresent(named::add);
      }
      return named.size() == 1 ? Optional.of(named.iterator().next()) : Optional.empty();
    }

    /** A wheel by its words in either order, such as “front left” or “left front”. */
    private Optional<String> wheelAt(List<String> words, int from) {
      if (nearBend(words, from)) {
        return Optional.empty();
      }
      return wheels.stream()
          .filter(
              w -> {
                List<String> label = List.of(side(w.label()).split(" "));
                int to = from + label.size();
                return to <= words.size()
                    && Set.copyOf(words.subList(from, to)).equals(Set.copyOf(label));
              })
          .map(DiagnosisTest.Answer::id)
          .findFirst();
    }

    /**
     * The hubs of a single axle are named by their side alone: “left wheel”, “left hub”, “left”.
     */
    private static String side(String label) {
      return label.replaceFirst("^(left|right) hub$", "$1");
    }

    /** “Left” in “left bends” names no wheel. */
    private static boolean nearBend(List<String> words, int from) {
      return from + 1 < words.size()
          && (words.get(from + 1).startsWith("bend")
              || words.get(from + 1).startsWith("turn")
              || words.get(from + 1).equals("hand"));
    }

    void take(String breath, List<String> words, Optional<String> onlyWheel) {
      if (words.isEmpty()) {
        return;
      }
      Optional<String> wheel = onlyWheel(words).or(() -> onlyWheel);
      boolean[] used = new boolean[words.size()];
      boolean any = false;
      boolean placed = false;
      for (Phrase phrase : PHRASES) {
        if (phrase.kinds.contains(model.kind().id()) && model.test(phrase.test).isPresent()) {
          for (int i = 0; i < words.size(); i++) {
            if (!used[i] && phrase.standsAt(words, i)) {
              any = true;
              placed |= phrase.answer.equals("@here");
              Arrays.fill(used, i, i + phrase.words.length, true);
              note(phrase, isDenied(words, i), wheel);
            }
          }
        }
      }
      Optional<String> named = onlyWheel(words);
      if (named.isPresent() && !placed) {
        note(WHERE, false, named);
      }
      if (!any && named.isEmpty()) {
        unread.add(breath);
      }
    }

    private static boolean isDenied(List<String> words, int at) {
      return words.subList(Math.max(0, at - DENIAL_REACHES), at).stream().anyMatch(NOT::contains)
          || words.subList(Math.max(0, at - ENDING_REACHES), at).stream().anyMatch(ENDS::contains);
    }

    private void note(Phrase phrase, boolean no, Optional<String> wheel) {
      String answer = phrase.answer.equals("@here") ? wheel.orElse("") : phrase.answer;
      if (no) {
        denied.add(phrase.text());
      } else if (answer.isEmpty()) {
        needsWheel.add(phrase.text());
      } else if (model.test(phrase.test).flatMap(t -> t.answer(answer)).isPresent()) {
        found.computeIfAbsent(phrase.test, t -> new TreeMap<>()).putIfAbsent(answer, phrase.text());
      }
    }

    Complaint complaint() {
      Map<String, String> answers = new LinkedHashMap<>();
      Map<String, String> heard = new LinkedHashMap<>();
      Set<String> conflicts = new LinkedHashSet<>();
      found.forEach(
          (test, byAnswer) -> {
            if (byAnswer.size() > 1) {
              conflicts.add(test);
            } else {
              byAnswer.forEach(
                  (answer, words) -> {
                    answers.put(test, answer);
                    heard.put(test, words);
                  });
            }
          });
      return new Complaint(answers, heard, conflicts, needsWheel, denied, List.copyOf(unread));
    }
  }
}
