package unbo.app.listening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.drawing.CausePlan;
import unbo.app.web.Figures;
import unbo.core.diagnosis.Cause;
import unbo.core.diagnosis.Circumstances;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.DiagnosisModel;
import unbo.core.diagnosis.DiagnosisTest;
import unbo.core.diagnosis.Occasion;
import unbo.core.diagnosis.Urgency;
import unbo.core.vehicle.Position;
import unbo.core.vehicle.VehicleKind;

/**
 * What the page of a search shows.
 *
 * @param plan the vehicle with the share of every place
 * @param chosen title of the place whose causes are listed; empty for all
 * @param causes the ranking, those that count for something
 * @param given the answers so far
 * @param struck answers that were struck out
 * @param asked the test that was picked, else the next one worth doing; null when no answer could
 *     change what to do
 * @param outOfTurn whether the test was picked
 * @param settled whether to stop asking
 * @param others the tests that can be answered out of turn, by occasion
 * @param skipped questions that were passed over
 * @param urgent what to do with the vehicle, in plain words
 * @param ifLeft what can happen if it is left
 * @param stop whether it must not be moved
 * @param stops findings that forbid it, whatever is likely, each with its reason
 * @param besides second faults, each with what it explains
 * @param roadWithheld whether tests on the road are held back because of that
 */
public record ListenSheet(
    CausePlan plan,
    String chosen,
    List<CauseRow> causes,
    List<GivenRow> given,
    List<GivenRow> struck,
    TestRow asked,
    boolean outOfTurn,
    boolean settled,
    Map<Occasion, List<TestRow>> others,
    List<String> skipped,
    String urgent,
    String ifLeft,
    boolean stop,
    List<StopRow> stops,
    List<BesideRow> besides,
    boolean roadWithheld) {

  private static final double LEAST_SHOWN = 0.01;
  private static final int MOST_SHOWN = 8;
  private static final double MOVED = 0.05;
  private static final double LONGEST_BAR = 5;
  private static final double PLAN_HEIGHT = 520;

  /** A cause: its percentage and how that was worked, share for its bar, and what moved it. */
  public record CauseRow(
      String id,
      String label,
      String percent,
      String worked,
      double share,
      String action,
      String ifLeft,
      String urgency,
      String position,
      String remembered,
      List<MoveRow> moves) {}

  /** What an answer did to a cause; from and width place its bar, the middle at 50. */
  public record MoveRow(
      String question,
      String answer,
      String way,
      String amount,
      String reason,
      double from,
      double width) {}

  /** An answer that was given, with who and what stands against it. */
  public record GivenRow(
      long id,
      DiagnosisTest test,
      String question,
      String answer,
      String heard,
      String who,
      Gauged gauged,
      List<String> against,
      String overruled) {}

  /** A finding that forbids moving it, and why. */
  public record StopRow(String found, String why) {}

  /** A second fault: what it explains that the likeliest cause leaves over, and what to do. */
  public record BesideRow(String label, String explains, String action) {}

  /** A test that can be answered. */
  public record TestRow(DiagnosisTest test, String why) {}

  static ListenSheet of(
      Listening listening, Answers answers, String place, String test, Figures figures) {
    return new Filler(listening, answers, place, figures).sheet(test);
  }

  /** Circumstances of a search. */
  static Circumstances circumstances(Listening listening, Answers answers) {
    return new Circumstances(listening.barred(), answers.skipped());
  }

  private static final class Filler {
    private final Listening listening;
    private final Answers answers;
    private final String place;
    private final Figures figures;
    private final DiagnosisModel model;
    private final Diagnosis diagnosis;
    private final List<Diagnosis.Ranked> ranked;

    Filler(Listening listening, Answers answers, String place, Figures figures) {
      this.listening = listening;
      this.answers = answers;
      this.place = place;
      this.figures = figures;
      this.model = listening.model();
      this.diagnosis = Diagnosis.of(model, answers.byTest());
      this.ranked = diagnosis.ranked();
    }

    ListenSheet sheet(String picked) {
      Optional<Diagnosis.NextTest> next = diagnosis.nextTest(circumstances(listening, answers));
      Optional<TestRow> own = model.test(picked).map(this::outOfTurn);
      List<CausePlan.Place> places = places();
      boolean any = !answers.current().isEmpty();
      boolean stop = any && diagnosis.urgency() == Urgency.STOP;
      return new ListenSheet(
          CausePlan.of(listening.layout(), places, PLAN_HEIGHT),
          places.stream()
              .filter(p -> p.key().equals(place))
              .map(CausePlan.Place::title)
              .findFirst()
              .orElse(""),
          causes(),
          answers.current().values().stream().map(this::given).toList(),
          answers.struck().stream().map(this::given).toList(),
          own.or(() -> next.map(n -> new TestRow(n.test(), why(n)))).orElse(null),
          own.isPresent(),
          next.isEmpty(),
          others(),
          answers.skipped().stream().map(t -> model.test(t).orElseThrow().question()).toList(),
          diagnosis.urgency().words(),
          diagnosis.ifLeft(),
          stop,
          diagnosis.stops().stream().map(s -> new StopRow(s.words(), s.sign().why())).toList(),
          diagnosis.besides().stream()
              .map(
                  b ->
                      new BesideRow(b.cause().label(), b.explains().question(), b.cause().action()))
              .toList(),
          stop && !listening.barred().contains(Occasion.ROAD));
    }

    private List<CauseRow> causes() {
      return ranked.stream()
          .filter(
              r -> place.isEmpty() ? r.probability() >= LEAST_SHOWN : key(r.cause()).equals(place))
          .limit(place.isEmpty() ? MOST_SHOWN : ranked.size())
          .map(this::cause)
          .toList();
    }

    private CauseRow cause(Diagnosis.Ranked ranked) {
      Cause cause = ranked.cause();
      return new CauseRow(
          cause.id(),
          cause.label(),
          figures.percent(ranked.probability()),
          worked(ranked),
          Math.round(ranked.probability() * 1000) / 10.0,
          cause.action(),
          cause.ifLeft(),
          cause.urgency().words(),
          cause.place().position(),
          listening.remembered(cause.id()),
          ranked.moves().stream()
              .filter(m -> Math.abs(m.logOdds()) > MOVED)
              .sorted(Comparator.comparingDouble(m -> -Math.abs(m.logOdds())))
              .map(this::move)
              .toList());
    }

    /** Bayes' rule in odds: before, times what the answers did, gives now. */
    private String worked(Diagnosis.Ranked ranked) {
      return "Before any answer "
          + figures.percent(ranked.before())
          + "; all answers together, odds "
          + factor(Math.log(ranked.factor()))
          + "; now "
          + figures.percent(ranked.probability())
          + ".";
    }

    private String factor(double logOdds) {
      return (logOdds >= 0 ? "× " : "÷ ")
          + figures.oneDecimal(Math.min(999, Math.exp(Math.abs(logOdds))));
    }

    private MoveRow move(Diagnosis.Move move) {
      DiagnosisTest test = model.test(move.test()).orElseThrow();
      double length = 50 * Math.min(1, Math.abs(move.logOdds()) / LONGEST_BAR);
      boolean up = move.logOdds() > 0;
      return new MoveRow(
          test.question(),
          test.answer(move.answer()).orElseThrow().label(),
          up ? "for" : "against",
          factor(move.logOdds()),
          move.reason().isEmpty() ? "this answer fits other causes better or worse" : move.reason(),
          up ? 50 : 50 - length,
          length);
    }

    private GivenRow given(GivenAnswer line) {
      DiagnosisTest test = model.test(line.getTest()).orElseThrow();
      return new GivenRow(
          line.getId(),
          test,
          test.question(),
          test.answer(line.getAnswer()).orElseThrow().label(),
          line.getHeard(),
          line.getPerson() + ", " + figures.moment(line.getAt()),
          line.getReading().isEmpty()
              ? null
              : Gauged.kept(test, listening.layout(), line.getAnswer(), line.getReading(), figures),
          line.isStruck() ? List.of() : against(test, line),
          line.isStruck() ? "" : overruled(test));
    }

    /** Why an answer does not count, where one of the same group was found nearer the part. */
    private String overruled(DiagnosisTest test) {
      return diagnosis.overruled().stream()
          .filter(o -> o.test().equals(test))
          .map(o -> "Not counted beside “" + o.by().question() + "” " + o.reason())
          .findFirst()
          .orElse("");
    }

    private List<String> against(DiagnosisTest test, GivenAnswer line) {
      return answers.against(line).stream()
          .map(
              l ->
                  test.answer(l.getAnswer()).orElseThrow().label()
                      + ", "
                      + l.getPerson()
                      + ", "
                      + figures.moment(l.getAt()))
          .toList();
    }

    private String why(Diagnosis.NextTest next) {
      List<Cause> pair = diagnosis.parted(next.test());
      String parts =
          pair.isEmpty()
              ? ""
              : "Tells apart: " + pair.get(0).label() + " / " + pair.get(1).label() + ". ";
      String first =
          next.test().critical() && diagnosis.stopShare() > Diagnosis.COUNTS_OVER
              ? "First: is it safe to move? "
              : "";
      return first
          + parts
          + "Takes "
          + figures.size(next.test().minutes())
          + " min. Should remove about "
          + figures.percent(next.expectedBits() / diagnosis.entropyBits())
          + " of the doubt.";
    }

    private TestRow outOfTurn(DiagnosisTest test) {
      return new TestRow(
          test,
          answers.current().containsKey(test.id())
              ? "Answered before; the later answer counts."
              : "");
    }

    private Map<Occasion, List<TestRow>> others() {
      Map<Occasion, List<TestRow>> all = new LinkedHashMap<>();
      for (Occasion occasion : Occasion.values()) {
        List<TestRow> its =
            model.tests().stream()
                .filter(t -> t.occasion() == occasion)
                .filter(t -> !answers.current().containsKey(t.id()))
                .map(t -> new TestRow(t, ""))
                .toList();
        if (!its.isEmpty()) {
          all.put(occasion, its);
        }
      }
      return all;
    }

    /**
     * Places in plan: at a wheel its bearing and its neighbours, elsewhere each cause by itself.
     */
    private List<CausePlan.Place> places() {
      Map<String, List<Diagnosis.Ranked>> byKey = new LinkedHashMap<>();
      for (Cause cause : model.causes()) {
        if (!cause.isNoneOfThese()) {
          byKey.put(key(cause), new ArrayList<>());
        }
      }
      ranked.stream()
          .filter(r -> !r.cause().isNoneOfThese())
          .forEach(r -> byKey.get(key(r.cause())).add(r));
      return byKey.entrySet().stream().map(e -> place(e.getKey(), e.getValue())).toList();
    }

    private static String key(Cause cause) {
      if (cause.place().wheel().isEmpty()) {
        return cause.id();
      }
      return cause.place().wheel() + (cause.place().rolling() ? "" : "-beside");
    }

    private CausePlan.Place place(String key, List<Diagnosis.Ranked> its) {
      Cause first = its.get(0).cause();
      double share = its.stream().mapToDouble(Diagnosis.Ranked::probability).sum();
      String title =
          position(first.place().wheel())
              .map(p -> titleAt(p.title(), first.place().rolling()))
              .orElse(first.label());
      double[] at = at(first);
      return new CausePlan.Place(key, title, first.place().rolling(), share, at[0], at[1]);
    }

    /** The side before the part: front left wheel bearing, left hub bearing. */
    private static String titleAt(String position, boolean rolling) {
      boolean named = position.endsWith(" hub") || position.endsWith(" wheel");
      String wheel = named ? position : position + " wheel";
      return rolling ? wheel + " bearing" : position + ", other causes";
    }

    private Optional<Position> position(String code) {
      return listening.layout().positions().stream().filter(p -> p.code().equals(code)).findFirst();
    }

    private double[] at(Cause cause) {
      var layout = listening.layout();
      var position = position(cause.place().position());
      if (cause.place().drawn() || position.isEmpty()) {
        double first = layout.firstAxleMm();
        boolean trailer = layout.kind() == VehicleKind.TRAILER;
        double unit = trailer ? first : layout.axleDistanceMm();
        return new double[] {
          first + cause.place().along() * unit, cause.place().across() * layout.trackMm() / 2
        };
      }
      double inward = cause.place().wheel().isEmpty() || cause.place().rolling() ? 1 : 0.62;
      return new double[] {position.get().backMm(), position.get().rightMm() * inward};
    }
  }
}
