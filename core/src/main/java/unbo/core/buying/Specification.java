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
            "size",
            bearing.designation(),
            "The bearing that came out, or the one drawn for this position."));
    Closure closure = closure(bearing, duty, lines);
    Optional<String> clearance = clearance(bearing, duty, lines);
    String cls = toleranceClass(bearing, duty, lines);
    boolean full = cage(bearing, duty, lines);
    grease(bearing, duty, closure, lines);
    heat(duty, closure, lines);
    material(duty, lines);
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
      lines.add(
          new Line("closure", "open", "This family is sealed by the parts beside the bearing."));
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
          case OPEN ->
              "The oil of the case lubricates this bearing: a seal would keep that oil out.";
          case CONTACT -> "Water and dirt reach the bearing: contact seals on both sides.";
          case LIGHT_CONTACT -> "Dust at speed: light-contact seals, for less drag and heat.";
          default ->
              "Closed and dry, at speed: a non-contact seal or shield keeps the grease in without drag.";
        };
    lines.add(new Line("seals or shields, both sides", closure.title(), reason));
    return closure;
  }

  private static boolean isClosable(Bearing bearing) {
    return bearing.family().isBall()
        && !bearing.family().isThrustBall()
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
                  ? "A pair is adjusted after fitting: the clearance group does not apply."
                  : "This family is not sold by the usual clearance groups."));
      return Optional.empty();
    }
    boolean loose = duty.tight() == Tight.BOTH || duty.hot();
    lines.add(
        new Line(
            "clearance",
            loose ? "C3" : "CN (normal, not marked)",
            loose
                ? "Tight rings or heat reduce clearance: start with more."
                : "One ring tight and little heat: normal clearance is enough."));
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
                ? "Run-out can be felt and heard at this speed. Class Normal still works, and is what is stocked; P6 is mostly to order."
                : "Finer rings have no effect at this position."));
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
            ? "Small swing, no full turn: more balls carry more load."
            : duty.hot()
                ? "Polyamide ages above about 120 °C."
                : "Use a cage where the bearing turns: without one, balls or rollers rub on each other.";
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
            : filled ? "as filled by the bearing maker; ask which grease" : "packed here, see Pack";
    String reason =
        oil
            ? "Wet the bearing with the same oil before the first turn."
            : filled
                ? "A grease code can only be decoded by the bearing maker: ask for base oil and upper temperature."
                : "Grease charge and fill share follow the duty of the position.";
    lines.add(new Line("grease", choice, reason));
  }

  private static void heat(PositionDuty duty, Closure closure, List<Line> lines) {
    boolean rubber = closure == Closure.CONTACT || closure == Closure.LIGHT_CONTACT;
    String limit = rubber ? "about 100 °C lasting" : "about 120 °C lasting";
    String reason =
        rubber
            ? "Nitrile lips harden above this temperature"
                + (duty.hot() ? "; ask for fluororubber here." : ".")
            : "Rings that are not stabilised grow above this temperature.";
    lines.add(new Line("heat limit", limit, reason));
  }

  /**
   * Martensitic stainless rings carry about a fifth less than rings of bearing steel (basic dynamic
   * rating, common trade listings; basis: recalled).
   */
  private static void material(PositionDuty duty, List<Line> lines) {
    boolean wet = duty.exposure() == Exposure.WET;
    lines.add(
        new Line(
            "ring material",
            wet ? "bearing steel; stainless for salt or long standing" : "bearing steel",
            wet
                ? "Rust kills it here before load does, but stainless rings carry about a fifth less: seals and grease come first. The figure is the bearing maker’s."
                : "No water stays on it. Stainless rings would carry about a fifth less."));
  }

  private static void pairing(Bearing bearing, PositionDuty duty, List<Line> lines) {
    if (duty.pair() && bearing.family() == Family.ANGULAR_CONTACT_BALL) {
      lines.add(
          new Line(
              "pairing",
              "two of one angle, marked for pairing",
              "Without a pairing mark the bearing was not ground for use in a pair."));
    }
    if (bearing.isTaper()) {
      lines.add(
          new Line("parts", "cone and cup together", "A new cone in a worn cup fails early."));
    }
  }
}
