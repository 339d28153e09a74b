package unbo.app.proving;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import unbo.app.fitting.FitRecord;
import unbo.app.job.Job;
import unbo.app.job.OpeningFinding;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.Workpiece;
import unbo.app.setting.SettingResults;
import unbo.app.setting.Stage;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.core.measure.Instrument;
import unbo.core.measure.Readings;
import unbo.core.measure.Verdict;
import unbo.core.setting.SettingOutcome;
import unbo.core.units.Digits;
import unbo.core.vehicle.Position;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.HardStop;
import unbo.core.verification.Proof;
import unbo.core.verification.ReleaseChecks;
import unbo.core.verification.Repeat;
import unbo.core.verification.RepeatedTest;
import unbo.core.verification.RoadFinding;
import unbo.core.verification.TestPlaces;
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
 * @param workings of the figures
 */
public record ProveSheet(
    List<TestRow> rows,
    List<StopRow> stops,
    List<FindingRow> findings,
    List<RepeatRow> repeats,
    Proof proof,
    Map<String, String> fields,
    FieldProblems problems,
    List<WorkingView> workings) {

  /**
   * A test: before or null when nobody measured it, after, the gain and the verdict; in order when
   * it accused nothing.
   */
  public record TestRow(
      AccusingTest test,
      TestFigures.Shown before,
      TestFigures.Shown after,
      Figure gain,
      Verdict better,
      List<String> settles,
      boolean fromSet,
      boolean inOrder,
      String who) {

    /** With what it is read, and how well. */
    public String tool() {
      return test.instrument().map(i -> "Tool: " + i.name() + ", ± " + good(i) + ".").orElse("");
    }

    private String good(Instrument i) {
      Figures figures = new Figures();
      return i.relative()
          ? figures.percent(i.uncertainty())
          : Digits.exact(i.uncertainty()) + " " + test.unit();
    }
  }

  /** A hard stop with how it stands. */
  public record StopRow(HardStop stop, String where, boolean met, String answer, StopMark mark) {}

  /** A finding and who ticked it; automatic ones follow from Set. */
  public record FindingRow(RoadFinding finding, boolean ticked, boolean automatic, String who) {}

  /** A finding of the beginning, to be looked for again. */
  public record RepeatRow(int place, String question, String answer, String reading, String who) {}

  /** The tests that were measured before the work; all that can be measured when none was. */
  public List<TestRow> first() {
    List<TestRow> measured = rows.stream().filter(r -> r.before != null).toList();
    return measured.isEmpty() ? rows : measured;
  }

  /** The other tests that can be measured here. */
  public List<TestRow> others() {
    return rows.stream().filter(r -> !first().contains(r)).toList();
  }

  /** The release checks that were not done but waived by name. */
  public List<StopRow> waivers() {
    return stops.stream().filter(s -> !s.met && s.mark != null && s.mark.waived()).toList();
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
            .map(s -> s.stop.shortTitle() + " (" + s.mark.person() + ")")
            .collect(Collectors.joining(", "));
  }

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  static ProveSheet of(
      Workpiece job, Map<String, String> fields, FieldProblems problems, Figures figures) {
    return of(job, recorded(job), fields, problems, figures);
  }

  /** The sheet of a record, saved or not. */
  static ProveSheet of(
      Workpiece job,
      ProveRecord record,
      Map<String, String> fields,
      FieldProblems problems,
      Figures figures) {
    TestRows rows = new TestRows(job, record, figures);
    List<TestRow> tests = asked(job, record).stream().map(rows::row).toList();
    List<StopRow> stops = stops(job).stream().map(s -> stop(job, s, figures)).toList();
    List<FindingRow> findings =
        Arrays.stream(RoadFinding.values()).map(f -> finding(job, f)).toList();
    List<RepeatRow> repeats =
        job.work().getOpeningFindings().entrySet().stream()
            .filter(e -> e.getValue().isRepeated())
            .map(e -> repeat(e.getKey(), e.getValue(), figures))
            .toList();
    return new ProveSheet(
        tests, stops, findings, repeats, proof(job, figures), fields, problems, rows.workings());
  }

  private static ProveRecord recorded(Workpiece job) {
    return job.work().sheet(ProveRecord.TYPE);
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
  static Proof proof(Workpiece job, Figures figures) {
    List<RepeatedTest> accusing = new ArrayList<>();
    ProveRecord recorded = recorded(job);
    for (AccusingTest test : asked(job, recorded)) {
      record(job, recorded, test).ifPresent(r -> accusing.add(TestFigures.repeated(test, r)));
    }
    Set<HardStop> met = EnumSet.noneOf(HardStop.class);
    Map<HardStop, Waiver> waived = new EnumMap<>(HardStop.class);
    List<HardStop> asked = stops(job);
    for (HardStop stop : asked) {
      StopRow row = stop(job, stop, figures);
      if (row.met()) {
        met.add(stop);
      } else if (row.mark() != null && row.mark().waived()) {
        waived.put(stop, new Waiver(row.mark().person(), row.mark().role(), row.mark().detail()));
      }
    }
    List<Repeat> repeats =
        job.work().getOpeningFindings().values().stream()
            .filter(OpeningFinding::isRepeated)
            .map(OpeningFinding::repeat)
            .toList();
    return Proof.of(accusing, repeats, asked, met, waived, findings(job));
  }

  /**
   * The tests that can be measured where a piece stands. At a wheel, heat only where there is
   * another side: a front hub is never judged by a rear one.
   */
  static List<AccusingTest> measurable(Workpiece piece) {
    boolean wheelAlone =
        piece.position().filter(Position::wheel).isPresent() && !piece.hasOtherSide();
    return TestPlaces.of(piece.arrangement(), piece.position()).stream()
        .filter(t -> !wheelAlone || t != AccusingTest.HUB_HEAT)
        .toList();
  }

  /** What was measured is done again first; else whatever can be measured here is offered. */
  static List<AccusingTest> asked(Workpiece job, ProveRecord record) {
    Set<AccusingTest> all = new LinkedHashSet<>(measurable(job));
    record.tests().keySet().stream().sorted().forEach(all::add);
    return List.copyOf(all);
  }

  private static boolean isTaperPair(Workpiece job) {
    return job.arrangement().isSetByNutPosition();
  }

  /** Those of today; a job that an older program closed keeps the ones that it was closed on. */
  static List<HardStop> stops(Workpiece job) {
    List<HardStop> then = recorded(job).askedThen();
    boolean kept = job.isClosed() && then != null;
    if (kept || !(job instanceof Job onVehicle)) {
      return Optional.ofNullable(then).orElse(List.of());
    }
    List<HardStop> asked =
        new ArrayList<>(
            ReleaseChecks.asked(
                job.arrangement(), onVehicle.getVehicle().getKind(), onVehicle.place()));
    if (job.work().sheet(FitRecord.TYPE).hasMakeshift()) {
      asked.add(HardStop.MAKESHIFT);
    }
    return List.copyOf(asked);
  }

  /** End play repeats itself at Set: the mean at the pinned hole is its after. */
  static Optional<TestRecord> record(Workpiece job, ProveRecord record, AccusingTest test) {
    Optional<TestRecord> own = Optional.ofNullable(record.tests().get(test));
    if (test != AccusingTest.END_PLAY) {
      return own;
    }
    Optional<Double> pinned = SettingResults.record(job).endPlay(Stage.PINNED).map(Readings::mean);
    return own.map(
        r -> pinned.map(p -> r.repeated(TestReading.of(p, null), "Set", null)).orElse(r));
  }

  static Set<RoadFinding> findings(Workpiece job) {
    Set<RoadFinding> all = EnumSet.noneOf(RoadFinding.class);
    all.addAll(recorded(job).findings().keySet());
    if (SettingResults.of(job).map(SettingOutcome::overLimit).orElse(false)) {
      all.add(RoadFinding.PLAY_OVER_LIMIT);
    }
    return all;
  }

  private static StopRow stop(Workpiece job, HardStop stop, Figures figures) {
    StopMark mark = recorded(job).stops().get(stop);
    return switch (stop) {
      case SETTING -> setting(job, stop, mark);
      case RECHECK ->
          new StopRow(
              stop,
              "",
              recorded(job).recheckOn() != null || recorded(job).recheckKm() != null,
              recheck(job, figures),
              mark);
      default ->
          new StopRow(
              stop,
              where(job, stop),
              mark != null && !mark.waived(),
              mark == null || mark.waived() ? "" : mark.detail(),
              mark);
    };
  }

  /** The parts that it looks at, by name. */
  private static String where(Workpiece job, HardStop stop) {
    return ReleaseChecks.parts(job.arrangement(), stop).stream()
        .map(part -> job.arrangement().part(part).orElseThrow().title())
        .collect(Collectors.joining(", "));
  }

  private static StopRow setting(Workpiece job, HardStop stop, StopMark mark) {
    Optional<SettingOutcome> outcome = SettingResults.of(job);
    if (!isTaperPair(job) && outcome.isEmpty()) {
      return settingNoted(job, stop, mark);
    }
    String method = isTaperPair(job) ? "Setting method: " + job.school().title() + ". " : "";
    String text = method + outcome.map(SettingOutcome::text).orElse("Not done yet: open Set.");
    return new StopRow(
        stop, "", outcome.map(o -> o.inWindow() == Verdict.YES).orElse(false), text, mark);
  }

  /** Where nothing was entered at Set, its dated note answers. */
  private static StopRow settingNoted(Workpiece job, HardStop stop, StopMark mark) {
    boolean noted =
        job.work()
            .mark(Station.SET)
            .filter(m -> m.getState() != StationMark.State.WORKED_ON)
            .isPresent();
    String text = noted ? "Noted at Set." : "Not noted yet: open Set.";
    return new StopRow(stop, "", noted, text, mark);
  }

  static String recheck(Workpiece job, Figures figures) {
    List<String> parts = new ArrayList<>();
    if (recorded(job).recheckOn() != null) {
      parts.add(figures.day(recorded(job).recheckOn()));
    }
    if (recorded(job).recheckKm() != null) {
      parts.add("after " + recorded(job).recheckKm() + " km");
    }
    return String.join(" or ", parts) + (parts.size() == 2 ? ", whichever comes first" : "");
  }

  private static FindingRow finding(Workpiece job, RoadFinding finding) {
    var mark = recorded(job).findings().get(finding);
    boolean automatic =
        finding == RoadFinding.PLAY_OVER_LIMIT
            && SettingResults.of(job).map(SettingOutcome::overLimit).orElse(false);
    return new FindingRow(
        finding, mark != null || automatic, automatic, mark == null ? "" : mark.person());
  }
}
