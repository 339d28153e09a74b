package unbo.core.comparison;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Ring;
import unbo.core.tables.Table;

/**
 * What an arrangement asks of its bearings, from {@code duties.csv}. Every arrangement has a row; a
 * missing one stops the start.
 *
 * @param arrangement its id
 * @param pair whether its bearings work as a pair that is set
 */
public record PositionDuty(
    String arrangement,
    Motion motion,
    Axial axial,
    Exposure exposure,
    Tight tight,
    boolean hot,
    boolean pair) {

  /** How it moves. */
  public enum Motion {
    FAST,
    TURNING,
    SLOW,
    OSCILLATING
  }

  /** What it must hold along the shaft. */
  public enum Axial {
    BOTH,
    ONE_WAY,
    NONE,
    /** It must let the shaft move. */
    FREE
  }

  /** What reaches it from outside. */
  public enum Exposure {
    WET,
    DUSTY,
    ENCLOSED,
    OIL
  }

  /** Which rings are fitted tight. */
  public enum Tight {
    INNER,
    OUTER,
    BOTH,
    NONE
  }

  private static final Map<String, PositionDuty> ALL =
      Table.read(PositionDuty.class, "/unbo/core/comparison/duties.csv", PositionDuty::of).stream()
          .collect(Collectors.toMap(PositionDuty::arrangement, d -> d));

  private static PositionDuty of(Table.Row row) {
    Arrangement arrangement = Arrangements.of(row.text("arrangement"));
    return new PositionDuty(
        row.text("arrangement"),
        Motion.valueOf(word(row, "motion")),
        Axial.valueOf(word(row, "axial")),
        Exposure.valueOf(word(row, "exposure")),
        tight(arrangement),
        row.text("heat").equals("hot"),
        isPair(arrangement));
  }

  /** From the holds of its contacts, where tightness is said once. */
  private static Tight tight(Arrangement arrangement) {
    boolean inner = arrangement.isTight(Ring.INNER);
    boolean outer = arrangement.isTight(Ring.OUTER);
    if (inner && outer) {
      return Tight.BOTH;
    }
    return inner ? Tight.INNER : outer ? Tight.OUTER : Tight.NONE;
  }

  /** Two bearings of a kind that is set against its partner. */
  private static boolean isPair(Arrangement arrangement) {
    return arrangement.isSetPair();
  }

  private static String word(Table.Row row, String column) {
    return row.text(column).toUpperCase(Locale.ROOT).replace('-', '_');
  }

  /** The duty of an arrangement, with the holds chosen; empty for an id that does not exist. */
  public static Optional<PositionDuty> at(String arrangementId) {
    return Arrangements.standard().find(arrangementId).map(a -> ALL.get(a.baseId()).heldAs(a));
  }

  private PositionDuty heldAs(Arrangement chosen) {
    return new PositionDuty(
        chosen.id(), motion, axial, exposure, tight(chosen), hot, isPair(chosen));
  }

  public boolean turnsFast() {
    return motion == Motion.FAST || motion == Motion.TURNING;
  }

  /** Whether water or dirt reaches it. */
  public boolean isExposed() {
    return exposure == Exposure.WET || exposure == Exposure.DUSTY;
  }
}
