package unbo.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Optional;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.setting.RunningTorque;

/** What the schools without a dial leave behind: a running torque and its limit, or a judgement. */
@Embeddable
public class OtherSchools {

  @Column(name = "torque_force_n")
  private Double torqueForceN;

  private Double torqueRadiusMm;
  private Double torqueLimitNm;
  private String comingToRest;

  public OtherSchools() {}

  public OtherSchools(Double forceN, Double radiusMm, Double limitNm, String comingToRest) {
    this.torqueForceN = forceN;
    this.torqueRadiusMm = radiusMm;
    this.torqueLimitNm = limitNm;
    this.comingToRest = comingToRest;
  }

  public Optional<RunningTorque> torque() {
    if (torqueForceN == null || torqueRadiusMm == null) {
      return Optional.empty();
    }
    double u = Instrument.withId("spring-scale").orElseThrow().uncertaintyAt(torqueForceN);
    return Optional.of(RunningTorque.of(new Measured(torqueForceN, u), torqueRadiusMm));
  }

  public Double getTorqueForceN() {
    return torqueForceN;
  }

  public Double getTorqueRadiusMm() {
    return torqueRadiusMm;
  }

  public Double getTorqueLimitNm() {
    return torqueLimitNm;
  }

  public String getComingToRest() {
    return comingToRest;
  }
}
