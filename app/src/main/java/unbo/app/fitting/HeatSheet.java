package unbo.app.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.Workings;
import unbo.core.fit.Fit;
import unbo.core.fit.FitInput;
import unbo.core.fit.Material;
import unbo.core.heat.HeatPlan;
import unbo.core.heat.HeatPlan.Construction;
import unbo.core.heat.HeatPlan.Heated;
import unbo.core.heat.LooseningHeat;
import unbo.core.heat.Slug;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * The heat planner of a fit.
 *
 * @param plan for the part that is heated
 * @param temperature how warm, as a figure
 * @param seconds in the air until it grips; 0 for none
 * @param air the same as a figure; null for none
 * @param slug how hot a slug must be; null while none was weighed
 * @param curve temperature against seconds, as path data
 * @param gripX where it grips, in the drawing
 */
public record HeatSheet(
    HeatPlan plan,
    Figure temperature,
    int seconds,
    Figure air,
    Figure slug,
    String curve,
    double gripX,
    double gripY) {

  static final double WIDTH = 300;
  static final double HEIGHT = 90;
  private static final int POINTS = 60;

  static Optional<HeatSheet> of(
      Fit fit, FitFields fields, FieldProblems problems, Workings workings, Figures figures) {
    FitInput in = fit.input();
    Heated heated = fields.get("heated").equals("housing") ? Heated.HOUSING : Heated.RING;
    boolean ring = heated == Heated.RING;
    double most = Math.max(0, (ring ? fit.inner() : fit.outer()).cold().most()) / 1000;
    if (most == 0) {
      return Optional.empty();
    }
    double seat = ring ? in.boreMm() : in.outerMm();
    double slide = slide(fields, problems, LooseningHeat.slidingRoomMm(seat));
    double room = fields.roomC();
    OptionalDouble chilled = fields.chilledC();
    if (chilled.isPresent() && chilled.getAsDouble() > room) {
      problems.add(
          "chilled",
          new Problem(
              fields.get("chilled"),
              "Warmer than the room.",
              "Leave it empty where nothing is chilled."));
      return Optional.empty();
    }
    Material housing = in.housing().material();
    HeatPlan plan =
        HeatPlan.of(
            new HeatPlan.Question(
                in.boreMm(),
                in.outerMm(),
                in.widthMm(),
                most,
                Origin.computed("greatest of the fit above"),
                slide,
                heated,
                housing,
                in.shaft().material(),
                room,
                chilled.orElse(room),
                built(fields),
                !fields.get("stabilised").isEmpty(),
                OptionalDouble.empty()));
    return Optional.of(
        drawn(plan, slug(plan, fields, problems, workings, figures), workings, figures));
  }

  private static double slide(FitFields fields, FieldProblems problems, double usual) {
    Optional<Double> typed =
        problems
            .take("slide", LengthEntry.parse(fields.get("slide"), LengthEntry.Unit.MILLIMETRE))
            .map(t -> t.length().millimetres());
    if (typed.isPresent() && !(typed.get() > 0 && typed.get() <= 0.5)) {
      problems.add(
          "slide", new Problem(fields.get("slide"), "No room to slide.", "Enter 0.005 to 0.5 mm."));
      return usual;
    }
    return typed.orElse(usual);
  }

  private static Figure slug(
      HeatPlan plan, FitFields fields, FieldProblems problems, Workings workings, Figures figures) {
    Optional<Double> grams = problems.take("slug", QuantityEntry.MASS.parse(fields.get("slug")));
    if (grams.isEmpty()) {
      return null;
    }
    Material material = Material.withId(fields.get("slug-material")).orElse(Material.STEEL);
    Working slug =
        grams.get() > 0
            ? Slug.temperature(
                grams.get(), material, plan.ringG(), plan.question().roomC(), plan.startC())
            : null;
    if (slug == null || slug.result().value() > Slug.MOST_C) {
      problems.add(
          "slug",
          new Problem(
              fields.get("slug"),
              slug == null ? "No mass." : "Too light: it would have to be over 400 °C hot.",
              "Enter the mass of a heavier slug, in g."));
      return null;
    }
    return workings.figure("", slug, figures.whole(slug.result().value()) + " °C");
  }

  private static Construction built(FitFields fields) {
    return switch (fields.get("built")) {
      case "open" -> Construction.OPEN;
      case "bare-ring" -> Construction.BARE_RING;
      default -> Construction.SEALED; // the one that bears least, while nobody says
    };
  }

  private static HeatSheet drawn(HeatPlan plan, Figure slug, Workings workings, Figures figures) {
    Figure temperature =
        workings.figure("", plan.partC(), figures.whole(plan.partC().result().value()) + " °C");
    if (plan.secondsInAir().isEmpty()) {
      return new HeatSheet(plan, temperature, 0, null, slug, "", 0, 0);
    }
    double seconds = plan.secondsInAir().getAsDouble();
    double end = 1.6 * seconds;
    double hot = plan.startC();
    double room = plan.question().roomC();
    List<String> points = new ArrayList<>();
    for (int i = 0; i <= POINTS; i++) {
      double t = end * i / POINTS;
      points.add(
          String.format(
              Locale.ROOT, "%.1f %.1f", WIDTH * i / POINTS, y(plan.afterC(t), hot, room)));
    }
    return new HeatSheet(
        plan,
        temperature,
        (int) seconds,
        workings.figure("", plan.inAir().orElseThrow(), inAir((int) seconds)),
        slug,
        "M" + String.join(" L", points),
        WIDTH * seconds / end,
        y(plan.afterC(seconds), hot, room));
  }

  private static double y(double c, double hot, double room) {
    return HEIGHT - (HEIGHT - 12) * (c - room) / Math.max(1, hot - room);
  }

  /** Minutes and seconds in the air, in words. */
  public String inAir() {
    return inAir(seconds);
  }

  private static String inAir(int seconds) {
    return seconds >= 120 ? "about " + Math.round(seconds / 60.0) + " min" : seconds + " s";
  }
}
