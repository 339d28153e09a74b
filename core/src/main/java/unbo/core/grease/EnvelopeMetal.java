package unbo.core.grease;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.core.catalogue.Basis;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.section.BearingVolume;

/**
 * The metal of a bearing that is known by family and envelope only. A taper of the catalogue's
 * sizes takes its row; another one the usual widths (cone 0.93 T, cup 0.81 T). Families whose
 * inside is not estimated here need the mass weighed.
 */
public final class EnvelopeMetal {

  private static final Map<String, Family> FAMILIES =
      Map.of(
          "deep-groove-ball", Family.DEEP_GROOVE_BALL,
          "angular-contact-ball", Family.ANGULAR_CONTACT_BALL,
          "headset-angular-ball", Family.HEADSET,
          "wheel-unit-angular-ball", Family.WHEEL_UNIT,
          "cylindrical-roller", Family.CYLINDRICAL_ROLLER,
          "needle-roller", Family.DRAWN_CUP_NEEDLE);

  private static final List<String> BY_MASS_ONLY =
      List.of(
          "self-aligning-ball",
          "spherical-roller",
          "thrust-ball",
          "thrust-roller",
          "spherical-plain",
          "one-way-clutch");

  private EnvelopeMetal() {}

  /** Whether a word names a family at all. */
  public static boolean isFamily(String family) {
    return family.equals(Family.TAPERED_ROLLER.id())
        || FAMILIES.containsKey(family)
        || BY_MASS_ONLY.contains(family);
  }

  /** The metal in cm³; empty where only the mass can tell. */
  public static OptionalDouble cm3(String family, double bore, double outer, double width) {
    if (family.equals(Family.TAPERED_ROLLER.id())) {
      return OptionalDouble.of(BearingVolume.solidCm3(taper(bore, outer, width)));
    }
    Family known = FAMILIES.get(family);
    return known == null
        ? OptionalDouble.empty()
        : OptionalDouble.of(BearingVolume.solidCm3(envelope(known, bore, outer, width)));
  }

  private static Bearing taper(double bore, double outer, double width) {
    return Catalogue.standard().of(Family.TAPERED_ROLLER).stream()
        .filter(
            b ->
                Math.abs(b.boreMm() - bore) < 0.05
                    && Math.abs(b.outerMm() - outer) < 0.05
                    && Math.abs(b.widthMm() - width) < 0.05)
        .findFirst()
        .orElseGet(() -> usual(bore, outer, width));
  }

  private static Bearing envelope(Family family, double bore, double outer, double width) {
    return new Bearing(
        family.id(),
        family,
        "",
        bore,
        outer,
        width,
        Optional.empty(),
        Basis.RECALLED,
        "by its envelope");
  }

  private static Bearing usual(double bore, double outer, double width) {
    return new Bearing(
        "taper",
        Family.TAPERED_ROLLER,
        "",
        bore,
        outer,
        width,
        Optional.of(new Bearing.TaperWidths(0.93 * width, 0.81 * width, OptionalDouble.empty())),
        Basis.RECALLED,
        "usual proportions");
  }
}
