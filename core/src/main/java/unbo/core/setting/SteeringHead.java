package unbo.core.setting;

import java.util.ArrayList;
import java.util.List;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Settling;
import unbo.core.working.Working;

/**
 * Turning torque of a steering head from the force that swings it: torque = force × radius. There
 * is no torque that suits every head: the maker's limits, or entered ones, judge it. Source: lever;
 * drop, notch and bounce are general workshop practice. Limits: wheel off the ground, cables clear,
 * the scale square to the bar, read while it moves.
 *
 * @param torque Nm
 */
public record SteeringHead(Working torque) {

  /** How it falls from the middle when it is let go or touched. */
  public enum Drop {
    FALLS("falls to either side, and swings once or twice"),
    BANGS("falls hard against its stop"),
    STAYS("stays where it is");

    private final String title;

    Drop(String title) {
      this.title = title;
    }

    public String title() {
      return title;
    }
  }

  private static final double MOST_MM = 1000;

  /**
   * Works it.
   *
   * @param force N, more than 0
   * @param radiusMm from the steering axis to where the scale pulls, over 0, up to 1000
   * @param radiusU95 its doubt, mm
   * @throws IllegalArgumentException for what turns nothing
   */
  public static SteeringHead of(Measured force, double radiusMm, double radiusU95) {
    boolean can = force.value() > 0 && radiusMm > 0 && radiusMm <= MOST_MM && radiusU95 >= 0;
    if (!can) {
      throw new IllegalArgumentException("Not a force on a bar");
    }
    return new SteeringHead(
        Working.of(
            Formula.of(
                "Turning torque of the head",
                "Nm",
                "M = F·r/1000",
                v -> v.get("F") * v.get("r") / 1000,
                "Lever.",
                "Wheel off the ground, cables clear, scale square to the bar, read while it moves."),
            List.of(
                Input.of(
                    "F",
                    "swing force",
                    force.value(),
                    force.uncertainty(),
                    "N",
                    Origin.measured("spring scale")),
                Input.of(
                        "r",
                        "radius",
                        radiusMm,
                        radiusU95,
                        "mm",
                        Origin.measured("from the steering axis"))
                    .or("measure the radius with a steel rule to 1 mm", 1))));
  }

  /** Against the limits that were entered, Nm. */
  public Settling against(Window limits) {
    return Settling.of(torque, limits);
  }

  /**
   * What follows, sentence by sentence.
   *
   * @param limits entered, Nm; null while nobody did
   * @param drop null while not tried
   * @param notch whether a place in the middle is felt that is left with a jerk
   */
  public List<String> says(Window limits, Drop drop, boolean notch) {
    List<String> says = new ArrayList<>();
    if (notch) {
      says.add(
          "A notch in the middle: worn races. No setting mends it; looser only hides it. New bearings.");
    }
    says.add(
        limits == null
            ? "Cannot tell without limits: enter the vehicle maker’s. No torque suits every head."
            : judged(limits));
    if (drop == Drop.STAYS) {
      says.add("It stays: too tight, or cables and hoses hold it. Free them and try again first.");
    }
    if (drop == Drop.BANGS) {
      says.add("It bangs: loose, or a head that is meant to run free. Rock it with the brake on.");
    }
    if (drop == Drop.FALLS && !notch) {
      says.add("The drop test agrees with a head that is free.");
    }
    says.add("Bounce the fork some times, lock it, then read again: that reading counts.");
    return List.copyOf(says);
  }

  private String judged(Window limits) {
    Verdict verdict = against(limits).verdict();
    double nm = torque.result().value();
    return switch (verdict) {
      case YES -> "Within limits.";
      case NO ->
          nm > limits.to()
              ? "Too tight: the front weaves and the races dent at the middle. Loosen it."
              : "Too loose: it knocks under the brake and hammers the races. Tighten it.";
      case CANNOT_TELL ->
          "Cannot tell: the doubt reaches past a limit. A longer pull on a finer scale settles it.";
    };
  }
}
