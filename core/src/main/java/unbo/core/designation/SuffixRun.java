package unbo.core.designation;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import unbo.core.catalogue.Bearing;

/**
 * One way to take the characters before or behind a number: piece by piece, each with what it was
 * taken for.
 */
record SuffixRun(List<Piece> pieces) {

  /** What a piece was taken for. */
  enum Kind {
    /** A spelling of the tables. */
    KNOWN,
    /** A grease or variant code: explained as one, whatever it says. */
    CODE,
    /** A count, a word of the box. */
    PLAIN,
    /** Not read, but by its look no letter that closes the bearing. */
    WORD,
    /** Not read: it may be a bore in inches. */
    FRACTION,
    /** Not read: it may be another bore, in millimetres or sixteenths of an inch. */
    SIZE,
    /** Not read: it may say anything. */
    UNREAD
  }

  /**
   * A stretch of the marking.
   *
   * @param suffix the suffix that it spells; null unless it is known
   * @param weight what it leaves of the confidence
   */
  record Piece(int from, int to, Kind kind, Suffix suffix, double weight, String meaning) {

    static Piece known(int from, Suffix suffix) {
      return new Piece(
          from,
          from + suffix.spelling().length(),
          Kind.KNOWN,
          suffix,
          suffix.weight(),
          suffix.meaning());
    }

    static Piece shaped(int from, int to, TokenShape shape) {
      return new Piece(from, to, shape.kind(), null, shape.weight(), shape.meaning());
    }

    /** Whether it may say that the bore is another one. */
    boolean isPerhapsBore() {
      return kind == Kind.FRACTION || kind == Kind.SIZE;
    }

    private Piece asOwnSize(Bearing bearing, Marking marking) {
      return isPerhapsBore()
          ? MarkedSize.of(marking, from, to)
              .flatMap(size -> size.ownSizeOf(bearing))
              .or(() -> MarkedSize.ownSizesOf(bearing, marking.characters().substring(from, to)))
              .map(own -> new Piece(from, to, Kind.PLAIN, null, 1, own))
              .orElse(this)
          : this;
    }

    boolean isUnread() {
      return switch (kind) {
        case WORD, FRACTION, SIZE, UNREAD -> true;
        default -> false;
      };
    }
  }

  static final SuffixRun NOTHING = new SuffixRun(List.of());

  /** The one way to take what is not there. */
  static final List<SuffixRun> NOTHING_ALONE = List.of(NOTHING);

  SuffixRun {
    pieces = List.copyOf(pieces);
  }

  double weight() {
    double weight = 1;
    for (Piece piece : pieces) {
      weight *= piece.weight;
    }
    return weight;
  }

  boolean hasUnread() {
    for (Piece piece : pieces) {
      if (piece.isUnread()) {
        return true;
      }
    }
    return false;
  }

  boolean saysEachThingOnce() {
    return SuffixGrammar.saysEachThingOnce(
        pieces.stream().map(Piece::suffix).filter(Objects::nonNull).toList());
  }

  /** The same where the number takes a fraction or a size in it for its bore. */
  SuffixRun withBoreIn() {
    return new SuffixRun(pieces.stream().map(SuffixRun::asBore).toList());
  }

  /** The same where a size in it is one of the bearing’s own. */
  SuffixRun withOwnSizesOf(Bearing bearing, Marking marking) {
    return isPerhapsBore()
        ? new SuffixRun(pieces.stream().map(p -> p.asOwnSize(bearing, marking)).toList())
        : this;
  }

  private boolean isPerhapsBore() {
    for (Piece piece : pieces) {
      if (piece.isPerhapsBore()) {
        return true;
      }
    }
    return false;
  }

  private static Piece asBore(Piece piece) {
    return piece.isPerhapsBore()
        ? new Piece(piece.from, piece.to, Kind.PLAIN, null, 1, "the bore in inches")
        : piece;
  }

  SuffixRun and(SuffixRun behind) {
    if (pieces.isEmpty()) {
      return behind;
    }
    List<Piece> all = new ArrayList<>(pieces);
    all.addAll(behind.pieces);
    return new SuffixRun(all);
  }
}
