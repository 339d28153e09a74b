package unbo.app.setting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import unbo.app.fitting.MountedClearance;
import unbo.app.job.Workpiece;
import unbo.app.setting.PartSums.Line;
import unbo.app.setting.PartSums.Question;
import unbo.core.catalogue.Family;
import unbo.core.contact.BallThrust;
import unbo.core.fit.Material;
import unbo.core.section.BearingPortrait;
import unbo.core.section.InternalGeometry;
import unbo.core.setting.ClampedSpacer;
import unbo.core.setting.SpacerLength;
import unbo.core.units.Digits;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;

/** A spacer under its clamp, warm, with its tolerance, and which of a stock to take. */
final class SpacerSum extends Sum {

  private static final double MOST_N = 200_000;
  private static final double MOST_MM = 300;
  private static final String TITLE = "Spacer clamped, warm, with its tolerance";

  SpacerSum(Map<String, String> typed) {
    super(typed, "spacer");
  }

  private static List<Question> questions() {
    Map<String, String> materials = new LinkedHashMap<>();
    Material.ofSeats().forEach(m -> materials.put(m.id(), m.title()));
    return List.of(
        Question.text("clamp", "Clamping force of the axle", "N"),
        Question.text("outside", "Spacer, outside", "mm"),
        Question.text("bore", "Spacer, bore", "mm"),
        Question.choice("spacer", "Spacer of", materials),
        Question.choice("hub", "Hub of", materials),
        Question.text("rise", "Warmer at work by", "°C"),
        Question.text("tolerance", "Length good to, plus and minus", "mm"),
        Question.text("stock", "Other spacers, lengths", "mm"));
  }

  /** The pair of a workpiece with the length of its spacer, where both are known. */
  private record Pair(SpacerLength spacer, BallThrust bearing, String from) {
    static Optional<Pair> of(Workpiece piece) {
      Optional<SpacerLength> spacer =
          GeneralOutcome.spacers(piece.assembly()).byPart().values().stream().findFirst();
      String place = piece.arrangement().namedPlaces().get(0).id();
      Optional<InternalGeometry> inside =
          piece
              .assembly()
              .bearingAt(place)
              .filter(b -> b.family() == Family.DEEP_GROOVE_BALL)
              .flatMap(b -> BearingPortrait.of(b).inside());
      Optional<MountedClearance> clearance =
          MountedClearance.of(piece, place).filter(c -> c.um() > 0);
      return spacer.flatMap(
          s -> inside.flatMap(i -> clearance.map(c -> new Pair(s, thrust(i, c), c.said()))));
    }

    private static BallThrust thrust(InternalGeometry in, MountedClearance c) {
      double most = 0.9 * (BallThrust.USUAL_OSCULATION - 1) * in.elementMm();
      return new BallThrust(
          in.elementMm(), in.perRow(), Math.min(c.um() / 1000, most), BallThrust.USUAL_OSCULATION);
    }
  }

  PartSums read(Workpiece piece) {
    Optional<ClampedSpacer.Clamp> clamp = clamp();
    Optional<Double> tolerance = fields.length("tolerance", 5);
    List<Double> stock = fields.lengths("stock", MOST_MM);
    Optional<Pair> pair =
        piece.arrangement().namedPlaces().isEmpty() ? Optional.empty() : Pair.of(piece);
    if (clamp.isEmpty() || pair.isEmpty() || !problems.isEmpty()) {
      return sums(
          TITLE,
          questions(),
          List.of(),
          isEmpty() || pair.isPresent()
              ? ""
              : "Measure spacer and distance first, and name the ball bearings: they are on the section.",
          List.of());
    }
    var lengths = pair.get().spacer().working().inputs();
    ClampedSpacer spacer =
        ClampedSpacer.of(lengths.get(0), lengths.get(1), clamp.get(), pair.get().bearing());
    List<Line> lines = new ArrayList<>();
    lines.add(line("Against the distance, clamped and warm", spacer.off()));
    tolerance.ifPresent(
        t ->
            lines.add(
                new Line(
                    "Chance that a spacer of this tolerance preloads the pair",
                    workings.figure(
                        "",
                        spacer.chance(t),
                        Math.round(spacer.chance(t).result().value()) + " %"))));
    return sums(
        TITLE,
        questions(),
        lines,
        verdict(spacer),
        says(spacer, stock, lengths.get(0).value().value(), pair.get()));
  }

  private static String verdict(ClampedSpacer spacer) {
    double slack = spacer.slackMm();
    return slack > 0
        ? String.format(
            Locale.ROOT, "Free at work by this sum: %.3f mm left along the axis.", slack)
        : String.format(
            Locale.ROOT, "Preloaded at work by about %.0f N on each bearing.", spacer.preloadN());
  }

  private static List<String> says(
      ClampedSpacer spacer, List<Double> stock, double length, Pair pair) {
    List<String> says = new ArrayList<>();
    if (!stock.isEmpty()) {
      says.add(
          spacer
              .take(stock, length)
              .map(l -> "Take the spacer of " + Digits.exact(l) + " mm: it leaves the most.")
              .orElse("None of these leaves the pair free: face off a longer one, or make one."));
    }
    says.add("Clearance of one bearing: " + pair.from() + ".");
    return says;
  }

  private Optional<ClampedSpacer.Clamp> clamp() {
    double force = quantity("clamp", QuantityEntry.FORCE, MOST_N).orElse(0.0);
    Optional<Double> outside = fields.length("outside", MOST_MM);
    double bore = fields.length("bore", MOST_MM).orElse(0.0);
    double rise = quantity("rise", QuantityEntry.TEMPERATURE, 200).orElse(0.0);
    if (outside.isPresent() && outside.get() <= bore) {
      problems.add(
          PartSums.PREFIX + "bore",
          new Problem(fields.get("bore"), "No wall is left.", "Enter a bore under the outside."));
    }
    if (outside.isEmpty() || !problems.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        new ClampedSpacer.Clamp(
            force, outside.get(), bore, material("spacer"), material("hub"), rise));
  }

  private Material material(String field) {
    return Material.withId(fields.get(field)).orElse(Material.STEEL);
  }

  private Optional<Double> quantity(String field, QuantityEntry kind, double most) {
    String id = PartSums.PREFIX + field;
    Optional<Double> read = problems.take(id, kind.parse(fields.get(field)));
    if (read.isPresent() && !(Math.abs(read.get()) <= most)) {
      problems.add(
          id,
          new Problem(
              fields.get(field),
              "Out of range here.",
              "Enter up to " + Digits.exact(most) + " " + kind.symbol() + "."));
      return Optional.empty();
    }
    return read;
  }
}
