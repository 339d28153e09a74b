package unbo.app.setting;

import java.util.Optional;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.setting.FeltSetting;
import unbo.core.setting.RunningTorque;
import unbo.core.setting.SpindleThread;

/**
 * What the schools without a dial leave behind; null where nothing was entered.
 *
 * @param forceN pull while turning, as set
 * @param radiusMm at which both pulls were read
 * @param limitNm the vehicle maker's limit of the turning torque
 * @param comingToRest how the spinning wheel stops, by name
 * @param loosenedN pull while turning, loosened to clear play
 * @param felt what was dialled to put the feel into millimetres
 */
public record OtherSchools(
    Double forceN,
    Double radiusMm,
    Double limitNm,
    String comingToRest,
    Double loosenedN,
    Felt felt) {

  /**
   * Play dialled some holes back from where it felt right.
   *
   * @param playMm dialled there
   * @param holes backed off from the felt hole
   * @param thread as written, such as M24x1.5
   * @param positions of the nut in a turn
   */
  public record Felt(double playMm, int holes, String thread, int positions) {

    FeltSetting setting(Instrument gauge) {
      double pitchMm = SpindleThread.parse(thread).value().orElseThrow().pitchMm();
      return FeltSetting.of(playMm, gauge.uncertaintyAt(playMm), holes, pitchMm, positions);
    }
  }

  static OtherSchools empty() {
    return new OtherSchools(null, null, null, null, null, null);
  }

  /** The force on the scale with its uncertainty; empty while nobody has pulled. */
  Optional<Measured> force() {
    return scale(forceN);
  }

  /** The force on the scale with the pair loosened; empty while nobody has pulled. */
  Optional<Measured> loosenedForce() {
    return scale(loosenedN);
  }

  private static Optional<Measured> scale(Double newtons) {
    return Optional.ofNullable(newtons)
        .map(
            f -> new Measured(f, Instrument.withId("spring-scale").orElseThrow().uncertaintyAt(f)));
  }

  public Optional<RunningTorque> torque() {
    return torque(force());
  }

  Optional<RunningTorque> loosened() {
    return torque(loosenedForce());
  }

  private Optional<RunningTorque> torque(Optional<Measured> force) {
    return radiusMm == null ? Optional.empty() : force.map(f -> RunningTorque.of(f, radiusMm));
  }

  OtherSchools with(Double limit) {
    return new OtherSchools(forceN, radiusMm, limit, comingToRest, loosenedN, felt);
  }

  OtherSchools with(String rest) {
    return new OtherSchools(forceN, radiusMm, limitNm, rest, loosenedN, felt);
  }

  OtherSchools with(Felt dialled) {
    return new OtherSchools(forceN, radiusMm, limitNm, comingToRest, loosenedN, dialled);
  }

  /** Whether a turning torque stands against a maker's limit. */
  boolean isUnderLimit() {
    return limitNm != null && torque().isPresent();
  }
}
