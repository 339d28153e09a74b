package unbo.app.api;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.core.catalogue.Family;
import unbo.core.fit.Fit;
import unbo.core.fit.FitInput;
import unbo.core.fit.FitInput.Seat;
import unbo.core.fit.FitInput.Surface;
import unbo.core.fit.IsoZone;
import unbo.core.fit.Material;
import unbo.core.fit.Recommendation;
import unbo.core.fit.Spread;
import unbo.core.tolerance.InternalClearances;
import unbo.core.tolerance.Limits;
import unbo.core.tolerance.RingKind;
import unbo.core.tolerance.RingTolerances;
import unbo.core.tolerance.RingTolerances.Dimension;

/** Reads the question of {@code /fits}; what is wrong is gathered, then {@code check} ends it. */
final class FitFields {

  private static final double MOST_MM = 500;
  private static final double COLDEST_C = -60;
  private static final double HOTTEST_C = 250;

  /** Further off the nominal size nothing is a seat any more, mm. */
  private static final double MOST_OFF_MM = 2;

  private final Fields fields;
  private final Family family;
  private final double bore;
  private final double outer;
  private final double width;
  private final double roomC;

  FitFields(Fields fields) {
    this.fields = fields;
    this.family = family();
    this.bore = fields.number("boreMm", IsoZone.LEAST_MM, MOST_MM);
    this.outer = fields.number("outerMm", IsoZone.LEAST_MM, MOST_MM);
    this.width = fields.number("widthMm", 0.5, MOST_MM);
    this.roomC = fields.optionalNumber("roomC", COLDEST_C, 60).orElse(20);
    if (bore > 0 && outer > 0 && outer <= bore) {
      fields.impossible(
          "outerMm", String.valueOf(outer), "Send more than the bore of " + bore + ".");
    }
  }

  private Family family() {
    String word = fields.text("family", Family.DEEP_GROOVE_BALL.id());
    Optional<Family> found =
        Arrays.stream(Family.values())
            .filter(f -> f.id().equals(word) || f.interfaceWord().equals(word))
            .filter(f -> RingKindOf.family(f) != RingKind.NOT_KNOWN)
            .findFirst();
    if (found.isEmpty()) {
      fields.impossible(
          "family",
          word,
          "A family of the vocabulary with ring tolerances, such as tapered-roller.");
    }
    return found.orElse(Family.DEEP_GROOVE_BALL);
  }

  /** The ring that sees the turning load. */
  String turning() {
    String word = fields.text("turningLoadOn", "inner");
    return fields.oneOf("turningLoadOn", word, List.of("inner", "outer", "both")) ? word : "inner";
  }

  /** How heavy the load is, in a word. */
  String load() {
    if (fields.isNumber("loadShare")) {
      return Recommendation.load(fields.optionalNumber("loadShare", 0, 2).orElse(0.1));
    }
    String word = fields.text("loadShare", "normal");
    return fields.oneOf("loadShare", word, List.of("light", "normal", "heavy")) ? word : "normal";
  }

  /** What the fit is worked from, all of it checked. */
  FitInput read() {
    double outsideOfHousing =
        fields.object("housing").optionalNumber("outsideMm", 1, 2000).orElse(1.5 * outer);
    Seat shaft = seat("shaft", false);
    Seat housing = seat("housing", true);
    double inner = raceway("innerRacewayMm", FitInput.innerRaceway(bore, outer));
    double outerRaceway = raceway("outerRacewayMm", FitInput.outerRaceway(bore, outer));
    Spread boreOf = ring(Dimension.BORE, bore);
    Spread outsideOf = ring(Dimension.OUTSIDE, outer);
    Optional<FitInput.Group> group = group();
    double angle = angle();
    double friction = fields.optionalNumber("friction", 0.02, 0.6).orElse(0.12);
    walls(shaft, outsideOfHousing, inner, outerRaceway);
    fields.check();
    return new FitInput(
        family,
        bore,
        outer,
        width,
        inner,
        outerRaceway,
        !fields.has("innerRacewayMm") || !fields.has("outerRacewayMm"),
        group,
        angle,
        boreOf,
        outsideOf,
        shaft,
        housing,
        roomC,
        friction);
  }

  /** Whether the housing's outside was assumed. */
  boolean isHousingAssumed() {
    return !fields.object("housing").has("outsideMm");
  }

  private double raceway(String field, double usual) {
    return fields.optionalNumber(field, 0.5, MOST_MM).orElse(usual);
  }

  /** What is set after fitting has an angle; the others do not need one. */
  private double angle() {
    OptionalDouble given = fields.optionalNumber("contactAngleDeg", 1, 89);
    double usual =
        switch (family) {
          case TAPERED_ROLLER -> 14;
          case ANGULAR_CONTACT_BALL, TWO_ROW_ANGULAR_BALL, FOUR_POINT_BALL -> 25;
          default -> 0;
        };
    return given.orElse(usual);
  }

  private Optional<FitInput.Group> group() {
    String name = fields.text("clearance", "CN");
    if (!InternalClearances.GROUPS.contains(name)) {
      fields.impossible(
          "clearance", name, "One of " + String.join(", ", InternalClearances.GROUPS) + ".");
      return Optional.empty();
    }
    Optional<String> kind = Fit.clearanceKind(family);
    Optional<FitInput.Group> group =
        kind.flatMap(k -> InternalClearances.of(k, name, bore))
            .map(limits -> new FitInput.Group(name, limits));
    if (kind.isPresent() && bore > 0 && group.isEmpty()) {
      fields.impossible("clearance", name, "No clearance of this group is tabled for that bore.");
    }
    return group;
  }

  private Spread ring(Dimension dimension, double size) {
    RingKind kind = RingKindOf.family(family);
    String cls = fields.text("toleranceClass", kind.usualClass());
    Optional<Limits> limits =
        size > 0 ? RingTolerances.of(kind, dimension, cls, size) : Optional.empty();
    if (size > 0 && limits.isEmpty()) {
      fields.oneOfOnce("toleranceClass", cls, RingTolerances.classes(kind));
      if (RingTolerances.classes(kind).contains(cls)) {
        fields.impossible(
            dimension == Dimension.BORE ? "boreMm" : "outerMm",
            String.valueOf(size),
            "The table of class " + cls + " ends before this size.");
      }
    }
    return limits.map(Spread::within).orElse(new Spread(0, 0, 0, 0));
  }

  private Seat seat(String name, boolean isHousing) {
    double nominal = isHousing ? outer : bore;
    if (!fields.has(name)) {
      fields.missing(name, "Send an object with a zone, or measuredMm and uncertaintyMm.");
    }
    Fields seat = fields.object(name);
    Spread size =
        seat.has("measuredMm") ? measured(seat, nominal) : zone(seat, name, nominal, isHousing);
    Material material = seat.material("material", "steel");
    String finish = seat.text("surface", Surface.GROUND.id());
    boolean known = seat.oneOf("surface", finish, List.of("ground", "turned"));
    double wall =
        isHousing
            ? seat.optionalNumber("outsideMm", 1, 2000).orElse(1.5 * outer)
            : seat.optionalNumber("boreMm", 0, MOST_MM).orElse(0);
    double running = seat.optionalNumber("runningC", COLDEST_C, HOTTEST_C).orElse(roomC);
    return new Seat(
        size,
        material,
        wall,
        known && finish.equals("turned") ? Surface.TURNED : Surface.GROUND,
        running,
        seat.has("measuredMm") ? "measured" : "zone");
  }

  private static Spread measured(Fields seat, double nominal) {
    double mm = seat.number("measuredMm", 0.5, MOST_MM + 5);
    double u95 = seat.number("uncertaintyMm", 0, 1);
    if (mm > 0 && nominal > 0 && Math.abs(mm - nominal) > MOST_OFF_MM) {
      seat.impossible(
          "measuredMm",
          String.valueOf(mm),
          "More than 2 mm off the ring of " + nominal + " mm: not its seat.");
    }
    return Spread.measured((mm - nominal) * 1000, u95 * 1000);
  }

  private static Spread zone(Fields seat, String name, double nominal, boolean isHousing) {
    String word = seat.text("zone", "");
    Optional<IsoZone> zone = IsoZone.parse(word).filter(z -> z.isHole() == isHousing);
    if (word.isEmpty()) {
      seat.missing("zone", "Send a zone such as k5, or measuredMm and uncertaintyMm.");
    } else if (zone.isEmpty()) {
      String example = isHousing ? "a hole such as H7" : "a shaft such as k5";
      seat.impossible("zone", word, "Not a zone of a " + name + ". Send " + example + ".");
    }
    Optional<Limits> limits = nominal > 0 ? zone.flatMap(z -> z.at(nominal)) : Optional.empty();
    if (zone.isPresent() && nominal > 0 && limits.isEmpty()) {
      seat.impossible("zone", word, "This zone is not made for a size of " + nominal + " mm.");
    }
    return limits.map(Spread::within).orElse(new Spread(0, 0, 0, 0));
  }

  private void walls(Seat shaft, double housing, double inner, double outerRaceway) {
    if (!(bore > 0 && outer > bore)) {
      return;
    }
    if (shaft.wallMm() >= bore) {
      fields
          .object("shaft")
          .impossible("boreMm", String.valueOf(shaft.wallMm()), "Send less than " + bore + ".");
    }
    if (housing <= outer) {
      fields
          .object("housing")
          .impossible(
              "outsideMm", String.valueOf(housing), "Send more than the ring’s " + outer + ".");
    }
    if (!(inner > bore && inner < outerRaceway)) {
      fields.impossible(
          "innerRacewayMm", String.valueOf(inner), "Send more than the bore, less than the other.");
    }
    if (!(outerRaceway < outer && outerRaceway > bore)) {
      fields.impossible(
          "outerRacewayMm", String.valueOf(outerRaceway), "Send less than the outside.");
    }
  }

  /** The table of ring tolerances of a family. */
  private static final class RingKindOf {
    private RingKindOf() {}

    static RingKind family(Family family) {
      return switch (family) {
        case WHEEL_UNIT,
                HEADSET,
                NEEDLE_CAGE,
                THRUST_NEEDLE,
                SPHERICAL_PLAIN,
                THRUST_BALL,
                TWO_WAY_THRUST_BALL,
                DRAWN_CUP_NEEDLE ->
            RingKind.NOT_KNOWN;
        case TAPERED_ROLLER -> RingKind.METRIC_TAPER;
        default -> RingKind.RADIAL;
      };
    }
  }
}
