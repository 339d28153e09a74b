package unbo.app.fitting;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import unbo.app.job.Form;
import unbo.app.job.Press;
import unbo.app.web.FieldProblems;
import unbo.core.units.Problem;

/**
 * Another type or envelope of bearing at a position, with what had to be answered for it. The
 * position is not original from then on.
 *
 * @param now what is in it
 * @param answers by question
 */
public record Conversion(String now, Map<String, String> answers, String person, Instant at) {

  private static final int LONGEST = 200;

  /** What is asked, with its words. */
  public static final Map<String, String> QUESTIONS = questions();

  public Conversion {
    answers = answers == null ? Map.of() : Map.copyOf(answers);
  }

  private static Map<String, String> questions() {
    Map<String, String> all = new LinkedHashMap<>();
    all.put("locates", "What locates the shaft along its axis");
    all.put("floats", "What floats, and how far");
    all.put("stack", "Stack height against the old one");
    all.put("machined", "Parts machined or made");
    all.put("seals", "Seals");
    all.put("lubrication", "Lubrication");
    all.put("speed", "Speed it may run");
    all.put("back", "The way back");
    return java.util.Collections.unmodifiableMap(all);
  }

  /** Reads a form; problems are at its fields. */
  static Conversion of(Form form, Press.By by, FieldProblems problems) {
    Map<String, String> answers = new LinkedHashMap<>();
    QUESTIONS.keySet().forEach(q -> answer(form, q, problems, answers));
    String now = form.get("conv-now").strip();
    if (now.isEmpty()) {
      problems.add(
          "conv-now",
          new Problem("", "Not said what is in it.", "Enter number and size of what sits there."));
    }
    tooLong("conv-now", now, problems);
    return new Conversion(now, answers, by.name(), by.at());
  }

  private static void answer(
      Form form, String question, FieldProblems problems, Map<String, String> answers) {
    String text = form.get("conv-" + question).strip();
    tooLong("conv-" + question, text, problems);
    if (!text.isEmpty()) {
      answers.put(question, text);
    }
  }

  private static void tooLong(String field, String text, FieldProblems problems) {
    if (text.length() > LONGEST) {
      problems.add(
          field, new Problem(text, "Too long.", "Write " + LONGEST + " characters at most."));
    }
  }

  /** What nobody answered: open until somebody does. */
  public List<String> open() {
    return QUESTIONS.entrySet().stream()
        .filter(q -> !answers.containsKey(q.getKey()))
        .map(Map.Entry::getValue)
        .toList();
  }

  /** What was answered, in lines. */
  public List<String> lines() {
    return QUESTIONS.entrySet().stream()
        .filter(q -> answers.containsKey(q.getKey()))
        .map(q -> q.getValue() + ": " + answers.get(q.getKey()))
        .toList();
  }
}
