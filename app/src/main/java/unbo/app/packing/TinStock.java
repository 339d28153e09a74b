package unbo.app.packing;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * What is left in the shop's tins: what was in them, less what jobs took and what was thrown away.
 * What a job took stands in its own sheet, so that taking that change back puts it back.
 */
@Component
class TinStock {

  private final GreaseTinRepository tins;
  private final TinWasteRepository waste;

  TinStock(GreaseTinRepository tins, TinWasteRepository waste) {
    this.tins = tins;
    this.waste = waste;
  }

  /** Grease that a job took. */
  record Use(long jobId, PackRecord.Taken taken) {}

  /** A tin with what is left in it, in words; empty where nobody said what was in it. */
  public record Stocked(GreaseTin tin, String left) {}

  List<Use> uses() {
    return tins.taken().stream()
        .map(k -> new Use(k.getJobId(), PackRecord.TYPE.read(k).taken()))
        .toList();
  }

  List<TinWaste> wasted() {
    return waste.findAll();
  }

  /** The tins that stand there. */
  List<Stocked> standing() {
    return stocked(tins.findByUsedUpFalseOrderByName());
  }

  /** What is left in these. */
  List<Stocked> stocked(List<GreaseTin> some) {
    List<Use> uses = uses();
    List<TinWaste> wasted = wasted();
    return some.stream()
        .map(t -> new Stocked(t, left(t, uses, wasted).map(TinStock::words).orElse("")))
        .toList();
  }

  private static Optional<Double> left(GreaseTin tin, List<Use> uses, List<TinWaste> wasted) {
    double used =
        uses.stream()
            .map(Use::taken)
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
