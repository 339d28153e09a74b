package unbo.core.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import unbo.core.catalogue.Bearing;
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
    snapRing(old, fresh, all);
    flange(old, fresh, all);
    washers(old, fresh, all);
    sliding(old, fresh, all);
    both(old, fresh, "stabilised", "heat treatment", Severity.NOTE, STABLE, NOT_STABLE, all);
    pairing(old, fresh, duty, all);
    design(old, fresh, all);
    sensor(old, fresh, all);
    bore(old, fresh, all);
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

  /** N is a groove for a snap ring, NR has the ring in it (ISO 464). */
  private static void snapRing(Reading old, Reading fresh, List<Difference> all) {
    String was = ringWords(old);
    String is = ringWords(fresh);
    if (was.equals(is)) {
      return;
    }
    boolean located = old.features().contains("snap-ring");
    boolean grooveLost = !was.equals("none") && is.equals("none");
    String reason =
        located && is.equals("none")
            ? "The snap ring located the bearing in its housing: without it nothing does."
            : located
                ? "Take the old snap ring over, or one of its size: it locates the bearing."
                : grooveLost
                    ? "No groove for the snap ring: where that ring locates the bearing, nothing would."
                    : "The groove does no harm: leave the snap ring off where it does not fit.";
    Severity severity =
        located && is.equals("none")
            ? Severity.UNSUITABLE
            : located || grooveLost ? Severity.MATTERS : Severity.NOTE;
    all.add(new Difference("snap ring", was, is, severity, reason));
  }

  private static void flange(Reading old, Reading fresh, List<Difference> all) {
    boolean lost = old.features().contains("flange");
    both(
        old,
        fresh,
        "flange",
        "flange of the outer ring",
        lost ? Severity.UNSUITABLE : Severity.MATTERS,
        "The flange stands out beyond the seat: is there room for it, and is the seat open at that"
            + " side?",
        "The flange located the bearing in its seat: without it the ring can go through.",
        all);
  }

  /** Beside the cage of an axial needle bearing, where the shoulders are no raceways (ISO 3031). */
  private static void washers(Reading old, Reading fresh, List<Difference> all) {
    String was = washerWords(old);
    String is = washerWords(fresh);
    if (!was.equals(is)) {
      all.add(
          new Difference(
              "washers",
              was,
              is,
              Severity.MATTERS,
              "The height must stay: as many washers as before, of the same thickness, and none"
                  + " where the shoulders themselves are the raceways."));
    }
  }

  private static String washerWords(Reading reading) {
    return reading.features().contains("washers")
        ? "two"
        : reading.features().contains("washer") ? "one" : "none named";
  }

  private static String ringWords(Reading reading) {
    return reading.features().contains("snap-ring")
        ? "groove and ring"
        : reading.features().contains("groove") ? "groove" : "none";
  }

  /** What slides in a spherical plain bearing, and whether grease can reach it (ISO 12240-1). */
  private static void sliding(Reading old, Reading fresh, List<Difference> all) {
    boolean plain = fresh.bearing().family() == Family.SPHERICAL_PLAIN;
    String was = slides(old);
    String is = slides(fresh);
    if (!plain || was.equals(is)) {
      return;
    }
    boolean dry = is.startsWith("dry");
    all.add(
        new Difference(
            "sliding surfaces",
            was,
            is,
            Severity.MATTERS,
            dry
                ? "A dry liner wants no grease and little dirt, and carries alternating loads less well."
                : was.startsWith("dry")
                    ? "Steel on steel must be greased: is there a nipple, and will anybody do it?"
                    : "Grease reaches it in another way: look for the groove and the holes."));
  }

  private static String slides(Reading reading) {
    return reading.features().contains("dry")
        ? "dry liner"
        : reading.features().contains("lubrication")
            ? "steel on steel, groove and holes"
            : reading.features().contains("design") ? "steel on steel" : "not marked";
  }

  private static void pairing(
      Reading old, Reading fresh, Optional<PositionDuty> duty, List<Difference> all) {
    boolean was = old.features().contains("pair");
    boolean is = fresh.features().contains("pair");
    boolean newHere =
        old.bearing().family() != Family.ANGULAR_CONTACT_BALL
            && duty.filter(PositionDuty::pair).isPresent();
    boolean angular = fresh.bearing().family() == Family.ANGULAR_CONTACT_BALL;
    if (angular && !is && (was || newHere)) {
      all.add(
          new Difference(
              "pairing",
              was ? "ground as a pair" : "another kind of bearing",
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
  /** Without its ring a wheel speed sensor reads nothing, and anti-lock braking is off. */
  private static void sensor(Reading old, Reading fresh, List<Difference> all) {
    boolean lost = old.features().contains("sensor") && !fresh.features().contains("sensor");
    both(
        old,
        fresh,
        "sensor",
        "sensor ring",
        lost ? Severity.UNSUITABLE : Severity.NOTE,
        "It has a ring for a speed sensor where the old number names none: the side with the ring"
            + " faces the sensor.",
        "The wheel speed sensor reads a ring in the old unit; the new number names none. Hold a"
            + " magnet viewing card to it before it is pressed in: without the ring anti-lock braking"
            + " does not work.",
        all);
  }

  /** Digits that were not read may name another bore: then nothing is said of the shaft. */
  private static void bore(Reading old, Reading fresh, List<Difference> all) {
    boolean was = old.boreInDoubt();
    boolean is = fresh.boreInDoubt();
    if (was || is) {
      all.add(
          new Difference(
              "bore",
              was ? "in doubt" : "as its number says",
              is ? "in doubt" : "as its number says",
              Severity.CANNOT_TELL,
              "Digits that were not read may name another bore: measure the bores of both."));
    }
  }

  private static void roles(Reading old, Reading fresh, List<Difference> all) {
    if (isPart(old) && isPart(fresh) && !old.role().equals(fresh.role())) {
      all.add(
          new Difference(
              "parts",
              old.role(),
              fresh.role(),
              Severity.IMPOSSIBLE,
              "A cone is no cup: the one goes on the shaft, the other into the housing."));
    } else if (!old.role().equals(fresh.role())) {
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

  private static boolean isPart(Reading reading) {
    return reading.role().equals("cone") || reading.role().equals("cup");
  }

  /** The corner radius is in no table here and decides whether the ring seats at the fillet. */
  private static void corner(Reading old, Reading fresh, List<Difference> all) {
    Bearing a = old.bearing();
    Bearing b = fresh.bearing();
    if (a.isInch() && b.isInch() && !a.designation().equals(b.designation())) {
      all.add(
          new Difference(
              "corner radius",
              "not known",
              "not known",
              Severity.MATTERS,
              "Cones that differ in a digit or a letter often differ in the corner radius alone: one too"
                  + " small for the fillet never seats. Compare the two corners."));
      return;
    }
    if (!a.series().equals(b.series())) {
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
