package unbo.app.tin;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * What is left in the shop's tins: what was in them, less what jobs took and what was thrown away.
 * What a job took stands in its own sheet, so that taking that change back puts it back.
 */
@Component
public class TinStock {

  private final GreaseTinRepository tins;
  private final TinWasteRepository waste;
  private final GreaseTakings takings;

  TinStock(GreaseTinRepository tins, TinWasteRepository waste, GreaseTakings takings) {
    this.tins = tins;
    this.takings = takings;
    this.waste = waste;
  }

  /** A tin with what is left in it, in words; empty where nobody said what was in it. */
  public record Stocked(GreaseTin tin, String left) {}

  List<GreaseTakings.Use> uses() {
    return takings.all();
  }

  List<TinWaste> wasted() {
    return waste.findAll();
  }

  /** The tins that stand there. */
  public List<Stocked> standing() {
    return stocked(tins.findByUsedUpFalseOrderByName());
  }

  /** What is left in these. */
  public List<Stocked> stocked(List<GreaseTin> some) {
    List<GreaseTakings.Use> uses = uses();
    List<TinWaste> wasted = wasted();
    return some.stream()
        .map(t -> new Stocked(t, left(t, uses, wasted).map(TinStock::words).orElse("")))
        .toList();
  }

  private static Optional<Double> left(
      GreaseTin tin, List<GreaseTakings.Use> uses, List<TinWaste> wasted) {
    double used =
        uses.stream()
            .map(GreaseTakings.Use::taken)
            .filter(t -> t.tin() == tin.getId())
            .mapToDouble(t -> t.grams() + t.wasted())
            .sum();
    double thrown =
        wasted.stream()
            .filter(w -> w.getTinId() == tin.getId())
            .mapToDouble(TinWaste::getGrams)
            .sum();
    return tin.content().map(c -> c - used - thrown);
  }

  private static String words(double grams) {
    return grams >= 0
        ? Math.round(grams) + " g left"
        : "more was taken than was in it: weigh the tin";
  }
}
