package unbo.app.shelf;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.web.FieldProblems;
import unbo.core.catalogue.Bearing;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.measure.Readings;
import unbo.core.tolerance.IncomingInspection.Sizes;
import unbo.core.tolerance.InternalClearances;
import unbo.core.tolerance.RingKind;
import unbo.core.tolerance.RingTolerances;
import unbo.core.units.Entry;
import unbo.core.units.LengthEntry;
import unbo.core.units.LengthEntry.Unit;
import unbo.core.units.Problem;

/**
 * What was measured of one piece, as typed. A field takes several readings with spaces between;
 * their mean and spread count.
 */
record InspectionForm(Map<String, String> fields, FieldProblems problems) {

  private static final double MOST_MM = 1000;
  private static final int MOST_READINGS = 12;

  static InspectionForm of(Map<String, String> fields) {
    InspectionForm form = new InspectionForm(fields, new FieldProblems());
    form.sizes();
    form.corner();
    if (form.note().length() > 300) {
      form.problems.add(
          "note", new Problem(form.note(), "Too long.", "Enter at most 300 characters."));
    }
    boolean nothing =
        List.of("bore", "outside", "width", "play").stream().allMatch(f -> form.get(f).isBlank());
    if (nothing && form.problems.isEmpty()) {
      form.problems.add(
          "bore", new Problem("", "Nothing was measured.", "Measure at least one size."));
    }
    return form;
  }

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  Instrument instrument() {
    return Instrument.withId(get("instrument"))
        .orElseGet(() -> Instrument.withId("micrometer").orElseThrow());
  }

  String toleranceClass() {
    return get("cls");
  }

  String clearance() {
    return get("group").isBlank() ? "CN" : get("group");
  }

  /** Whether class and clearance are among those that the page offers. */
  boolean isOfAKnownClass(Bearing bearing) {
    return RingTolerances.classes(RingKind.of(bearing)).contains(toleranceClass())
        && InternalClearances.GROUPS.contains(clearance());
  }

  String note() {
    return get("note").strip();
  }

  Sizes sizes() {
    return new Sizes(size("bore"), size("outside"), size("width"), play());
  }

  /** The largest uncertainty of the sizes: one figure is kept for all. */
  double sizeUncertainty() {
    Sizes s = sizes();
    return java.util.stream.Stream.of(s.bore(), s.outside(), s.width())
        .flatMap(Optional::stream)
        .mapToDouble(Measured::uncertainty)
        .max()
        .orElse(instrument().uncertainty());
  }

  Double corner() {
    List<Double> values = readings("corner", Unit.MILLIMETRE, 20);
    return values.isEmpty() ? null : values.get(0);
  }

  private Optional<Measured> size(String field) {
    List<Double> values = readings(field, Unit.MILLIMETRE, MOST_MM);
    if (values.contains(0.0)) {
      problems.add(
          field,
          new Problem(get(field), "A size of 0 is not a measurement.", "Leave the field empty."));
    }
    return values.isEmpty()
        ? Optional.empty()
        : Optional.of(Readings.of(values, instrument()).result());
  }

  /** In micrometres; a dial reads it. */
  private Optional<Measured> play() {
    List<Double> values = readings("play", Unit.MICROMETRE, 2);
    return values.isEmpty()
        ? Optional.empty()
        : Optional.of(Readings.of(values, Instrument.dial()).result().times(1000));
  }

  private List<Double> readings(String field, Unit unit, double most) {
    List<Double> values = new ArrayList<>();
    String typed = get(field).strip();
    if (typed.isEmpty()) {
      return values;
    }
    Entry<LengthEntry.Taken> whole = LengthEntry.parse(typed, unit);
    String[] pieces = whole.isRefused() ? typed.split("[\\s;]+") : new String[] {typed};
    if (pieces.length > MOST_READINGS) {
      problems.add(field, new Problem(typed, "Too many readings.", "Enter twelve at most."));
      return values;
    }
    for (String piece : pieces) {
      problems
          .take(field, LengthEntry.parse(piece, unit))
          .map(t -> t.length().millimetres())
          .ifPresent(values::add);
    }
    if (values.stream().anyMatch(v -> !(v >= 0 && v <= most))) {
      problems.add(field, new Problem(typed, "Out of range.", "0 to " + most + " mm."));
      return List.of();
    }
    return values;
  }
}
