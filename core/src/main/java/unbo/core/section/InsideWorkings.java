package unbo.core.section;

import java.util.ArrayList;
import java.util.List;
import unbo.core.catalogue.Bearing;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Values;
import unbo.core.working.Working;

/**
 * How the inside of a bearing was counted and estimated.
 *
 * @param bearing its sizes
 * @param inside the inside
 */
public record InsideWorkings(Bearing bearing, InternalGeometry inside) {

  private static final double DIAMETER_SHARE = 0.12;
  private static final String PROPORTIONS =
      "Proportions of the drawing, after common bearings of each family; Harris, Rolling Bearing Analysis, on filling.";
  private static final String NOBODYS =
      "Estimated where nobody counted: the count may be one off, the diameter 12 %. Makers differ.";

  /** Elements in a row. */
  public Working count() {
    if (inside.listed()) {
      return listed("Elements in a row", "Z", inside.perRow(), "");
    }
    Formula formula =
        Formula.of(
                "Elements in a row",
                "",
                "Z = φ · π / arcsin(Dw/dm), whole elements",
                v -> inside.perRow() + v.get("ε"),
                PROPORTIONS,
                NOBODYS)
            .by("room for", "elements", InsideWorkings::around);
    List<Input> inputs = new ArrayList<>();
    inputs.add(
        Input.exact(
            "φ",
            "share of a full circle",
            inside.filling(),
            "",
            Origin.assumed(
                inside.filling() == 1 ? "full complement" : "how this family is filled")));
    inputs.add(
        Input.exact("Dw", "element diameter", inside.elementMm(), "mm", Origin.estimated("below")));
    inputs.add(
        Input.exact("dm", "pitch diameter", inside.pitchMm(), "mm", Origin.estimated("below")));
    inputs.add(
        Input.of("ε", "one more or less", 0, 1, "", Origin.assumed("makers differ by one"))
            .or("open the bearing and count", 0));
    return Working.of(formula, inputs);
  }

  private static double around(Values v) {
    return v.get("φ") * Math.PI / Math.asin(v.get("Dw") / v.get("dm"));
  }

  /** Diameter of ball or roller in mm. */
  public Working diameter() {
    if (inside.listed()) {
      return listed("Element diameter", "Dw", inside.elementMm(), "mm");
    }
    double section = (bearing.outerMm() - bearing.boreMm()) / 2;
    double share = inside.elementMm() / section;
    return Working.of(
        Formula.of(
            "Element diameter",
            "mm",
            "Dw = q · (D − d)/2",
            v -> v.get("q") * (v.get("D") - v.get("d")) / 2,
            PROPORTIONS,
            NOBODYS),
        List.of(
            Input.of(
                    "q",
                    "share of the ring section",
                    share,
                    DIAMETER_SHARE * share,
                    "",
                    Origin.assumed("as the drawing takes it for this family"))
                .or("measure a ball or roller with a micrometer", 0.005 / section),
            Input.exact("D", "outside diameter", bearing.outerMm(), "mm", table()),
            Input.exact("d", "bore", bearing.boreMm(), "mm", table())));
  }

  /** Length of a roller in mm. */
  public Working length() {
    double length = inside.lengthMm().orElseThrow();
    return Working.of(
        Formula.of(
            "Roller length", "mm", "l = q · B", v -> v.get("q") * v.get("B"), PROPORTIONS, NOBODYS),
        List.of(
            Input.of(
                "q",
                "share of the width",
                length / bearing.widthMm(),
                DIAMETER_SHARE * length / bearing.widthMm(),
                "",
                Origin.assumed("as the drawing takes it for this family")),
            Input.exact("B", "width", bearing.widthMm(), "mm", table())));
  }

  /** Pitch diameter in mm. */
  public Working pitch() {
    boolean middle = Math.abs(inside.pitchMm() - (bearing.boreMm() + bearing.outerMm()) / 2) < 1e-6;
    if (middle) {
      return Working.of(
          Formula.of(
              "Pitch diameter",
              "mm",
              "dm = (d + D)/2",
              v -> (v.get("d") + v.get("D")) / 2,
              "Middle of the ring section.",
              "Rings of unequal height move it a little."),
          List.of(
              Input.exact("d", "bore", bearing.boreMm(), "mm", table()),
              Input.exact("D", "outside diameter", bearing.outerMm(), "mm", table())));
    }
    return Working.of(
        Formula.of(
            "Pitch diameter",
            "mm",
            "dm = raceway of the inner ring + Dw",
            v -> v.get("F") + v.get("Dw"),
            PROPORTIONS,
            NOBODYS),
        List.of(
            Input.exact(
                "F",
                "raceway, as drawn",
                inside.pitchMm() - inside.elementMm(),
                "mm",
                Origin.estimated("proportions of the drawing")),
            Input.exact(
                "Dw", "element diameter", inside.elementMm(), "mm", Origin.estimated("above"))));
  }

  private Origin table() {
    return Origin.table(bearing.designation() + ", " + bearing.source());
  }

  private Working listed(String title, String symbol, double value, String unit) {
    return Working.of(
        Formula.of(
            title,
            unit,
            symbol + " as listed",
            v -> v.get(symbol),
            "Insides of " + bearing.designation() + " as counted in the trade, recalled.",
            "Makers differ; open the bearing to be sure."),
        List.of(Input.exact(symbol, title, value, unit, Origin.table("insides, recalled"))));
  }
}
