package unbo.core.recognition;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.tables.Table;

/**
 * Clues, candidates and how they fit: {@code clues.csv}, {@code candidates.csv}, {@code fits.csv}.
 */
public final class RecognitionTables {

  private static final String FOLDER = "/unbo/core/recognition/";
  private static final double[] GRADES = {0.02, 0.1, 0.35, 0.7, 0.93};
  private static final RecognitionTables STANDARD = new RecognitionTables();

  private record Row(Arrangement arrangement, double prior, String kind) {}

  private final List<Clue> clues;
  private final List<Row> rows;
  private final Map<String, Double> grades = new HashMap<>();

  private RecognitionTables() {
    clues = readClues();
    rows =
        Table.read(
            RecognitionTables.class,
            FOLDER + "candidates.csv",
            row ->
                new Row(
                    Arrangements.of(row.text("arrangement")),
                    row.number("prior"),
                    row.text("kind")));
    Table.read(RecognitionTables.class, FOLDER + "fits.csv", this::grade);
  }

  static RecognitionTables standard() {
    return STANDARD;
  }

  private static List<Clue> readClues() {
    Map<String, List<Clue.Answer>> answers = new LinkedHashMap<>();
    Map<String, String[]> words = new HashMap<>();
    Table.read(
        RecognitionTables.class,
        FOLDER + "clues.csv",
        row -> {
          answers
              .computeIfAbsent(row.text("clue"), c -> new ArrayList<>())
              .add(new Clue.Answer(row.text("answer"), row.text("label")));
          return words.put(row.text("clue"), new String[] {row.text("question"), row.text("help")});
        });
    return answers.entrySet().stream()
        .map(
            e ->
                new Clue(
                    e.getKey(), words.get(e.getKey())[0], words.get(e.getKey())[1], e.getValue()))
        .toList();
  }

  private Double grade(Table.Row row) {
    String arrangement = row.text("arrangement");
    if (rows.stream().noneMatch(r -> r.arrangement.id().equals(arrangement))) {
      throw new IllegalArgumentException("No such candidate: " + arrangement);
    }
    require(row.text("clue"), row.text("answer"));
    return grades.put(
        key(arrangement, row.text("clue"), row.text("answer")), GRADES[row.whole("grade") - 1]);
  }

  private static String key(String arrangement, String clue, String answer) {
    return arrangement + " " + clue + " " + answer;
  }

  /** All clues, in the order of the table. */
  public static List<Clue> all() {
    return STANDARD.clues;
  }

  List<Clue> clues() {
    return clues;
  }

  Recognition.Candidate candidate(int i, double sure) {
    return new Recognition.Candidate(rows.get(i).arrangement, rows.get(i).kind, sure);
  }

  /** Refuses what the tables do not know. */
  void require(String clue, String answer) {
    boolean known =
        clues.stream()
            .filter(c -> c.id().equals(clue))
            .flatMap(c -> c.answers().stream())
            .anyMatch(a -> a.id().equals(answer));
    if (!known) {
      throw new IllegalArgumentException("There is no answer " + answer + " to " + clue);
    }
  }

  /** Probability of an answer for a candidate, normalised over the answers. */
  double likelihood(int i, Clue clue, String answer) {
    String arrangement = rows.get(i).arrangement.id();
    double sum = 0;
    for (Clue.Answer a : clue.answers()) {
      sum += grades.getOrDefault(key(arrangement, clue.id(), a.id()), 0.5);
    }
    return grades.getOrDefault(key(arrangement, clue.id(), answer), 0.5) / sum;
  }

  int indexOf(Arrangement arrangement) {
    for (int i = 0; i < rows.size(); i++) {
      if (rows.get(i).arrangement.id().equals(arrangement.id())) {
        return i;
      }
    }
    throw new IllegalArgumentException("No such candidate: " + arrangement.id());
  }

  double prior(int i) {
    return rows.get(i).prior;
  }

  /** The sum of all candidates' products after some looks, before it is made one. */
  double sum(Map<String, String> found) {
    double sum = 0;
    for (double product : products(found)) {
      sum += product;
    }
    return sum;
  }

  /** Probabilities of the candidates after some looks; they sum to one. */
  double[] weights(Map<String, String> found) {
    double[] weights = products(found);
    double sum = sum(found);
    for (int i = 0; i < weights.length; i++) {
      weights[i] /= sum;
    }
    return weights;
  }

  private double[] products(Map<String, String> found) {
    double[] weights = new double[rows.size()];
    for (int i = 0; i < weights.length; i++) {
      weights[i] = rows.get(i).prior;
      for (Clue clue : clues) {
        if (found.containsKey(clue.id())) {
          weights[i] *= likelihood(i, clue, found.get(clue.id()));
        }
      }
    }
    return weights;
  }
}
