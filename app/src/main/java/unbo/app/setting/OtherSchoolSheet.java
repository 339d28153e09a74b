package unbo.app.setting;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import unbo.app.job.Job;
import unbo.app.job.OtherSchools;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.core.setting.School;
import unbo.core.setting.SettingOutcome;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;

/**
 * What the Set sheet shows for the schools without a dial.
 *
 * @param fields as typed
 * @param problems at the fields
 * @param rests how a wheel may come to rest
 * @param outcome what it came to, null before it is known
 */
public record OtherSchoolSheet(
    Map<String, String> fields,
    FieldProblems problems,
    List<SettingOutcome.ComingToRest> rests,
    SettingOutcome outcome) {

  static OtherSchoolSheet recorded(Job job, Figures figures) {
    OtherSchools r = job.work().getOtherSchools();
    Map<String, String> fields = new java.util.HashMap<>();
    putIfKnown(fields, "force", r.getTorqueForceN(), figures);
    putIfKnown(fields, "radius", r.getTorqueRadiusMm(), figures);
    putIfKnown(fields, "limit", r.getTorqueLimitNm(), figures);
    fields.put("rest", r.getComingToRest() == null ? "" : r.getComingToRest());
    return typed(job.getVehicle().getSchool(), fields);
  }

  /** What was typed, and the judgement in words. */
  static Stream<String> words(Map<String, String> fields) {
    return Stream.concat(
        Stream.of("force", "radius", "limit").map(fields::get),
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
    return new OtherSchoolSheet(
        fields,
        problems,
        List.of(SettingOutcome.ComingToRest.values()),
        record.flatMap(r -> outcome(school, r)).orElse(null));
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
          record.getTorqueLimitNm() == null
              ? Optional.empty()
              : record.torque().map(t -> SettingOutcome.ofTorque(t, record.getTorqueLimitNm()));
      case JUST_FREE ->
          Optional.ofNullable(record.getComingToRest())
              .map(SettingOutcome.ComingToRest::valueOf)
              .map(SettingOutcome::ofJudgement);
    };
  }

  private static Optional<OtherSchools> read(
      School school, Map<String, String> fields, FieldProblems problems) {
    return switch (school) {
      case END_PLAY -> Optional.empty(); // dialled, on a sheet of its own
      case SLIGHT_PRELOAD -> torque(fields, problems);
      case JUST_FREE -> judged(fields);
    };
  }

  private static Optional<OtherSchools> torque(Map<String, String> fields, FieldProblems problems) {
    Optional<Double> force =
        problems.take(
            "force", QuantityEntry.FORCE.parse(fields.get("force")).check(v -> overZero(v, "N")));
    Optional<Double> radius =
        problems.take(
            "radius",
            LengthEntry.parse(fields.get("radius"), LengthEntry.Unit.MILLIMETRE)
                .map(t -> t.length().millimetres())
                .check(v -> overZero(v, "mm")));
    Optional<Double> limit =
        problems.take(
            "limit", QuantityEntry.TORQUE.parse(fields.get("limit")).check(v -> overZero(v, "Nm")));
    if (force.isPresent()
        && radius.isPresent()
        && limit.isEmpty()
        && problems.at("limit") == null) {
      problems.add(
          "limit",
          new Problem(
              "",
              "Without the vehicle maker’s limit this method cannot be used: feel has no upper limit.",
              "Enter the limit of the turning torque, or use the method end play."));
    }
    return force.isPresent() && radius.isPresent() && limit.isPresent()
        ? Optional.of(new OtherSchools(force.get(), radius.get(), limit.get(), null))
        : Optional.empty();
  }

  private static Optional<OtherSchools> judged(Map<String, String> fields) {
    String rest = fields.getOrDefault("rest", "");
    for (SettingOutcome.ComingToRest known : SettingOutcome.ComingToRest.values()) {
      if (known.name().equals(rest)) {
        return Optional.of(new OtherSchools(null, null, null, rest));
      }
    }
    return Optional.empty();
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
