package unbo.core.heat;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * One attempt at a heated fit, as it went. The next plan starts from it: by how much warmer is our
 * own assumption, and the construction's limit rules.
 *
 * @param heatedC measured at the part, °C
 */
public record Attempt(double heatedC, Outcome outcome) {

  /** How it went. */
  public enum Outcome {
    DROPPED_ON("dropped-on", "dropped on", 0),
    TAPPED_HOME("tapped-home", "tapped home", 10),
    HALF_WAY("half-way", "gripped half way", 20),
    ASKEW("askew", "went on askew", 0),
    WOULD_NOT_GO("would-not-go", "would not go", 30);

    private final String id;
    private final String title;
    private final double warmerC;

    Outcome(String id, String title, double warmerC) {
      this.id = id;
      this.title = title;
      this.warmerC = warmerC;
    }

    public String id() {
      return id;
    }

    public String title() {
      return title;
    }

    /** Empty for no outcome that we keep. */
    public static Optional<Outcome> withId(String id) {
      return Arrays.stream(values()).filter(o -> o.id.equals(id)).findFirst();
    }
  }

  /** Where the next attempt starts, °C: no less than the plan asks, no more than it may. */
  public double nextC(HeatPlan plan) {
    double wanted = Math.max(plan.startC(), heatedC + outcome.warmerC);
    return outcome == Outcome.DROPPED_ON
        ? Math.min(heatedC, plan.limit().refuseC())
        : Math.min(wanted, plan.limit().refuseC());
  }

  /** What the next attempt does otherwise, a sentence. */
  public String next(HeatPlan plan) {
    String last =
        String.format(Locale.ROOT, "Last time, at %.0f °C, it %s: ", heatedC, outcome.title);
    String start = String.format(Locale.ROOT, "%.0f °C", nextC(plan));
    boolean atLimit = outcome.warmerC > 0 && nextC(plan) < heatedC + outcome.warmerC;
    return last
        + switch (outcome) {
          case DROPPED_ON -> start + " was enough for this pair.";
          case ASKEW -> "warmth was not the trouble. Guide it, start square, " + start + " again.";
          default ->
              atLimit
                  ? "no warmer than " + start + ", so chill the other part, or press."
                  : "start at " + start + ", all laid out, one move.";
        };
  }
}
