package unbo.core.designation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import unbo.core.catalogue.Basis;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.designation.Spelling.Run;

/**
 * Two-row wheel units whose number is their size: {@code DAC}, two digits of bore, two of outside,
 * two of its hundredths, two of width and perhaps a third for its tenths, then the second ring's
 * width, with or without a slash. They need no table; a unit with a stepped bore is not told by its
 * number.
 */
final class WheelUnitFamily implements DesignationFamily {

  private static final Pattern FORM =
      Pattern.compile("DAC(\\d\\d)(\\d\\d)(\\d\\d)(\\d\\d)(\\d{0,3}).*");
  private static final int HEAD = 9;
  private static final double LEAST_SECTION = 5;
  private static final double MOST_SECTION = 30;
  private static final int MOST_DIFFERENCE = 12;
  private static final double NOT_LISTED = 0.6;
  private static final double TENTHS = 0.5;

  @Override
  public Family family() {
    return Family.WHEEL_UNIT;
  }

  @Override
  public List<Spelling> spellings() {
    return Catalogue.standard().of(family()).stream().map(WheelUnitFamily::listed).toList();
  }

  private static Spelling listed(Bearing unit) {
    String spelled = unit.designation();
    int slash = spelled.indexOf('/');
    String second = slash < 0 ? "" : spelled.substring(slash + 1);
    boolean tenths = unit.widthMm() != Math.rint(unit.widthMm());
    return Spelling.other(unit, "bearing", spelled, runs(unit, tenths, second), notes(second))
        .withOrWithoutSlash();
  }

  @Override
  public boolean decodes() {
    return true;
  }

  @Override
  public List<Spelling> decoded(Marking marking, int from) {
    if (from + HEAD >= marking.length() || marking.at(from) != 'D' || marking.at(from + 1) != 'A') {
      return List.of();
    }
    Matcher m = FORM.matcher(marking.characters().substring(from));
    if (!m.matches()) {
      return List.of();
    }
    // How many of the digits behind belong to it cannot be told when a suffix is glued on.
    List<Spelling> all = new ArrayList<>();
    for (int n = m.group(5).length(); n >= 0; n--) {
      String tail = m.group(5).substring(0, n);
      if (isWhole(marking, from + HEAD + 2, n)) {
        if (isListed(m, tail)) {
          return all;
        }
        unit(m, tail, marking, from).ifPresent(all::add);
      }
    }
    return all;
  }

  private static String head(Matcher m, String tail) {
    return m.group(0).substring(0, HEAD + 2 + tail.length() % 2);
  }

  private static String designation(Matcher m, String tail) {
    String second = tail.substring(tail.length() % 2);
    return head(m, tail) + (second.isEmpty() ? "" : "/" + second);
  }

  /** The row of a table is read by its spelling, and so are its first digits. */
  private static boolean isListed(Matcher m, String tail) {
    return Catalogue.standard().find(designation(m, tail)).isPresent();
  }

  /** A gap ends the number; a slash may stand before the second width and nowhere else. */
  private static boolean isWhole(Marking marking, int at, int digits) {
    int second = digits % 2;
    for (int i = 0; i < digits; i++) {
      char separator = marking.separatorBefore(at + i);
      if (separator != 0 && (separator != '/' || i != second)) {
        return false;
      }
    }
    return true;
  }

  private static Optional<Spelling> unit(Matcher m, String tail, Marking marking, int from) {
    double bore = Integer.parseInt(m.group(1));
    double outer = Integer.parseInt(m.group(2)) + Integer.parseInt(m.group(3)) / 100.0;
    boolean tenths = tail.length() % 2 == 1;
    double width = Integer.parseInt(m.group(4)) + (tenths ? (tail.charAt(0) - '0') / 10.0 : 0);
    String second = tenths ? tail.substring(1) : tail;
    double section = (outer - bore) / 2;
    boolean otherFits =
        second.isEmpty() || Math.abs(Integer.parseInt(second) - width) <= MOST_DIFFERENCE;
    if (width < 1
        || section < LEAST_SECTION
        || section > MOST_SECTION
        || width > outer
        || !otherFits) {
      return Optional.empty();
    }
    String head = head(m, tail);
    Bearing bearing = decoded(designation(m, tail), bore, outer, width, second);
    boolean slash = !second.isEmpty() && marking.separatorBefore(from + head.length()) == '/';
    String spelled = head + (slash ? "/" : "") + second;
    return Optional.of(
        Spelling.other(bearing, "bearing", spelled, runs(bearing, tenths, second), notes(second))
            .weighing(NOT_LISTED * (tenths ? TENTHS : 1)));
  }

  private static Bearing decoded(
      String designation, double bore, double outer, double width, String second) {
    return new Bearing(
        designation,
        Family.WHEEL_UNIT,
        "DAC",
        bore,
        outer,
        width,
        Optional.empty(),
        second.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Integer.parseInt(second)),
        Basis.DERIVED,
        "the number itself");
  }

  private static List<Run> runs(Bearing bearing, boolean tenths, String second) {
    List<Run> runs = new ArrayList<>();
    runs.add(new Run(3, Part.Kind.SERIES, "wheel unit, double-row angular contact balls"));
    runs.add(new Run(2, Part.Kind.BORE, "bore " + MetricRuns.plain(bearing.boreMm()) + " mm"));
    runs.add(new Run(4, Part.Kind.OUTER, "outside " + MetricRuns.plain(bearing.outerMm()) + " mm"));
    runs.add(
        new Run(
            tenths ? 3 : 2,
            Part.Kind.WIDTH,
            "width " + MetricRuns.plain(bearing.widthMm()) + " mm"));
    if (!second.isEmpty()) {
      runs.add(new Run(2, Part.Kind.WIDTH, "the other ring is " + second + " mm wide"));
    }
    return runs;
  }

  private static List<String> notes(String second) {
    return second.isEmpty()
        ? List.of()
        : List.of("The two rings differ in width: measure both before you order.");
  }
}
