package unbo.core.designation;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import unbo.core.catalogue.Basis;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;
import unbo.core.designation.Spelling.Run;

/**
 * Needle roller and cage assemblies, {@code K20X24X17}: inside, outside, width (ISO 3030). Both
 * diameters are those of the needles' running paths; there is no ring. They need no table.
 */
final class NeedleCageFamily implements DesignationFamily {

  private static final Pattern FORM =
      Pattern.compile("(K)(\\d{1,3})X(\\d{1,3})X(\\d{1,2})(?!\\d).*");

  /** The same without the signs between: {@code K 12 15 10}. */
  private static final Pattern PARTED =
      Pattern.compile("(K)-?(\\d{1,3})[-/](\\d{1,3})[-/](\\d{1,2})(?![\\d/.]).*");

  private static final double BY_GAPS = 0.9;
  private static final double MOST_NEEDLE = 10;

  @Override
  public Family family() {
    return Family.NEEDLE_CAGE;
  }

  @Override
  public List<Spelling> spellings() {
    return List.of();
  }

  @Override
  public boolean decodes() {
    return true;
  }

  @Override
  public List<Spelling> decoded(Marking marking, int from) {
    if (from >= marking.length() || marking.at(from) != 'K') {
      return List.of();
    }
    Matcher m = FORM.matcher(marking.characters().substring(from));
    if (m.matches()) {
      return assembly(m, 1).stream().toList();
    }
    Matcher parted = PARTED.matcher(marking.spelled(from));
    return parted.matches() ? assembly(parted, 0).stream().toList() : List.of();
  }

  /**
   * The assembly that the three numbers name.
   *
   * @param sign how many characters stand before the second and the third number
   */
  private static Optional<Spelling> assembly(Matcher m, int sign) {
    int inside = Integer.parseInt(m.group(2));
    int outside = Integer.parseInt(m.group(3));
    int width = Integer.parseInt(m.group(4));
    if (inside < 3 || outside <= inside || outside - inside > 2 * MOST_NEEDLE || width < 3) {
      return Optional.empty();
    }
    Bearing bearing =
        new Bearing(
            "K" + inside + "X" + outside + "X" + width,
            Family.NEEDLE_CAGE,
            "K",
            inside,
            outside,
            width,
            Optional.empty(),
            Basis.DERIVED,
            "the number itself");
    List<Run> runs =
        List.of(
            new Run(1, Part.Kind.SERIES, "needle rollers in a cage, no rings"),
            new Run(m.group(2).length(), Part.Kind.BORE, "runs over a shaft of " + inside + " mm"),
            new Run(
                sign + m.group(3).length(),
                Part.Kind.OUTER,
                "runs in a bore of " + outside + " mm"),
            new Run(sign + m.group(4).length(), Part.Kind.WIDTH, "cage width " + width + " mm"));
    if (sign > 0) {
      return Optional.of(Spelling.of(bearing, "cage", runs));
    }
    String spelled = "K-" + m.group(2) + "-" + m.group(3) + "-" + m.group(4);
    return Optional.of(Spelling.other(bearing, "cage", spelled, runs, List.of()).weighing(BY_GAPS));
  }
}
