package unbo.core.designation;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.BiPredicate;

/** Pieces of a marking that are parted on the ring and one thing to a mechanic. */
final class JoinedTokens {

  /** {@code ABEC 9}. */
  private static final int LONGEST_PARTED = 5;

  private static final int LONGEST_WHOLE = 2;
  private static final int LONGEST_BEHIND_STROKE = 4;
  private static final int LONGEST_BEHIND_POINT = 3;

  /** Words of rings, boxes and labels before a number of their own; common trade usage. */
  private static final Set<String> LABELS =
      Set.of(
          "LOT", "BATCH", "CHARGE", "DATE", "PAT", "PATENT", "EAN", "GTIN", "SERIAL", "SN", "ORDER",
          "ART", "QTY", "NO", "NR", "DIN");

  private static final Set<String> PIECES = Set.of("PCS", "PC");

  private JoinedTokens() {}

  /** Before a number: {@code 2 x}, {@code LOT 240317}, {@code 25 mm}. */
  static List<Token> before(List<Token> tokens) {
    return paired(
        tokens,
        (token, next) ->
            isCount(token, next) || isLabelled(token, next) || isMeasured(token, next, false));
  }

  /** Behind a number: {@code 2 RS}, {@code C 3}, {@code ABEC 5}, {@code 5/8}, {@code x 2}. */
  static List<Token> behind(List<Token> tokens, SuffixIndex suffixes) {
    return measured(
        paired(
            tokens,
            (token, next) ->
                isSpelled(token, next, suffixes)
                    || isJoinedBy('/', token, next)
                    || isJoinedBy('.', token, next)
                    || isTimes(token, next)
                    || isPieces(token, next)
                    || isLabelled(token, next)));
  }

  private static List<Token> paired(List<Token> tokens, BiPredicate<Token, Token> isOne) {
    List<Token> all = new ArrayList<>();
    for (int i = 0; i < tokens.size(); i++) {
      boolean joins = i + 1 < tokens.size() && isOne.test(tokens.get(i), tokens.get(i + 1));
      all.add(joins ? tokens.get(i).with(tokens.get(++i)) : tokens.get(i));
    }
    return all;
  }

  /** {@code 25 mm}, {@code 20x47x14 mm}. */
  private static List<Token> measured(List<Token> tokens) {
    return paired(
        tokens,
        (token, unit) ->
            token.separator() != 0
                && isMeasured(token, unit, unit == tokens.get(tokens.size() - 1)));
  }

  private static boolean isMeasured(Token token, Token unit, boolean last) {
    return (token.isDigits() || MarkedSize.isRow(token.text()))
        && MarkedSize.isUnit(unit.text(), last);
  }

  private static boolean isCount(Token token, Token next) {
    return token.isDigits() && next.text().equals("X");
  }

  /** A number that says itself that it is not the bearing's. */
  private static boolean isLabelled(Token token, Token next) {
    return LABELS.contains(token.text()) && next.isDigits();
  }

  private static boolean isTimes(Token token, Token next) {
    return token.separator() != 0 && token.text().equals("X") && next.isDigits();
  }

  /** {@code 2 pcs}. */
  private static boolean isPieces(Token token, Token next) {
    return token.separator() != 0 && token.isDigits() && PIECES.contains(next.text());
  }

  /** {@code 5/8}, {@code 10/23}, {@code 12.7}: digits, a sign, digits, parted from the number. */
  private static boolean isJoinedBy(char sign, Token token, Token next) {
    int most = sign == '/' ? LONGEST_BEHIND_STROKE : LONGEST_BEHIND_POINT;
    return token.separator() != 0
        && token.separator() != sign
        && next.separator() == sign
        && token.isDigits()
        && next.isDigits()
        && token.length() <= LONGEST_WHOLE
        && next.length() <= most;
  }

  /** One spelling of the tables with a gap in it; what is a word of its own stays alone. */
  private static boolean isSpelled(Token token, Token next, SuffixIndex suffixes) {
    if (token.separator() == 0 || next.to() - token.from() > LONGEST_PARTED) {
      return false;
    }
    List<Suffix> alone = suffixes.spelled(token.text());
    boolean whole =
        !alone.isEmpty()
            && (token.length() > 1 || alone.stream().anyMatch(s -> s.kind() == Suffix.Kind.ANGLE));
    return !whole
        && suffixes.spelled(token.text() + next.text()).stream().anyMatch(JoinedTokens::isParted);
  }

  private static boolean isParted(Suffix suffix) {
    return suffix.kind() != Suffix.Kind.OTHER
        && suffix.kind() != Suffix.Kind.CAGE
        && !suffix.isForMiniatures();
  }
}
