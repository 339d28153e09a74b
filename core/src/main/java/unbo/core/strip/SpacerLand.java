package unbo.core.strip;

import java.util.List;
import java.util.Optional;
import unbo.core.arrangement.Adjustment;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.SizeTemplate;
import unbo.core.catalogue.Bearing;
import unbo.core.tolerance.CornerRadius;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * What a collet's lip finds behind the inner ring of a hub with a spacer tube: the flat between the
 * corner of the ring and the bore of the spacer, opened by the chamfer on its end, L = (dₛ/2 + c) −
 * (d/2 + r). The corner is a band (ISO 582), so the land is one. Where the spacer stays hard
 * against the ring the lip must enter the chamfer too: L less the lip's thickness.
 *
 * <p>Limits: geometry of square ends; from half a millimetre a lip holds, under zero it sits on the
 * radius, wedges outwards and flares the spacer (general workshop practice).
 *
 * @param most the land with the least corner, in mm
 * @param least the land with the greatest corner, in mm
 * @param measured whether spacer bore and chamfer were measured
 */
public record SpacerLand(Working most, Working least, boolean measured) {

  /** From this land on a collet's lip holds, millimetres. */
  public static final double RIGHT_MM = 0.5;

  /** What the land says of the collet. */
  public enum Says {
    RIGHT("The lip finds land whatever the corner: the collet is right."),
    MARGINAL("Little land, or none when the corner is large: tighten by hand only, or drift."),
    WRONG(
        "The lip sits on the corner, wedges outwards and flares the spacer: drift, with the spacer tipped aside by half a millimetre at least.");

    private final String words;

    Says(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** The land at a bearing; empty where no spacer is set or the corner is not in our table. */
  public static Optional<SpacerLand> of(Assembly assembly, String place) {
    Arrangement arrangement = assembly.arrangement();
    Optional<SizeTemplate> bore = arrangement.size("spacer.bore");
    Optional<SizeTemplate> chamfer = arrangement.size("spacer.chamfer");
    Optional<Bearing> bearing = assembly.bearingAt(place);
    Optional<CornerRadius> corner = bearing.flatMap(CornerRadius::of);
    boolean hasSpacer = arrangement.isSetBy(Adjustment.By.SPACER);
    if (!hasSpacer || bore.isEmpty() || chamfer.isEmpty() || corner.isEmpty()) {
      return Optional.empty();
    }
    double ds = assembly.value(bore.get());
    double c = assembly.value(chamfer.get());
    boolean measured = assembly.isMeasured(bore.get()) && assembly.isMeasured(chamfer.get());
    double d = bearing.get().boreMm();
    return Optional.of(
        new SpacerLand(
            land(ds, c, d, corner.get().leastMm(), measured),
            land(ds, c, d, corner.get().mostMm(), measured),
            measured));
  }

  private static Working land(double ds, double c, double d, double r, boolean measured) {
    Origin spacer =
        measured ? Origin.measured("sizes of the spacer") : Origin.assumed("not measured yet");
    return Working.of(
        Formula.of(
            "Land for the lip",
            "mm",
            "L = (dₛ/2 + c) − (d/2 + r)",
            v -> v.get("dₛ") / 2 + v.get("c") - v.get("d") / 2 - v.get("r"),
            "Geometry of square ends; corner of the ring by ISO 582.",
            "With the spacer hard against the ring the lip’s thickness comes off."),
        List.of(
            Input.of("dₛ", "bore of the spacer", ds, 0.05, "mm", spacer),
            Input.of("c", "chamfer of its end", c, 0.1, "mm", spacer),
            Input.exact("d", "bore of the bearing", d, "mm", Origin.table("boundary dimensions")),
            Input.exact("r", "corner of the ring", r, "mm", Origin.table("ISO 582, recalled"))));
  }

  /** What it says of the collet. */
  public Says says() {
    if (least.result().value() >= RIGHT_MM) {
      return Says.RIGHT;
    }
    return most.result().value() < 0 ? Says.WRONG : Says.MARGINAL;
  }
}
