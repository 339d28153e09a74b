package unbo.app.packing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import unbo.app.job.Marked;
import unbo.app.job.Workpiece;
import unbo.app.web.Figures;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.Cavity;
import unbo.core.grease.ChargeWorkings;
import unbo.core.grease.Duty;
import unbo.core.section.CavityFill;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * What packing comes to, worked.
 *
 * @param charges each bearing's, by place
 * @param hollows each hollow's grease in grams
 * @param fills each hollow's volume
 * @param density of the grease
 */
record PackFigures(
    Map<BearingPlace, ChargeWorkings> charges,
    Map<Cavity, Working> hollows,
    Map<Cavity, CavityFill> fills,
    Input density) {

  /** The figures of a record, saved or not; empty while nobody has chosen a duty. */
  static Optional<PackFigures> of(Workpiece piece, PackRecord pack) {
    return pack.duty().map(duty -> of(piece, pack, duty));
  }

  private static PackFigures of(Workpiece piece, PackRecord pack, Duty duty) {
    Input density = ChargeWorkings.density(pack.density());
    Map<BearingPlace, ChargeWorkings> charges = new LinkedHashMap<>();
    for (BearingPlace place : piece.arrangement().namedPlaces()) {
      charges.put(place, charge(piece, pack, duty, density, place));
    }
    Map<Cavity, Working> hollows = new LinkedHashMap<>();
    Map<Cavity, CavityFill> fills = new LinkedHashMap<>();
    for (Cavity cavity : piece.arrangement().cavities()) {
      CavityFill fill = CavityFill.of(piece.assembly(), cavity, pack.cavityShare());
      Input share = ChargeWorkings.share(duty, pack.cavityShare(), false);
      fills.put(cavity, fill);
      hollows.put(cavity, ChargeWorkings.hollow(cavity.title(), fill.volumeCm3(), share, density));
    }
    return new PackFigures(charges, hollows, fills, density);
  }

  private static ChargeWorkings charge(
      Workpiece piece, PackRecord pack, Duty duty, Input density, BearingPlace place) {
    Assembly assembly = piece.assembly();
    Double mass = pack.masses().get(place.id());
    return new ChargeWorkings(
        assembly.bearing(place.id()),
        origin(piece, place),
        mass == null ? OptionalDouble.empty() : OptionalDouble.of(mass),
        Origin.measured(pack.weighedBy() == null ? "workshop scale" : pack.weighedBy()),
        ChargeWorkings.share(duty, pack.share(), pack.byHand()),
        density);
  }

  private static Origin origin(Workpiece piece, BearingPlace place) {
    String number = piece.assembly().bearing(place.id()).designation();
    return piece
        .work()
        .bearingAt(place.id())
        .filter(Marked::isRead)
        .map(m -> Origin.read("“" + m.getMarking() + "”, " + number + " in the table"))
        .orElseGet(() -> Origin.assumed("nobody has read the number; " + number + " is assumed"));
  }

  /** All of it, g. */
  double grams() {
    return charges.values().stream().mapToDouble(w -> w.charge().result().value()).sum()
        + hollows.values().stream().mapToDouble(w -> w.result().value()).sum();
  }

  /** The charges' workings, for paper. */
  List<WorkingView> onPaper() {
    Workings all = new Workings("pack");
    charges.forEach((place, w) -> all.figure(place.id(), w.charge()));
    hollows.forEach((cavity, w) -> all.figure("", w));
    return all.all();
  }

  /** The line that the section carries. */
  String line(Figures figures) {
    String bearings =
        charges.values().stream()
            .map(c -> figures.oneDecimal(c.charge().result().value()))
            .collect(Collectors.joining(" + "));
    List<String> grams =
        hollows.values().stream().map(w -> figures.whole(w.result().value())).toList();
    return "grease " + bearings + (grams.isEmpty() ? "" : " + " + String.join(" + ", grams)) + " g";
  }
}
