package unbo.core.designation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.catalogue.InchTaperNumber;
import unbo.core.designation.Spelling.Run;

/**
 * Tapered roller bearings in inch sizes: a cone number, a cup number, or both with a slash, the cup
 * also cut down to its digits or those that differ ({@code LM67048/67010}, {@code LM67048/10},
 * {@code 25580/20}), and in doubt the digits of both alone ({@code 67048/10}). Decoded numbers say
 * what each run means; plain ones go by the table.
 */
final class InchTaperFamily implements DesignationFamily {

  private static final int PART_DIGITS = 2;

  /** Shorter plain numbers are not cut down. */
  private static final int LEAST_PLAIN = 5;

  private static final double SHORT_AND_PLAIN = 0.45;

  /** Another duty class may have the same digits: our own. */
  private static final double WITHOUT_LETTERS = 0.6;

  /** {@code cup … and cone …}: no more words than these stand between the two of one pair. */
  private static final int LEAST_BETWEEN = 2;

  private static final int MOST_BETWEEN = 3;

  private static final Pattern LETTERS = Pattern.compile("^[A-Z]+");

  private final List<Bearing> pairs =
      Catalogue.standard().of(Family.TAPERED_ROLLER).stream().filter(Bearing::isInch).toList();

  /** The pairs of each cone and each cup. */
  private final Map<String, List<Bearing>> byNumber = new HashMap<>();

  InchTaperFamily() {
    for (Bearing pair : pairs) {
      for (String number : List.of(cone(pair), cup(pair))) {
        byNumber.computeIfAbsent(number, n -> new ArrayList<>()).add(pair);
      }
    }
  }

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
      all.add(
          Spelling.other(
              pair, "set", cup(pair) + "/" + cone(pair), runs(cup(pair), cone(pair)), List.of()));
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

  @Override
  public boolean decodes() {
    return true;
  }

  /** {@code cup L44610 cone L44649}: both numbers of a pair with words between them. */
  @Override
  public List<Spelling> decoded(Marking marking, int from) {
    List<Token> tokens = marking.tokensFrom(from);
    if (tokens.size() <= LEAST_BETWEEN || !byNumber.containsKey(tokens.get(0).text())) {
      return List.of();
    }
    int end = LEAST_BETWEEN;
    while (end < tokens.size() && end <= MOST_BETWEEN && !tokens.get(end).hasDigit()) {
      end++;
    }
    return end < tokens.size() && tokens.subList(1, end).stream().noneMatch(Token::hasDigit)
        ? apart(tokens.subList(0, end + 1)).stream().toList()
        : List.of();
  }

  private Optional<Spelling> apart(List<Token> tokens) {
    String first = tokens.get(0).text();
    String last = tokens.get(tokens.size() - 1).text();
    return byNumber.get(first).stream()
        .filter(p -> byNumber.getOrDefault(last, List.of()).contains(p) && !first.equals(last))
        .findFirst()
        .map(
            pair -> {
              List<Run> runs = new ArrayList<>(runs(first));
              List<Token> between = tokens.subList(1, tokens.size() - 1);
              between.forEach(w -> runs.add(new Run(w.length(), Part.Kind.SUFFIX, "a word")));
              runs.addAll(runs(last));
              String text = tokens.stream().map(Token::text).collect(Collectors.joining(" "));
              return Spelling.other(pair, "set", text, runs, List.of());
            });
  }

  /** A short plain number alone may as well be a year, a price or a part of another number. */
  private static Spelling alone(Bearing pair, String role, String number, List<String> notes) {
    Spelling spelling = Spelling.other(pair, role, number, runs(number), notes);
    return number.matches("\\d{3,4}") ? spelling.weighing(SHORT_AND_PLAIN) : spelling;
  }

  private static void cutDown(Bearing pair, List<Spelling> all) {
    String cup = cup(pair);
    Optional<InchTaperNumber> decoded = InchTaperNumber.parse(cup);
    int left = decoded.isPresent() ? PART_DIGITS : differs(cone(pair), cup);
    if (decoded.isPresent()) {
      all.addAll(withoutLetters(pair));
      lettersOnce(pair, all);
    }
    if (left > 0) {
      String digits = cup.substring(cup.length() - left);
      List<Run> runs = new ArrayList<>(runs(cone(pair)));
      runs.add(new Run(left, Part.Kind.BORE, "cup of the same series, " + cup));
      all.add(Spelling.other(pair, "set", cone(pair) + "/" + digits, runs, List.of()));
    }
  }

  /** {@code L44649/44610}: the cup's digits behind the cone that says its letters, or before it. */
  private static void lettersOnce(Bearing pair, List<Spelling> all) {
    String digits = LETTERS.matcher(cup(pair)).replaceFirst("");
    Run cup =
        new Run(digits.length(), Part.Kind.BORE, "cup " + cup(pair) + ", its letters left out");
    List<Run> behind = new ArrayList<>(runs(cone(pair)));
    behind.add(cup);
    List<Run> before = new ArrayList<>(List.of(cup));
    before.addAll(runs(cone(pair)));
    all.add(Spelling.other(pair, "set", cone(pair) + "/" + digits, behind, List.of()));
    all.add(Spelling.other(pair, "set", digits + "/" + cone(pair), before, List.of()));
  }

  /** {@code 44649/10}, {@code 44649/44610}: both numbers without the letters of their class. */
  private static List<Spelling> withoutLetters(Bearing pair) {
    String cone = LETTERS.matcher(cone(pair)).replaceFirst("");
    String cup = LETTERS.matcher(cup(pair)).replaceFirst("");
    List<String> notes =
        List.of(
            "The letters before the number are not there: read here as "
                + pair.designation()
                + ". Other letters before the same digits make another bearing: look for them on the ring, or measure bore and outside.");
    return Stream.of(cup, cup.substring(cup.length() - PART_DIGITS))
        .map(
            behind ->
                Spelling.other(
                        pair,
                        "set",
                        cone + "/" + behind,
                        List.of(
                            new Run(
                                cone.length(), Part.Kind.SERIES, "digits of cone " + cone(pair)),
                            new Run(behind.length(), Part.Kind.BORE, "digits of cup " + cup(pair))),
                        notes)
                    .weighing(WITHOUT_LETTERS))
        .toList();
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
