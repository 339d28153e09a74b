package unbo.core.buying;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import unbo.core.arrangement.Arrangement;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;
import unbo.core.comparison.PositionDuty;
import unbo.core.comparison.PositionDuty.Exposure;
import unbo.core.comparison.PositionDuty.Motion;
import unbo.core.comparison.PositionDuty.Tight;
import unbo.core.designation.Closure;
import unbo.core.tables.Table;
import unbo.core.tolerance.RingKind;

/**
 * What should go in at a position.
 *
 * @param bearing family and size
 * @param closure what closes both its sides
 * @param clearance clearance group; empty where the family has none or it is set
 * @param toleranceClass class of the rings
 * @param fullComplement whether it goes without a cage
 * @param lines every choice with its reason
 * @param other the second variant that shows only after opening, empty mostly
 */
public record Specification(
    Bearing bearing,
    Closure closure,
    Optional<String> clearance,
    String toleranceClass,
    boolean fullComplement,
    List<Line> lines,
    Optional<Variant> other) {

  /**
   * One line of the specification.
   *
   * @param what such as {@code cage}
   * @param choice what is asked for
   * @param reason why, a sentence
   */
  public record Line(String what, String choice, String reason) {}

  /** Two variants of an arrangement, and what decides between them. */
  public record Variant(String first, String second, String decides) {}

  private record VariantRow(String arrangement, Variant variant) {}

  private static final List<VariantRow> VARIANTS =
      Table.read(
          Specification.class,
          "/unbo/core/buying/variants.csv",
          row ->
              new VariantRow(
                  row.text("arrangement"),
                  new Variant(row.text("first"), row.text("second"), row.text("decides"))));

  /**
   * The specification for a bearing at a position.
   *
   * @throws IllegalArgumentException when the arrangement has no duty
   */
  public static Specification of(Bearing bearing, Arrangement at) {
    PositionDuty duty =
        PositionDuty.at(at.id())
            .orElseThrow(() -> new IllegalArgumentException("No duty for " + at.id()));
    List<Line> lines = new ArrayList<>();
    lines.add(
        new Line(
            "size", bearing.designation(), "What came out, or what the position is drawn for."));
    Closure closure = closure(bearing, duty, lines);
    Optional<String> clearance = clearance(bearing, duty, lines);
    String cls = toleranceClass(bearing, duty, lines);
    boolean full = cage(bearing, duty, lines);
    grease(bearing, duty, closure, lines);
    heat(duty, closure, lines);
    pairing(bearing, duty, lines);
    Optional<Variant> other =
        VARIANTS.stream()
            .filter(v -> v.arrangement.equals(at.id()))
            .map(VariantRow::variant)
            .findFirst();
    return new Specification(bearing, closure, clearance, cls, full, List.copyOf(lines), other);
  }

  private static Closure closure(Bearing bearing, PositionDuty duty, List<Line> lines) {
    if (!isClosable(bearing)) {
      lines.add(new Line("closure", "open", "This family is sealed by what stands beside it."));
      return Closure.OPEN;
    }
    Closure closure =
        switch (duty.exposure()) {
          case OIL -> Closure.OPEN;
          case WET -> Closure.CONTACT;
          case DUSTY -> duty.motion() == Motion.FAST ? Closure.LIGHT_CONTACT : Closure.CONTACT;
          case ENCLOSED -> Closure.NON_CONTACT;
        };
    String reason =
        switch (closure) {
          case OPEN -> "It lives on the oil of the case: a seal would keep that out.";
          case CONTACT -> "Water and dirt reach it: lips that touch, on both sides.";
          case LIGHT_CONTACT -> "Dust at speed: lips that hardly touch, for less drag and heat.";
          default -> "A closed dry place at speed: a gap keeps the grease in without drag.";
        };
    lines.add(new Line("closure, both sides", closure.title(), reason));
    return closure;
  }

  private static boolean isClosable(Bearing bearing) {
    return bearing.family().isBall()
        && bearing.family() != Family.THRUST_BALL
        && bearing.family() != Family.HEADSET;
  }

  private static Optional<String> clearance(Bearing bearing, PositionDuty duty, List<Line> lines) {
    boolean grouped =
        bearing.family() == Family.DEEP_GROOVE_BALL
            || bearing.family() == Family.CYLINDRICAL_ROLLER;
    if (!grouped) {
      lines.add(
          new Line(
              "clearance",
              duty.pair() ? "set in place" : "as made",
              duty.pair()
                  ? "The pair is set against itself; the group says nothing here."
                  : "This family is not sold by the usual groups."));
      return Optional.empty();
    }
    boolean loose = duty.tight() == Tight.BOTH || duty.hot();
    lines.add(
        new Line(
            "clearance",
            loose ? "C3" : "CN (normal, not marked)",
            loose
                ? "Tight rings or heat take clearance away: start with more."
                : "One ring tight and no great heat: normal leaves enough."));
    return Optional.of(loose ? "C3" : "CN");
  }

  private static String toleranceClass(Bearing bearing, PositionDuty duty, List<Line> lines) {
    String usual = RingKind.of(bearing).usualClass();
    boolean fast = duty.motion() == Motion.FAST && !bearing.isTaper();
    lines.add(
        new Line(
            "class",
            fast ? "P6" : usual + " (not marked)",
            fast
                ? "Run-out is felt and heard at this speed; Normal still works."
                : "Finer rings bring nothing that this place would notice."));
    return fast ? "P6" : usual;
  }

  private static boolean cage(Bearing bearing, PositionDuty duty, List<Line> lines) {
    if (bearing.family() == Family.SPHERICAL_PLAIN) {
      return false;
    }
    boolean full = duty.arrangement().equals("a16");
    String choice =
        full ? "none: full complement" : duty.hot() ? "pressed steel or brass" : "any cage";
    String reason =
        full
            ? "A small swing that never turns over: every ball counts."
            : duty.hot()
                ? "Polyamide ages above about 120 °C."
                : "Never without a cage where it turns: elements rub on each other.";
    lines.add(new Line("cage", choice, reason));
    return full;
  }

  private static void grease(
      Bearing bearing, PositionDuty duty, Closure closure, List<Line> lines) {
    boolean oil = duty.exposure() == Exposure.OIL;
    boolean filled = closure != Closure.OPEN;
    String choice =
        oil
            ? "none: oil of the case"
            : filled ? "as filled by its maker; ask which" : "packed here, see Pack";
    String reason =
        oil
            ? "Wet it with the same oil before the first turn."
            : filled
                ? "A grease code cannot be decoded without its maker: ask for base oil and upper"
                    + " temperature."
                : "Charge and fill share follow the duty of the place.";
    lines.add(new Line("grease", choice, reason));
  }

  private static void heat(PositionDuty duty, Closure closure, List<Line> lines) {
    boolean rubber = closure == Closure.CONTACT || closure == Closure.LIGHT_CONTACT;
    String limit = rubber ? "about 100 °C lasting" : "about 120 °C lasting";
    String reason =
        rubber
            ? "Nitrile lips harden above that" + (duty.hot() ? "; ask for fluororubber here." : ".")
            : "Rings that are not stabilised grow above that.";
    lines.add(new Line("heat limit", limit, reason));
  }

  private static void pairing(Bearing bearing, PositionDuty duty, List<Line> lines) {
    if (duty.pair() && bearing.family() == Family.ANGULAR_CONTACT_BALL) {
      lines.add(
          new Line(
              "pairing",
              "two of one angle, marked for pairing",
              "Without a pairing mark it was not ground to be set up as a pair."));
    }
    if (bearing.isTaper()) {
      lines.add(
          new Line("parts", "cone and cup together", "A new cone in a worn cup dies with it."));
    }
  }
}
