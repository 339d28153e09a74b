package unbo.app.speed;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.app.drag.DragFamily;
import unbo.app.drag.DragQuestion;
import unbo.app.web.FieldProblems;
import unbo.app.web.NumberField;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.DesignationReader;
import unbo.core.friction.Friction;
import unbo.core.friction.Friction.Seal;
import unbo.core.friction.OilBath;
import unbo.core.lubricant.OilGrade;
import unbo.core.section.BearingPortrait;
import unbo.core.section.InternalGeometry;
import unbo.core.speed.HighSpeed;
import unbo.core.tolerance.InternalClearances;
import unbo.core.tolerance.Limits;
import unbo.core.units.Digits;
import unbo.core.units.Problem;
import unbo.core.working.Working;

/**
 * One bearing at speed, as the page shows it.
 *
 * @param bearing what was read; empty while nothing was
 * @param rows what has a limit, the nearest to it first
 * @param verdict which of them governs, a sentence; empty while nothing was asked
 * @param plain figures without a limit
 * @param says what is to be known besides
 */
public record SpeedSheet(
    Map<String, String> fields,
    FieldProblems problems,
    String bearing,
    List<Row> rows,
    String verdict,
    List<Row> plain,
    List<String> says,
    List<WorkingView> workings) {

  /** The longest bar; what is past its limit ends there. */
  public static final double BAR = 160;

  /**
   * A line.
   *
   * @param limit what it is held against; empty without one
   * @param wide bar of the share that is used
   * @param percent the share in words
   */
  public record Row(String title, Figure figure, String limit, double wide, String percent) {}

  private static final int USUAL_GRADE = 5;
  private static final int USUAL_LEVEL = 50;
  private static final int USUAL_FILL = 30;
  private static final double USUAL_WARMER_C = 5;

  /** Reads the fields. */
  static SpeedSheet of(Map<String, String> fields) {
    return new Reader(fields).read();
  }

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  /** Where a slider stands. */
  public String slid(String field) {
    return fields.getOrDefault(field, "").isBlank() ? usual(field) : fields.get(field);
  }

  private static String usual(String field) {
    return String.valueOf(
        switch (field) {
          case "thick" -> USUAL_GRADE;
          case "level" -> USUAL_LEVEL;
          default -> USUAL_FILL;
        });
  }

  public boolean isOil() {
    return get("by").equals("oil");
  }

  /** The grade that the slider stands at. */
  public String grade() {
    return OilGrade.all().get(thick(fields)).title();
  }

  /** The level that the slider stands at, in words. */
  public String level() {
    double level = slider("level", fields) / 100.0;
    return level == 0
        ? "elements only wetted"
        : level < 0.5
            ? "below the middle of the lowest element"
            : level == 0.5
                ? "to the middle of the lowest element"
                : level < 1 ? "over the middle of the lowest element" : "full, or flushed";
  }

  private static int thick(Map<String, String> fields) {
    int most = OilGrade.all().size() - 1;
    return Math.max(0, Math.min(most, slider("thick", fields)));
  }

  private static int slider(String field, Map<String, String> fields) {
    String text = fields.getOrDefault(field, "").strip();
    return text.matches("\\d{1,3}")
        ? Math.min(100, Integer.parseInt(text))
        : Integer.parseInt(usual(field));
  }

  /** One sheet being read. */
  private static final class Reader {
    private final Map<String, String> fields;
    private final FieldProblems problems = new FieldProblems();
    private final Workings workings = new Workings("speed");

    Reader(Map<String, String> fields) {
      this.fields = fields;
    }

    SpeedSheet read() {
      Optional<Bearing> bearing = bearing();
      Optional<Double> rpm = number("rpm", 1, 60_000);
      Optional<HighSpeed.Work> work = bearing.flatMap(b -> rpm.flatMap(n -> work(b, n)));
      if (work.isEmpty() || !problems.isEmpty()) {
        return new SpeedSheet(fields, problems, "", List.of(), "", List.of(), List.of(), List.of());
      }
      HighSpeed speed = HighSpeed.of(work.get());
      List<Row> rows =
          speed.rows().stream()
              .sorted((a, b) -> Double.compare(b.share(), a.share()))
              .map(this::row)
              .toList();
      return new SpeedSheet(
          fields,
          problems,
          bearing.get().designation(),
          rows,
          verdict(speed),
          plain(speed),
          says(speed, bearing.get()),
          workings.all());
    }

    private Optional<Bearing> bearing() {
      String text = get("bearing");
      if (text.isEmpty()) {
        return Optional.empty();
      }
      Optional<Bearing> read =
          DesignationReader.standard().read(text).readings().stream()
              .findFirst()
              .map(r -> r.bearing());
      if (read.isEmpty()) {
        problems.add(
            "bearing",
            new Problem(text, "No number that is read here.", "Enter one such as 6205."));
      }
      return read;
    }

    private Optional<HighSpeed.Work> work(Bearing bearing, double rpm) {
      Optional<InternalGeometry> inside = BearingPortrait.of(bearing).inside();
      Optional<DragFamily> family = DragFamily.of(bearing);
      // A thrust bearing carries along its axis and rolls square to it: none of these sums holds.
      boolean radial = !bearing.family().isThrustBall();
      if (inside.isEmpty() || family.isEmpty() || !radial) {
        problems.add(
            "bearing",
            new Problem(
                get("bearing"),
                "No factors of drag are known here for bearings of this kind.",
                "Enter a radial ball, roller, needle or taper bearing."));
        return Optional.empty();
      }
      boolean oil = get("by").equals("oil");
      boolean outer = get("turns").equals("outer");
      return Optional.of(
          new HighSpeed.Work(
              question(bearing, family.get(), rpm, oil),
              inside.get(),
              OilGrade.all().get(thick(fields)).oil(),
              oil ? OilBath.factor(slider("level", fields) / 100.0) : 1,
              !outer,
              limit(),
              clearance(bearing),
              number("interference", 0, 200).orElse(0.0),
              number("warmer", 0, 60).orElse(USUAL_WARMER_C)));
    }

    private Friction.Question question(Bearing b, DragFamily family, double rpm, boolean oil) {
      double room = number("room", -20, 80).orElse(DragQuestion.ROOM_C);
      return new Friction.Question(
          family.word(),
          b.boreMm(),
          b.outerMm(),
          OptionalDouble.of(b.widthMm()),
          rpm,
          number("load", 0, 200_000).orElse(0.0),
          0,
          1,
          slider("fill", fields) / 100.0,
          false,
          oil,
          seal(b),
          2,
          OptionalDouble.empty(),
          get("balls").equals("ceramic") && b.family().isBall(),
          OptionalDouble.empty(),
          0,
          family.rows(),
          room);
    }

    private Seal seal(Bearing b) {
      if (!b.family().isBall()) {
        return Seal.OPEN;
      }
      return switch (get("seal")) {
        case "contact" -> Seal.CONTACT;
        case "light-contact" -> Seal.LIGHT_CONTACT;
        default -> Seal.OPEN;
      };
    }

    private OptionalDouble limit() {
      Optional<Double> typed = number("ndm", 1000, 5_000_000);
      return typed.map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }

    private Optional<Limits> clearance(Bearing bearing) {
      String group = get("group").isEmpty() ? "CN" : get("group");
      return InternalClearances.kindOf(bearing)
          .filter(k -> !InternalClearances.isAxial(k))
          .flatMap(k -> InternalClearances.of(k, group, bearing.boreMm()))
          .map(c -> new Limits(c.minUm(), c.maxUm(), c.source()));
    }

    private Row row(HighSpeed.Row row) {
      return new Row(
          row.title(),
          workings.figure("", row.value(), said(row.value())),
          row.limit(),
          BAR * Math.max(0, Math.min(1, row.share())),
          String.format(Locale.ROOT, "%.0f %%", 100 * Math.max(0, row.share())));
    }

    private static String said(Working w) {
      String unit = w.formula().unit();
      double value = w.result().value();
      double doubt = w.result().uncertainty();
      String text =
          value >= 1000
              ? String.format(Locale.ROOT, "%,.0f", value)
              : doubt > 0
                  ? Digits.both(value, doubt)
                  : String.format(Locale.ROOT, value >= 10 ? "%.0f" : "%.1f", value);
      return (text + (unit.isEmpty() ? "" : " " + unit)).replace('-', '−');
    }

    private List<Row> plain(HighSpeed speed) {
      List<Row> rows = new ArrayList<>();
      rows.add(plain("Cage", speed.cageRpm()));
      rows.add(plain("An element about itself", speed.elementRpm()));
      if (speed.watts() != null) {
        rows.add(plain("Drag when warm", speed.watts()));
      }
      return rows;
    }

    private Row plain(String title, Working w) {
      return new Row(title, workings.figure("", w, said(w)), "", 0, "");
    }

    private static String verdict(HighSpeed speed) {
      if (speed.celsius() == null) {
        return "Hotter than 150 °C by its own drag: outside the range. Thinner oil, less of it, or slower.";
      }
      return speed
          .governing()
          .map(
              g ->
                  g.share() >= 1
                      ? g.title() + " governs, and is past its limit."
                      : g.title() + " governs: it is nearest to its limit.")
          .orElse("");
    }

    private static List<String> says(HighSpeed speed, Bearing bearing) {
      List<String> says = new ArrayList<>();
      if (speed.celsius() != null && speed.minutes().isPresent()) {
        says.add(
            String.format(
                Locale.ROOT,
                "Steady after about %.0f min: a shorter test run shows less.",
                Math.max(1, speed.minutes().getAsDouble())));
      }
      says.add(
          "Surface speeds of small and large elements are nearly alike, and a small one presses the outer ring less: spin alone decides nothing.");
      if (InternalClearances.kindOf(bearing).isEmpty()) {
        says.add(
            "Its clearance is set, or its maker’s own: what heat leaves of it is not known here.");
      }
      return says;
    }

    private String get(String field) {
      return fields.getOrDefault(field, "").strip();
    }

    private Optional<Double> number(String field, double least, double most) {
      return NumberField.read(field, get(field), least, most, problems);
    }
  }
}
