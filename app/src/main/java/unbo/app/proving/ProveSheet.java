package unbo.app.proving;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import unbo.app.job.EndPlayKey;
import unbo.app.job.Job;
import unbo.app.job.OpeningFinding;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.StopMark;
import unbo.app.job.TestRecord;
import unbo.app.setting.SettingResults;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.core.arrangement.TaperPair;
import unbo.core.measure.Readings;
import unbo.core.measure.Verdict;
import unbo.core.setting.School;
import unbo.core.setting.SettingOutcome;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.HardStop;
import unbo.core.verification.Proof;
import unbo.core.verification.Repeat;
import unbo.core.verification.RepeatedTest;
import unbo.core.verification.RoadFinding;
import unbo.core.verification.Waiver;

/**
 * What the Prove sheet shows.
 *
 * @param rows the accusing tests, old beside new
 * @param stops the hard stops
 * @param findings what would keep the vehicle off the road
 * @param repeats findings of the beginning without a number
 * @param proof whether it is proved, and why not
 * @param fields as typed
 * @param problems at the fields
 * @param waiverProblem what is wrong with a waiver, by stop
 */
public record ProveSheet(
    List<TestRow> rows,
    List<StopRow> stops,
    List<FindingRow> findings,
    List<RepeatRow> repeats,
    Proof proof,
    Map<String, String> fields,
    FieldProblems problems) {

  /** A test: before in words or null when nobody measured it, after in words, and the verdict. */
  public record TestRow(
      AccusingTest test,
      String secondLabel,
      String secondUnit,
      String before,
      String after,
      Verdict better,
      boolean fromSet,
      String who) {}

  /** A hard stop with how it stands. */
  public record StopRow(HardStop stop, boolean met, String answer, StopMark mark) {}

  /** A finding and who ticked it; automatic ones follow from Set. */
  public record FindingRow(RoadFinding finding, boolean ticked, boolean automatic, String who) {}

  /** A finding of the beginning, to be looked for again. */
  public record RepeatRow(int place, String question, String answer, String reading, String who) {}

  /** The release checks that were not done but waived by name. */
  public List<StopRow> waivers() {
    return stops.stream().filter(s -> !s.met && s.mark != null && s.mark.isWaived()).toList();
  }

  /** The verdict in its fixed words: a waiver is always said with it, and by whom. */
  public String verdict() {
    if (!proof.isProved()) {
      return "Not proved";
    }
    List<StopRow> waived = waivers();
    if (waived.isEmpty()) {
      return "Proved";
    }
    return "Proved with "
        + waived.size()
        + (waived.size() == 1 ? " waiver: " : " waivers: ")
        + waived.stream()
            .map(s -> s.stop.shortTitle() + " (" + s.mark.getPerson() + ")")
            .collect(Collectors.joining(", "));
  }

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  static ProveSheet of(
      Job job, Map<String, String> fields, FieldProblems problems, Figures figures) {
    List<TestRow> rows = asked(job).stream().map(t -> row(job, t, figures)).toList();
    List<StopRow> stops = stops(job).stream().map(s -> stop(job, s, figures)).toList();
    List<FindingRow> findings =
        Arrays.stream(RoadFinding.values()).map(f -> finding(job, f)).toList();
    List<RepeatRow> repeats =
        job.work().getOpeningFindings().entrySet().stream()
            .filter(e -> e.getValue().isRepeated())
            .map(e -> repeat(e.getKey(), e.getValue(), figures))
            .toList();
    return new ProveSheet(rows, stops, findings, repeats, proof(job, figures), fields, problems);
  }

  private static RepeatRow repeat(int place, OpeningFinding finding, Figures figures) {
    String who =
        finding.getOutcome() == null
            ? ""
            : finding.getPerson() + ", " + figures.moment(finding.getAt());
    return new RepeatRow(
        place, finding.getQuestion(), finding.getAnswer(), finding.getReading(), who);
  }

  /** What a repeat can show. */
  public Repeat.Outcome[] outcomes() {
    return Repeat.Outcome.values();
  }

  /** Whether the job is proved, from its record. */
  static Proof proof(Job job, Figures figures) {
    List<RepeatedTest> accusing = new ArrayList<>();
    for (AccusingTest test : asked(job)) {
      record(job, test).ifPresent(r -> accusing.add(TestFigures.repeated(test, r)));
    }
    Set<HardStop> met = EnumSet.noneOf(HardStop.class);
    Map<HardStop, Waiver> waived = new EnumMap<>(HardStop.class);
    List<HardStop> asked = stops(job);
    for (HardStop stop : asked) {
      StopRow row = stop(job, stop, figures);
      if (row.met()) {
        met.add(stop);
      } else if (row.mark() != null && row.mark().isWaived()) {
        waived.put(
            stop, new Waiver(row.mark().getPerson(), row.mark().getRole(), row.mark().getDetail()));
      }
    }
    List<Repeat> repeats =
        job.work().getOpeningFindings().values().stream()
            .filter(OpeningFinding::isRepeated)
            .map(OpeningFinding::repeat)
            .toList();
    return Proof.of(accusing, repeats, asked, met, waived, findings(job));
  }

  /** The tests that a job's arrangement can repeat; end play is read at Set's nut alone. */
  private static List<AccusingTest> asked(Job job) {
    return Arrays.stream(AccusingTest.values())
        .filter(t -> t != AccusingTest.END_PLAY || isTaperPair(job))
        .filter(t -> t != AccusingTest.RUN_OUT || job.work().getTests().containsKey(t))
        .toList();
  }

  private static boolean isTaperPair(Job job) {
    return job.arrangement().isSetByNutPosition();
  }

  private static List<HardStop> stops(Job job) {
    return HardStop.askedAt(job.arrangement().isWheel());
  }

  /** End play repeats itself at Set: the mean at the pinned hole is its after. */
  static Optional<TestRecord> record(Job job, AccusingTest test) {
    Optional<TestRecord> record = Optional.ofNullable(job.work().getTests().get(test));
    if (test != AccusingTest.END_PLAY) {
      return record;
    }
    Optional<Double> pinned = job.work().endPlay(EndPlayKey.Stage.PINNED).map(Readings::mean);
    return record.map(r -> pinned.map(p -> r.repeated(p, null, "Set", null)).orElse(r));
  }

  private static Set<RoadFinding> findings(Job job) {
    Set<RoadFinding> all = EnumSet.noneOf(RoadFinding.class);
    all.addAll(job.work().getFindings().keySet());
    if (SettingResults.of(job).map(SettingOutcome::overLimit).orElse(false)) {
      all.add(RoadFinding.PLAY_OVER_LIMIT);
    }
    return all;
  }

  private static TestRow row(Job job, AccusingTest test, Figures figures) {
    Optional<TestRecord> record = record(job, test);
    String before =
        record
            .map(
                r ->
                    TestFigures.words(
                        test,
                        r.getBeforeValue(),
                        r.getBeforeSecond(),
                        TaperPair.of(job.assembly()),
                        figures))
            .orElse(null);
    String after =
        record
            .filter(r -> r.getAfterValue() != null)
            .map(
                r ->
                    TestFigures.words(
                        test,
                        r.getAfterValue(),
                        r.getAfterSecond(),
                        TaperPair.of(job.assembly()),
                        figures))
            .orElse(null);
    Verdict better = record.flatMap(r -> TestFigures.repeated(test, r).better()).orElse(null);
    String who =
        record
            .filter(r -> r.getAfterValue() != null && r.getAt() != null)
            .map(r -> r.getPerson() + ", " + figures.moment(r.getAt()))
            .orElse("");
    return new TestRow(
        test,
        secondLabel(test),
        secondUnit(test),
        before,
        after,
        better,
        test == AccusingTest.END_PLAY,
        who);
  }

  private static String secondLabel(AccusingTest test) {
    return switch (test) {
      case ROCK, DRAG -> "at radius";
      case HUB_HEAT -> "other side";
      case END_PLAY, RUN_OUT -> "";
    };
  }

  private static String secondUnit(AccusingTest test) {
    return test == AccusingTest.HUB_HEAT ? "°C" : "mm";
  }

  private static StopRow stop(Job job, HardStop stop, Figures figures) {
    StopMark mark = job.work().getStops().get(stop);
    return switch (stop) {
      case SETTING -> setting(job, stop, mark);
      case RECHECK ->
          new StopRow(
              stop,
              job.work().getRecheckOn() != null || job.work().getRecheckKm() != null,
              recheck(job, figures),
              mark);
      default ->
          new StopRow(
              stop,
              mark != null && !mark.isWaived(),
              mark == null || mark.isWaived() ? "" : mark.getDetail(),
              mark);
    };
  }

  private static StopRow setting(Job job, HardStop stop, StopMark mark) {
    if (!isTaperPair(job)) {
      return settingNoted(job, stop, mark);
    }
    Optional<SettingOutcome> outcome = SettingResults.of(job);
    School school = job.getVehicle().getSchool();
    String text =
        "Setting method: "
            + school.title()
            + ". "
            + outcome.map(SettingOutcome::text).orElse("Not done yet: open Set.");
    return new StopRow(
        stop, outcome.map(o -> o.inWindow() == Verdict.YES).orElse(false), text, mark);
  }

  /** Where Set has no sheet of its own, its dated note answers. */
  private static StopRow settingNoted(Job job, HardStop stop, StopMark mark) {
    boolean noted =
        job.work()
            .mark(Station.SET)
            .filter(m -> m.getState() != StationMark.State.WORKED_ON)
            .isPresent();
    String text = noted ? "Noted at Set." : "Not noted yet: open Set.";
    return new StopRow(stop, noted, text, mark);
  }

  static String recheck(Job job, Figures figures) {
    List<String> parts = new ArrayList<>();
    if (job.work().getRecheckOn() != null) {
      parts.add(figures.day(job.work().getRecheckOn()));
    }
    if (job.work().getRecheckKm() != null) {
      parts.add("after " + job.work().getRecheckKm() + " km");
    }
    return String.join(" or ", parts) + (parts.size() == 2 ? ", whichever comes first" : "");
  }

  private static FindingRow finding(Job job, RoadFinding finding) {
    var mark = job.work().getFindings().get(finding);
    boolean automatic =
        finding == RoadFinding.PLAY_OVER_LIMIT
            && SettingResults.of(job).map(SettingOutcome::overLimit).orElse(false);
    return new FindingRow(
        finding, mark != null || automatic, automatic, mark == null ? "" : mark.getPerson());
  }
}
