package unbo.app.fitting;

import java.util.List;
import java.util.Optional;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.Workings;
import unbo.core.contact.BallThrust;
import unbo.core.crank.CrankPinch;
import unbo.core.fit.Fit;
import unbo.core.measure.Instrument;
import unbo.core.section.BearingPortrait;
import unbo.core.section.InternalGeometry;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;

/**
 * A crank between two tight ball mains.
 *
 * @param free along the axis of one main, in words
 * @param thrusts on each main, cold and warm; empty where both are free
 */
public record CrankSheet(
    CrankPinch pinch,
    Figure cold,
    Figure warm,
    String free,
    List<Figure> thrusts,
    String verdict,
    boolean pinched) {

  static Optional<CrankSheet> of(
      Workpiece piece,
      FitPlace place,
      Fit fit,
      FitFields fields,
      FieldProblems problems,
      Workings workings,
      Figures figures) {
    boolean asked =
        piece.arrangement().setsEndFloat()
            && !fields.get("crank-shoulder").isEmpty()
            && !fields.get("crank-width").isEmpty();
    if (!asked || fit.clearance().isEmpty()) {
      return Optional.empty();
    }
    Optional<Double> shoulder = mm("crank-shoulder", fields, problems);
    Optional<Double> width = mm("crank-width", fields, problems);
    double hot = hot(fields, problems);
    Optional<InternalGeometry> inside = BearingPortrait.of(place.bearing()).inside();
    if (shoulder.isEmpty() || width.isEmpty() || inside.isEmpty()) {
      return Optional.empty();
    }
    if (Math.abs(shoulder.get() - width.get()) >= 3 || shoulder.get() <= 0) {
      problems.add(
          "crank-width",
          new Problem(
              fields.get("crank-width"),
              "3 mm or more off the case: not this crank.",
              "Measure shoulder to shoulder, and seat to seat with the ring offsets."));
      return Optional.empty();
    }
    double play = Math.max(0, fit.clearance().get().mounted().likely()) / 1000;
    InternalGeometry in = inside.get();
    BallThrust main =
        new BallThrust(
            in.elementMm(),
            in.perRow(),
            Math.min(play, 0.9 * 0.04 * in.elementMm()),
            BallThrust.USUAL_OSCULATION);
    double rise = Math.max(0, hot - fields.roomC());
    double u95 = Instrument.withId("depth-gauge").orElseThrow().uncertaintyAt(shoulder.get());
    CrankPinch pinch =
        CrankPinch.of(
            new CrankPinch.Measured(
                shoulder.get(), width.get(), u95, fit.input().housing().material(), rise, rise),
            main,
            2 * fit.clearance().get().mounted().sigma());
    return Optional.of(drawn(pinch, workings, figures));
  }

  private static Optional<Double> mm(String field, FitFields fields, FieldProblems problems) {
    return problems
        .take(field, LengthEntry.parse(fields.get(field), LengthEntry.Unit.MILLIMETRE))
        .map(t -> t.length().millimetres());
  }

  private static double hot(FitFields fields, FieldProblems problems) {
    Optional<Double> hot =
        problems.take("crank-hot", QuantityEntry.TEMPERATURE.parse(fields.get("crank-hot")));
    if (hot.isPresent() && !(hot.get() >= -40 && hot.get() <= 200)) {
      problems.add(
          "crank-hot",
          new Problem(
              fields.get("crank-hot"), "Not a working heat of a case.", "Enter −40 to 200 °C."));
    }
    return hot.filter(h -> h <= 200).orElse(fields.roomC());
  }

  private static CrankSheet drawn(CrankPinch pinch, Workings workings, Figures figures) {
    Figure cold =
        workings.figure("", pinch.cold(), figures.fine(pinch.cold().result().value()) + " mm");
    Figure warm =
        workings.figure("", pinch.warm(), figures.fine(pinch.warm().result().value()) + " mm");
    boolean pinched = pinch.coldN() > 0 || pinch.warmN() > 0;
    return new CrankSheet(
        pinch,
        cold,
        warm,
        figures.fine(pinch.freeMm()) + " mm",
        pinched
            ? List.of(
                workings.figure("", pinch.coldThrust(), "cold " + newtons(pinch.coldN())),
                workings.figure("", pinch.warmThrust(), "warm " + newtons(pinch.warmN())))
            : List.of(),
        verdict(pinch),
        pinched);
  }

  private static String verdict(CrankPinch pinch) {
    if (pinch.coldSays().equals("cannot tell")) {
      return "Cannot tell cold: the depths’ doubt is larger than what is left. A finer gauge settles it.";
    }
    String cold = pinch.coldN() > 0 ? "Pinched cold by " + newtons(pinch.coldN()) : "Free cold";
    String warm = pinch.warmN() > 0 ? "pinched warm by " + newtons(pinch.warmN()) : "free warm";
    return cold + ", " + warm + (pinch.coldN() + pinch.warmN() > 0 ? " on each main." : ".");
  }

  private static String newtons(double n) {
    return n >= 1000 ? Math.round(n / 100) / 10.0 + " kN" : Math.round(n) + " N";
  }

  public List<String> advice() {
    return CrankPinch.advice();
  }

  public List<CrankPinch.High> high() {
    return List.of(CrankPinch.High.values());
  }
}
