package unbo.app.yard;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import unbo.app.vehicle.NewPosition;
import unbo.app.web.FieldProblems;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Choice;
import unbo.core.units.Problem;
import unbo.core.vehicle.OwnPosition;
import unbo.core.vehicle.VehicleKind;

/**
 * A position that a mechanic adds to a vehicle, as typed.
 *
 * @param kind of the vehicle
 * @param fields as typed, by name
 * @param problems at the fields
 */
public record PositionForm(VehicleKind kind, Map<String, String> fields, FieldProblems problems) {

  /** Where along the vehicle it is drawn, from front to back. */
  private static final Map<String, Double> ALONG = new LinkedHashMap<>();

  private static final Map<String, Double> ACROSS = new LinkedHashMap<>();

  static {
    ALONG.put("at the front", 0.06);
    ALONG.put("ahead of the middle", 0.3);
    ALONG.put("in the middle", 0.5);
    ALONG.put("behind the middle", 0.7);
    ALONG.put("at the rear", 0.94);
    ACROSS.put("left", -0.45);
    ACROSS.put("in line", 0.0);
    ACROSS.put("right", 0.45);
  }

  static PositionForm of(VehicleKind kind, Map<String, String> fields) {
    return new PositionForm(kind, fields, new FieldProblems());
  }

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  /** What can sit on a vehicle of this kind: what it has no usual place for, then the rest. */
  public List<Arrangement> arrangements() {
    return Arrangements.standard().all().stream()
        .filter(a -> a.kinds().contains(kind.id()))
        .sorted(java.util.Comparator.comparing(a -> a.choices().isEmpty()))
        .toList();
  }

  /** The one that is chosen, or the first. */
  public Arrangement arrangement() {
    return arrangements().stream()
        .filter(a -> a.id().equals(get("arrangement")))
        .findFirst()
        .orElse(arrangements().get(0));
  }

  /** What is asked of the plain seat: shown for all, used for it alone. */
  public List<Choice> choices() {
    return arrangements().stream().flatMap(a -> a.choices().stream()).toList();
  }

  public boolean isChosen(Choice choice, String option) {
    return option.equals(fields.getOrDefault(choice.id(), choice.options().get(0)));
  }

  public List<String> alongs() {
    return List.copyOf(ALONG.keySet());
  }

  public List<String> acrosses() {
    return List.copyOf(ACROSS.keySet());
  }

  /** The position, or empty when a field is refused; then the problems say why. */
  Optional<NewPosition> position() {
    String title = get("title").strip();
    if (title.isEmpty()) {
      refuse("title", "The name is missing.", "Enter what the workshop calls it.");
    } else if (title.length() > OwnPosition.LONGEST_TITLE) {
      refuse("title", "Too long.", "Enter at most " + OwnPosition.LONGEST_TITLE + " characters.");
    }
    if (arrangements().stream().noneMatch(a -> a.id().equals(get("arrangement")))) {
      refuse("arrangement", "Nothing is chosen.", "Choose what sits there.");
    }
    double along = place("along", ALONG, "in the middle");
    double across = place("across", ACROSS, "in line");
    return problems.isEmpty()
        ? Optional.of(new NewPosition(title, chosen(), along, across))
        : Optional.empty();
  }

  private String chosen() {
    Arrangement base = arrangement();
    String options =
        base.choices().stream().map(c -> "-" + option(c)).collect(Collectors.joining());
    return base.id() + options;
  }

  private String option(Choice choice) {
    String typed = get(choice.id());
    return choice.options().contains(typed) ? typed : choice.options().get(0);
  }

  private double place(String field, Map<String, Double> places, String usual) {
    String typed = get(field).isEmpty() ? usual : get(field);
    if (!places.containsKey(typed)) {
      refuse(field, "There is no such place.", "Choose one of the list.");
      return 0;
    }
    return places.get(typed);
  }

  private void refuse(String field, String wrong, String remedy) {
    problems.add(field, new Problem(get(field).strip(), wrong, remedy));
  }
}
