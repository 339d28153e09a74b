package unbo.app.packing;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.core.arrangement.BearingPlace;
import unbo.core.catalogue.Bearing;
import unbo.core.grease.Duty;
import unbo.core.grease.GreaseCharge;
import unbo.core.section.BearingVolume;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;

/**
 * The Pack form, understood.
 *
 * @param fields as typed
 * @param record what it comes to; refused fields take their usual values
 * @param problems at the fields
 */
record PackInput(Map<String, String> fields, PackRecord record, FieldProblems problems) {

  private static final Pattern WORK =
      Pattern.compile(
          "tin-(rpm|hot|water|there|touches-[a-z]+)|drag-(load|kmh|year|seal|vertical|dirt)|cup-grams|cart-(closure|behind)");

  private static final double STEEL_G_PER_CM3 = 7.85;

  static PackInput of(Workpiece job, Map<String, String> fields) {
    FieldProblems problems = new FieldProblems();
    Duty duty =
        Duty.withId(fields.getOrDefault("duty", ""))
            .orElseGet(
                () -> {
                  problems.add(
                      "duty",
                      new Problem(
                          fields.getOrDefault("duty", ""),
                          "No duty is chosen.",
                          "Choose the duty; for most wheels: Wheels to general."));
                  return Duty.GENERAL;
                });
    double density =
        number("density", fields, QuantityEntry.DENSITY, 0.7, 2, problems)
            .orElse(GreaseCharge.USUAL_DENSITY);
    Double prescribed =
        number("prescribed", fields, QuantityEntry.MASS, 0.01, 5000, problems).orElse(null);
    Map<String, Double> masses = new LinkedHashMap<>();
    for (BearingPlace place : job.arrangement().namedPlaces()) {
      mass(job, place, fields, problems).ifPresent(m -> masses.put(place.id(), m));
    }
    boolean byHand = "hand".equals(fields.get("school"));
    return new PackInput(
        fields,
        new PackRecord(
            duty.id(), byHand, density, masses, null, work(fields), null, null, prescribed),
        problems);
  }

  /** What was said of speed, heat, water and load; the ticks too. */
  private static Map<String, String> work(Map<String, String> fields) {
    Map<String, String> work = new LinkedHashMap<>();
    fields.forEach(
        (name, typed) -> {
          if (WORK.matcher(name).matches() && !typed.isBlank()) {
            work.put(name, typed.strip());
          }
        });
    return work;
  }

  /** The form as the record fills it. */
  static Map<String, String> recorded(PackRecord pack) {
    Map<String, String> fields = new LinkedHashMap<>();
    fields.put("duty", pack.duty().map(Duty::id).orElse(""));
    fields.put("school", pack.byHand() ? "hand" : "share");
    fields.put("density", plain(pack.density()));
    fields.putAll(pack.work());
    fields.put("prescribed", pack.prescribedG() == null ? "" : plain(pack.prescribedG()));
    if (pack.taken() != null) {
      fields.put(GreaseTaking.FROM, String.valueOf(pack.taken().tin()));
      fields.put(GreaseTaking.GRAMS, plain(pack.taken().grams()));
      fields.put(
          GreaseTaking.WASTED, pack.taken().wasted() == 0 ? "" : plain(pack.taken().wasted()));
    }
    pack.masses().forEach((place, grams) -> fields.put("mass-" + place, plain(grams)));
    return fields;
  }

  private static String plain(double value) {
    return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
  }

  /** A mass must leave some room to not be a feather's: both are misreadings. */
  private static Optional<Double> mass(
      Workpiece job, BearingPlace place, Map<String, String> fields, FieldProblems problems) {
    String field = "mass-" + place.id();
    Bearing bearing = job.assembly().bearing(place.id());
    double whole =
        STEEL_G_PER_CM3
            * BearingVolume.annulusCm3(bearing.boreMm(), bearing.outerMm(), bearing.widthMm());
    return number(field, fields, QuantityEntry.MASS, 0.3 * whole, 0.95 * whole, problems);
  }

  private static Optional<Double> number(
      String field,
      Map<String, String> fields,
      QuantityEntry kind,
      double least,
      double most,
      FieldProblems problems) {
    return problems.take(
        field,
        kind.parse(fields.getOrDefault(field, "")).check(v -> outside(v, least, most, kind)));
  }

  private static Optional<Problem> outside(
      double value, double least, double most, QuantityEntry kind) {
    return value >= least && value <= most
        ? Optional.empty()
        : Optional.of(
            new Problem(
                plain(value) + " " + kind.symbol(),
                "Out of range.",
                "Enter "
                    + plain(Math.round(least * 10) / 10.0)
                    + " to "
                    + plain(Math.round(most * 10) / 10.0)
                    + " "
                    + kind.symbol()
                    + "."));
  }
}
