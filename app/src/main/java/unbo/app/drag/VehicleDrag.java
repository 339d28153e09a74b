package unbo.app.drag;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import unbo.app.job.Job;
import unbo.app.vehicle.Vehicle;
import unbo.app.web.FieldProblems;
import unbo.app.web.NumberField;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.catalogue.Bearing;
import unbo.core.friction.Drag;
import unbo.core.friction.Friction;
import unbo.core.friction.Friction.Seal;
import unbo.core.load.WheelLoad;
import unbo.core.vehicle.Position;
import unbo.core.working.Working;

/**
 * What the wheel bearings of a vehicle cost in watts at one speed, each with its share, and what
 * another choice would save against its price and against another way to spend it. What turns with
 * something else than a wheel is not in it.
 *
 * @param rows the dearest first
 * @param sum in words; empty while speed or mass is missing
 * @param saved what the other choice saves, a sentence; empty while none is chosen
 * @param perWatt price of the other choice for a watt, a sentence; empty while it is not known
 * @param ways the shop's other ways to spend, the cheapest first
 * @param left positions that are not reckoned
 */
public record VehicleDrag(
    Map<String, String> fields,
    FieldProblems problems,
    List<Row> rows,
    String sum,
    String saved,
    String perWatt,
    List<Way> ways,
    List<String> left,
    List<WorkingView> workings) {

  /** Full length of a bar. */
  public static final double BAR = 120;

  private static final double USUAL_TYRE_MM = 650;
  private static final double VISCOSITY = 100;

  /** What is asked, for the way back. */
  static final List<String> ASKED =
      List.of("kmh", "kg", "tyre", "viscosity", "seal", "choice", "price");

  /** Another way to spend, with its price for a watt. */
  public record Way(OtherWay kept, Figure perWatt) {}

  /** A position. */
  public record Row(
      String position,
      String bearings,
      boolean assumed,
      Figure watts,
      double value,
      double share) {}

  /** Choices that are compared with what is there. */
  public static final Map<String, String> CHOICES =
      Map.of(
          "fifth", "a fifth of the room filled",
          "thin", "grease of an oil half as thick",
          "bath", "a bath of such oil",
          "light", "light contact seals",
          "shield", "shields",
          "loose", "clearance C3",
          "hybrid", "ceramic balls in steel rings");

  static VehicleDrag of(
      Vehicle vehicle, Map<String, Job> last, List<OtherWay> others, Map<String, String> fields) {
    return new Maker(vehicle, last, others, fields).make();
  }

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  public Map<String, String> choices() {
    return new java.util.TreeMap<>(CHOICES);
  }

  private static final class Maker {
    private final Vehicle vehicle;
    private final Map<String, Job> last;
    private final List<OtherWay> others;
    private final Map<String, String> fields;
    private final FieldProblems problems = new FieldProblems();
    private final Workings workings = new Workings("drag");
    private double saved;
    private double savedDoubt;

    Maker(
        Vehicle vehicle, Map<String, Job> last, List<OtherWay> others, Map<String, String> fields) {
      this.vehicle = vehicle;
      this.last = last;
      this.others = others;
      this.fields = fields;
    }

    VehicleDrag make() {
      Optional<Double> kmh = number("kmh", 1, 300);
      Optional<Double> kg = number("kg", 1, 60_000);
      double tyre = number("tyre", 50, 2000).orElse(USUAL_TYRE_MM);
      double viscosity = number("viscosity", 1, 5000).orElse(VISCOSITY);
      List<Position> wheels =
          vehicle.layout().positions().stream().filter(Position::wheelOut).toList();
      List<String> left =
          vehicle.layout().positions().stream()
              .filter(p -> !p.wheelOut())
              .map(p -> p.title() + " (does not turn with the wheels)")
              .collect(java.util.stream.Collectors.toCollection(ArrayList::new));
      if (kmh.isEmpty() || kg.isEmpty() || !problems.isEmpty() || wheels.isEmpty()) {
        return new VehicleDrag(
            fields, problems, List.of(), "", "", "", ways(), left, workings.all());
      }
      double rpm = kmh.get() / 3.6 / (Math.PI * tyre / 1000) * 60;
      double perWheel = kg.get() * WheelLoad.G / wheels.size();
      List<Row> rows = new ArrayList<>();
      for (Position position : wheels) {
        row(position, rpm, perWheel, viscosity)
            .ifPresentOrElse(
                rows::add, () -> left.add(position.title() + " (no factors for its bearings)"));
      }
      return shared(rows, left);
    }

    private VehicleDrag shared(List<Row> rows, List<String> left) {
      double sum = rows.stream().mapToDouble(Row::value).sum();
      List<Row> sorted =
          rows.stream()
              .map(
                  r ->
                      new Row(
                          r.position,
                          r.bearings,
                          r.assumed,
                          r.watts,
                          r.value,
                          sum == 0 ? 0 : r.value / sum))
              .sorted(java.util.Comparator.comparingDouble(Row::value).reversed())
              .toList();
      String says =
          rows.isEmpty()
              ? "No bearing here has factors."
              : String.format(Locale.ROOT, "%.1f W in all, about ± 30 %%.", sum);
      return new VehicleDrag(
          fields, problems, sorted, says, saving(), perWatt(), ways(), left, workings.all());
    }

    private Optional<Row> row(Position position, double rpm, double perWheel, double viscosity) {
      Job job = last.get(position.code());
      Assembly assembly =
          job == null ? Assembly.assumed(Arrangements.of(position.arrangement())) : job.assembly();
      List<Bearing> bearings =
          assembly.arrangement().namedPlaces().stream()
              .flatMap(p -> assembly.bearingAt(p.id()).stream())
              .toList();
      boolean read =
          assembly.arrangement().namedPlaces().stream().allMatch(p -> assembly.isRead(p.id()));
      double each = bearings.isEmpty() ? 0 : perWheel / bearings.size();
      DragQuestion now = DragQuestion.usual(rpm, each, viscosity, seal());
      if (bearings.stream().anyMatch(b -> DragFamily.of(b).isEmpty())) {
        return Optional.empty();
      }
      double watts = 0;
      Working shown = null;
      for (Bearing bearing : bearings) {
        Working one = Drag.watts(now.of(bearing).orElseThrow());
        watts += one.result().value();
        shown = shown == null ? one : shown;
        save(bearing, now, one);
      }
      return shown == null
          ? Optional.empty()
          : Optional.of(
              new Row(
                  position.title(),
                  bearings.size() + " × " + bearings.get(0).designation(),
                  !read,
                  workings.figure(
                      position.title() + ", one bearing",
                      shown,
                      String.format(Locale.ROOT, "%.2f W", watts)),
                  watts,
                  0));
    }

    private Seal seal() {
      return get("seal").equals("shield")
          ? Seal.SHIELD
          : get("seal").equals("light-contact") ? Seal.LIGHT_CONTACT : Seal.CONTACT;
    }

    private String get(String field) {
      return fields.getOrDefault(field, "").strip();
    }

    /** What the other choice takes off one bearing. */
    private void save(Bearing bearing, DragQuestion now, Working one) {
      DragQuestion other =
          switch (get("choice")) {
            case "fifth" -> now.filled(0.2);
            case "thin" -> now.inOil(now.viscosityMm2s() / 2);
            case "bath" -> now.inBath();
            case "light" -> now.sealed(Seal.LIGHT_CONTACT);
            case "shield" -> now.sealed(Seal.SHIELD);
            case "hybrid" -> now.ceramic();
            default -> now;
          };
      Friction.Question asked = other.of(bearing).orElseThrow();
      Working then =
          loose(bearing)
              .map(c -> Drag.watts(asked, c.factor(bearing, now.radialN())))
              .orElseGet(() -> Drag.watts(asked));
      double less = one.result().value() - then.result().value();
      saved += less;
      savedDoubt += (other.seal() == now.seal() ? 0.3 : 0.5) * Math.abs(less);
    }

    /** C3, where it was chosen and the bearing has it. */
    private Optional<ClearanceChoice> loose(Bearing bearing) {
      return get("choice").equals("loose")
          ? ClearanceChoice.of(List.of(bearing)).stream().findFirst()
          : Optional.empty();
    }

    private String saving() {
      if (!CHOICES.containsKey(get("choice"))) {
        return "";
      }
      if (Math.abs(saved) < 0.005) {
        return "With "
            + CHOICES.get(get("choice"))
            + ": nothing to save, these bearings have none of it.";
      }
      return String.format(
          Locale.ROOT,
          "With %s: %.2f W %s, between %.2f and %.2f W.",
          CHOICES.get(get("choice")),
          Math.abs(saved),
          saved < 0 ? "more" : "less",
          Math.max(0, Math.abs(saved) - savedDoubt),
          Math.abs(saved) + savedDoubt);
    }

    /** Price of this choice for a watt. */
    private String perWatt() {
      Optional<Double> price = number("price", 0, 1e6);
      return price.isEmpty() || saved <= 0
          ? ""
          : String.format(
              Locale.ROOT,
              "This choice: %.0f for a watt, between %.0f and %.0f.",
              price.get() / saved,
              price.get() / (saved + savedDoubt),
              price.get() / Math.max(1e-9, saved - savedDoubt));
    }

    private List<Way> ways() {
      return others.stream()
          .sorted(java.util.Comparator.comparingDouble(o -> o.perWatt().result().value()))
          .map(
              o ->
                  new Way(
                      o,
                      workings.figure(
                          "",
                          o.perWatt(),
                          String.format(Locale.ROOT, "%.0f", o.perWatt().result().value()))))
          .toList();
    }

    private Optional<Double> number(String field, double least, double most) {
      return NumberField.read(field, get(field), least, most, problems);
    }
  }
}
