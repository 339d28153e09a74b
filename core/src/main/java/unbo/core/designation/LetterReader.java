package unbo.core.designation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import unbo.core.catalogue.Family;
import unbo.core.designation.SuffixRun.Piece;

/**
 * Reads the letters around a number of one family. What stands between two separators is explained
 * whole (one spelling, several that may stand together, a clearance or class with a maker's code
 * behind it, a code by its shape, a word of the box) or left unread as a whole; never letter by
 * letter.
 */
final class LetterReader {

  /** {@code ABEC 9}. */
  private static final int LONGEST_PARTED = 5;

  /** Words of rings, boxes and labels before a number of their own; common trade usage. */
  private static final Set<String> LABELS =
      Set.of(
          "LOT", "BATCH", "CHARGE", "DATE", "PAT", "PATENT", "EAN", "GTIN", "SERIAL", "SN", "ORDER",
          "ART", "QTY", "NO", "NR");

  private static final int MOST = 8;
  private static final int MOST_PIECES = 5;

  /** Miniature bearings have clearance codes of their own, MC1 to MC6 (common trade usage). */
  private static final double LEAST_BORE_OF_THE_PLAN_MM = 10;

  private final Family family;
  private final SuffixIndex prefixes;
  private final SuffixIndex suffixes;

  private LetterReader(Family family, List<Suffix> prefixes, List<Suffix> suffixes) {
    this.family = family;
    this.prefixes = SuffixIndex.of(prefixes);
    this.suffixes = SuffixIndex.of(suffixes);
  }

  /** The letters of a family. */
  static LetterReader of(DesignationFamily family) {
    Family of = family.family();
    return new LetterReader(
        of,
        Stream.of(Suffix.Place.PREFIX, Suffix.Place.GLUED_PREFIX)
            .flatMap(place -> Suffix.of(place, of).stream())
            .toList(),
        Suffix.of(Suffix.Place.SUFFIX, of).stream().filter(family::has).toList());
  }

  /** Whether the clearance codes of miniature bearings are meant. */
  static boolean isMiniature(double boreMm) {
    return boreMm < LEAST_BORE_OF_THE_PLAN_MM;
  }

  /** Every way to take what stands behind a number that ends before a character. */
  List<SuffixRun> behind(Marking marking, int end, boolean miniature) {
    List<SuffixRun> all = List.of(SuffixRun.NOTHING);
    if (end == marking.length()) {
      return all;
    }
    for (Token token : joined(marking, marking.tokensFrom(end))) {
      List<SuffixRun> next = behind(marking, token, miniature);
      all = product(all, isClassed(all) && isLoneDesign(next) ? List.of(lone(token)) : next);
    }
    return all;
  }

  private static boolean isClassed(List<SuffixRun> runs) {
    return anySays(runs, LetterReader::isClassOrClearance);
  }

  /** A design stands before class and clearance: a letter behind them is its maker’s own. */
  private static boolean isLoneDesign(List<SuffixRun> runs) {
    return anySays(runs, s -> s.spelling().length() == 1 && s.value().equals("design"));
  }

  private static boolean anySays(List<SuffixRun> runs, Predicate<Suffix> what) {
    for (SuffixRun run : runs) {
      for (Piece piece : run.pieces()) {
        if (piece.suffix() != null && what.test(piece.suffix())) {
          return true;
        }
      }
    }
    return false;
  }

  private static SuffixRun lone(Token token) {
    return new SuffixRun(List.of(unread(token)));
  }

  /** What stands before a number that begins at a character; one way, since prefixes are few. */
  SuffixRun before(Marking marking, int from) {
    if (from == 0) {
      return SuffixRun.NOTHING;
    }
    List<Piece> pieces = new ArrayList<>();
    List<Token> tokens = marking.tokensBefore(from);
    for (int i = 0; i < tokens.size(); i++) {
      boolean two =
          i + 1 < tokens.size()
              && (isCount(marking, tokens.get(i), tokens.get(i + 1))
                  || isLabelled(marking, tokens.get(i), tokens.get(i + 1)));
      Token token = two ? tokens.get(i).with(tokens.get(++i)) : tokens.get(i);
      pieces.add(before(marking, token, token.to() == from));
    }
    return new SuffixRun(pieces);
  }

  /** {@code 2 x}. */
  private static boolean isCount(Marking marking, Token token, Token next) {
    return token.isDigits() && next.text().equals("X");
  }

  /** {@code LOT 240317}: a number that says itself that it is not the bearing's. */
  private static boolean isLabelled(Marking marking, Token token, Token next) {
    return LABELS.contains(token.text()) && next.isDigits();
  }

  /** {@code x 2}. */
  private static boolean isTimes(Marking marking, Token token, Token next) {
    return token.separator() != 0 && token.text().equals("X") && next.isDigits();
  }

  /** {@code 5/8}, {@code 10/23}, {@code 12.7}: digits, a sign, digits, parted from the number. */
  private static boolean isJoinedBy(char sign, Marking marking, Token token, Token next) {
    int most = sign == '/' ? 4 : 3;
    return token.separator() != 0
        && token.separator() != sign
        && next.separator() == sign
        && token.isDigits()
        && next.isDigits()
        && token.to() - token.from() <= 2
        && next.to() - next.from() <= most;
  }

  private Piece before(Marking marking, Token token, boolean adjacent) {
    String text = token.text();
    boolean glued = adjacent && marking.separatorBefore(token.to()) == 0;
    if (adjacent) {
      for (Suffix prefix : prefixes.startingWith(text.charAt(0))) {
        if (prefix.spelling().equals(text) && (glued || prefix.place() == Suffix.Place.PREFIX)) {
          return Piece.known(token.from(), prefix);
        }
      }
    }
    if (adjacent && !glued && text.length() == 1) {
      String behind = marking.tokensFrom(token.to()).get(0).text();
      if (OtherProduct.named(text, behind).isPresent()) {
        return shaped(marking, token, TokenShape.Place.KIND, text);
      }
    }
    TokenShape.Place place = glued ? TokenShape.Place.GLUED : TokenShape.Place.BEFORE;
    return shaped(marking, token, place, text);
  }

  /** {@code 2 RS}, {@code C 3}, {@code ABEC 5}: parted on the ring, one thing in the tables. */
  private List<Token> joined(Marking marking, List<Token> tokens) {
    List<Token> all = new ArrayList<>();
    for (int i = 0; i < tokens.size(); i++) {
      boolean joins =
          i + 1 < tokens.size()
              && (joins(marking, tokens.get(i), tokens.get(i + 1))
                  || isJoinedBy('/', marking, tokens.get(i), tokens.get(i + 1))
                  || isJoinedBy('.', marking, tokens.get(i), tokens.get(i + 1))
                  || isTimes(marking, tokens.get(i), tokens.get(i + 1))
                  || isLabelled(marking, tokens.get(i), tokens.get(i + 1)));
      Token token = joins ? tokens.get(i).with(tokens.get(++i)) : tokens.get(i);
      boolean measured = i + 1 < tokens.size() && isMeasured(token, tokens, i + 1);
      all.add(measured ? token.with(tokens.get(++i)) : token);
    }
    return all;
  }

  /** {@code 25 mm}. */
  private static boolean isMeasured(Token token, List<Token> tokens, int unit) {
    return token.separator() != 0
        && token.isDigits()
        && MarkedSize.isUnit(tokens.get(unit).text(), unit == tokens.size() - 1);
  }

  private boolean joins(Marking marking, Token token, Token next) {
    if (token.separator() == 0) {
      return false;
    }
    int length = next.to() - token.from();
    if (length > LONGEST_PARTED) {
      return false;
    }
    List<Suffix> alone = exact(token.text());
    boolean whole =
        !alone.isEmpty()
            && (token.to() - token.from() > 1
                || alone.stream().anyMatch(s -> s.kind() == Suffix.Kind.ANGLE));
    return !whole && exact(token.with(next).text()).stream().anyMatch(LetterReader::isParted);
  }

  private static boolean isParted(Suffix suffix) {
    return suffix.kind() != Suffix.Kind.OTHER
        && suffix.kind() != Suffix.Kind.CAGE
        && !suffix.isForMiniatures();
  }

  private List<Suffix> exact(String text) {
    List<Suffix> found = new ArrayList<>();
    for (Suffix suffix : suffixes.startingWith(text.charAt(0))) {
      if (suffix.spelling().equals(text)) {
        found.add(suffix);
      }
    }
    return found;
  }

  private List<SuffixRun> behind(Marking marking, Token token, boolean miniature) {
    String text = token.text();
    List<SuffixRun> known = new ArrayList<>();
    for (Suffix suffix : exact(text)) {
      if (miniature || !suffix.isForMiniatures()) {
        known.add(new SuffixRun(List.of(Piece.known(token.from(), suffix))));
      }
    }
    if (!known.isEmpty()) {
      return known;
    }
    List<List<Suffix>> wholes = new ArrayList<>();
    List<List<Suffix>> heads = new ArrayList<>();
    spell(text, 0, new ArrayList<>(), wholes, heads);
    List<SuffixRun> together = together(wholes, token, miniature);
    if (!together.isEmpty()) {
      return together;
    }
    List<SuffixRun> coded = coded(heads, token, text, miniature);
    return coded.isEmpty() ? List.of(new SuffixRun(List.of(shaped(marking, token, text)))) : coded;
  }

  /** All rows of spellings that fill a text, and those that end in a class or a clearance. */
  private void spell(
      String text,
      int at,
      List<Suffix> before,
      List<List<Suffix>> wholes,
      List<List<Suffix>> heads) {
    if (at == text.length()) {
      wholes.add(List.copyOf(before));
      return;
    }
    if (!before.isEmpty() && isClassOrClearance(before.get(before.size() - 1))) {
      heads.add(List.copyOf(before));
    }
    if (before.size() == MOST_PIECES) {
      return;
    }
    for (Suffix suffix : suffixes.startingWith(text.charAt(at))) {
      if (text.startsWith(suffix.spelling(), at)) {
        before.add(suffix);
        spell(text, at + suffix.spelling().length(), before, wholes, heads);
        before.remove(before.size() - 1);
      }
    }
  }

  private static boolean isClassOrClearance(Suffix suffix) {
    return switch (suffix.kind()) {
      case TOLERANCE, CLEARANCE, TOLERANCE_AND_CLEARANCE -> true;
      default -> false;
    };
  }

  private boolean allows(List<Suffix> run, Token token, boolean miniature) {
    return SuffixGrammar.allows(run, family, token.isDetached())
        && (miniature || run.stream().noneMatch(Suffix::isForMiniatures));
  }

  private List<SuffixRun> together(List<List<Suffix>> wholes, Token token, boolean miniature) {
    if (wholes.isEmpty()) {
      return List.of();
    }
    List<List<Suffix>> allowed =
        wholes.stream().filter(run -> allows(run, token, miniature)).toList();
    int fewest = allowed.stream().mapToInt(List::size).min().orElse(0);
    return allowed.stream()
        .filter(run -> run.size() == fewest)
        .limit(MOST)
        .map(run -> new SuffixRun(pieces(token, run)))
        .toList();
  }

  /** A clearance or a class with a maker's code glued behind it, such as {@code C3GJN}. */
  private List<SuffixRun> coded(
      List<List<Suffix>> heads, Token token, String text, boolean miniature) {
    if (heads.isEmpty()) {
      return List.of();
    }
    return heads.stream()
        .filter(run -> allows(run, token, miniature))
        .filter(run -> !token.isDetached() || hasDigit(run))
        .max(Comparator.comparingInt(LetterReader::length))
        .map(run -> withCode(run, token, text))
        .stream()
        .toList();
  }

  private static SuffixRun withCode(List<Suffix> run, Token token, String text) {
    int from = token.from() + length(run);
    List<Piece> pieces = new ArrayList<>(pieces(token, run));
    String rest = text.substring(length(run));
    TokenShape shape = TokenShape.find(TokenShape.Place.TAIL, rest).orElseGet(TokenShape::unread);
    pieces.add(Piece.shaped(from, token.to(), shape));
    return new SuffixRun(pieces);
  }

  /** Behind a gap, letters alone may be a maker's name that begins like a clearance. */
  private static boolean hasDigit(List<Suffix> run) {
    return run.get(run.size() - 1).spelling().chars().anyMatch(Character::isDigit);
  }

  private static int length(List<Suffix> run) {
    return run.stream().mapToInt(s -> s.spelling().length()).sum();
  }

  private static List<Piece> pieces(Token token, List<Suffix> run) {
    List<Piece> pieces = new ArrayList<>();
    int at = token.from();
    for (Suffix suffix : run) {
      pieces.add(Piece.known(at, suffix));
      at += suffix.spelling().length();
    }
    return pieces;
  }

  /** A word must stand free; what is glued or hyphened on may be anything. */
  private static Piece shaped(Marking marking, Token token, String text) {
    if (token.separator() == 0) {
      return shaped(marking, token, TokenShape.Place.GLUED_BEHIND, text);
    }
    if (Character.isDigit(text.charAt(0))
        && MarkedSize.of(marking, token.from(), token.to()).filter(MarkedSize::hasUnit).isPresent()
        && isSure(marking, token)) {
      return shaped(marking, token, TokenShape.Place.MEASURE, text);
    }
    if (token.isDigits()) {
      return digits(marking, token, text);
    }
    if (token.separator() == '/') {
      return marking
          .shapes()
          .find(TokenShape.Place.SLASH, text)
          .map(s -> Piece.shaped(token.from(), token.to(), s))
          .orElseGet(() -> unread(token));
    }
    TokenShape shape = marking.shapes().of(TokenShape.Place.BEHIND, text);
    boolean word = shape.kind() == SuffixRun.Kind.WORD && !Character.isDigit(text.charAt(0));
    return token.isDetached() || !word
        ? Piece.shaped(token.from(), token.to(), shape)
        : unread(token);
  }

  /** A fraction alone may be a date; its own rows say so. */
  private static boolean isSure(Marking marking, Token token) {
    return !token.isDigits() || marking.hasInchSignBehind(token.to());
  }

  private static Piece shaped(Marking marking, Token token, TokenShape.Place place, String text) {
    return Piece.shaped(token.from(), token.to(), marking.shapes().of(place, text));
  }

  /** What digits may be is told by the sign inside them, or before them. */
  private static Piece digits(Marking marking, Token token, String text) {
    int inside = signInside(marking, token);
    if (inside > 0) {
      char sign = marking.separatorBefore(inside);
      int at = inside - token.from();
      String spelled = text.substring(0, at) + sign + text.substring(at);
      return shaped(
          marking,
          token,
          sign == '/' ? TokenShape.Place.FRACTION : TokenShape.Place.DECIMAL,
          spelled);
    }
    return switch (token.separator()) {
      case '.' -> shaped(marking, token, TokenShape.Place.POINT, text);
      case '/' -> shaped(marking, token, TokenShape.Place.SLASH, text);
      case '-' -> shaped(marking, token, TokenShape.Place.DASH, text);
      default -> shaped(marking, token, TokenShape.Place.BEHIND, text);
    };
  }

  /** Where a stroke or a point stands inside a piece that was joined; 0 for none. */
  private static int signInside(Marking marking, Token token) {
    for (int i = token.from() + 1; i < token.to(); i++) {
      if (marking.separatorBefore(i) != 0) {
        return i;
      }
    }
    return 0;
  }

  private static Piece unread(Token token) {
    return Piece.shaped(token.from(), token.to(), TokenShape.unread());
  }

  /** Every way with every next one; a letter with two meanings has the one that is not yet said. */
  private static List<SuffixRun> product(List<SuffixRun> all, List<SuffixRun> next) {
    List<SuffixRun> longer = new ArrayList<>();
    for (SuffixRun run : all) {
      for (SuffixRun more : next) {
        if (longer.size() < MOST) {
          longer.add(run.and(more));
        }
      }
    }
    if (longer.size() == 1) {
      return longer;
    }
    List<SuffixRun> once = longer.stream().filter(SuffixRun::saysEachThingOnce).toList();
    return once.isEmpty() ? longer : once;
  }
}
