package unbo.app.setting;

import java.util.Optional;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.setting.RunningTorque;

/**
 * What the schools without a dial leave behind; null where nothing was entered.
 *
 * @param forceN pull while turning, as set
 * @param radiusMm at which both pulls were read
 * @param limitNm the vehicle maker's limit of the turning torque
 * @param comingToRest how the spinning wheel stops, by name
 * @param loosenedN pull while turning, loosened to clear play
 */
public record OtherSchools(
    Double forceN, Double radiusMm, Double limitNm, String comingToRest, Double loosenedN) {

  static OtherSchools empty() {
    return new OtherSchools(null, null, null, null, null);
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
    return new OtherSchools(forceN, radiusMm, limit, comingToRest, loosenedN);
  }

  OtherSchools with(String rest) {
    return new OtherSchools(forceN, radiusMm, limitNm, rest, loosenedN);
  }
}
