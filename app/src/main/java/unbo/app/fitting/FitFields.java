package unbo.app.fitting;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.app.web.FieldProblems;
import unbo.core.arrangement.Arrangement;
import unbo.core.catalogue.Bearing;
import unbo.core.fit.Feel;
import unbo.core.fit.Fit;
import unbo.core.fit.FitInput;
import unbo.core.fit.FitInput.Seat;
import unbo.core.fit.FitInput.Surface;
import unbo.core.fit.FitInputs;
import unbo.core.fit.IsoZone;
import unbo.core.fit.Makeshift;
import unbo.core.fit.Material;
import unbo.core.fit.SeatReadings;
import unbo.core.fit.Spread;
import unbo.core.measure.Instrument;
import unbo.core.tolerance.InternalClearances;
import unbo.core.tolerance.Limits;
import unbo.core.units.Entry;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;
import unbo.core.units.ReadingList;

/** Reads what was typed of a place; what is wrong is said at its field. */
final class FitFields {

  /** All that is kept of a place. */
  /** Kept with the vehicle, not with the fit. */
  static final String TOP_SPEED = "top-speed";

  static final List<String> NAMES =
      List.of(
          "turning",
          "load",
          "group",
          "room",
          "shaft-zone",
          "shaft-readings",
          "shaft-instrument",
          "shaft-feel",
          "shaft-material",
          "shaft-wall",
          "shaft-hot",
          "shaft-surface",
          "housing-zone",
          "housing-readings",
          "housing-instrument",
          "housing-feel",
          "housing-material",
          "housing-wall",
          "housing-hot",
          "housing-surface",
          "heated",
          "built",
          "stabilised",
          "slide",
          "chilled",
          "slug",
          "slug-material",
          "crank-shoulder",
          "crank-width",
          "crank-hot",
          "depth-then",
          "depth-now",
          "depth-tolerance",
          "depth-stand-in",
          "bought-seat",
          "bought-flange",
          "broken-flange",
          "bought-fillets",
          "broken-fillets",
          "other-name",
          "other-flange",
          "other-fillets",
          "makeshift",
          TOP_SPEED,
          "laid-facing",
          "laid-tools",
          "laid-gloves",
          "laid-probe",
          "laid-stop");

  static final double ROOM_C = 20;

  private static final int MOST_READINGS = 12;
  private static final double MOST_OFF_MM = 2;

  private final Map<String, String> typed;
  private final Bearing bearing;
  private final Material usualHousing;
  private final FieldProblems problems;

  /** Of a place in its arrangement, which says what its housings are usually made of. */
  FitFields(
      Map<String, String> typed, FitPlace place, Arrangement arrangement, FieldProblems problems) {
    this.typed = typed;
    this.bearing = place.bearing();
    this.usualHousing = usualHousing(arrangement);
    this.problems = problems;
  }

  /** Of an arrangement’s housings, where nobody says what it is; steel where that varies. */
  static Material usualHousing(Arrangement arrangement) {
    return Material.withId(arrangement.fact("housing-material")).orElse(Material.STEEL);
  }

  String get(String field) {
    return typed.getOrDefault(field, "").strip();
  }

  /** Instruments that read a shaft or a bore. */
  static List<Instrument> instruments(boolean isShaft) {
    List<String> ids =
        isShaft
            ? List.of("micrometer", "caliper", "vernier")
            : List.of("bore-gauge", "caliper", "vernier");
    return ids.stream().map(i -> Instrument.withId(i).orElseThrow()).toList();
  }

  Instrument instrument(boolean isShaft) {
    String word = get((isShaft ? "shaft" : "housing") + "-instrument");
    List<Instrument> all = instruments(isShaft);
    return all.stream().filter(i -> i.id().equals(word)).findFirst().orElse(all.get(0));
  }

  /** Readings of a seat; empty while there are none, or wrong ones. */
  Optional<SeatReadings> readings(boolean isShaft) {
    String field = (isShaft ? "shaft" : "housing") + "-readings";
    String text = get(field);
    if (text.isEmpty()) {
      return Optional.empty();
    }
    ReadingList list = ReadingList.parse(text, MOST_READINGS, FitFields::mm);
    if (list.problem().isPresent()) {
      problems.add(field, list.problem().get());
      return Optional.empty();
    }
    double nominal = nominal(isShaft);
    Optional<Double> far =
        list.values().stream().filter(v -> Math.abs(v - nominal) > MOST_OFF_MM).findFirst();
    if (far.isPresent() || list.values().isEmpty()) {
      problems.add(
          field,
          new Problem(
              text,
              "More than 2 mm off the ring of " + trim(nominal) + " mm: not its seat.",
              "Enter the whole size, such as " + trim(nominal) + ".008."));
      return Optional.empty();
    }
    return Optional.of(SeatReadings.of(list.values(), instrument(isShaft)));
  }

  private static String trim(double mm) {
    return mm == Math.rint(mm) ? String.valueOf((int) mm) : String.valueOf(mm);
  }

  private static Entry<Double> mm(String text) {
    return LengthEntry.parse(text, LengthEntry.Unit.MILLIMETRE).map(t -> t.length().millimetres());
  }

  private double nominal(boolean isShaft) {
    return isShaft ? bearing.boreMm() : bearing.outerMm();
  }

  /** What is known of a seat's size, in µm off its ring's nominal size; empty while nothing is. */
  Optional<Known> size(boolean isShaft) {
    Optional<SeatReadings> readings = readings(isShaft);
    if (readings.isPresent()) {
      Instrument by = instrument(isShaft);
      return Optional.of(new Known(readings.get().off(nominal(isShaft)), "measured, " + by.name()));
    }
    String name = isShaft ? "shaft" : "housing";
    Optional<Feel> feel = Feel.withId(get(name + "-feel"));
    if (feel.isPresent() && get(name + "-zone").isEmpty()) {
      Spread ring = ring(isShaft);
      Spread by = feel.get().interference();
      double middle = isShaft ? ring.likely() + by.likely() : ring.likely() - by.likely();
      return Optional.of(
          new Known(
              Spread.measured(middle, 2 * by.sigma()),
              "by feel, “" + feel.get().title() + "”: a weak estimate"));
    }
    return zone(isShaft).map(l -> new Known(Spread.within(l), "zone " + get(name + "-zone")));
  }

  /** A size with where it comes from. */
  record Known(Spread size, String said) {}

  private Optional<Limits> zone(boolean isShaft) {
    String field = (isShaft ? "shaft" : "housing") + "-zone";
    String text = get(field);
    if (text.isEmpty()) {
      return Optional.empty();
    }
    Optional<IsoZone> zone = IsoZone.parse(text).filter(z -> z.isHole() != isShaft);
    Optional<Limits> limits = zone.flatMap(z -> z.at(nominal(isShaft)));
    if (zone.isEmpty()) {
      problems.add(
          field,
          new Problem(
              text,
              isShaft ? "Not a zone of a shaft." : "Not a zone of a housing.",
              isShaft
                  ? "Enter one such as k5, in lower case."
                  : "Enter one such as H7, with a capital."));
    } else if (limits.isEmpty()) {
      problems.add(
          field,
          new Problem(
              text,
              "This zone is not made for " + trim(nominal(isShaft)) + " mm.",
              "Choose another."));
    }
    return limits;
  }

  Spread ring(boolean isShaft) {
    return FitInputs.ring(bearing, isShaft);
  }

  private double celsius(String field, double usual, double least, double most) {
    Optional<Double> read = problems.take(field, QuantityEntry.TEMPERATURE.parse(get(field)));
    if (read.isPresent() && !(read.get() >= least && read.get() <= most)) {
      problems.add(
          field,
          new Problem(
              get(field),
              "Not a temperature of a bearing at work.",
              "Enter " + (int) least + " to " + (int) most + " °C."));
      return usual;
    }
    return read.orElse(usual);
  }

  double roomC() {
    return celsius("room", ROOM_C, -40, 60);
  }

  OptionalDouble chilledC() {
    return get("chilled").isEmpty()
        ? OptionalDouble.empty()
        : OptionalDouble.of(celsius("chilled", roomC(), -196, 60));
  }

  Material material(boolean isShaft) {
    return Material.withId(get((isShaft ? "shaft" : "housing") + "-material"))
        .filter(m -> !m.id().equals("ring"))
        .orElse(isShaft ? Material.STEEL : usualHousing);
  }

  private Seat seat(boolean isShaft, Known known) {
    String name = isShaft ? "shaft" : "housing";
    double usual = isShaft ? 0 : 1.5 * bearing.outerMm();
    Optional<Double> wall = problems.take(name + "-wall", mm(get(name + "-wall")));
    boolean fits =
        isShaft
            ? wall.orElse(usual) >= 0 && wall.orElse(usual) < bearing.boreMm()
            : wall.orElse(usual) > bearing.outerMm() && wall.orElse(usual) < 2000;
    if (!fits) {
      problems.add(
          name + "-wall",
          new Problem(
              get(name + "-wall"),
              isShaft ? "Not a bore of this shaft." : "No wall is left round the ring.",
              isShaft
                  ? "Enter less than " + trim(bearing.boreMm()) + " mm, 0 for a solid one."
                  : "Enter more than " + trim(bearing.outerMm()) + " mm."));
    }
    return new Seat(
        known.size(),
        material(isShaft),
        fits ? wall.orElse(usual) : usual,
        get(name + "-surface").equals("turned") ? Surface.TURNED : Surface.GROUND,
        celsius(name + "-hot", roomC(), -40, 200),
        known.said());
  }

  /**
   * How a seat is held without being mended; empty for a whole one, and for one that is refused.
   *
   * @param ofVehicle top speed that its vehicle has on record, km/h
   */
  Optional<Makeshift> makeshift(OptionalDouble ofVehicle) {
    Optional<Makeshift> chosen = Makeshift.withId(get("makeshift"));
    OptionalDouble typed = topSpeed();
    OptionalDouble recorded = typed.isPresent() ? typed : ofVehicle;
    if (chosen.isPresent() && !chosen.get().isAllowed(recorded)) {
      problems.add(
          "makeshift",
          new Problem(
              chosen.get().title(),
              recorded.isEmpty()
                  ? "Only where the vehicle’s top speed is recorded."
                  : "Refused: this vehicle goes faster than 40 km/h.",
              "Enter a top speed up to 40 km/h from its papers, or mend the seat."));
      return Optional.empty();
    }
    return chosen;
  }

  /** Top speed as typed, km/h; empty where none was, or a wrong one. */
  OptionalDouble topSpeed() {
    Optional<Double> speed = problems.take(TOP_SPEED, QuantityEntry.SPEED.parse(get(TOP_SPEED)));
    if (speed.isPresent() && !(speed.get() > 0)) {
      problems.add(
          TOP_SPEED,
          new Problem(
              get(TOP_SPEED), "Not a speed of a vehicle.", "Enter what its papers say in km/h."));
      return OptionalDouble.empty();
    }
    return speed.map(OptionalDouble::of).orElse(OptionalDouble.empty());
  }

  /** The group of clearance; empty where the family has none. */
  Optional<FitInput.Group> group(String usual) {
    String name = get("group").isEmpty() ? usual : get("group");
    return Fit.clearanceKind(bearing.family())
        .flatMap(k -> InternalClearances.of(k, name, bearing.boreMm()))
        .map(limits -> new FitInput.Group(name, limits));
  }

  /** What the fit is worked from; empty while a seat is not known or something is wrong. */
  Optional<FitInput> input(String usualGroup) {
    Optional<Known> shaft = size(true);
    Optional<Known> housing = size(false);
    if (shaft.isEmpty() || housing.isEmpty()) {
      return Optional.empty();
    }
    Seat onShaft = seat(true, shaft.get());
    Seat inHousing = seat(false, housing.get());
    double room = roomC();
    if (!problems.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(FitInputs.of(bearing, group(usualGroup), onShaft, inHousing, room));
  }
}
