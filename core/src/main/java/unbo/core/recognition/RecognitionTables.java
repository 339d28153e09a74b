package unbo.core.recognition;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.evidence.Finding;
import unbo.core.evidence.Grades;
import unbo.core.evidence.Likelihoods;
import unbo.core.evidence.Weighing;
import unbo.core.tables.Table;

/**
 * Clues, candidates and how they fit: {@code clues.csv}, {@code candidates.csv}, {@code fits.csv}.
 */
public final class RecognitionTables {

  private static final String FOLDER = "/unbo/core/recognition/";

  /** A look that is not graded for an arrangement says nothing either way. */
  private static final double NOT_GRADED = 0.5;

  private static final RecognitionTables STANDARD = new RecognitionTables();

  private record Row(Arrangement arrangement, double prior, String kind) {}

  private final List<Clue> clues;
  private final List<Row> rows;
  private final Map<String, Double> grades = new HashMap<>();
  private final Likelihoods likelihoods;

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
    likelihoods = likelihoods();
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
        key(arrangement, row.text("clue"), row.text("answer")), Grades.share(row.whole("grade")));
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
    finding(clue, answer);
  }

  /** Probability of an answer for a candidate; those of a clue sum to one. */
  double likelihood(int i, Clue clue, String answer) {
    Finding finding = finding(clue.id(), answer);
    return likelihoods.answers(finding.question(), i)[finding.answer()];
  }

  private Likelihoods likelihoods() {
    double[][][] all = new double[clues.size()][rows.size()][];
    for (int c = 0; c < clues.size(); c++) {
      Clue clue = clues.get(c);
      for (int i = 0; i < rows.size(); i++) {
        String arrangement = rows.get(i).arrangement.id();
        all[c][i] =
            clue.answers().stream()
                .map(a -> key(arrangement, clue.id(), a.id()))
                .mapToDouble(k -> grades.getOrDefault(k, NOT_GRADED))
                .toArray();
      }
    }
    Grades.normalise(all);
    return new Likelihoods(
        rows.stream().mapToDouble(Row::prior).toArray(),
        all,
        Collections.nCopies(clues.size(), ""),
        new int[clues.size()]);
  }

  private Finding finding(String clue, String answer) {
    for (int c = 0; c < clues.size(); c++) {
      List<Clue.Answer> answers = clues.get(c).answers();
      for (int a = 0; clues.get(c).id().equals(clue) && a < answers.size(); a++) {
        if (answers.get(a).id().equals(answer)) {
          return new Finding(c, a);
        }
      }
    }
    throw new IllegalArgumentException("There is no answer " + answer + " to " + clue);
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
    for (int i = 0; i < rows.size(); i++) {
      double product = rows.get(i).prior;
      for (Clue clue : clues) {
        String answer = found.get(clue.id());
        product *= answer == null ? 1 : likelihood(i, clue, answer);
      }
      sum += product;
    }
    return sum;
  }

  /** The candidates weighed by some looks. */
  Weighing weighing(Map<String, String> found) {
    List<Finding> findings = new ArrayList<>();
    found.forEach((clue, answer) -> findings.add(finding(clue, answer)));
    return new Weighing(likelihoods, findings);
  }
}
