package unbo.app.setting;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.job.Form;
import unbo.app.web.FieldProblems;
import unbo.core.arrangement.Arrangement;
import unbo.core.measure.Instrument;
import unbo.core.setting.ThreadLocker;
import unbo.core.setting.Tightening;
import unbo.core.units.Digits;
import unbo.core.units.Entry;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;
import unbo.core.units.ReadingList;

/**
 * The general Set sheet as understood.
 *
 * @param settings what was entered, by part; not signed
 * @param problems at the fields
 */
record GeneralInput(Map<String, GeneralSetting> settings, FieldProblems problems) {

  private static final List<String> FIELDS =
      List.of(
          "readings",
          "gauge",
          "from",
          "to",
          "source",
          "torque",
          "torqueSource",
          "applied",
          "stages",
          "stagesDone",
          "locker");
  private static final int MOST_READINGS = 12;
  private static final double MOST_MM = 50;
  private static final double MOST_NM = 2000;
  private static final double MOST_N = 500;
  private static final int LONGEST = 200;

  static GeneralInput of(Arrangement arrangement, Form form) {
    FieldProblems problems = new FieldProblems();
    Map<String, GeneralSetting> settings = new LinkedHashMap<>();
    for (String part : GeneralSheet.parts(arrangement)) {
      String unit = arrangement.adjustmentAt(part).map(a -> a.by().unit()).orElse("mm");
      GeneralSetting setting = new Row(part, unit, form, problems).setting();
      if (setting.isEntered()) {
        settings.put(part, setting);
      }
    }
    return new GeneralInput(settings, problems);
  }

  /** A row's fields as typed, by their short names. */
  static Map<String, String> typed(String part, Form form) {
    Map<String, String> fields = new LinkedHashMap<>();
    FIELDS.forEach(f -> fields.put(f, form.get(part + "-" + f)));
    return fields;
  }

  /** A row's fields as the record fills them. */
  static Map<String, String> recorded(GeneralSetting s) {
    Map<String, String> fields = new LinkedHashMap<>();
    fields.put("readings", String.join("; ", s.typed()));
    fields.put("gauge", s.gauge().id());
    fields.put("from", plain(s.from()));
    fields.put("to", plain(s.to()));
    fields.put("source", s.source());
    fields.put("torque", plain(s.torqueNm()));
    fields.put("torqueSource", s.torqueSource());
    fields.put("applied", plain(s.appliedNm()));
    fields.put("stages", s.stages());
    fields.put("stagesDone", s.stagesDone());
    fields.put("locker", s.locker());
    return fields;
  }

  private static String plain(Double value) {
    return value == null ? "" : Digits.exact(value);
  }

  /** One row being read. */
  private record Row(String part, String unit, Form form, FieldProblems problems) {

    GeneralSetting setting() {
      ReadingList readings = ReadingList.parse(typed("readings"), MOST_READINGS, this::quantity);
      readings.problem().ifPresent(p -> problems.add(name("readings"), p));
      Double from = limit("from");
      Double to = limit("to");
      checkWindow(from, to);
      return new GeneralSetting(
          readings.typed(),
          readings.values(),
          Instrument.withId(typed("gauge")).map(Instrument::id).orElse(null),
          from,
          to,
          text("source"),
          torque("torque"),
          text("torqueSource"),
          torque("applied"),
          stages("stages"),
          stages("stagesDone"),
          ThreadLocker.withId(typed("locker")).map(ThreadLocker::id).orElse(""),
          unit,
          null,
          null);
    }

    private void checkWindow(Double from, Double to) {
      boolean one = (from == null) != (to == null);
      if (one && problems.at(name("from")) == null && problems.at(name("to")) == null) {
        problems.add(
            name(from == null ? "from" : "to"),
            new Problem("", "Both limits are needed.", "Enter the other limit, or empty both."));
      } else if (from != null && to != null && from >= to) {
        problems.add(
            name("to"),
            new Problem(
                typed("to"),
                "The upper limit is not above the lower one.",
                "Enter the smaller value first."));
      }
    }

    private String name(String field) {
      return part + "-" + field;
    }

    private String typed(String field) {
      return form.get(name(field)).strip();
    }

    private String text(String field) {
      String typed = typed(field);
      if (typed.length() > LONGEST) {
        problems.add(
            name(field),
            new Problem(typed, "Too long.", "Enter manual and page, at most 200 characters."));
        return "";
      }
      return typed;
    }

    private Double limit(String field) {
      return problems.take(name(field), quantity(typed(field))).orElse(null);
    }

    /** A reading or a limit in the unit of what is set. */
    private Entry<Double> quantity(String typed) {
      return switch (unit) {
        case "N" -> QuantityEntry.FORCE.parse(typed).check(v -> outside(v, 0, MOST_N, "N"));
        case "Nm" -> QuantityEntry.TORQUE.parse(typed).check(v -> outside(v, 0, MOST_NM, "Nm"));
        default -> length(typed);
      };
    }

    /** Kept as typed, so that they are shown as they were. */
    private String stages(String field) {
      return problems
          .take(name(field), Tightening.parse(typed(field)))
          .map(t -> typed(field))
          .orElse("");
    }

    private Double torque(String field) {
      return problems
          .take(
              name(field),
              QuantityEntry.TORQUE.parse(typed(field)).check(v -> outside(v, 0.01, MOST_NM, "Nm")))
          .orElse(null);
    }
  }

  private static Entry<Double> length(String typed) {
    String bare = typed.replaceFirst("^[-−]", "");
    double sign = bare.equals(typed) ? 1 : -1;
    return LengthEntry.parse(bare, LengthEntry.Unit.MILLIMETRE)
        .map(t -> sign * t.length().millimetres())
        .check(v -> outside(v, -MOST_MM, MOST_MM, "mm"));
  }

  private static Optional<Problem> outside(double v, double least, double most, String unit) {
    return v >= least && v <= most
        ? Optional.empty()
        : Optional.of(
            new Problem(
                Digits.exact(v) + " " + unit,
                "Out of range.",
                "Enter " + Digits.exact(least) + " to " + Digits.exact(most) + " " + unit + "."));
  }
}
