package unbo.core.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import unbo.core.catalogue.Family;
import unbo.core.comparison.PositionDuty.Axial;
import unbo.core.comparison.PositionDuty.Motion;
import unbo.core.comparison.PositionDuty.Tight;
import unbo.core.designation.Reading;
import unbo.core.tolerance.InternalClearances;
import unbo.core.tolerance.InternalClearances.Clearance;

/** Clearance, cage, full complement. */
final class InsideAspects {

  private static final List<String> GROUPS = List.of("C1", "C2", "CN", "C3", "C4", "C5");

  /** Those of miniatures count otherwise: MC3 is their normal (common trade usage). */
  private static final List<String> MINIATURE = List.of("MC1", "MC2", "MC3", "MC4", "MC5", "MC6");

  private static final int NORMAL = GROUPS.indexOf("CN");

  private InsideAspects() {}

  static List<Difference> compare(Reading old, Reading fresh, Optional<PositionDuty> duty) {
    List<Difference> all = new ArrayList<>();
    clearance(old, fresh, duty, all);
    complement(old, fresh, duty, all);
    cage(old, fresh, duty, all);
    return all;
  }

  private static void clearance(
      Reading old, Reading fresh, Optional<PositionDuty> duty, List<Difference> all) {
    if (old.clearance().equals(fresh.clearance()) || fresh.bearing().isTaper()) {
      return;
    }
    int was = rank(old.clearance());
    int is = rank(fresh.clearance());
    if (was == is) {
      withinNormal(old, fresh, all);
      return;
    }
    boolean both = duty.filter(d -> d.tight() == Tight.BOTH || d.hot()).isPresent();
    Severity severity =
        is < was && both ? Severity.UNSUITABLE : is < was ? Severity.MATTERS : Severity.NOTE;
    String reason =
        is < was
            ? (both
                ? "Tight rings and heat reduce clearance: starting with less, the bearing can run with none, overheat and seize."
                : "Less internal clearance than before: a tight seat may use it up.")
            : "More internal clearance: slightly more rock, and room for a tighter seat or heat.";
    all.add(
        new Difference(
            "clearance",
            group(old, old.clearance()),
            group(fresh, fresh.clearance()),
            severity,
            reason));
  }

  /** From the closest; a narrow part of normal is normal. */
  private static int rank(String group) {
    int miniature = MINIATURE.indexOf(group);
    if (miniature >= 0) {
      return miniature - MINIATURE.indexOf("MC3") + NORMAL;
    }
    return group.equals("CM") ? NORMAL : GROUPS.indexOf(group);
  }

  /** CM for CN, or the reverse. */
  private static void withinNormal(Reading old, Reading fresh, List<Difference> all) {
    all.add(
        new Difference(
            "clearance",
            group(old, old.clearance()),
            group(fresh, fresh.clearance()),
            Severity.NOTE,
            "Both are normal: CM is a narrow part of it, chosen for the quiet of electric motors."));
  }

  /** The group with its micrometres where the standard has them. */
  private static String group(Reading reading, String group) {
    Optional<Clearance> um =
        InternalClearances.kindOf(reading.bearing())
            .flatMap(kind -> InternalClearances.of(kind, group, reading.bearing().boreMm()));
    return um.map(c -> group + " (" + (int) c.minUm() + " to " + (int) c.maxUm() + " µm)")
        .orElse(group);
  }

  private static void complement(
      Reading old, Reading fresh, Optional<PositionDuty> duty, List<Difference> all) {
    boolean was = isFull(old);
    boolean is = isFull(fresh);
    boolean pivot = duty.filter(d -> d.motion() == Motion.OSCILLATING).isPresent();
    if (is == was) {
      return;
    }
    if (is && duty.isPresent() && !pivot) {
      all.add(
          new Difference(
              "full complement",
              "with a cage",
              "full complement",
              Severity.UNSUITABLE,
              "Without a cage balls or rollers rub on each other at speed: heat and early failure. Made for small swings."));
      slot(duty, all);
    } else {
      all.add(
          new Difference(
              "full complement",
              was ? "full complement" : "with a cage",
              is ? "full complement" : "with a cage",
              is && pivot ? Severity.GAIN : Severity.MATTERS,
              is
                  ? "More balls or rollers carry more load: right for a pivot that swings and never makes a full turn."
                  : "Fewer balls or rollers than before: less load for the same size."));
    }
  }

  /** Full complement balls are mostly filled through a slot in the shoulder. */
  private static void slot(Optional<PositionDuty> duty, List<Difference> all) {
    boolean along =
        duty.filter(d -> d.axial() == Axial.BOTH || d.axial() == Axial.ONE_WAY).isPresent();
    if (along) {
      all.add(
          new Difference(
              "filling slot",
              "none expected",
              "likely",
              Severity.MATTERS,
              "A filling slot interrupts the shoulder: under axial load the balls run over the edge of the slot. Look for a notch in both rings."));
    }
  }

  private static boolean isFull(Reading reading) {
    return reading.cage().equals("none");
  }

  private static void cage(
      Reading old, Reading fresh, Optional<PositionDuty> duty, List<Difference> all) {
    String was = old.cage();
    String is = fresh.cage();
    boolean hot = duty.filter(PositionDuty::hot).isPresent();
    if (is.equals("polyamide") && !was.equals("polyamide") && hot) {
      all.add(
          new Difference(
              "cage",
              was,
              is,
              Severity.MATTERS,
              "Polyamide ages above about 120 °C in grease, sooner in some oils: check the temperature at this position."));
    } else if (!was.equals(is) && !was.equals("none") && !is.equals("none")) {
      boolean unknown = is.equals("unknown") || was.equals("unknown");
      all.add(
          new Difference(
              "cage",
              was,
              is,
              Severity.NOTE,
              unknown
                  ? "The cage of one bearing is not marked: check the cage before fitting."
                  : "Another cage: steel for heat, brass for speed and shock, polyamide for quiet."));
    }
    boolean fromMetal = is.equals("polyamide") && !was.equals("polyamide");
    if (fromMetal && fresh.bearing().family() == Family.TAPERED_ROLLER && hot) {
      all.add(
          new Difference(
              "cage heat",
              was,
              is,
              Severity.MATTERS,
              "Brake heat reaches this cage: a steel cage is usual here."));
    }
  }
}
