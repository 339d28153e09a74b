package unbo.core.designation;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import unbo.core.catalogue.Family;

/**
 * Which spellings may stand together without a gap. Letters in a row that happen to be suffixes are
 * not a row of suffixes: each thing is said once, in the order of the trade (design and angle;
 * cage, closure, bore; grooves and treatments; class and clearance), and single letters run
 * together only where that is usual. The order is common trade usage, the limits are ours.
 */
final class SuffixGrammar {

  private static final int MOST_SINGLES = 2;
  private static final int MOST_SINGLES_ANGULAR = 3;

  /** Closures that a groove is written to, common trade usage. */
  private static final Set<String> SIDES = Set.of("Z", "ZZ", "RS", "RZ");

  private SuffixGrammar() {}

  /**
   * Whether several spellings may be one piece.
   *
   * @param detached whether a gap stands before the piece, as before a maker's name
   */
  static boolean allows(List<Suffix> run, Family family, boolean detached) {
    int singles = (int) run.stream().filter(s -> s.spelling().length() == 1).count();
    boolean lettered = family == Family.ANGULAR_CONTACT_BALL || family == Family.CYLINDRICAL_ROLLER;
    int most = lettered ? MOST_SINGLES_ANGULAR : MOST_SINGLES;
    return singles <= most
        && (!detached || mayStandFree(run, singles, lettered))
        && saysEachThingOnce(run)
        && isInOrder(run);
  }

  /**
   * Behind a gap, a run of letters may be a name: it is a row of suffixes only where that is usual.
   */
  private static boolean mayStandFree(List<Suffix> run, int singles, boolean lettered) {
    boolean digits = run.stream().anyMatch(s -> s.spelling().chars().anyMatch(Character::isDigit));
    boolean plain = singles == 0 || singles == 1 && rank(run.get(0)) == 0;
    return plain && digits
        || startsLikeADesign(run, lettered)
        || isDesignAndBore(run)
        || isSideAndGroove(run)
        || isSideAndClearance(run);
  }

  /** {@code 6205 ZZCM}: shields and a clearance. */
  private static boolean isSideAndClearance(List<Suffix> run) {
    return run.size() == 2
        && run.get(0).kind() == Suffix.Kind.CLOSURE
        && run.get(0).spelling().length() > 1
        && run.get(1).kind() == Suffix.Kind.CLEARANCE;
  }

  /**
   * {@code 7205 BEP}, {@code NU205 ECP}, {@code 32008 XA} and {@code 32306 BJ} are written with a
   * gap.
   */
  private static boolean startsLikeADesign(List<Suffix> run, boolean lettered) {
    return lettered && rank(run.get(0)) == 0
        || List.of("iso-plan", "steep").contains(run.get(0).value());
  }

  /** {@code 22208 EK}, {@code 1205 EKTN9}: a design and the tapered bore, and what follows. */
  private static boolean isDesignAndBore(List<Suffix> run) {
    return run.size() > 1
        && run.get(0).value().equals("design")
        && run.get(1).value().equals("bore");
  }

  /** {@code 6205 ZNR}, {@code 6205 RSNR}; other letters before a groove may begin a name. */
  private static boolean isSideAndGroove(List<Suffix> run) {
    String side = run.get(0).spelling();
    return run.size() == 2
        && run.get(0).kind() == Suffix.Kind.CLOSURE
        && (SIDES.contains(side) || Character.isDigit(side.charAt(0)))
        && List.of("groove", "snap-ring").contains(run.get(1).value());
  }

  static boolean saysEachThingOnce(List<Suffix> run) {
    Set<Suffix.Kind> said = EnumSet.noneOf(Suffix.Kind.class);
    for (Suffix suffix : run) {
      for (Suffix.Kind kind : things(suffix)) {
        if (!said.add(kind)) {
          return false;
        }
      }
    }
    long designs = run.stream().filter(s -> s.value().equals("design")).count();
    return designs <= 1 && run.stream().map(Suffix::spelling).distinct().count() == run.size();
  }

  private static List<Suffix.Kind> things(Suffix suffix) {
    return switch (suffix.kind()) {
      case OTHER -> List.of();
      case TOLERANCE_AND_CLEARANCE -> List.of(Suffix.Kind.TOLERANCE, Suffix.Kind.CLEARANCE);
      case CAGE_AND_CLOSURE -> List.of(Suffix.Kind.CAGE, Suffix.Kind.CLOSURE);
      default -> List.of(suffix.kind());
    };
  }

  private static boolean isInOrder(List<Suffix> run) {
    int last = 0;
    for (Suffix suffix : run) {
      if (suffix.value().equals("pair") || isLongCage(suffix)) {
        continue;
      }
      if (rank(suffix) < last) {
        return false;
      }
      last = rank(suffix);
    }
    return true;
  }

  /** A cage of several letters stands before a closure or behind it, a single letter before. */
  private static boolean isLongCage(Suffix suffix) {
    return suffix.kind() == Suffix.Kind.CAGE && suffix.spelling().length() > 1;
  }

  private static int rank(Suffix suffix) {
    return switch (suffix.kind()) {
      case ANGLE -> 0;
      case CAGE -> 1;
      case CLOSURE, CAGE_AND_CLOSURE -> 2;
      case TOLERANCE, CLEARANCE, TOLERANCE_AND_CLEARANCE -> 4;
      case OTHER ->
          switch (suffix.value()) {
            case "design", "iso-plan", "raceway", "steep", "pair", "dry", "lubrication" -> 0;
            case "bore" -> 1;
            default -> 3;
          };
    };
  }
}
