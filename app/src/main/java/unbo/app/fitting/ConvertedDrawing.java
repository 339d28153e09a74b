package unbo.app.fitting;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import unbo.app.drawing.BearingDrawing;
import unbo.app.drawing.BearingDrawing.Subject;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.DesignationReader;
import unbo.core.section.BearingPortrait;

/** What a position was converted to, drawn over what its place was made for. */
final class ConvertedDrawing {

  private ConvertedDrawing() {}

  /** Empty where no size is known for what was written. */
  static Optional<BearingDrawing> of(Conversion conversion, FitPlace place, boolean inch) {
    return reading(conversion)
        .map(
            now ->
                BearingDrawing.of(
                    List.of(
                        new Subject("now: " + now.designation(), BearingPortrait.of(now)),
                        new Subject(
                            "before: " + place.bearing().designation(),
                            BearingPortrait.of(place.bearing()))),
                    true,
                    BearingDrawing.Format.phone(inch)));
  }

  /** What the envelope differs by, in a sentence; empty where nothing is drawn. */
  static String says(Conversion conversion, FitPlace place) {
    return reading(conversion).map(now -> says(now, place.bearing())).orElse("");
  }

  private static String says(Bearing now, Bearing before) {
    if (now.boreMm() == before.boreMm()
        && now.outerMm() == before.outerMm()
        && now.widthMm() == before.widthMm()) {
      return "The same envelope: nothing is machined for its sizes.";
    }
    return "Against the old one: bore "
        + change(now.boreMm() - before.boreMm())
        + ", outside "
        + change(now.outerMm() - before.outerMm())
        + ", width "
        + change(now.widthMm() - before.widthMm())
        + ".";
  }

  private static String change(double mm) {
    return mm == 0
        ? "the same"
        : String.format(Locale.ROOT, "%+.2f mm", mm).replace('-', '−').replace(".00 ", " ");
  }

  /** The likeliest reading, where it is more likely than not. */
  private static Optional<Bearing> reading(Conversion conversion) {
    return conversion == null
        ? Optional.empty()
        : DesignationReader.standard().read(conversion.now()).readings().stream()
            .findFirst()
            .filter(r -> r.confidence() >= 0.5)
            .map(r -> r.bearing());
  }
}
