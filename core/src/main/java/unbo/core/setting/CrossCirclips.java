package unbo.core.setting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import unbo.core.measure.Measured;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * Circlips of a universal joint: what is left between the grooves of a yoke and the caps pressed
 * home on their cross is shared by two circlips, equal ones, so that the cross stands in the
 * middle. Just free is play from nothing to 0.05 mm, our own window where the maker has none.
 * Source: sum of lengths. Limits: caps home on the trunnions' ends by hand, grooves clean.
 *
 * @param each thickness of either circlip for no play, mm
 */
public record CrossCirclips(Working each) {

  /** Greatest play that is still just free, mm: our own. */
  public static final double JUST_FREE_MM = 0.05;

  private static final double MOST_MM = 300;
  private static final double MOST_APIECE_MM = 10;

  /**
   * A pair that could go in.
   *
   * @param play left along the trunnions, mm; negative is squeezed
   * @param off how far the cross stands out of the middle, mm
   */
  public record Pair(double first, double second, double play, double off) {}

  /**
   * Works it.
   *
   * @param grooves outer faces of the two grooves, mm
   * @param caps over both caps' ends, pressed home on the cross, mm; less than the grooves
   * @throws IllegalArgumentException for what no circlip fits
   */
  public static CrossCirclips of(Measured grooves, Measured caps) {
    double room = grooves.value() - caps.value();
    boolean can =
        caps.value() > 0 && grooves.value() <= MOST_MM && room > 0 && room / 2 <= MOST_APIECE_MM;
    if (!can) {
      throw new IllegalArgumentException("Not the grooves and caps of a joint");
    }
    return new CrossCirclips(
        Working.of(
            Formula.of(
                "Each circlip for no play",
                "mm",
                "t = (G − L)/2",
                v -> (v.get("G") - v.get("L")) / 2,
                "Sum of lengths.",
                "Caps pressed home by hand; both circlips alike."),
            List.of(
                length("G", "over the grooves’ outer faces", grooves),
                length("L", "over both caps", caps))));
  }

  private static Input length(String symbol, String name, Measured mm) {
    return Input.of(
        symbol, name, mm.value(), mm.uncertainty(), "mm", Origin.measured("of the joint"));
  }

  /**
   * The pairs of a stock that leave the joint just free, the most alike first, then the least play.
   * Empty when none does.
   */
  public List<Pair> from(List<Double> stock) {
    double room = 2 * each.result().value();
    List<Pair> pairs = new ArrayList<>();
    for (int i = 0; i < stock.size(); i++) {
      for (int j = i; j < stock.size(); j++) {
        Pair pair = pair(room, stock.get(i), stock.get(j));
        if (pair.play() >= -1e-9 && pair.play() <= JUST_FREE_MM + 1e-9) {
          pairs.add(pair);
        }
      }
    }
    pairs.sort(Comparator.comparingDouble(Pair::off).thenComparingDouble(Pair::play));
    return List.copyOf(pairs);
  }

  /** The pair that comes nearest when none fits: what it would leave is said. */
  public Pair nearest(List<Double> stock) {
    double room = 2 * each.result().value();
    return stock.stream()
        .flatMap(a -> stock.stream().map(b -> pair(room, a, b)))
        .min(Comparator.comparingDouble(p -> Math.abs(p.play() - JUST_FREE_MM / 2)))
        .orElseThrow(() -> new IllegalArgumentException("No circlips"));
  }

  private static Pair pair(double room, double a, double b) {
    return new Pair(a, b, room - a - b, Math.abs(a - b) / 2);
  }
}
