package unbo.app.setting;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import unbo.core.measure.Instrument;
import unbo.core.measure.Readings;
import unbo.core.measure.Window;
import unbo.core.setting.ThreadLocker;
import unbo.core.setting.Tightening;

/**
 * One setting of any arrangement: what was read, what is wanted and where that stands, and the
 * torque; null where nothing was entered.
 *
 * @param typed the readings as typed
 * @param readings in {@code unit}
 * @param gaugeId with what
 * @param from wanted least, in {@code unit}
 * @param to wanted most, in {@code unit}
 * @param source of the window
 * @param torqueNm wanted
 * @param torqueSource where it stands
 * @param appliedNm what was applied
 * @param stages steps that the maker asks for instead of one torque, as typed
 * @param stagesDone the steps that were done, as typed
 * @param locker id of the thread locker; empty for none
 * @param unit of readings and window: mm, N or Nm
 * @param person who entered it
 * @param at when
 */
public record GeneralSetting(
    List<String> typed,
    List<Double> readings,
    String gaugeId,
    Double from,
    Double to,
    String source,
    Double torqueNm,
    String torqueSource,
    Double appliedNm,
    String stages,
    String stagesDone,
    String locker,
    String unit,
    String person,
    Instant at) {

  public GeneralSetting {
    unit = unit == null ? "mm" : unit;
    typed = typed == null ? List.of() : List.copyOf(typed);
    readings = readings == null ? List.of() : List.copyOf(readings);
    source = source == null ? "" : source;
    torqueSource = torqueSource == null ? "" : torqueSource;
    stages = stages == null ? "" : stages;
    stagesDone = stagesDone == null ? "" : stagesDone;
    locker = locker == null ? "" : locker;
  }

  static GeneralSetting empty() {
    return new GeneralSetting(
        null, null, null, null, null, null, null, null, null, null, null, null, null, null, null);
  }

  public Instrument gauge() {
    List<Instrument> suiting = Instrument.inUnit(unit);
    return suiting.stream().filter(i -> i.id().equals(gaugeId)).findFirst().orElse(suiting.get(0));
  }

  /** Mean and uncertainty; empty without a reading. */
  public Optional<Readings> measured() {
    return readings.isEmpty() ? Optional.empty() : Optional.of(Readings.of(readings, gauge()));
  }

  /** What is wanted; empty while nobody has entered both ends. */
  public Optional<Window> window() {
    return from == null || to == null ? Optional.empty() : Optional.of(new Window(from, to));
  }

  /** Whether anything was entered. */
  public boolean isEntered() {
    return !readings.isEmpty()
        || from != null
        || torqueNm != null
        || appliedNm != null
        || wanted().isPresent()
        || done().isPresent()
        || usedLocker().isPresent();
  }

  /** The steps that are wanted; empty where one torque is. */
  Optional<Tightening> wanted() {
    return Tightening.parse(stages).value();
  }

  /** The steps that were done. */
  Optional<Tightening> done() {
    return Tightening.parse(stagesDone).value();
  }

  Optional<ThreadLocker> usedLocker() {
    return ThreadLocker.withId(locker);
  }

  /** Whether the two say the same, whoever entered them. */
  boolean saysSame(GeneralSetting other) {
    return signed(null, null).equals(other.signed(null, null));
  }

  GeneralSetting signed(String by, Instant when) {
    return new GeneralSetting(
        typed,
        readings,
        gaugeId,
        from,
        to,
        source,
        torqueNm,
        torqueSource,
        appliedNm,
        stages,
        stagesDone,
        locker,
        unit,
        by,
        when);
  }
}
