package unbo.app.drag;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import unbo.core.catalogue.Bearing;
import unbo.core.contact.ElementContact;
import unbo.core.friction.Drag;
import unbo.core.friction.LoadSpread;
import unbo.core.measure.Measured;
import unbo.core.section.BearingPortrait;
import unbo.core.section.InternalGeometry;
import unbo.core.tolerance.InternalClearances;
import unbo.core.working.Origin;

/**
 * Bearings at another clearance than normal: a looser group, or what a fit that is too tight leaves
 * of it.
 *
 * @param group of the table; empty for preload
 */
record ClearanceChoice(String title, String group, String price) {

  private static final String NORMAL = "CN";
  private static final String LOOSE = "C3";

  /** Our own example of a fit that took too much: all of the clearance and this much more, µm. */
  private static final double PRELOAD_UM = 10;

  /** None unless every bearing has one row inside and a radial clearance in the table. */
  static List<ClearanceChoice> of(List<Bearing> bearings) {
    boolean known =
        !bearings.isEmpty()
            && bearings.stream()
                .allMatch(
                    b -> row(b).isPresent() && normal(b).isPresent() && um(b, LOOSE).isPresent());
    return !known
        ? List.of()
        : Stream.of(
                new ClearanceChoice(
                    "Clearance C3 instead of normal",
                    LOOSE,
                    "runs louder, tips further; for hot or tight seats"),
                new ClearanceChoice(
                    "No clearance left, 10 µm too tight",
                    "",
                    "each degree inside takes more: it heats and can seize"))
            .toList();
  }

  /**
   * What the elements of a bearing carry together then, against normal clearance.
   *
   * @param radialN over 0
   */
  private Measured z(Bearing bearing, double radialN) {
    Measured now =
        group.isEmpty() ? new Measured(-PRELOAD_UM, 0) : um(bearing, group).orElseThrow();
    return row(bearing).orElseThrow().against(radialN, now, normal(bearing).orElseThrow().value());
  }

  /** The same as a factor of the drag. */
  Drag.Factor factor(Bearing bearing, double radialN) {
    return new Drag.Factor(
        Drag.On.LOAD,
        "Drag at another clearance",
        "z",
        "loads of the elements together, against the usual",
        z(bearing, radialN),
        Origin.computed(where(bearing)),
        "z by Stribeck’s and Sjövall’s spread of the load: stiff rings, no axial load.");
  }

  /** Where the two clearances are from. */
  private String where(Bearing bearing) {
    String now =
        group.isEmpty()
            ? "−%.0f µm, our example".formatted(PRELOAD_UM)
            : "%.0f µm, middle of ".formatted(um(bearing, group).orElseThrow().value()) + group;
    return "%s, against %.0f µm, middle of CN (ISO 5753-1), before any fit"
        .formatted(now, normal(bearing).orElseThrow().value());
  }

  private static Optional<Measured> normal(Bearing bearing) {
    return um(bearing, NORMAL);
  }

  private static Optional<Measured> um(Bearing bearing, String group) {
    return InternalClearances.kindOf(bearing)
        .filter(k -> !InternalClearances.isAxial(k))
        .flatMap(k -> InternalClearances.of(k, group, bearing.boreMm()))
        .map(c -> new Measured((c.minUm() + c.maxUm()) / 2, (c.maxUm() - c.minUm()) / 2));
  }

  private static Optional<LoadSpread> row(Bearing bearing) {
    return BearingPortrait.of(bearing)
        .inside()
        .filter(in -> in.rows() == 1 && in.perRow() >= 3)
        .map(ClearanceChoice::spread);
  }

  private static LoadSpread spread(InternalGeometry in) {
    return new LoadSpread(in.perRow(), new ElementContact(in.elementMm(), in.lengthMm().orElse(0)));
  }
}
