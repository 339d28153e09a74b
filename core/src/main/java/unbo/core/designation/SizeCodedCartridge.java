package unbo.core.designation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import unbo.core.catalogue.Basis;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.designation.Spelling.Run;

/**
 * Cartridges of bicycles whose number is bore, outside and width run together, two, two and one or
 * two digits, with or without {@code MR}: {@code MR17287} is 17 × 28 × 7. Without the letters a run
 * of digits can be many things, so that it is read with little weight and below the metric plan.
 */
final class SizeCodedCartridge implements DesignationFamily {

  /** The series of the rows of {@code bicycle-cartridge.csv} that are coded by size. */
  static final String SERIES = "cartridge";

  /** Two rows of barrels, ISO 15: five digits that begin so are no bore, outside and width. */
  private static final String SPHERICAL_ROLLERS = "213";

  private static final int LEAST_DIGITS = 5;
  private static final int MOST_DIGITS = 6;
  private static final double BARE = 0.3;
  private static final double LISTED = 0.6;
  private static final double LEAST_SECTION = 2.5;
  private static final double MOST_SECTION = 9;

  @Override
  public Family family() {
    return Family.DEEP_GROOVE_BALL;
  }

  @Override
  public boolean isMain() {
    return false;
  }

  @Override
  public List<Spelling> spellings() {
    return Catalogue.standard().of(family()).stream()
        .filter(b -> b.series().equals(SERIES))
        .flatMap(
            b ->
                Stream.of(spelling(b, b.designation(), 2), listed(b, b.designation().substring(2))))
        .toList();
  }

  @Override
  public boolean decodes() {
    return true;
  }

  @Override
  public List<Spelling> decoded(Marking marking, int from) {
    char first = marking.at(from);
    if (marking.length() - from < LEAST_DIGITS
        || first != 'M' && (from > 0 || !Character.isDigit(first))) {
      return List.of();
    }
    String text = marking.tokensFrom(from).get(0).text();
    boolean letters = text.startsWith("MR");
    int start = letters ? 2 : 0;
    int digits = 0;
    while (start + digits < text.length()
        && Character.isDigit(text.charAt(start + digits))
        && digits <= MOST_DIGITS) {
      digits++;
    }
    boolean spherical = digits == LEAST_DIGITS && text.startsWith(SPHERICAL_ROLLERS);
    boolean other = !letters && (first == '0' || spherical);
    if (digits < LEAST_DIGITS || digits > MOST_DIGITS || from > 0 && !letters || other) {
      return List.of();
    }
    return cartridge(text.substring(0, start + digits), start).stream().toList();
  }

  private static Optional<Spelling> cartridge(String spelled, int start) {
    int bore = Integer.parseInt(spelled.substring(start, start + 2));
    int outer = Integer.parseInt(spelled.substring(start + 2, start + 4));
    int width = Integer.parseInt(spelled.substring(start + 4));
    double section = (outer - bore) / 2.0;
    boolean plausible =
        bore >= 6
            && section >= LEAST_SECTION
            && section <= MOST_SECTION
            && width >= section * 0.7
            && width <= section * 2.4;
    if (!plausible) {
      return Optional.empty();
    }
    String designation = "MR" + spelled.substring(start);
    return Catalogue.standard().find(designation).isPresent()
        ? Optional.empty()
        : Optional.of(spelling(decoded(designation, bore, outer, width), spelled, start));
  }

  private static Spelling spelling(Bearing bearing, String spelled, int start) {
    Spelling spelling =
        Spelling.other(
            bearing, "bearing", spelled, runs(bearing, spelled, start), notes(start > 0));
    return start > 0 ? spelling : spelling.weighing(BARE);
  }

  private static List<Run> runs(Bearing bearing, String spelled, int start) {
    List<Run> runs = new ArrayList<>();
    if (start > 0) {
      runs.add(new Run(start, Part.Kind.SERIES, "cartridge coded by size"));
    }
    runs.add(new Run(2, Part.Kind.BORE, "bore " + MetricRuns.plain(bearing.boreMm()) + " mm"));
    runs.add(new Run(2, Part.Kind.OUTER, "outside " + MetricRuns.plain(bearing.outerMm()) + " mm"));
    int rest = spelled.length() - start - 4;
    if (rest > 0) {
      runs.add(
          new Run(rest, Part.Kind.WIDTH, "width " + MetricRuns.plain(bearing.widthMm()) + " mm"));
    }
    return runs;
  }

  /** Digits that the trade carries as a cartridge; four of them can still be many things. */
  private static Spelling listed(Bearing bearing, String digits) {
    return digits.length() < LEAST_DIGITS
        ? spelling(bearing, digits, 0)
        : Spelling.other(bearing, "bearing", digits, runs(bearing, digits, 0), notes(false))
            .weighing(LISTED);
  }

  private static Bearing decoded(String designation, int bore, int outer, int width) {
    return new Bearing(
        designation,
        Family.DEEP_GROOVE_BALL,
        SERIES,
        bore,
        outer,
        width,
        Optional.empty(),
        Basis.DERIVED,
        "the number itself");
  }

  private static List<String> notes(boolean letters) {
    return letters
        ? List.of()
        : List.of(
            "A bare run of digits taken as bore, outside and width: measure one of them to be sure.");
  }
}
