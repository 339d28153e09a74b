package unbo.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Optional;
import unbo.core.grease.Duty;
import unbo.core.grease.GreaseCharge;

/** How a job's bearings are packed: for which duty, by which school, with what grease. */
@Embeddable
public class PackRecord {

  @Column(name = "pack_duty")
  private String duty;

  @Column(name = "pack_by_hand")
  private Boolean byHand;

  @Column(name = "pack_density")
  private Double density;

  protected PackRecord() {}

  public PackRecord(Duty duty, boolean byHand, double density) {
    this.duty = duty.id();
    this.byHand = byHand;
    this.density = density;
  }

  /** The duty; empty while nobody has packed. */
  public Optional<Duty> duty() {
    return Duty.withId(duty == null ? "" : duty);
  }

  /** Whether the bearings are packed by hand until grease comes through every roller. */
  public boolean byHand() {
    return Boolean.TRUE.equals(byHand);
  }

  /** Density of the grease in g/cm³. */
  public double density() {
    return density == null ? GreaseCharge.USUAL_DENSITY : density;
  }

  /** The share of a bearing's free volume that is filled. */
  public double share() {
    return byHand() ? 1 : duty().map(Duty::share).orElse(0.0);
  }

  /** The share of a cavity that is filled; zero while nobody has packed. */
  public double cavityShare() {
    return duty().map(Duty::cavityShare).orElse(0.0);
  }
}
