package unbo.app.listening;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.web.util.UriComponentsBuilder;
import unbo.app.web.Figures;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.DiagnosisModel;
import unbo.core.diagnosis.DiagnosisTest;

/**
 * What the page shows.
 *
 * @param causes the ranking, those that count for something
 * @param given the answers so far, each with the way to strike it out
 * @param next the next test worth doing, or null when no answer could change what to do
 * @param others the tests that can be answered out of turn
 * @param urgent what to do with the vehicle, in plain words
 * @param stop whether it must not be moved
 */
public record ListenSheet(
    List<CauseRow> causes,
    List<GivenRow> given,
    TestRow next,
    List<TestRow> others,
    String urgent,
    boolean stop) {

  private static final double LEAST_SHOWN = 0.01;
  private static final int MOST_SHOWN = 10;
  private static final double MOVED = 0.05;

  /** A cause: share for its bar, and what moved it. */
  public record CauseRow(
      String label,
      String percent,
      double share,
      String action,
      String ifLeft,
      String urgency,
      String position,
      List<MoveRow> moves) {}

  /** What an answer did to a cause. */
  public record MoveRow(String question, String answer, String way, String amount, String reason) {}

  /** An answer with the address without it. */
  public record GivenRow(String question, String answer, String without) {}

  /** A test with an address for each answer. */
  public record TestRow(DiagnosisTest test, String why, List<Choice> choices) {}

  /** An answer to choose. */
  public record Choice(String label, String address) {}

  static ListenSheet of(
      Diagnosis diagnosis,
      DiagnosisModel model,
      Map<String, String> answers,
      String vehicle,
      Figures figures) {
    Addresses to = new Addresses(model.kind().id(), vehicle);
    var next = diagnosis.nextTest();
    return new ListenSheet(
        diagnosis.ranked().stream()
            .filter(r -> r.probability() >= LEAST_SHOWN)
            .limit(MOST_SHOWN)
            .map(r -> cause(r, model, figures))
            .toList(),
        answers.entrySet().stream().map(e -> given(e, model, answers, to)).toList(),
        next.map(n -> test(n.test(), why(n, figures), answers, to)).orElse(null),
        diagnosis.nextTests().stream()
            .filter(n -> next.isEmpty() || !n.test().equals(next.get().test()))
            .map(n -> test(n.test(), "", answers, to))
            .toList(),
        diagnosis.urgency().words(),
        diagnosis.urgency() == unbo.core.diagnosis.Urgency.STOP);
  }

  private static String why(Diagnosis.NextTest next, Figures figures) {
    return "Tells the most for its time: "
        + figures.size(next.expectedBits())
        + " bits expected in "
        + figures.size(next.test().minutes())
        + (next.test().minutes() == 1 ? " minute." : " minutes.");
  }

  private static CauseRow cause(Diagnosis.Ranked ranked, DiagnosisModel model, Figures figures) {
    return new CauseRow(
        ranked.cause().label(),
        figures.percent(ranked.probability()),
        Math.round(ranked.probability() * 1000) / 10.0,
        ranked.cause().action(),
        ranked.cause().ifLeft(),
        ranked.cause().urgency().words(),
        ranked.cause().position(),
        ranked.moves().stream()
            .filter(m -> Math.abs(m.logOdds()) > MOVED)
            .map(m -> move(m, model, figures))
            .toList());
  }

  private static MoveRow move(Diagnosis.Move move, DiagnosisModel model, Figures figures) {
    DiagnosisTest test = model.test(move.test()).orElseThrow();
    double factor = Math.exp(Math.abs(move.logOdds()));
    return new MoveRow(
        test.question(),
        test.answer(move.answer()).orElseThrow().label(),
        move.logOdds() > 0 ? "for" : "against",
        "odds " + (move.logOdds() > 0 ? "× " : "÷ ") + figures.oneDecimal(factor),
        move.reason().isEmpty() ? "others fit it better or worse" : move.reason());
  }

  private static GivenRow given(
      Map.Entry<String, String> answer,
      DiagnosisModel model,
      Map<String, String> answers,
      Addresses to) {
    DiagnosisTest test = model.test(answer.getKey()).orElseThrow();
    Map<String, String> rest = new LinkedHashMap<>(answers);
    rest.remove(answer.getKey());
    return new GivenRow(
        test.question(), test.answer(answer.getValue()).orElseThrow().label(), to.of(rest));
  }

  private static TestRow test(
      DiagnosisTest test, String why, Map<String, String> answers, Addresses to) {
    List<Choice> choices =
        test.answers().stream()
            .map(
                a -> {
                  Map<String, String> more = new LinkedHashMap<>(answers);
                  more.put(test.id(), a.id());
                  return new Choice(a.label(), to.of(more));
                })
            .toList();
    return new TestRow(test, why, choices);
  }

  /** The page's own addresses. */
  private record Addresses(String kind, String vehicle) {
    String of(Map<String, String> answers) {
      UriComponentsBuilder address = UriComponentsBuilder.fromPath("/listen/" + kind);
      if (!vehicle.isEmpty()) {
        address.queryParam("vehicle", vehicle);
      }
      answers.forEach(address::queryParam);
      return address.build().toUriString();
    }
  }
}
