package unbo.core.verification;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What must be met, or waived by name, before a job is proved. Some are answered from the job
 * itself and cannot be ticked.
 */
public enum HardStop {
  LOCKING_NEW(
      "locking",
      "new locking element",
      "New split pin or locking element",
      "a used pin has been bent once and can break",
      true),
  WHEEL_NUTS(
      "wheel-nuts",
      "wheel torque",
      "Wheel fixings tightened to the vehicle maker’s torque",
      "with a torque wrench, crosswise, and again after 50 km (30 miles) or the vehicle maker’s distance",
      true),
  BRAKE(
      "brake",
      "brake check",
      "Brake checked",
      "pedal or lever pumped until firm before the vehicle moves; hoses and leads checked",
      true),
  SETTING(
      "setting",
      "end play",
      "End play within limits, or the setting method named",
      "result of Set",
      false),
  PULLED(
      "pulled",
      "pulled bearing",
      "No bearing refitted that was pulled or pressed through its balls or rollers",
      "its raceways are dented even if it feels smooth; tick when none was pulled",
      true),
  RECHECK(
      "recheck",
      "recheck",
      "Recheck booked",
      "taper hubs: end play again after 50 km (30 miles) or the vehicle maker’s distance",
      false);

  private final String id;
  private final String shortTitle;
  private final String title;
  private final String why;
  private final boolean ticked;

  HardStop(String id, String shortTitle, String title, String why, boolean ticked) {
    this.id = id;
    this.shortTitle = shortTitle;
    this.title = title;
    this.why = why;
    this.ticked = ticked;
  }

  public String id() {
    return id;
  }

  /** A few words, for a sentence that names it. */
  public String shortTitle() {
    return shortTitle;
  }

  public String title() {
    return title;
  }

  public String why() {
    return why;
  }

  /** Whether a person ticks it; the others follow from the job's own record. */
  public boolean isTicked() {
    return ticked;
  }

  /** The stops that are asked: those of a wheel only where one comes off. */
  public static List<HardStop> askedAt(boolean wheel) {
    return Arrays.stream(values()).filter(s -> wheel || (s != WHEEL_NUTS && s != BRAKE)).toList();
  }

  public static Optional<HardStop> withId(String id) {
    for (HardStop stop : values()) {
      if (stop.id.equals(id)) {
        return Optional.of(stop);
      }
    }
    return Optional.empty();
  }
}
