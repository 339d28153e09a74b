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
 * Deep groove balls of the metric plan with a bore in inches: {@code 6203-5/8} has the outside and
 * the width of a 6203 on a bore of 15.875 mm, {@code 6203-10} says the same in sixteenths and
 * {@code 6203-15.875} in mm; the bore may stand behind the closure, too. Common trade usage; the
 * outside and the width are those of the row, the bore is the number itself. A bore further from
 * the plan's than {@value #MOST_APART_MM} mm is not taken for one.
 */
final class InchBoreFamily implements DesignationFamily {

  private static final Pattern FRACTION =
      Pattern.compile("(6[023]\\d\\d)-(?:(1)-)?(\\d{1,2})/(\\d{1,2})(?!\\d).*");
  private static final Pattern SIXTEENTHS =
      Pattern.compile("(6[023]\\d\\d)-(\\d{1,2})(?![\\dA-Z/]).*");
  private static final Pattern DECIMAL =
      Pattern.compile("(6[023]\\d\\d)[-/](\\d{1,2}\\.\\d{1,3})(?!\\d).*");

  /** {@code 6203-2RS-5/8}: the letters of its closure before the fraction. */
  private static final Pattern BEHIND =
      Pattern.compile("(6[023]\\d\\d)-?[A-Z0-9-]*[A-Z][A-Z0-9]*-(\\d{1,2})/(2|4|8|16)(?!\\d).*");

  /** {@code 6201-2RS-12.7}: the bore in mm behind the letters of its closure. */
  private static final Pattern DECIMAL_BEHIND =
      Pattern.compile("(6[023]\\d\\d)-?[A-Z0-9-]*[A-Z][A-Z0-9]*-(\\d{1,2}\\.\\d{1,3})(?!\\d).*");

  private static final int DIGITS_OF_PLAN = 4;
  private static final double EXACT_MM = 0.03;
  private static final double INCH = 25.4;
  private static final double MOST_APART_MM = 4.5;
  private static final List<String> NOTES =
      List.of("A bore in inches on a metric number: measure the bore before you order.");

  /** {@code 11/16} behind the closure may be November of 2016 as well: our own. */
  private static final double OR_A_MONTH = 0.5;

  private static final double BY_SIXTEENTHS = 0.9;

  /** {@code -10} behind the closure may be a maker's own code as well: our own. */
  private static final double SIXTEENTHS_BEHIND = 0.8;

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
    return List.of();
  }

  @Override
  public boolean decodes() {
    return true;
  }

  @Override
  public List<Spelling> decoded(Marking marking, int from) {
    if (marking.at(from) != '6') {
      return List.of();
    }
    if (marking.mayHaveInches()) {
      List<Spelling> inches = inchesBehind(marking, from);
      if (!inches.isEmpty()) {
        return inches;
      }
    }
    String text = marking.spelled(from);
    if (text.indexOf('-') < 0 && text.indexOf('.') < 0) {
      return List.of();
    }
    Matcher fraction = text.indexOf('/') < 0 ? null : FRACTION.matcher(text);
    if (fraction != null && fraction.matches()) {
      int whole = fraction.group(2) == null ? 0 : 1;
      int over = Integer.parseInt(fraction.group(3));
      int under = Integer.parseInt(fraction.group(4));
      String code = text.substring(5, fraction.end(4));
      return under == 0
          ? List.of()
          : of(fraction.group(1), code, whole + (double) over / under, 1).stream().toList();
    }
    Optional<Spelling> decimal = text.indexOf('.') < 0 ? Optional.empty() : decimal(text);
    if (decimal.isPresent()) {
      return decimal.stream().toList();
    }
    Matcher behind = text.indexOf('/') < 0 ? null : BEHIND.matcher(text);
    if (behind != null && behind.matches()) {
      double inches = Double.parseDouble(behind.group(2)) / Integer.parseInt(behind.group(3));
      double weight = behind.group(3).equals("16") ? OR_A_MONTH : 1;
      return behind(behind.group(1), inches, weight).stream().toList();
    }
    Matcher sixteenths = SIXTEENTHS.matcher(text);
    return (sixteenths.matches()
            ? of(
                sixteenths.group(1),
                sixteenths.group(2),
                Integer.parseInt(sixteenths.group(2)) / 16.0,
                BY_SIXTEENTHS)
            : sixteenthsBehind(marking, from))
        .stream().toList();
  }

  private static Optional<Spelling> of(String number, String code, double inches, double weight) {
    return plan(number, inches).map(b -> spelling(b, code, inches, weight));
  }

  /** {@code 6202-15.875}, {@code 6202-2RS-15.875}: a bore in mm that is one of inches. */
  private static Optional<Spelling> decimal(String text) {
    Matcher next = DECIMAL.matcher(text);
    if (next.matches()) {
      return inches(next.group(2)).flatMap(in -> of(next.group(1), next.group(2), in, 1));
    }
    Matcher behind = DECIMAL_BEHIND.matcher(text);
    return behind.matches()
        ? inches(behind.group(2)).flatMap(in -> behind(behind.group(1), in, 1))
        : Optional.empty();
  }

  private static Optional<Double> inches(String millimetres) {
    double mm = Double.parseDouble(millimetres);
    double inches = Math.round(mm / INCH * 16) / 16.0;
    return Math.abs(inches * INCH - mm) > EXACT_MM ? Optional.empty() : Optional.of(inches);
  }

  /** {@code 6203-2RS-10}: a dash stands before them, for digits behind a gap may be anything. */
  private static Optional<Spelling> sixteenthsBehind(Marking marking, int from) {
    if (from + DIGITS_OF_PLAN >= marking.length()) {
      return Optional.empty();
    }
    String number = marking.characters().substring(from, from + DIGITS_OF_PLAN);
    return marking.tokensFrom(from).stream()
        .filter(t -> t.from() > from + DIGITS_OF_PLAN && t.separator() == '-')
        .filter(t -> t.to() - t.from() <= 2 && t.isDigits())
        .findFirst()
        .flatMap(t -> behind(number, Integer.parseInt(t.text()) / 16.0, SIXTEENTHS_BEHIND));
  }

  /** {@code 6205 1"}, {@code 6205-2RS 0.75 in}: a size that says itself that it is in inches. */
  private static List<Spelling> inchesBehind(Marking marking, int from) {
    List<Token> tokens = marking.tokensFrom(from);
    if (tokens.get(0).to() < from + DIGITS_OF_PLAN) {
      return List.of();
    }
    String number = marking.characters().substring(from, from + DIGITS_OF_PLAN);
    for (int i = 1; i < tokens.size(); i++) {
      for (int last = Math.min(i + 2, tokens.size() - 1); last >= i; last--) {
        Optional<Spelling> found =
            MarkedSize.of(marking, tokens.get(i).from(), tokens.get(last).to())
                .filter(size -> size.unit() == MarkedSize.Unit.INCH)
                .filter(size -> size.value() * 16 == Math.rint(size.value() * 16))
                .flatMap(size -> behind(number, size.value(), 1));
        if (found.isPresent()) {
          return found.stream().toList();
        }
      }
    }
    return List.of();
  }

  private static Optional<Bearing> plan(String number, double inches) {
    return Catalogue.standard()
        .find(number)
        .filter(b -> Math.abs(b.boreMm() - inches * INCH) <= MOST_APART_MM);
  }

  private static Optional<Spelling> behind(String number, double inches, double weight) {
    return plan(number, inches).map(plan -> behind(plan, inches).weighing(weight));
  }

  private static Spelling behind(Bearing plan, double inches) {
    Run run =
        new Run(
            plan.designation().length(),
            Part.Kind.SERIES,
            "outside and width of a " + plan.designation());
    return Spelling.other(bearing(plan, inches), "bearing", plan.designation(), List.of(run), NOTES)
        .withBoreBehind();
  }

  private static Bearing bearing(Bearing plan, double inches) {
    return new Bearing(
        plan.designation() + "-" + inWords(inches),
        Family.DEEP_GROOVE_BALL,
        plan.series(),
        mm(inches),
        plan.outerMm(),
        plan.widthMm(),
        Optional.empty(),
        Basis.DERIVED,
        "outside and width of " + plan.designation() + ", the bore as written");
  }

  private static double mm(double inches) {
    return Math.round(inches * INCH * 1000) / 1000.0;
  }

  private static Spelling spelling(Bearing plan, String code, double inches, double weight) {
    List<Run> runs =
        List.of(
            new Run(
                plan.designation().length(),
                Part.Kind.SERIES,
                "outside and width of a " + plan.designation()),
            new Run(
                code.replaceAll("[-/.]", "").length(),
                Part.Kind.BORE,
                "bore " + inWords(inches) + " in, " + MetricRuns.plain(mm(inches)) + " mm"));
    return Spelling.other(
            bearing(plan, inches), "bearing", plan.designation() + "-" + code, runs, NOTES)
        .weighing(weight);
  }

  /** {@code 5/8}, {@code 1}, {@code 1-1/4}. */
  private static String inWords(double inches) {
    long sixteenths = Math.round(inches * 16);
    long whole = sixteenths / 16;
    long rest = sixteenths % 16;
    long under = 16;
    while (rest > 0 && rest % 2 == 0) {
      rest /= 2;
      under /= 2;
    }
    String fraction = rest == 0 ? "" : rest + "/" + under;
    return whole == 0 ? fraction : rest == 0 ? "" + whole : whole + "-" + fraction;
  }
}
