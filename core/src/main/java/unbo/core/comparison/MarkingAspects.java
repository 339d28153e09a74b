package unbo.core.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import unbo.core.catalogue.Family;
import unbo.core.designation.Reading;

/** Class, material, pairing, seats: what further letters say. */
final class MarkingAspects {

  private static final List<String> CLASSES = List.of("Normal", "P6X", "P6", "P5", "P4", "P2");

  private MarkingAspects() {}

  static List<Difference> compare(Reading old, Reading fresh, Optional<PositionDuty> duty) {
    List<Difference> all = new ArrayList<>();
    tolerance(old, fresh, duty, all);
    both(old, fresh, "stainless", "material", Severity.NOTE, STAINLESS, ORDINARY, all);
    both(old, fresh, "hybrid", "balls", Severity.NOTE, HYBRID, STEEL_BALLS, all);
    both(old, fresh, "bore", "bore taper", Severity.IMPOSSIBLE, TAPERED, CYLINDRICAL, all);
    both(old, fresh, "groove", "snap ring groove", Severity.MATTERS, GROOVE, NO_GROOVE, all);
    both(old, fresh, "stabilised", "heat treatment", Severity.NOTE, STABLE, NOT_STABLE, all);
    pairing(old, fresh, duty, all);
    design(old, fresh, all);
    roles(old, fresh, all);
    corner(old, fresh, all);
    return all;
  }

  private static final String STAINLESS =
      "Stainless steel resists rust and carries about a fifth less.";
  private static final String ORDINARY = "Ordinary steel rusts where stainless did not.";
  private static final String HYBRID =
      "Ceramic balls are lighter and harder; in dirt they wear the steel raceway, and under shock it"
          + " dents sooner.";
  private static final String STEEL_BALLS = "Steel balls instead of ceramic ones: heavier.";
  private static final String TAPERED =
      "A tapered bore needs a tapered seat or a sleeve: on a cylindrical shaft the ring does not seat.";
  private static final String CYLINDRICAL = "A cylindrical bore does not sit on a tapered seat.";
  private static final String GROOVE =
      "The groove does no harm: leave the snap ring off where it does not fit.";
  private static final String NO_GROOVE =
      "No groove for the snap ring: where that ring locates the bearing, nothing would.";
  private static final String STABLE = "The rings keep their size at a higher temperature.";
  private static final String NOT_STABLE =
      "The rings grow at a temperature that the old bearing withstood.";

  private static void tolerance(
      Reading old, Reading fresh, Optional<PositionDuty> duty, List<Difference> all) {
    int was = CLASSES.indexOf(old.tolerance());
    int is = CLASSES.indexOf(fresh.tolerance());
    if (was == is || was < 0 || is < 0) {
      return;
    }
    boolean fast = duty.filter(d -> d.motion() == PositionDuty.Motion.FAST).isPresent();
    all.add(
        new Difference(
            "class",
            old.tolerance(),
            fresh.tolerance(),
            is < was && fast ? Severity.MATTERS : Severity.NOTE,
            is < was
                ? "Coarser: more run-out" + (fast ? ", which is felt at this speed." : ".")
                : "Finer: less run-out, which costs more and harms nothing. Not the clearance."));
  }

  private static void both(
      Reading old,
      Reading fresh,
      String feature,
      String aspect,
      Severity severity,
      String with,
      String without,
      List<Difference> all) {
    boolean was = old.features().contains(feature);
    boolean is = fresh.features().contains(feature);
    if (was != is) {
      all.add(
          new Difference(
              aspect, was ? "yes" : "no", is ? "yes" : "no", severity, is ? with : without));
    }
  }

  private static void pairing(
      Reading old, Reading fresh, Optional<PositionDuty> duty, List<Difference> all) {
    boolean angular = fresh.bearing().family() == Family.ANGULAR_CONTACT_BALL;
    boolean was = old.features().contains("pair");
    boolean is = fresh.features().contains("pair");
    boolean wanted = was || duty.filter(PositionDuty::pair).isPresent();
    if (angular && wanted && !is) {
      all.add(
          new Difference(
              "pairing",
              was ? "ground as a pair" : "not marked",
              "not marked",
              Severity.UNSUITABLE,
              "Not ground for use in a pair: put face to face, the preload is left to chance. Use shims or a matched pair."));
    }
  }

  private static void design(Reading old, Reading fresh, List<Difference> all) {
    boolean cylindrical = fresh.bearing().family() == Family.CYLINDRICAL_ROLLER;
    boolean was = old.features().contains("design");
    boolean is = fresh.features().contains("design");
    if (cylindrical && was != is && old.bearing().family() == Family.CYLINDRICAL_ROLLER) {
      all.add(
          new Difference(
              "raceway",
              was ? "E" : "without E",
              is ? "E" : "without E",
              Severity.MATTERS,
              "The raceway diameter differs: change both rings, never one."));
    }
  }

  /** A cone or cup alone is half of it. */
  private static void roles(Reading old, Reading fresh, List<Difference> all) {
    if (!old.role().equals(fresh.role())) {
      all.add(
          new Difference(
              "parts",
              old.role(),
              fresh.role(),
              Severity.CANNOT_TELL,
              "One number names a part, the other a set: read cone and cup of both."));
    }
    boolean inchPair = old.bearing().isInch() && fresh.bearing().isInch();
    if (inchPair && !old.bearing().designation().equals(fresh.bearing().designation())) {
      all.add(
          new Difference(
              "cone and cup",
              old.bearing().designation(),
              fresh.bearing().designation(),
              Severity.MATTERS,
              "Change cone and cup together: a new cone in another series' cup does not carry."));
    }
  }

  /** The corner radius is in no table here and decides whether the ring seats at the fillet. */
  private static void corner(Reading old, Reading fresh, List<Difference> all) {
    boolean other = !old.bearing().series().equals(fresh.bearing().series());
    if (other) {
      all.add(
          new Difference(
              "corner radius",
              "not known",
              "not known",
              Severity.NOTE,
              "Compare the new ring’s corner with the shaft’s fillet: the corner radius must be larger."));
    }
  }
}
