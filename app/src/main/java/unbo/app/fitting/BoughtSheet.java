package unbo.app.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.app.web.FieldProblems;
import unbo.core.fit.BoughtHub;
import unbo.core.fit.Recommendation;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.measure.Readings;
import unbo.core.tolerance.CornerRadius;
import unbo.core.units.Entry;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;
import unbo.core.units.ReadingList;

/** Reads what was measured of a bought hub; what is wrong is said at its field. */
final class BoughtSheet {

  private static final int MOST_READINGS = 12;
  private static final double MOST_OFF_MM = 2;

  private final FitFields fields;
  private final FieldProblems problems;
  private final FitPlace place;
  private final boolean isShaft;

  private BoughtSheet(FitFields fields, FieldProblems problems, FitPlace place, boolean isShaft) {
    this.fields = fields;
    this.problems = problems;
    this.place = place;
    this.isShaft = isShaft;
  }

  /**
   * Empty while nothing of a bought hub was measured.
   *
   * @param isShaft whether the hub's seat is inside the ring
   */
  static Optional<BoughtHub> of(
      FitFields fields,
      FieldProblems problems,
      FitPlace place,
      boolean isShaft,
      Recommendation zones) {
    return new BoughtSheet(fields, problems, place, isShaft).read(zones);
  }

  private Optional<BoughtHub> read(Recommendation zones) {
    List<BoughtHub.Line> lines = new ArrayList<>();
    List<Double> seat = list("bought-seat");
    double nominal = isShaft ? place.bearing().boreMm() : place.bearing().outerMm();
    if (seat.stream().anyMatch(v -> Math.abs(v - nominal) > MOST_OFF_MM)) {
      problems.add(
          "bought-seat",
          new Problem(
              fields.get("bought-seat"),
              "More than 2 mm off the ring: not its seat.",
              "Enter the whole size."));
    } else if (!seat.isEmpty() && zones != null) {
      Measured size = Readings.of(seat, fields.instrument(isShaft)).result();
      lines.add(BoughtHub.seat(size, nominal, isShaft ? zones.shaft() : zones.housing()));
    }
    lines.addAll(flange());
    lines.addAll(fillets());
    List<String> beside = beside();
    return lines.isEmpty() && beside.isEmpty()
        ? Optional.empty()
        : Optional.of(new BoughtHub(lines, beside));
  }

  private List<BoughtHub.Line> flange() {
    List<Double> bought = list("bought-flange");
    List<Double> broken = list("broken-flange");
    if (bought.isEmpty() || broken.isEmpty()) {
      return List.of();
    }
    Instrument caliper = Instrument.withId("caliper").orElseThrow();
    return List.of(
        BoughtHub.flange(
            Readings.of(bought, caliper).result(), Readings.of(broken, caliper).result()));
  }

  /** Front, then back. */
  private List<BoughtHub.Line> fillets() {
    List<Double> bought = list("bought-fillets");
    List<Double> broken = list("broken-fillets");
    List<BoughtHub.Line> lines = new ArrayList<>();
    OptionalDouble corner =
        CornerRadius.of(place.bearing())
            .map(c -> OptionalDouble.of(c.leastMm()))
            .orElse(OptionalDouble.empty());
    for (int i = 0; i < Math.min(2, Math.min(bought.size(), broken.size())); i++) {
      // Only the corner in front of the flange carries the ring.
      boolean isFront = i == 0;
      lines.add(
          BoughtHub.fillet(
              isFront ? "front" : "back",
              bought.get(i),
              broken.get(i),
              isFront ? corner : OptionalDouble.empty()));
    }
    return lines;
  }

  /** Against another that one could buy. */
  private List<String> beside() {
    String name = fields.get("other-name");
    String other = name.isEmpty() ? "the other" : "“" + name + "”";
    List<String> lines = new ArrayList<>();
    List<Double> mine = list("bought-flange");
    List<Double> theirs = list("other-flange");
    if (!mine.isEmpty() && !theirs.isEmpty()) {
      Instrument caliper = Instrument.withId("caliper").orElseThrow();
      lines.add(
          BoughtHub.flangeBeside(
              Readings.of(mine, caliper).result(), Readings.of(theirs, caliper).result(), other));
    }
    List<Double> round = list("bought-fillets");
    List<Double> otherRound = list("other-fillets");
    for (int i = 0; i < Math.min(2, Math.min(round.size(), otherRound.size())); i++) {
      String where = i == 0 ? "front" : "back";
      lines.add(BoughtHub.filletBeside(where, round.get(i), otherRound.get(i), other));
    }
    return lines;
  }

  private List<Double> list(String field) {
    String text = fields.get(field);
    if (text.isEmpty()) {
      return List.of();
    }
    ReadingList list = ReadingList.parse(text, MOST_READINGS, BoughtSheet::mm);
    if (list.problem().isPresent()) {
      problems.add(field, list.problem().get());
      return List.of();
    }
    if (list.values().stream().anyMatch(v -> !(v > 0 && v < 1000))) {
      problems.add(
          field,
          new Problem(text, "Not a size of a hub.", "Enter more than 0 and less than 1000 mm."));
      return List.of();
    }
    return list.values();
  }

  private static Entry<Double> mm(String text) {
    return LengthEntry.parse(text, LengthEntry.Unit.MILLIMETRE).map(t -> t.length().millimetres());
  }
}
