package unbo.core.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;
import unbo.core.comparison.PositionDuty.Axial;
import unbo.core.comparison.PositionDuty.Motion;
import unbo.core.designation.Reading;

/** What rolls, what it holds along the shaft, at which angle, and whether it tilts. */
final class ElementAspects {

  private ElementAspects() {}

  static List<Difference> compare(Reading old, Reading fresh, Optional<PositionDuty> duty) {
    List<Difference> all = new ArrayList<>();
    Bearing a = old.bearing();
    Bearing b = fresh.bearing();
    if (a.family() != b.family()) {
      kind(a, b, duty, all);
    }
    rings(a, b, all);
    axial(a, b, duty, all);
    angle(old, fresh, duty, all);
    end(a, b, all);
    return all;
  }

  private static void kind(
      Bearing a, Bearing b, Optional<PositionDuty> duty, List<Difference> all) {
    if (AxialHold.isThrustOnly(a) != AxialHold.isThrustOnly(b)) {
      add(
          all,
          a,
          b,
          Severity.UNSUITABLE,
          "One bearing carries radial load, the other only axial load.");
    } else if (a.isTaper() || b.isTaper()) {
      add(
          all,
          a,
          b,
          Severity.UNSUITABLE,
          "A taper bearing is adjusted against its partner; a bearing that is not adjustable cannot replace a taper bearing, nor the reverse.");
    } else if (isPlain(a) != isPlain(b)) {
      plain(a, b, duty, all);
    } else if (a.family().isBall() && isRoller(b)) {
      add(
          all,
          a,
          b,
          Severity.GAIN,
          "Rollers have line contact: more radial load in the same space. For axial load see the line “along the shaft”.");
    } else if (isRoller(a) && b.family().isBall()) {
      add(all, a, b, Severity.UNSUITABLE, "Balls instead of rollers carry much less radial load.");
    } else if (b.family() == Family.SELF_ALIGNING_BALL) {
      add(
          all,
          a,
          b,
          duty.filter(PositionDuty::turnsFast).isPresent() ? Severity.UNSUITABLE : Severity.MATTERS,
          "A self-aligning bearing tilts: no tilting moment, little axial load; made for a shaft that bends.");
    } else {
      add(all, a, b, Severity.MATTERS, "Another kind of bearing: load, speed and setting differ.");
    }
  }

  private static void plain(
      Bearing a, Bearing b, Optional<PositionDuty> duty, List<Difference> all) {
    boolean turns = duty.filter(d -> d.motion() != Motion.OSCILLATING).isPresent();
    if (isPlain(b)) {
      add(
          all,
          a,
          b,
          turns ? Severity.UNSUITABLE : Severity.MATTERS,
          "A spherical plain bearing is made for small swings and tilt, not for turning: it wears and seizes.");
    } else {
      add(
          all,
          a,
          b,
          Severity.UNSUITABLE,
          "A rolling bearing instead of a spherical plain one cannot tilt: its edges are overloaded.");
    }
  }

  private static void add(
      List<Difference> all, Bearing a, Bearing b, Severity severity, String reason) {
    all.add(new Difference("kind", a.family().title(), b.family().title(), severity, reason));
  }

  /** Needles without an inner ring run on the shaft: it is the raceway. */
  private static void rings(Bearing a, Bearing b, List<Difference> all) {
    if (a.isWithoutInnerRing() != b.isWithoutInnerRing()) {
      all.add(
          new Difference(
              "inner ring",
              a.isWithoutInnerRing() ? "none, runs on the shaft" : "inner ring",
              b.isWithoutInnerRing() ? "none, runs on the shaft" : "inner ring",
              Severity.UNSUITABLE,
              "Without an inner ring the shaft is the raceway: it must be hard and ground; with one,"
                  + " the shaft must be smaller."));
    }
  }

  /** A drawn cup is open at both ends, HK, or closed at one, BK (ISO 3245). */
  private static void end(Bearing a, Bearing b, List<Difference> all) {
    boolean was = a.series().equals("BK");
    boolean is = b.series().equals("BK");
    if (was != is && a.family() == b.family()) {
      all.add(
          new Difference(
              "closed end",
              was ? "closed at one end" : "open at both ends",
              is ? "closed at one end" : "open at both ends",
              Severity.UNSUITABLE,
              is
                  ? "No shaft goes through a closed end: right only where the shaft ends in it."
                  : "The closed end kept dirt out and grease in: open, something else must."));
    }
  }

  private static void axial(
      Bearing a, Bearing b, Optional<PositionDuty> duty, List<Difference> all) {
    AxialHold was = AxialHold.of(a);
    AxialHold is = AxialHold.of(b);
    Axial wanted = duty.map(PositionDuty::axial).orElse(null);
    if (was == is) {
      direction(a, b, all);
      return;
    }
    all.add(
        new Difference(
            "along the shaft",
            was.title(),
            is.title(),
            severity(is, was, wanted),
            reason(is, wanted)));
  }

  private static Severity severity(AxialHold is, AxialHold was, Axial wanted) {
    if (wanted == Axial.FREE) {
      return is == AxialHold.NONE ? Severity.GAIN : Severity.MATTERS;
    }
    if (wanted == Axial.NONE) {
      return is == AxialHold.NONE ? Severity.NOTE : Severity.MATTERS;
    }
    if (wanted == Axial.ONE_WAY && is != AxialHold.NONE) {
      return Severity.NOTE;
    }
    return is.ordinal() > was.ordinal() ? Severity.UNSUITABLE : Severity.MATTERS;
  }

  private static String reason(AxialHold is, Axial wanted) {
    if (wanted == Axial.FREE && is == AxialHold.NONE) {
      return "One ring is free to move axially here: two tight bearings no longer lock each other, provided the other bearing holds the shaft.";
    }
    return switch (is) {
      case NONE ->
          "Nothing holds the shaft axially here any more. Right only where another bearing holds the shaft both ways.";
      case ONE_WAY ->
          "This bearing holds axial load one way only: rib or high shoulder must face the thrust, and another bearing must hold the other way.";
      case BOTH ->
          "This bearing holds axially where the old one was free: two bearings that both hold jam each other when the shaft gets warm.";
    };
  }

  /** Both hold one way: which way must be looked at. */
  private static void direction(Bearing a, Bearing b, List<Difference> all) {
    boolean ribs = !a.series().equals(b.series()) && a.family() == Family.CYLINDRICAL_ROLLER;
    if (ribs && b.family() == Family.CYLINDRICAL_ROLLER) {
      all.add(
          new Difference(
              "ribs",
              a.series(),
              b.series(),
              Severity.MATTERS,
              "The ribs are on the other ring: this changes which ring stays in the housing and which way the bearing comes apart."));
    }
  }

  private static void angle(
      Reading old, Reading fresh, Optional<PositionDuty> duty, List<Difference> all) {
    if (old.bearing().family() != fresh.bearing().family() || !hasAngle(fresh.bearing())) {
      return;
    }
    OptionalDouble was = old.contactAngleDeg();
    OptionalDouble is = fresh.contactAngleDeg();
    boolean pair = duty.filter(PositionDuty::pair).isPresent();
    Severity other = fresh.bearing().isTaper() && !pair ? Severity.MATTERS : Severity.UNSUITABLE;
    if (isSteep(old) != isSteep(fresh)) {
      all.add(
          new Difference(
              "contact angle",
              isSteep(old) ? "steeper, by its letter" : degrees(was),
              isSteep(fresh) ? "steeper, by its letter" : degrees(is),
              other,
              "The letter says another contact angle: load sharing and setting change; never two angles"
                  + " in one pair, and never a cone in the other’s cup."));
      return;
    }
    if (was.isPresent() && is.isPresent()) {
      double gap = Math.abs(was.getAsDouble() - is.getAsDouble());
      if (gap > 0.5) {
        all.add(
            new Difference(
                "contact angle",
                degrees(was),
                degrees(is),
                other,
                "A different contact angle changes load sharing and setting; never two angles in one pair."));
      }
    } else if (was.isPresent() != is.isPresent() || !fresh.bearing().isTaper()) {
      all.add(
          new Difference(
              "contact angle",
              degrees(was),
              degrees(is),
              Severity.CANNOT_TELL,
              "The angle is not known from this number: read the angle letter on the ring or the"
                  + " box."));
    }
  }

  private static boolean isSteep(Reading reading) {
    return reading.features().contains("steep");
  }

  private static boolean hasAngle(Bearing bearing) {
    return bearing.family() == Family.ANGULAR_CONTACT_BALL || bearing.isTaper();
  }

  private static String degrees(OptionalDouble angle) {
    return angle.isPresent()
        ? String.format(java.util.Locale.ROOT, "%.1f°", angle.getAsDouble())
        : "not known";
  }

  private static boolean isRoller(Bearing bearing) {
    return !bearing.family().isBall() && !isPlain(bearing);
  }

  private static boolean isPlain(Bearing bearing) {
    return bearing.family() == Family.SPHERICAL_PLAIN;
  }
}
