package unbo.app.listening;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import unbo.app.job.Opening;
import unbo.app.job.OpeningFinding;
import unbo.app.job.WorkRecord;
import unbo.app.proving.ProveRecord;
import unbo.app.proving.TestRecord;
import unbo.app.web.Figures;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.DiagnosisTest;

/** Writes what a search found into the job that it opens. */
final class OpeningFindings {

  private final Listening listening;
  private final Answers answers;
  private final Diagnosis diagnosis;
  private final String position;
  private final Figures figures;

  OpeningFindings(Listening listening, Answers answers, String position, Figures figures) {
    this.listening = listening;
    this.answers = answers;
    this.diagnosis = Diagnosis.of(listening.model(), answers.byTest());
    this.position = position;
    this.figures = figures;
  }

  /** What the job is opened for: the driver's words, or what the tests accused. */
  String complaint() {
    String accused =
        diagnosis.accusing().stream()
            .map(Diagnosis.Finding::words)
            .collect(Collectors.joining("; "));
    String text = listening.getWords().isBlank() ? accused : listening.getWords();
    return text.isBlank() ? "found by Find the fault" : cut(text);
  }

  void enter(WorkRecord work) {
    work.setOpening(opening());
    Set<String> accusing =
        diagnosis.accusing().stream().map(f -> f.test().id()).collect(Collectors.toSet());
    int place = 0;
    for (Map.Entry<String, GivenAnswer> given : answers.current().entrySet()) {
      DiagnosisTest test = listening.model().test(given.getKey()).orElseThrow();
      GivenAnswer line = given.getValue();
      List<String> words = List.of();
      boolean numbered = false;
      if (!line.getReading().isEmpty()) {
        Gauged gauged =
            Gauged.kept(test, listening.layout(), line.getAnswer(), line.getReading(), figures);
        words = gauged.words();
        numbered = enter(work, gauged);
      }
      boolean repeated = accusing.contains(test.id()) && !numbered;
      work.getOpeningFindings()
          .put(
              ++place,
              new OpeningFinding(
                  test.id(),
                  test.question(),
                  test.answer(line.getAnswer()).orElseThrow().label(),
                  cut(String.join(" ", words)),
                  repeated));
    }
  }

  /** The likeliest cause at the job's position, or the likeliest of all. */
  private Opening opening() {
    Diagnosis.Ranked cause =
        diagnosis.ranked().stream()
            .filter(r -> r.cause().place().position().equals(position))
            .findFirst()
            .orElseGet(() -> diagnosis.ranked().get(0));
    String look =
        diagnosis.lookFirst().stream()
            .map(Diagnosis.Finding::words)
            .collect(Collectors.joining("; "));
    String ifLeft = diagnosis.stops().isEmpty() ? cause.cause().ifLeft() : diagnosis.ifLeft();
    return new Opening(cause.cause(), share(cause), diagnosis.urgency(), ifLeft, look);
  }

  /** Both rows of one bearing are one thing to do: their shares are added. */
  private double share(Diagnosis.Ranked cause) {
    return diagnosis.ranked().stream()
        .filter(r -> r.cause().decision().equals(cause.cause().decision()))
        .mapToDouble(Diagnosis.Ranked::probability)
        .sum();
  }

  /** Numbers of this position go to the tests that Prove compares; whether there were any. */
  private boolean enter(WorkRecord work, Gauged gauged) {
    boolean any = false;
    for (Gauged.Number number : gauged.numbers()) {
      if (number.wheel().isEmpty() || number.wheel().equals(position)) {
        ProveRecord record = work.sheet(ProveRecord.TYPE);
        work.write(
            ProveRecord.TYPE,
            record.with(number.test(), new TestRecord(number.value(), number.second())));
        any = true;
      }
    }
    return any;
  }

  private static String cut(String text) {
    return text.length() > 500 ? text.substring(0, 499) + "…" : text;
  }
}
