package unbo.app.packing;

import java.util.Map;
import unbo.app.job.Press;
import unbo.app.web.FieldProblems;
import unbo.core.units.Entry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;

/** Weighs the shop's gun: so many strokes gave so many grams. */
final class GunCalibration {

  private static final double MOST_PER_STROKE_G = 10;
  private static final int MOST_STROKES = 200;

  private final GreaseGunRepository guns;

  GunCalibration(GreaseGunRepository guns) {
    this.guns = guns;
  }

  Press press(Map<String, String> fields, Press.By by) {
    FieldProblems problems = new FieldProblems();
    double strokes =
        problems.take("strokes", required(QuantityEntry.COUNT, fields, "strokes")).orElse(0.0);
    double grams =
        problems.take("grams", required(QuantityEntry.MASS, fields, "grams")).orElse(0.0);
    if (problems.isEmpty() && !(strokes >= 1 && strokes <= MOST_STROKES)) {
      problems.add("strokes", impossible(fields.get("strokes"), "Count 1 to 200 strokes."));
    }
    if (problems.isEmpty() && !(grams > 0 && grams / strokes <= MOST_PER_STROKE_G)) {
      problems.add(
          "grams", impossible(fields.get("grams"), "A hand gun gives up to 10 g per stroke."));
    }
    if (!problems.isEmpty()) {
      return new Press.Refused(problems);
    }
    guns.save(new GreaseGun((int) strokes, grams, by.name(), by.at()));
    return new Press.Done();
  }

  private static Entry<Double> required(
      QuantityEntry kind, Map<String, String> fields, String field) {
    String typed = fields.getOrDefault(field, "");
    return typed.isBlank()
        ? Entry.refused(typed, "Missing.", "Weigh the grease of ten strokes.")
        : kind.parse(typed);
  }

  private static Problem impossible(String typed, String remedy) {
    return new Problem(typed, "Out of range.", remedy);
  }
}
