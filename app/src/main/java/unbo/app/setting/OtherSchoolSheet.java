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

  /** What was typed for the other schools, or what the record holds when nothing was. */
  static OtherSchoolSheet of(Workpiece piece, Form form, Figures figures) {
    return form.typed() ? typed(piece.school(), form.single()) : recorded(piece, figures);
  }

  static OtherSchoolSheet recorded(Workpiece piece, Figures figures) {
    OtherSchools r = SettingResults.record(piece).others();
    Map<String, String> fields = new java.util.HashMap<>();
    putIfKnown(fields, "force", r.forceN(), figures);
    putIfKnown(fields, "loosened", r.loosenedN(), figures);
    putIfKnown(fields, "radius", r.radiusMm(), figures);
    putIfKnown(fields, "limit", r.limitNm(), figures);
    fields.put("rest", r.comingToRest() == null ? "" : r.comingToRest());
    return typed(piece.school(), fields);
  }

  /** What was typed, and the judgement in words. */
  static Stream<String> words(Map<String, String> fields) {
    return Stream.concat(
        Stream.of("force", "loosened", "radius", "limit").map(fields::get),
        Arrays.stream(SettingOutcome.ComingToRest.values())
            .filter(r -> r.name().equals(fields.get("rest")))
            .map(SettingOutcome.ComingToRest::title));
  }

  private static void putIfKnown(
      Map<String, String> fields, String field, Double value, Figures figures) {
    fields.put(field, value == null ? "" : figures.size(value));
  }

  static OtherSchoolSheet typed(School school, Map<String, String> fields) {
    FieldProblems problems = new FieldProblems();
    Optional<OtherSchools> record = read(school, fields, problems);
    SettingOutcome outcome = record.flatMap(r -> outcome(school, r)).orElse(null);
    Workings workings = new Workings("other");
    List<Figure> figures =
        record
            .filter(r -> r.torque().isPresent())
            .map(r -> figures(workings, r, sentence(r, outcome)))
            .orElse(List.of());
    return new OtherSchoolSheet(
        fields,
        problems,
        List.of(SettingOutcome.ComingToRest.values()),
        outcome,
        figures,
        workings.all());
  }

  /** A torque under a limit is the outcome; beside a judgement it is only told. */
  private static String sentence(OtherSchools r, SettingOutcome outcome) {
    return r.limitNm() == null ? r.torque().orElseThrow().text() + "." : outcome.text();
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
  Optional<OtherSchools> record(School school) {
    return read(school, fields, new FieldProblems());
  }

  /** What a record comes to in a school other than the dialling one. */
  static Optional<SettingOutcome> outcome(School school, OtherSchools record) {
    return switch (school) {
      case END_PLAY -> Optional.empty();
      case SLIGHT_PRELOAD ->
          record.limitNm() == null
              ? Optional.empty()
              : record
                  .torque()
                  .map(t -> SettingOutcome.ofTorque(t, record.loosened(), record.limitNm()));
      case JUST_FREE ->
          Optional.ofNullable(record.comingToRest())
              .map(SettingOutcome.ComingToRest::valueOf)
              .map(rest -> SettingOutcome.ofJudgement(rest, record.torque(), record.loosened()));
    };
  }

  private static Optional<OtherSchools> read(
      School school, Map<String, String> fields, FieldProblems problems) {
    return switch (school) {
      case END_PLAY -> Optional.empty(); // dialled, on a sheet of its own
      case SLIGHT_PRELOAD -> torque(fields, problems);
      case JUST_FREE -> judged(fields, problems);
    };
  }

  private static Optional<OtherSchools> torque(Map<String, String> fields, FieldProblems problems) {
    OtherSchools pulls = pulls(fields, problems);
    Optional<Double> limit =
        problems.take(
            "limit", QuantityEntry.TORQUE.parse(fields.get("limit")).check(v -> overZero(v, "Nm")));
    boolean pulled = pulls.forceN() != null && pulls.radiusMm() != null;
    if (pulled && limit.isEmpty() && problems.at("limit") == null) {
      problems.add(
          "limit",
          new Problem(
              "",
              "Without the vehicle maker’s limit this torque proves nothing: feel has no upper limit.",
              "Enter the limit; or back off counted holes to play, dial it, and put both into “Feel in millimetres” below."));
    }
    return pulled && limit.isPresent() && problems.at("loosened") == null
        ? Optional.of(pulls.with(limit.get()))
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
        pull("loosened", fields, problems));
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
