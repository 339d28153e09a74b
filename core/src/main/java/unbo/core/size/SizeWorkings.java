package unbo.core.size;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.ReadingInputs;
import unbo.core.working.Working;

/** How a size was compared with a standard one, and how likely that makes it. */
public final class SizeWorkings {

  private SizeWorkings() {}

  /** Measured less nominal, in µm. */
  public static Working misfit(
      SizeCandidate candidate, SizeDimension dimension, MeasuredSize size) {
    double misfit = candidate.misfitUm().get(dimension);
    double nominal = size.millimetres() - misfit / 1000;
    return Working.of(
        Formula.of(
                "Misfit of the " + dimension.title().toLowerCase(java.util.Locale.ROOT),
                "µm",
                "e = (measured + δ − nominal) · 1000",
                v -> (v.get("measured") + v.get("δ") - v.get("nominal")) * 1000,
                "Difference; tolerance of the ring by ISO 492 or ABMA 19.2.",
                "σ is of gauge and ring together.")
            .by("in standard deviations", "σ", v -> candidate.sigma().get(dimension)),
        List.of(
            Input.exact(
                "measured",
                "size as entered",
                size.millimetres(),
                "mm",
                Origin.entered("with a " + size.instrument().name())),
            ReadingInputs.error("δ", size.instrument(), size.millimetres(), "mm"),
            Input.exact(
                "nominal",
                "nominal size of " + candidate.bearing().designation(),
                nominal,
                "mm",
                Origin.table(candidate.bearing().source()))));
  }

  /** The share of a candidate among all standard sizes and none of them. */
  public static Working weight(SizeCandidate candidate, double none) {
    List<Input> inputs = new ArrayList<>();
    inputs.add(
        Input.exact(
            "w",
            "common use times fit, over the sum of all",
            candidate.weight(),
            "",
            Origin.computed("search over the whole table")));
    for (Map.Entry<SizeDimension, Double> z : candidate.sigma().entrySet()) {
      inputs.add(
          Input.exact(
              "z " + z.getKey().title().toLowerCase(java.util.Locale.ROOT),
              "misfit over its standard deviation",
              z.getValue(),
              "σ",
              Origin.computed("measured less nominal")));
    }
    inputs.add(
        Input.exact("none", "share of “no standard size”", none, "", Origin.assumed("2 % before")));
    return Working.of(
        Formula.of(
            "How likely",
            "",
            "w = prior · Π exp(−z²/2)/σ, over the sum of all",
            v -> v.get("w"),
            "Bayes’ rule; normal errors of gauge and ring.",
            "The prior is our estimate of how common a size is: it ranks, it does not count."),
        inputs);
  }
}
