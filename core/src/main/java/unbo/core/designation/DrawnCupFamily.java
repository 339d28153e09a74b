package unbo.core.designation;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import unbo.core.catalogue.Basis;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.designation.Spelling.Run;

/**
 * Drawn cup needle roller bearings (ISO 3245): two digits for the diameter over which the needles
 * run, two for the width. The outside is not in the number; a width that is not in the tables is
 * read all the same where every width of that diameter has one outside.
 */
final class DrawnCupFamily implements DesignationFamily {

  private static final int DIGITS = 2;
  private static final int LETTERS = 2;
  private static final Pattern NUMBER = Pattern.compile("(HK|BK)(\\d{2})(\\d{2})(?!\\d)");

  /** A seal at either end makes the cup so much wider than the widest open one, millimetres. */
  private static final double SEAL_ROOM = 4;

  @Override
  public Family family() {
    return Family.DRAWN_CUP_NEEDLE;
  }

  @Override
  public List<Spelling> spellings() {
    return Catalogue.standard().of(family()).stream().map(DrawnCupFamily::spelling).toList();
  }

  private static Spelling spelling(Bearing bearing) {
    return Spelling.of(
        bearing,
        "bearing",
        List.of(
            new Run(bearing.series().length(), Part.Kind.SERIES, SeriesMeaning.of(bearing)),
            new Run(
                DIGITS,
                Part.Kind.BORE,
                "the needles run over " + MetricRuns.plain(bearing.boreMm()) + " mm"),
            new Run(
                DIGITS, Part.Kind.WIDTH, "width " + MetricRuns.plain(bearing.widthMm()) + " mm")));
  }

  @Override
  public boolean decodes() {
    return true;
  }

  @Override
  public List<Spelling> decoded(Marking marking, int from) {
    char first = marking.length() - from < LETTERS + 2 * DIGITS ? 0 : marking.at(from);
    if (first != 'H' && first != 'B') {
      return List.of();
    }
    Matcher m = NUMBER.matcher(marking.tokensFrom(from).get(0).text());
    return m.lookingAt() ? unlisted(m.group(1), m.group(2), m.group(3)) : List.of();
  }

  private static List<Spelling> unlisted(String letters, String over, String wide) {
    if (Catalogue.standard().find(letters + over + wide).isPresent()) {
      return List.of();
    }
    double bore = Integer.parseInt(over);
    double width = Integer.parseInt(wide);
    List<Bearing> alike =
        Catalogue.standard().of(Family.DRAWN_CUP_NEEDLE).stream()
            .filter(b -> b.boreMm() == bore)
            .toList();
    List<Double> outsides = alike.stream().map(Bearing::outerMm).distinct().toList();
    double widest = alike.stream().mapToDouble(Bearing::widthMm).max().orElse(0);
    double narrowest = alike.stream().mapToDouble(Bearing::widthMm).min().orElse(0);
    boolean plausible = width >= narrowest && width <= widest + SEAL_ROOM;
    return outsides.size() != 1 || !plausible
        ? List.of()
        : List.of(spelling(derived(letters, over + wide, bore, outsides.get(0), width)));
  }

  private static Bearing derived(
      String letters, String digits, double bore, double outer, double width) {
    return new Bearing(
        letters + digits,
        Family.DRAWN_CUP_NEEDLE,
        letters,
        bore,
        outer,
        width,
        Optional.empty(),
        Basis.DERIVED,
        "the number itself; outside as other widths of this diameter have it");
  }
}
