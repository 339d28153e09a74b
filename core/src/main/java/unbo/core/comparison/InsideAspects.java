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

  private static final List<String> GROUPS = List.of("C1", "C2", "CM", "CN", "C3", "C4", "C5");

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
    int was = GROUPS.indexOf(old.clearance());
    int is = GROUPS.indexOf(fresh.clearance());
    if (was == is || was < 0 || is < 0 || fresh.bearing().isTaper()) {
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
    if (is && duty.isPresent() && !pivot) {
      all.add(
          new Difference(
              "full complement",
              was ? "full complement" : "with a cage",
              "full complement",
              Severity.UNSUITABLE,
              "Without a cage balls or rollers rub on each other at speed: heat and early failure. Made for small swings."));
      slot(duty, all);
    } else if (is != was) {
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
    if (is.equals("polyamide") && fresh.bearing().family() == Family.TAPERED_ROLLER && hot) {
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
