package unbo.app.job;

import jakarta.persistence.Embeddable;
import java.util.Optional;
import unbo.core.measure.Instrument;
import unbo.core.measure.Window;
import unbo.core.setting.NutLock;
import unbo.core.setting.NutSetting;
import unbo.core.setting.SpindleThread;

/** What is known of the nut: thread, lock, wanted window, gauge, and the hole that was taken. */
@Embeddable
public class NutRecord {

  private String gauge = "dial";
  private String thread;
  private Integer slots;
  private Integer holeLines;
  private Integer retainerPositions;
  private Double windowFromMm;
  private Double windowToMm;
  private String windowSource;
  private Integer chosenSteps;

  protected NutRecord() {}

  public NutRecord(
      String gauge,
      Optional<SpindleThread> thread,
      Optional<NutLock> lock,
      Optional<MakersWindow> window) {
    this.gauge = gauge;
    this.thread = thread.map(SpindleThread::text).orElse(null);
    this.slots = lock.filter(NutLock::isCastle).map(NutLock::slots).orElse(null);
    this.holeLines = lock.filter(NutLock::isCastle).map(NutLock::holeLines).orElse(null);
    this.retainerPositions =
        lock.filter(l -> !l.isCastle()).map(NutLock::positionsPerTurn).orElse(null);
    window.ifPresent(
        w -> {
          this.windowFromMm = w.window().from();
          this.windowToMm = w.window().to();
          this.windowSource = w.source();
        });
  }

  /**
   * The vehicle maker's own window, which rules over the default.
   *
   * @param window in millimetres
   * @param source where it stands
   */
  public record MakersWindow(Window window, String source) {}

  public Instrument gauge() {
    return Instrument.withId(gauge).orElseGet(Instrument::dial);
  }

  /** The thread, empty while nobody has measured it. */
  public Optional<SpindleThread> thread() {
    return SpindleThread.parse(thread).value();
  }

  public Optional<NutLock> lock() {
    if (retainerPositions != null) {
      return Optional.of(NutLock.retainer(retainerPositions));
    }
    return slots == null ? Optional.empty() : Optional.of(NutLock.castle(slots, holeLines));
  }

  public Optional<MakersWindow> makersWindow() {
    return windowFromMm == null
        ? Optional.empty()
        : Optional.of(new MakersWindow(new Window(windowFromMm, windowToMm), windowSource));
  }

  public Window window() {
    return makersWindow().map(MakersWindow::window).orElse(NutSetting.DEFAULT_WINDOW_MM);
  }

  public Optional<Integer> chosenSteps() {
    return Optional.ofNullable(chosenSteps);
  }

  void choose(Integer steps) {
    this.chosenSteps = steps;
  }
}
