package unbo.app.yard;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.vehicle.Vehicle;
import unbo.app.web.FieldProblems;
import unbo.core.arrangement.Arrangements;
import unbo.core.setting.School;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;
import unbo.core.vehicle.VehicleTemplate;

/**
 * A new vehicle, or a change of one, as typed.
 *
 * @param template the template that it starts from
 * @param fields as typed, by name
 * @param problems at the fields
 */
public record VehicleForm(
    VehicleTemplate template, Map<String, String> fields, FieldProblems problems) {

  private static final int LONGEST_NAME = 80;
  private static final int LONGEST_ABOUT = 200;
  private static final int LONGEST_PLATE = 30;

  /** The form as a template fills it. */
  static VehicleForm from(VehicleTemplate template) {
    VehicleLayout layout = template.layout();
    return new VehicleForm(
        template,
        Map.of(
            "name", "",
            "about", "",
            "plate", "",
            "track", whole(layout.trackMm()),
            "axleDistance", whole(layout.axleDistanceMm()),
            "length", whole(layout.lengthMm()),
            "school", School.END_PLAY.name()),
        new FieldProblems());
  }

  static VehicleForm typed(VehicleTemplate template, Map<String, String> fields) {
    return new VehicleForm(template, fields, new FieldProblems());
  }

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  public List<School> schools() {
    return List.of(School.values());
  }

  public boolean isTrailer() {
    return template.layout().kind() == VehicleKind.TRAILER;
  }

  /** Whether it has hubs that are set, so that a school has to be chosen. */
  public boolean hasTaperPair() {
    return template.layout().positions().stream()
        .anyMatch(p -> Arrangements.of(p.arrangement()).isSetByNutPosition());
  }

  /** The vehicle, or empty when a field is refused; then the problems say why. */
  Optional<Vehicle> vehicle() {
    String name = text("name", "The name is missing.", LONGEST_NAME);
    String about = optional("about", LONGEST_ABOUT);
    String plate = optional("plate", LONGEST_PLATE);
    Optional<VehicleLayout> layout = layout();
    if (!problems.isEmpty() || layout.isEmpty()) {
      return Optional.empty();
    }
    Vehicle vehicle =
        new Vehicle(
                name,
                layout.get().kind(),
                about.isEmpty() ? template.title() : about,
                plate.isEmpty() ? "no plate" : plate)
            .withLayout(layout.get());
    vehicle.keepTo(school());
    return Optional.of(vehicle);
  }

  /** The sizes in plan as typed; the template's own where a field is refused. */
  Optional<VehicleLayout> layout() {
    VehicleLayout usual = template.layout();
    double track = size("track", 0, 3500, usual.trackMm());
    double distance = size("axleDistance", 0, 9000, usual.axleDistanceMm());
    double length = size("length", 300, 20000, usual.lengthMm());
    double span = isTrailer() ? distance * (usual.axles() - 1) : distance;
    if (span > length) {
      problems.add(
          "axleDistance",
          new Problem(
              get("axleDistance"),
              "The axle spacing is larger than the length of the vehicle.",
              "Measure again, or enter a larger length."));
      return Optional.empty();
    }
    return Optional.of(
        new VehicleLayout(usual.kind(), usual.build(), usual.axles(), track, distance, length));
  }

  private School school() {
    try {
      return School.valueOf(get("school"));
    } catch (IllegalArgumentException e) {
      return School.END_PLAY;
    }
  }

  private double size(String field, double least, double most, double usual) {
    return problems
        .take(
            field,
            LengthEntry.parse(get(field), LengthEntry.Unit.MILLIMETRE)
                .check(t -> outside(t.length().millimetres(), least, most)))
        .map(t -> t.length().millimetres())
        .orElse(usual);
  }

  private static Optional<Problem> outside(double mm, double least, double most) {
    return mm >= least && mm <= most
        ? Optional.empty()
        : Optional.of(
            new Problem(
                whole(mm) + " mm",
                "Out of range.",
                "Enter " + whole(least) + " to " + whole(most) + " mm."));
  }

  private String text(String field, String missing, int longest) {
    if (get(field).isBlank()) {
      problems.add(field, new Problem("", missing, "Enter the name that the workshop uses."));
    }
    return optional(field, longest);
  }

  private String optional(String field, int longest) {
    String text = get(field).strip();
    if (text.length() > longest) {
      problems.add(
          field, new Problem(text, "Too long.", "Enter at most " + longest + " characters."));
    }
    return text;
  }

  private static String whole(double mm) {
    return String.valueOf(Math.round(mm));
  }
}
