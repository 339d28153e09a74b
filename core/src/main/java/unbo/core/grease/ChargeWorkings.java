package unbo.core.grease;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import unbo.core.catalogue.Bearing;
import unbo.core.measure.Instrument;
import unbo.core.section.BearingVolume;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * How the figures of a charge came about: free volume, charge, and what it looks like at the bench.
 *
 * @param bearing its sizes in mm
 * @param size where the sizes come from
 * @param massG weighed, empty when nobody has
 * @param weighed by whom
 * @param share filled, 0 to 1, with its origin
 * @param density in g/cm³, with its origin
 */
public record ChargeWorkings(
    Bearing bearing,
    Origin size,
    OptionalDouble massG,
    Origin weighed,
    Input share,
    Input density) {

  private static final String TO_WEIGH = "weigh the bearing and enter its mass";
  private static final String ROOM = "B is the width over all, T for a taper. ";

  /** The share as an input: a rule of the trade for a duty. */
  public static Input share(Duty duty, double share, boolean byHand) {
    return Input.exact(
        "s",
        "share that is filled",
        share,
        "",
        byHand
            ? Origin.assumed("packed by hand through every element, then level")
            : Origin.entered("duty “" + duty.title() + "”: " + duty.why()));
  }

  /** The density as an input. */
  public static Input density(double density) {
    return Input.exact(
        "ρ",
        "density of the grease",
        density,
        "g/cm³",
        density == GreaseCharge.USUAL_DENSITY
            ? Origin.assumed("usual; the tin’s own figure replaces it")
            : Origin.entered("density of the grease"));
  }

  /** Free volume in cm³. */
  public Working freeVolume() {
    String signs =
        massG.isPresent()
            ? "V = k · (π/4 · B · (D² − d²)/1000 − m/ρₛ)"
            : "V = k · (π/4 · B · (D² − d²)/1000 − M)";
    return Working.of(
        Formula.of("Free volume", "cm³", signs, this::free, source(), limits())
            .by("room between bore, outside and faces", "cm³", ChargeWorkings::room)
            .by("metal", "cm³", this::metal),
        sizes());
  }

  /** The charge in grams. */
  public Working charge() {
    List<Input> inputs = new ArrayList<>(sizes());
    inputs.add(share);
    inputs.add(density);
    return Working.of(
        Formula.of(
                "Charge",
                "g",
                "g = s · ρ · V",
                v -> v.get("s") * v.get("ρ") * free(v),
                source(),
                limits()
                    + " The share is a rule of the trade; the bearing maker’s quantity replaces it.")
            .by("free volume V", "cm³", this::free)
            .by("charge by volume", "cm³", v -> v.get("s") * free(v)),
        inputs);
  }

  private double free(unbo.core.working.Values v) {
    return v.get("k") * (room(v) - metal(v));
  }

  private static double room(unbo.core.working.Values v) {
    return BearingVolume.annulusCm3(v.get("d"), v.get("D"), v.get("B"));
  }

  private double metal(unbo.core.working.Values v) {
    return massG.isPresent() ? v.get("m") / v.get("ρₛ") : v.get("M");
  }

  private List<Input> sizes() {
    List<Input> inputs = new ArrayList<>();
    inputs.add(Input.exact("d", "bore", bearing.boreMm(), "mm", size));
    inputs.add(Input.exact("D", "outside diameter", bearing.outerMm(), "mm", size));
    inputs.add(Input.exact("B", "width", bearing.widthMm(), "mm", size));
    if (massG.isPresent()) {
      inputs.add(Input.exact("m", "mass of the bearing", massG.getAsDouble(), "g", weighed));
      inputs.add(
          Input.exact(
              "ρₛ",
              "density of bearing steel",
              GreaseCharge.STEEL_G_PER_CM3,
              "g/cm³",
              Origin.table("materials, bearing steel")));
      inputs.add(
          method(GreaseCharge.BY_MASS, "weighing: corners, seals and a cage that is not steel"));
    } else {
      inputs.add(Input.exact("M", "metal", BearingVolume.solidCm3(bearing), "cm³", metalOrigin()));
      inputs.add(
          method(GreaseCharge.BY_GEOMETRY, "estimated metal against 24 listed masses")
              .or(TO_WEIGH, GreaseCharge.BY_MASS));
    }
    return inputs;
  }

  private Origin metalOrigin() {
    return BearingVolume.isListed(bearing)
        ? Origin.table("listed mass over 7.85 g/cm³, recalled")
        : Origin.estimated("rings and elements as drawn, corrected to listed masses");
  }

  private static Input method(double share, String why) {
    return Input.of("k", "method", 1, share, "", Origin.assumed(why));
  }

  private static String source() {
    return "Ring volume by geometry; steel 7.85 g/cm³; shares of the free volume as usual in the trade.";
  }

  private String limits() {
    return ROOM
        + (massG.isPresent()
            ? "By mass: good to 3 % of the free volume."
            : "By a listed mass or estimated geometry: good to about 15 % of the free volume.");
  }

  /** Grease of a hollow in grams: its volume as drawn, the share and the density. */
  public static Working hollow(String title, double volumeCm3, Input share, Input density) {
    return Working.of(
        Formula.of(
                "Charge of the " + title,
                "g",
                "g = k · s · ρ · V",
                v -> v.get("k") * v.get("s") * v.get("ρ") * v.get("V"),
                "Volume between the outlines of the section, summed in 240 thin rings.",
                "Sizes that were not measured are assumed, and the hollow with them; ± 15 % is our assumption. The rest stays empty for heat.")
            .by("charge by volume", "cm³", v -> v.get("k") * v.get("s") * v.get("V")),
        List.of(
            Input.exact(
                "V", "volume of the hollow", volumeCm3, "cm³", Origin.computed("from the section")),
            Input.of("k", "method", 1, 0.15, "", Origin.assumed("outlines without fillets")),
            share,
            density));
  }

  /** The volume behind a hollow's grease, in cm³. */
  public static Working hollowVolume(Working grams) {
    Input volume =
        grams.inputs().stream().filter(i -> i.symbol().equals("V")).findFirst().orElseThrow();
    Input method =
        grams.inputs().stream().filter(i -> i.symbol().equals("k")).findFirst().orElseThrow();
    return Working.of(
        Formula.of(
            "Volume of the hollow",
            "cm³",
            "V = k · Σ π · (R² − r²) · Δx",
            v -> v.get("k") * v.get("V"),
            grams.formula().source(),
            grams.formula().limits()),
        List.of(volume, method));
  }

  /** A charge by volume, in cm³. */
  public static Working volume(Working grams, Input density) {
    return Working.of(
        Formula.of(
            "Charge by volume",
            "cm³",
            "V = g / ρ",
            v -> v.get("g") / v.get("ρ"),
            "Mass over density.",
            "The density is taken as given."),
        List.of(charged(grams), density));
  }

  /** Teaspoons for a volume. */
  public static Working teaspoons(Working grams, Input density) {
    return Working.of(
        Formula.of(
            "Teaspoons",
            "",
            "n = g / ρ / " + (int) GreaseCharge.TEASPOON_CM3 + " cm³",
            v -> Helping.of(v.get("g") / v.get("ρ")).teaspoons(),
            "A level teaspoon holds 5 cm³.",
            "An aid for the eye; the scale rules."),
        List.of(charged(grams), density));
  }

  /** Length of a bead of one centimetre for a volume, in cm. */
  public static Working bead(Working grams, Input density) {
    return Working.of(
        Formula.of(
            "Bead",
            "cm",
            "l = g / ρ / (π/4 · (1 cm)²)",
            v -> Helping.of(v.get("g") / v.get("ρ")).beadCm(),
            "Volume of a round bead of 1 cm diameter.",
            "An aid for the eye; the scale rules."),
        List.of(charged(grams), density));
  }

  /** What one stroke of a gun gives, from some strokes that were weighed together, in grams. */
  public static Working perStroke(double grams, int strokes, Origin weighed) {
    double scale = Instrument.withId("scale").orElseThrow().uncertainty();
    return Working.of(
        Formula.of(
            "Grease of one stroke",
            "g",
            "g₁ = m / n",
            v -> v.get("m") / v.get("n"),
            "Mean of the strokes weighed together on a workshop scale.",
            "Strokes are taken as full and alike: no air in the gun."),
        List.of(
            Input.of("m", "grease weighed", grams, scale, "g", weighed)
                .or("weigh more strokes together, on a scale that shows 0.1 g", scale / 10),
            Input.exact("n", "strokes", strokes, "", weighed)));
  }

  /** Strokes of the shop's gun for a charge. */
  public static Working strokes(Working grams, Working perStroke) {
    return Working.of(
        Formula.of(
            "Strokes",
            "",
            "n = g / g₁, rounded to whole strokes, 1 at least",
            v -> v.get("g") / v.get("g₁"),
            "The gun of this workshop, weighed.",
            "A gun gives less with air in it or in the cold: weigh again."),
        List.of(
            charged(grams),
            new Input(
                "g₁",
                "grease of one stroke",
                perStroke.result(),
                "g",
                Origin.computed("the gun of this workshop"),
                List.of())));
  }

  /** All charges together. */
  public static Working total(List<Working> charges) {
    List<Input> inputs = new ArrayList<>();
    for (int i = 0; i < charges.size(); i++) {
      Working w = charges.get(i);
      inputs.add(
          new Input(
              "g" + (i + 1),
              w.formula().title().toLowerCase(java.util.Locale.ROOT),
              w.result(),
              "g",
              Origin.computed("above"),
              List.of()));
    }
    return Working.of(
        Formula.of(
            "All grease",
            "g",
            "sum of the charges",
            v -> inputs.stream().mapToDouble(i -> v.get(i.symbol())).sum(),
            "Sum; uncertainties by root-sum-square.",
            "Charges are taken as independent."),
        inputs);
  }

  private static Input charged(Working grams) {
    return new Input(
        "g", "charge", grams.result(), "g", Origin.computed("the charge above"), List.of());
  }
}
