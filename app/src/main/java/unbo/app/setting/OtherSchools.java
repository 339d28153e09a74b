package unbo.app.setting;

import java.util.Optional;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.setting.RunningTorque;

/**
 * What the schools without a dial leave behind: a running torque and its limit, or a judgement;
 * null where nothing was entered.
 */
public record OtherSchools(Double forceN, Double radiusMm, Double limitNm, String comingToRest) {

  static OtherSchools empty() {
    return new OtherSchools(null, null, null, null);
  }

  /** The force on the scale with its uncertainty; empty while nobody has pulled. */
  Optional<Measured> force() {
    return Optional.ofNullable(forceN)
        .map(
            f -> new Measured(f, Instrument.withId("spring-scale").orElseThrow().uncertaintyAt(f)));
  }

  public Optional<RunningTorque> torque() {
    return radiusMm == null ? Optional.empty() : force().map(f -> RunningTorque.of(f, radiusMm));
  }
}
