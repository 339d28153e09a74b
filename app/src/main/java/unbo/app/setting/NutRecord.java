package unbo.app.setting;

import java.util.Optional;
import unbo.core.measure.Instrument;
import unbo.core.measure.Window;
import unbo.core.setting.NutLock;
import unbo.core.setting.NutSetting;
import unbo.core.setting.SpindleThread;

/**
 * What is known of the nut: thread, lock, wanted window, gauge, and the hole that was taken. What
 * is not known is null; the methods say it as empty.
 */
public record NutRecord(
    String gaugeId,
    String threadText,
    Integer slots,
    Integer holeLines,
    Integer retainerPositions,
    MakersWindow makers,
    Integer hole) {

  /**
   * The vehicle maker's own window, which rules over the default.
   *
   * @param from millimetres
   * @param to millimetres
   * @param source where it stands
   */
  public record MakersWindow(double from, double to, String source) {
    public Window window() {
      return new Window(from, to);
    }
  }

  public NutRecord {
    gaugeId = gaugeId == null ? "dial" : gaugeId;
  }

  /** Nothing known yet. */
  static NutRecord empty() {
    return new NutRecord(null, null, null, null, null, null, null);
  }

  /** A nut as understood, no hole taken. */
  public static NutRecord of(
      String gauge,
      Optional<SpindleThread> thread,
      Optional<NutLock> lock,
      Optional<MakersWindow> window) {
    Optional<NutLock> castle = lock.filter(NutLock::isCastle);
    return new NutRecord(
        gauge,
        thread.map(SpindleThread::text).orElse(null),
        castle.map(NutLock::slots).orElse(null),
        castle.map(NutLock::holeLines).orElse(null),
        lock.filter(l -> !l.isCastle()).map(NutLock::positionsPerTurn).orElse(null),
        window.orElse(null),
        null);
  }

  /** The same with a hole taken; null for none. */
  public NutRecord at(Integer steps) {
    return new NutRecord(gaugeId, threadText, slots, holeLines, retainerPositions, makers, steps);
  }

  public Instrument gauge() {
    return Instrument.withId(gaugeId).orElseGet(Instrument::dial);
  }

  /** The thread, empty while nobody has measured it. */
  public Optional<SpindleThread> thread() {
    return SpindleThread.parse(threadText).value();
  }

  public Optional<NutLock> lock() {
    if (retainerPositions != null) {
      return Optional.of(NutLock.retainer(retainerPositions));
    }
    return slots == null ? Optional.empty() : Optional.of(NutLock.castle(slots, holeLines));
  }

  public Optional<MakersWindow> makersWindow() {
    return Optional.ofNullable(makers);
  }

  public Window window() {
    return makers == null ? NutSetting.DEFAULT_WINDOW_MM : makers.window();
  }

  public Optional<Integer> chosenSteps() {
    return Optional.ofNullable(hole);
  }
}
