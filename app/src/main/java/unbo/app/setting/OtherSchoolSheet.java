package unbo.app.setting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import unbo.app.job.Form;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.measure.Window;
import unbo.core.setting.FeltSetting;
import unbo.core.setting.School;
import unbo.core.setting.SettingOutcome;
import unbo.core.setting.SettingWorkings;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * What the Set sheet shows for the schools without a dial.
 *
 * @param fields as typed
 * @param problems at the fields
 * @param rests how a wheel may come to rest
 * @param outcome what it came to, null before it is known
 * @param figures its sentence with the working and the limit from below; none for a judgement
 * @param workings of the figures
 */
public record OtherSchoolSheet(
    Map<String, String> fields,
    FieldProblems problems,
    List<SettingOutcome.ComingToRest> rests,
    SettingOutcome outcome,
    List<Figure> figures,
    List<WorkingView> workings) {

  /** What would settle a verdict that cannot tell, of every figure here. */
  public List<String> settles() {
    return workings.stream().flatMap(w -> w.settles().stream()).distinct().toList();
  }

  /** What was typed for the other schools, or what the record holds when nothing was. */
  static OtherSchoolSheet of(Workpiece piece, Form form, Figures figures) {
    return form.typed()
        ? typed(piece.school(), SettingResults.record(piece).nut(), form.single())
        : recorded(piece, figures);
  }

  static OtherSchoolSheet recorded(Workpiece piece, Figures figures) {
    SetRecord set = SettingResults.record(piece);
    OtherSchools r = set.others();
    Map<String, String> fields = new java.util.HashMap<>();
    putIfKnown(fields, "force", r.forceN(), figures);
    putIfKnown(fields, "loosened", r.loosenedN(), figures);
    putIfKnown(fields, "radius", r.radiusMm(), figures);
    putIfKnown(fields, "limit", r.limitNm(), figures);
    fields.put("rest", r.comingToRest() == null ? "" : r.comingToRest());
    FeltFields.put(fields, r.felt(), set.nut(), figures);
    return typed(piece.school(), set.nut(), fields);
  }

  /** What was typed, and the judgement in words. */
  static Stream<String> words(Map<String, String> fields) {
    return Stream.concat(
        Stream.concat(Stream.of("force", "loosened", "radius", "limit"), FeltFields.names())
            .map(fields::get),
        Arrays.stream(SettingOutcome.ComingToRest.values())
            .filter(r -> r.name().equals(fields.get("rest")))
            .map(SettingOutcome.ComingToRest::title));
  }

  private static void putIfKnown(
      Map<String, String> fields, String field, Double value, Figures figures) {
    fields.put(field, value == null ? "" : figures.size(value));
  }

  static OtherSchoolSheet typed(School school, NutRecord nut, Map<String, String> fields) {
    FieldProblems problems = new FieldProblems();
    Optional<OtherSchools> record = read(school, nut, fields, problems);
    SettingOutcome outcome = record.flatMap(r -> outcome(school, r, nut)).orElse(null);
    Workings workings = new Workings("other");
    List<Figure> figures = new ArrayList<>();
    record
        .filter(r -> r.torque().isPresent())
        .ifPresent(r -> figures.addAll(figures(workings, r, sentence(school, r))));
    record.map(OtherSchools::felt).ifPresent(f -> figures.add(felt(workings, f, nut)));
    return new OtherSchoolSheet(
        fields,
        problems,
        List.of(SettingOutcome.ComingToRest.values()),
        outcome,
        figures,
        workings.all());
  }

  /** A torque under a limit is an outcome; beside a judgement, or without one, it is only told. */
  private static String sentence(School school, OtherSchools r) {
    return underLimit(school, r)
        .map(SettingOutcome::text)
        .orElseGet(() -> r.torque().orElseThrow().text() + ".");
  }

  private static Figure felt(Workings workings, OtherSchools.Felt felt, NutRecord nut) {
    FeltSetting setting = felt.setting(nut.gauge());
    return workings.judged(
        "",
        setting.setting(),
        FeltSetting.window(nut.window()),
        setting.outcome(nut.window()).text());
  }

  /** The sentence with the torque's working, and the limit from below with its own. */
  private static List<Figure> figures(Workings workings, OtherSchools r, String sentence) {
    Origin origin = Origin.measured("spring scale and rule");
    Working torque = SettingWorkings.torque(r.force().orElseThrow(), r.radiusMm(), origin);
    Optional<Working> bound =
        r.loosenedForce()
            .map(
                l -> SettingWorkings.preloadFrom(l, r.force().orElseThrow(), r.radiusMm(), origin));
    double from = bound.map(b -> b.result().value()).orElse(Double.NEGATIVE_INFINITY);
    double to = r.limitNm() == null ? Double.POSITIVE_INFINITY : r.limitNm();
    List<Figure> figures = new ArrayList<>();
    figures.add(
        from < to
            ? workings.judged("", torque, new Window(from, to), sentence)
            : workings.figure("", torque, sentence));
    bound.ifPresent(
        b ->
            figures.add(
                workings.figure(
                    "",
                    b,
                    String.format(
                        Locale.ROOT, "Preload shows from %.2f Nm.", b.result().value()))));
    return figures;
  }

  /** What is to be recorded, empty when something is missing or wrong. */
  Optional<OtherSchools> record(School school, NutRecord nut) {
    return read(school, nut, fields, new FieldProblems());
  }

  /** What a record comes to in a school other than the dialling one. */
  static Optional<SettingOutcome> outcome(School school, OtherSchools record, NutRecord nut) {
    return switch (school) {
      case END_PLAY -> Optional.empty();
      case SLIGHT_PRELOAD ->
          Stream.of(underLimit(school, record), felt(record, nut))
              .flatMap(Optional::stream)
              .reduce(SettingOutcome::and);
      case JUST_FREE ->
          Optional.ofNullable(record.comingToRest())
              .map(SettingOutcome.ComingToRest::valueOf)
              .map(rest -> SettingOutcome.ofJudgement(rest, record.torque(), record.loosened()));
    };
  }

  private static Optional<SettingOutcome> underLimit(School school, OtherSchools record) {
    return school == School.SLIGHT_PRELOAD && record.isUnderLimit()
        ? record.torque().map(t -> SettingOutcome.ofTorque(t, record.loosened(), record.limitNm()))
        : Optional.empty();
  }

  private static Optional<SettingOutcome> felt(OtherSchools record, NutRecord nut) {
    return Optional.ofNullable(record.felt())
        .map(f -> f.setting(nut.gauge()).outcome(nut.window()));
  }

  private static Optional<OtherSchools> read(
      School school, NutRecord nut, Map<String, String> fields, FieldProblems problems) {
    return switch (school) {
      case END_PLAY -> Optional.empty(); // dialled, on a sheet of its own
      case SLIGHT_PRELOAD -> slight(nut, fields, problems);
      case JUST_FREE -> judged(fields, problems);
    };
  }

  /** A torque under its limit, or what was felt put into millimetres, or both. */
  private static Optional<OtherSchools> slight(
      NutRecord nut, Map<String, String> fields, FieldProblems problems) {
    OtherSchools pulls = pulls(fields, problems);
    Optional<Double> limit =
        problems.take(
            "limit", QuantityEntry.TORQUE.parse(fields.get("limit")).check(v -> overZero(v, "Nm")));
    Optional<OtherSchools.Felt> felt = FeltFields.read(fields, nut, problems);
    boolean pulled = pulls.forceN() != null && pulls.radiusMm() != null;
    if (pulled && limit.isEmpty() && felt.isEmpty() && problems.at("limit") == null) {
      problems.add(
          "limit",
          new Problem(
              "",
              "Without the vehicle maker’s limit this torque proves nothing: feel has no upper limit.",
              "Enter the limit; or back off counted holes to play, dial it, and enter both below."));
    }
    boolean told = felt.isPresent() || pulled && limit.isPresent();
    return told && problems.list().isEmpty()
        ? Optional.of(pulls.with(limit.orElse(null)).with(felt.orElse(null)))
        : Optional.empty();
  }

  private static OtherSchools pulls(Map<String, String> fields, FieldProblems problems) {
    return new OtherSchools(
        pull("force", fields, problems),
        problems
            .take(
                "radius",
                LengthEntry.parse(fields.get("radius"), LengthEntry.Unit.MILLIMETRE)
                    .map(t -> t.length().millimetres())
                    .check(v -> overZero(v, "mm")))
            .orElse(null),
        null,
        null,
        pull("loosened", fields, problems),
        null);
  }

  private static Double pull(String field, Map<String, String> fields, FieldProblems problems) {
    return problems
        .take(field, QuantityEntry.FORCE.parse(fields.get(field)).check(v -> overZero(v, "N")))
        .orElse(null);
  }

  private static Optional<OtherSchools> judged(Map<String, String> fields, FieldProblems problems) {
    OtherSchools pulls = pulls(fields, problems);
    String rest = fields.getOrDefault("rest", "");
    return Arrays.stream(SettingOutcome.ComingToRest.values())
        .filter(known -> known.name().equals(rest) && problems.list().isEmpty())
        .map(known -> pulls.with(rest))
        .findFirst();
  }

  private static Optional<Problem> overZero(double value, String unit) {
    return value > 0 && value < 100_000
        ? Optional.empty()
        : Optional.of(
            new Problem(
                value + " " + unit,
                "Out of range. Enter more than 0.",
                "Read the scale while the hub turns steadily."));
  }
}
