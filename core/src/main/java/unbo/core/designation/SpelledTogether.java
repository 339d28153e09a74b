package unbo.core.designation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import unbo.core.catalogue.Family;
import unbo.core.designation.SuffixRun.Piece;

/**
 * One piece of a marking as several spellings in a row: all of it, or a class, a clearance or what
 * closes both sides at its head with a maker's code glued behind, such as {@code C3GJN} and {@code
 * 2RSMT33}.
 */
final class SpelledTogether {

  private static final int MOST_WAYS = 8;
  private static final int MOST_PIECES = 5;

  private final SuffixIndex suffixes;
  private final Family family;
  private final Token token;
  private final boolean miniature;
  private final List<List<Suffix>> wholes = new ArrayList<>();
  private final List<List<Suffix>> heads = new ArrayList<>();

  private SpelledTogether(SuffixIndex suffixes, Family family, Token token, boolean miniature) {
    this.suffixes = suffixes;
    this.family = family;
    this.token = token;
    this.miniature = miniature;
  }

  /** All ways to take a piece; none where it is no row of spellings. */
  static List<SuffixRun> of(SuffixIndex suffixes, Family family, Token token, boolean miniature) {
    SpelledTogether spelled = new SpelledTogether(suffixes, family, token, miniature);
    spelled.spell(0, new ArrayList<>());
    List<SuffixRun> whole = spelled.whole();
    return whole.isEmpty() ? spelled.coded() : whole;
  }

  /** All rows of spellings that fill the text, and those that end in a class or a clearance. */
  private void spell(int at, List<Suffix> before) {
    if (at == token.length()) {
      wholes.add(List.copyOf(before));
      return;
    }
    if (!before.isEmpty() && isHead(before.get(before.size() - 1))) {
      heads.add(List.copyOf(before));
    }
    if (before.size() == MOST_PIECES) {
      return;
    }
    for (Suffix suffix : suffixes.startingWith(token.text().charAt(at))) {
      if (token.text().startsWith(suffix.spelling(), at)) {
        before.add(suffix);
        spell(at + suffix.spelling().length(), before);
        before.remove(before.size() - 1);
      }
    }
  }

  /** What a maker's code may be glued to. */
  private static boolean isHead(Suffix last) {
    return last.isClassOrClearance() || last.isClosureOfBoth();
  }

  private boolean isAllowed(List<Suffix> run) {
    return SuffixGrammar.allows(run, family, token.isDetached())
        && (miniature || run.stream().noneMatch(Suffix::isForMiniatures));
  }

  /** Those of the fewest pieces. */
  private List<SuffixRun> whole() {
    if (wholes.isEmpty()) {
      return List.of();
    }
    List<List<Suffix>> allowed = wholes.stream().filter(this::isAllowed).toList();
    int fewest = allowed.stream().mapToInt(List::size).min().orElse(0);
    return allowed.stream()
        .filter(run -> run.size() == fewest)
        .limit(MOST_WAYS)
        .map(run -> new SuffixRun(pieces(run)))
        .toList();
  }

  private List<SuffixRun> coded() {
    if (heads.isEmpty()) {
      return List.of();
    }
    return heads.stream()
        .filter(this::isAllowed)
        .filter(run -> !token.isDetached() || mayStandFree(last(run)))
        .max(Comparator.comparingInt(SpelledTogether::length))
        .flatMap(this::withCode)
        .stream()
        .toList();
  }

  private static Suffix last(List<Suffix> run) {
    return run.get(run.size() - 1);
  }

  private Optional<SuffixRun> withCode(List<Suffix> run) {
    int length = length(run);
    String code = token.text().substring(length);
    Optional<TokenShape> shape =
        last(run).isClosureOfBoth()
            ? TokenShape.find(TokenShape.Place.CLOSED, code)
            : TokenShape.find(TokenShape.Place.TAIL, code)
                .or(() -> Optional.of(TokenShape.unread()));
    return shape.map(
        s -> {
          List<Piece> pieces = new ArrayList<>(pieces(run));
          pieces.add(Piece.shaped(token.from() + length, token.to(), s));
          return new SuffixRun(pieces);
        });
  }

  /**
   * Behind a gap, letters alone may be a maker's name that begins like a clearance; behind a
   * closure the shape of the code tells.
   */
  private static boolean mayStandFree(Suffix last) {
    return last.isClosureOfBoth() || last.spelling().chars().anyMatch(Character::isDigit);
  }

  private static int length(List<Suffix> run) {
    return run.stream().mapToInt(s -> s.spelling().length()).sum();
  }

  private List<Piece> pieces(List<Suffix> run) {
    List<Piece> pieces = new ArrayList<>();
    int at = token.from();
    for (Suffix suffix : run) {
      pieces.add(Piece.known(at, suffix));
      at += suffix.spelling().length();
    }
    return pieces;
  }
}
