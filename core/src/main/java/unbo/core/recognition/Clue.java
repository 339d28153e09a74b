package unbo.core.recognition;

import java.util.List;

/**
 * Something to look at.
 *
 * @param id short name
 * @param help where to look, empty where it needs none
 */
public record Clue(String id, String question, String help, List<Answer> answers) {

  /** What may be found. */
  public record Answer(String id, String label) {}

  public Clue {
    answers = List.copyOf(answers);
    if (answers.size() < 2) {
      throw new IllegalArgumentException("A clue needs two answers: " + id);
    }
  }
}
