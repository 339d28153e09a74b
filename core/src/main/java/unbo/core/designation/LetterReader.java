package unbo.core.designation;

import java.util.ArrayList;
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

  private static final int MOST = 8;
  private static final Set<String> ONE_SIDE = Set.of("RS", "RZ");

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
    List<SuffixRun> all = SuffixRun.NOTHING_ALONE;
    for (Token token : JoinedTokens.behind(marking.tokensFrom(end), suffixes)) {
      List<SuffixRun> next = behind(marking, token, miniature);
      boolean own = anySays(all, Suffix::isClassOrClearance) && isLoneDesign(next);
      all = product(all, own ? only(ShapedPiece.unread(token)) : next);
    }
    return all;
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

  private static List<SuffixRun> only(Piece piece) {
    return List.of(new SuffixRun(List.of(piece)));
  }

  private List<SuffixRun> behind(Marking marking, Token token, boolean miniature) {
    List<SuffixRun> known = new ArrayList<>();
    for (Suffix suffix : suffixes.spelled(token.text())) {
      if (miniature || !suffix.isForMiniatures()) {
        known.addAll(only(Piece.known(token.from(), suffix)));
      }
    }
    if (!known.isEmpty()) {
      return known;
    }
    List<SuffixRun> together = SpelledTogether.of(suffixes, family, token, miniature);
    return together.isEmpty() ? only(shaped(marking, token)) : together;
  }

  /** What has the shape of a code or a word and begins like a closure may be it: left unread. */
  private Piece shaped(Marking marking, Token token) {
    Piece piece = ShapedPiece.behind(marking, token);
    boolean shaped = piece.kind() == SuffixRun.Kind.CODE || piece.kind() == SuffixRun.Kind.WORD;
    return shaped && beginsLikeAClosure(token.text(), piece.kind())
        ? ShapedPiece.unread(token)
        : piece;
  }

  /** Of one side, only those whose letters nothing else begins with; no word begins with them. */
  private boolean beginsLikeAClosure(String text, SuffixRun.Kind kind) {
    for (Suffix suffix : suffixes.startingWith(text.charAt(0))) {
      boolean side = kind == SuffixRun.Kind.CODE && ONE_SIDE.contains(suffix.spelling());
      if ((side || suffix.isClosureOfBoth()) && text.startsWith(suffix.spelling())) {
        return true;
      }
    }
    return false;
  }

  /** What stands before a number that begins at a character; one way, since prefixes are few. */
  SuffixRun before(Marking marking, int from) {
    List<Piece> pieces = new ArrayList<>();
    for (Token token : JoinedTokens.before(marking.tokensBefore(from))) {
      pieces.add(before(marking, token, token.to() == from));
    }
    return new SuffixRun(pieces);
  }

  private Piece before(Marking marking, Token token, boolean adjacent) {
    boolean glued = adjacent && marking.separatorBefore(token.to()) == 0;
    if (adjacent && !glued && isOfOtherProduct(marking, token)) {
      return ShapedPiece.at(TokenShape.Place.KIND, marking, token);
    }
    if (adjacent) {
      for (Suffix prefix : prefixes.spelled(token.text())) {
        if (glued || prefix.place() == Suffix.Place.PREFIX) {
          return Piece.known(token.from(), prefix);
        }
      }
    }
    return glued
        ? ShapedPiece.at(TokenShape.Place.GLUED, marking, token)
        : ShapedPiece.before(marking, token);
  }

  /** A letter that makes another thing of the number behind it: {@code B 42}, {@code H 206}. */
  private static boolean isOfOtherProduct(Marking marking, Token token) {
    return token.length() == 1
        && OtherProduct.named(token.text(), marking.tokensFrom(token.to()).get(0).text())
            .isPresent();
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
