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
      "New split pin or locking element",
      "a used pin has been bent once and breaks",
      true),
  WHEEL_NUTS(
      "wheel-nuts",
      "Wheel nuts torqued to the maker's figure",
      "with a torque wrench, crosswise, and again after the first distance",
      true),
  BRAKE(
      "brake",
      "Brake checked",
      "pedal or lever pumped up before the vehicle moves; hoses and leads checked",
      true),
  SETTING(
      "setting",
      "End play measured in its window, or the school named",
      "answered from Set",
      false),
  PULLED(
      "pulled",
      "A bearing pulled through its elements was replaced",
      "its raceways are dented whatever it feels like",
      true),
  RECHECK(
      "recheck", "Recheck booked", "taper hubs: end play again after the first distance", false);

  private final String id;
  private final String title;
  private final String why;
  private final boolean ticked;

  HardStop(String id, String title, String why, boolean ticked) {
    this.id = id;
    this.title = title;
    this.why = why;
    this.ticked = ticked;
  }

  public String id() {
    return id;
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
