package unbo.core.verification;

import java.util.Optional;
import java.util.Set;
import unbo.core.arrangement.Hold;

/**
 * What must be met, or waived by name, before a job is proved. Which of them a job asks, {@link
 * ReleaseChecks} works out. Some are answered from the job itself and cannot be ticked.
 */
public enum HardStop {
  /** What records of version 1 call any locking element; no job asks it any more. */
  LOCKING_NEW(
      "locking",
      "new locking element",
      "New split pin or locking element",
      "a used pin has been bent once and can break"),
  SPLIT_PIN(
      "split-pin",
      "new split pin",
      "New split pin, both legs bent",
      "a used pin has been bent once and can break",
      Hold.PINNED),
  LOCK_WASHER(
      "lock-washer",
      "lock washer",
      "New lock washer, its tab bent over the nut",
      "a tab that is bent twice cracks",
      Hold.KEYED),
  ONE_USE(
      "one-use",
      "one-use part",
      "One-use nut, bolt, ring or sleeve new, fastened once",
      "to the vehicle maker’s figure, never tightened again; staked or locked as it was",
      Hold.THREADED,
      Hold.CRUSHED,
      Hold.TIGHT),
  CIRCLIP(
      "circlip",
      "circlip",
      "Circlip seated in its groove all round",
      "turn it in the groove; a sprung one is not used again",
      Hold.CLIPPED),
  THREAD_HAND(
      "thread-hand",
      "thread hand",
      "Hand of the thread checked on each side",
      "a left-hand thread is tightened anticlockwise; the wrong side loosens itself",
      Hold.THREADED),
  SLEEVE_LENGTH(
      "sleeve-length",
      "sleeve length",
      "Sleeve or spacer measured against what it stands between",
      "too short, the bolt loads the bearings; too long, they are loose along the axis"),
  TOP_CAP(
      "top-cap",
      "top cap and stem",
      "Play out by the top cap, then the stem’s bolts to their torque",
      "the top cap’s bolt takes out play and holds nothing"),
  SENSOR(
      "sensor",
      "speed sensor",
      "Speed sensor: face clean, ring the right way round, lead clipped",
      "a turned or dirty ring takes the anti-lock brake away; warning lamp out after a drive"),
  FACES(
      "faces",
      "bare clean faces",
      "Faces between wheel and hub, and under the nuts, bare and clean",
      "fresh paint, rust or grease there settles and the nuts come loose: fresh paint is a stop"),
  WHEEL_NUTS(
      "wheel-nuts",
      "wheel torque",
      "Wheel fixings tightened to the vehicle maker’s torque",
      "with a torque wrench, crosswise, and again after 50 km (30 miles) or the vehicle maker’s distance"),
  WHEEL_AXLE(
      "wheel-axle",
      "wheel’s axle",
      "Wheel’s axle, nuts or lever fastened as the vehicle maker says, its pinch bolts last",
      "pull the wheel out of its seat by hand: it must not move"),
  BRAKE(
      "brake",
      "brake check",
      "Brake checked",
      "pedal or lever pumped until firm before the vehicle moves; hoses and leads checked"),
  SETTING(
      "setting",
      "end play",
      "End play within limits, or the setting method named",
      "result of Set"),
  PULLED(
      "pulled",
      "pulled bearing",
      "No bearing refitted that was pulled or pressed through its balls or rollers",
      "its raceways are dented even if it feels smooth; tick when none was pulled"),
  MAKESHIFT(
      "makeshift",
      "makeshift seat",
      "Makeshift seat mended, or its owner told in writing",
      "points carry for a while: dots or staking are a get-home repair, not a seat"),
  RECHECK(
      "recheck",
      "recheck",
      "Recheck booked",
      "taper hubs: end play again after 50 km (30 miles) or the vehicle maker’s distance");

  private final String id;
  private final String shortTitle;
  private final String title;
  private final String why;
  private final Set<Hold> holds;

  HardStop(String id, String shortTitle, String title, String why, Hold... holds) {
    this.id = id;
    this.shortTitle = shortTitle;
    this.title = title;
    this.why = why;
    this.holds = Set.of(holds);
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

  /** How the parts that it looks at are held, one of these; empty when that does not matter. */
  Set<Hold> holds() {
    return holds;
  }

  /** Whether a person ticks it; the others follow from the job's own record. */
  public boolean isTicked() {
    return this != SETTING && this != RECHECK;
  }

  /** Whether its parts are new once it is met. */
  public boolean renews() {
    return this == SPLIT_PIN || this == LOCK_WASHER || this == ONE_USE;
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
