package unbo.app.packing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.job.Job;
import unbo.app.job.PackFigures;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.core.arrangement.BearingPlace;
import unbo.core.grease.Duty;
import unbo.core.grease.GreaseCharge;
import unbo.core.grease.Helping;
import unbo.core.measure.Measured;

/**
 * What the Pack sheet shows.
 *
 * @param duties the duties to choose from
 * @param masses the mass fields
 * @param rows what goes where
 * @param total the sum, in words
 * @param gun the shop's gun, null while nobody has weighed it
 * @param fields as typed
 * @param problems at the fields
 */
public record PackSheet(
    List<Duty> duties,
    List<MassField> masses,
    List<Row> rows,
    String total,
    GreaseGun gun,
    Map<String, String> fields,
    FieldProblems problems) {

  /** A field for a bearing's mass. */
  public record MassField(String name, String label) {}

  /** What goes into one bearing or hollow. */
  public record Row(
      String where, String free, String grams, String cm3, String strokes, String looksLike) {}

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  static PackSheet of(
      Job job,
      Map<String, String> fields,
      FieldProblems problems,
      Optional<GreaseGun> gun,
      Figures f) {
    List<MassField> masses =
        job.arrangement().namedPlaces().stream()
            .map(
                p ->
                    new MassField(
                        "mass-" + p.id(),
                        "Mass of the " + p.id() + " " + designation(job, p) + ", if weighed"))
            .toList();
    List<Row> rows = new ArrayList<>();
    double total = 0;
    Optional<PackFigures> figures = PackFigures.of(job);
    if (figures.isPresent()) {
      double density = job.work().getPack().density();
      for (var entry : figures.get().charges().entrySet()) {
        BearingPlace place = job.arrangement().place(entry.getKey()).orElseThrow();
        rows.add(bearing(place.id() + " " + designation(job, place), entry.getValue(), gun, f));
        total += entry.getValue().chargeGrams().value();
      }
      for (var entry : figures.get().fills().entrySet()) {
        Measured cm3 =
            new Measured(entry.getValue().greaseCm3(), 0.15 * entry.getValue().greaseCm3());
        String free = f.oneDecimal(entry.getValue().volumeCm3()) + " cm³";
        rows.add(row(entry.getKey().title(), free, cm3, cm3.times(density), gun, f));
        total += cm3.value() * density;
      }
    }
    return new PackSheet(
        List.of(Duty.values()),
        masses,
        rows,
        total(total, gun, f),
        gun.orElse(null),
        fields,
        problems);
  }

  private static String designation(Job job, BearingPlace place) {
    return job.assembly().bearing(place.id()).designation();
  }

  private static Row bearing(
      String where, GreaseCharge charge, Optional<GreaseGun> gun, Figures f) {
    Measured free = charge.freeVolumeCm3();
    String text = f.oneDecimal(free.value()) + " ± " + f.oneDecimal(free.uncertainty()) + " cm³";
    return row(where, text, charge.chargeCm3(), charge.chargeGrams(), gun, f);
  }

  private static Row row(
      String where, String free, Measured cm3, Measured grams, Optional<GreaseGun> gun, Figures f) {
    Helping helping = Helping.of(cm3.value());
    return new Row(
        where,
        free,
        f.oneDecimal(grams.value()) + " ± " + f.oneDecimal(grams.uncertainty()) + " g",
        f.oneDecimal(cm3.value()) + " cm³",
        gun.map(g -> strokes(grams.value(), g)).orElse(""),
        f.oneDecimal(helping.teaspoons())
            + (helping.teaspoons() == 1 ? " teaspoon, " : " teaspoons, ")
            + f.oneDecimal(helping.beadCm())
            + " cm of a 1 cm bead");
  }

  private static String strokes(double grams, GreaseGun gun) {
    long strokes = Math.max(1, Math.round(grams / gun.getGramsPerStroke()));
    return strokes + (strokes == 1 ? " stroke" : " strokes");
  }

  private static String total(double grams, Optional<GreaseGun> gun, Figures f) {
    if (grams == 0) {
      return "";
    }
    return f.whole(grams) + " g in all" + gun.map(g -> ", " + strokes(grams, g)).orElse("");
  }
}
