package unbo.core.designation;

import unbo.core.designation.SuffixRun.Piece;

/** A piece of a marking that no table spells: what its shape and its place say, or nothing. */
final class ShapedPiece {

  private ShapedPiece() {}

  static Piece unread(Token token) {
    return Piece.shaped(token.from(), token.to(), TokenShape.unread());
  }

  /** What the shape says at a place. */
  static Piece at(TokenShape.Place place, Marking marking, Token token) {
    return at(place, marking, token, token.text());
  }

  private static Piece at(TokenShape.Place place, Marking marking, Token token, String text) {
    return Piece.shaped(token.from(), token.to(), marking.shapes().of(place, text));
  }

  /** Before a number and parted from it. */
  static Piece before(Marking marking, Token token) {
    return at(
        isMeasure(marking, token) ? TokenShape.Place.MEASURE : TokenShape.Place.BEFORE,
        marking,
        token);
  }

  /** Behind a number. A word must stand free; what is glued or hyphened on may be anything. */
  static Piece behind(Marking marking, Token token) {
    if (token.separator() == 0) {
      return at(TokenShape.Place.GLUED_BEHIND, marking, token);
    }
    if (isMeasure(marking, token)) {
      return at(TokenShape.Place.MEASURE, marking, token);
    }
    if (token.isDigits()) {
      return digits(marking, token);
    }
    return token.separator() == '/' ? behindStroke(marking, token) : word(marking, token);
  }

  private static Piece behindStroke(Marking marking, Token token) {
    return marking
        .shapes()
        .find(TokenShape.Place.SLASH, token.text())
        .map(s -> Piece.shaped(token.from(), token.to(), s))
        .orElseGet(() -> unread(token));
  }

  private static Piece word(Marking marking, Token token) {
    TokenShape shape = marking.shapes().of(TokenShape.Place.BEHIND, token.text());
    boolean word = shape.kind() == SuffixRun.Kind.WORD && !token.hasDigit();
    return token.isDetached() || !word
        ? Piece.shaped(token.from(), token.to(), shape)
        : unread(token);
  }

  /**
   * A size with its unit. A fraction without a sign of inches may be a date; its own rows say so.
   */
  private static boolean isMeasure(Marking marking, Token token) {
    return beginsWithDigit(token)
        && MarkedSize.of(marking, token.from(), token.to()).filter(MarkedSize::hasUnit).isPresent()
        && (!token.isDigits() || marking.hasInchSignBehind(token.to()));
  }

  private static boolean beginsWithDigit(Token token) {
    return Character.isDigit(token.text().charAt(0));
  }

  /** What digits may be is told by the sign inside them, or before them. */
  private static Piece digits(Marking marking, Token token) {
    int inside = signInside(marking, token);
    if (inside > 0) {
      char sign = marking.separatorBefore(inside);
      String spelled =
          new StringBuilder(token.text()).insert(inside - token.from(), sign).toString();
      TokenShape.Place place = sign == '/' ? TokenShape.Place.FRACTION : TokenShape.Place.DECIMAL;
      return at(place, marking, token, spelled);
    }
    TokenShape.Place place =
        switch (token.separator()) {
          case '.' -> TokenShape.Place.POINT;
          case '/' -> TokenShape.Place.SLASH;
          case '-' -> TokenShape.Place.DASH;
          default -> TokenShape.Place.BEHIND;
        };
    return at(place, marking, token);
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
}
