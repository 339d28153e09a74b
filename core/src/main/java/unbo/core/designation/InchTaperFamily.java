package unbo.core.designation;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.catalogue.InchTaperNumber;
import unbo.core.designation.Spelling.Run;

/**
 * Tapered roller bearings in inch sizes: a cone number, a cup number, or both with a slash, the cup
 * also cut down to the digits that differ ({@code LM67048/10}, {@code 25580/20}). Decoded numbers
 * say what each run means; plain ones go by the table.
 */
final class InchTaperFamily implements DesignationFamily {

  private static final int PART_DIGITS = 2;

  /** Shorter plain numbers are not cut down. */
  private static final int LEAST_PLAIN = 5;

  private static final double SHORT_AND_PLAIN = 0.45;

  private final List<Bearing> pairs =
      Catalogue.standard().of(Family.TAPERED_ROLLER).stream().filter(Bearing::isInch).toList();

  @Override
  public Family family() {
    return Family.TAPERED_ROLLER;
  }

  @Override
  public boolean isMain() {
    return false;
  }

  @Override
  public boolean has(Suffix suffix) {
    return false;
  }

  @Override
  public List<Spelling> spellings() {
    List<Spelling> all = new ArrayList<>();
    for (Bearing pair : pairs) {
      all.add(Spelling.of(pair, "set", runs(cone(pair), cup(pair))));
      cutDown(pair, all);
      if (isFirst(pair, true)) {
        all.add(alone(pair, "cone", cone(pair), partners(pair, true)));
      }
      if (isFirst(pair, false)) {
        all.add(alone(pair, "cup", cup(pair), partners(pair, false)));
      }
    }
    return all;
  }

  /** A short plain number alone may as well be a year, a price or a part of another number. */
  private static Spelling alone(Bearing pair, String role, String number, List<String> notes) {
    Spelling spelling = Spelling.other(pair, role, number, runs(number), notes);
    return number.matches("\\d{3,4}") ? spelling.weighing(SHORT_AND_PLAIN) : spelling;
  }

  private static void cutDown(Bearing pair, List<Spelling> all) {
    String cup = cup(pair);
    int left = InchTaperNumber.parse(cup).isPresent() ? PART_DIGITS : differs(cone(pair), cup);
    if (left > 0) {
      String digits = cup.substring(cup.length() - left);
      List<Run> runs = new ArrayList<>(runs(cone(pair)));
      runs.add(new Run(left, Part.Kind.BORE, "cup of the same series, " + cup));
      all.add(Spelling.other(pair, "set", cone(pair) + "/" + digits, runs, List.of()));
    }
  }

  /**
   * Digits at the end of a plain cup that its cone does not begin with as well: two, or three where
   * the third differs too; 0 where more than that differs or letters stand there.
   */
  private static int differs(String cone, String cup) {
    if (cup.length() < LEAST_PLAIN || !cup.matches("\\d+") || cone.length() < cup.length()) {
      return 0;
    }
    for (int left = PART_DIGITS; left <= PART_DIGITS + 1; left++) {
      int same = cup.length() - left;
      if (cone.startsWith(cup.substring(0, same))) {
        return left;
      }
    }
    return 0;
  }

  private static String cone(Bearing pair) {
    return pair.designation().substring(0, pair.designation().indexOf('/'));
  }

  private static String cup(Bearing pair) {
    return pair.designation().substring(pair.designation().indexOf('/') + 1);
  }

  private boolean isFirst(Bearing pair, boolean byCone) {
    return pairs.stream()
        .filter(p -> byCone ? cone(p).equals(cone(pair)) : cup(p).equals(cup(pair)))
        .findFirst()
        .orElseThrow()
        .equals(pair);
  }

  /** What must be read on the other ring, since one number alone does not fix the bearing. */
  private List<String> partners(Bearing pair, boolean ofCone) {
    String others =
        pairs.stream()
            .filter(p -> ofCone ? cone(p).equals(cone(pair)) : cup(p).equals(cup(pair)))
            .map(p -> ofCone ? cup(p) : cone(p))
            .collect(Collectors.joining(", "));
    return List.of(
        ofCone
            ? "A cone alone: read its cup too. Cups that go with it here: " + others + "."
            : "A cup alone: read its cone too, the cone gives the bore. Cones that go with it here: "
                + others
                + ".");
  }

  private static List<Run> runs(String... numbers) {
    List<Run> runs = new ArrayList<>();
    for (String number : numbers) {
      InchTaperNumber.parse(number)
          .ifPresentOrElse(
              n -> decoded(number, n, runs),
              () ->
                  runs.add(
                      new Run(
                          number.length(), Part.Kind.SERIES, "plain number, known by table only")));
    }
    return runs;
  }

  private static void decoded(String number, InchTaperNumber n, List<Run> runs) {
    runs.add(new Run(n.prefix().length(), Part.Kind.PREFIX, n.prefixMeaning()));
    runs.add(new Run(1, Part.Kind.SERIES, n.angleMeaning()));
    runs.add(new Run(n.series().length(), Part.Kind.SERIES, "series"));
    int rest = number.length() - n.prefix().length() - 1 - n.series().length();
    String part = n.isInnerPart() ? "inner part: cone " : "outer part: cup ";
    runs.add(new Run(rest, Part.Kind.BORE, part + number));
  }
}
