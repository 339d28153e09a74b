package unbo.app.round;

import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.List;
import unbo.app.vehicle.Vehicle;
import unbo.core.round.WalkingOrder;
import unbo.core.vehicle.Position;

/** One round over a vehicle, or a look at one position that is open anyway. */
@Entity
public class VehicleRound {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @ManyToOne(fetch = FetchType.EAGER)
  private Vehicle vehicle;

  private String onlyAt;
  private String startedBy;
  private Instant startedAt;
  private String endedBy;
  private Instant endedAt;

  protected VehicleRound() {}

  VehicleRound(Vehicle vehicle, String onlyAt, String by, Instant at) {
    this.vehicle = vehicle;
    this.onlyAt = onlyAt;
    this.startedBy = by;
    this.startedAt = at;
  }

  void end(String by, Instant at) {
    this.endedBy = by;
    this.endedAt = at;
  }

  /** The positions to look at, in walking order. */
  List<Position> walk() {
    List<Position> all = vehicle.layout().positions();
    return onlyAt.isEmpty()
        ? WalkingOrder.of(all)
        : all.stream().filter(p -> p.code().equals(onlyAt)).toList();
  }

  public Long getId() {
    return id;
  }

  public Vehicle getVehicle() {
    return vehicle;
  }

  public String getOnlyAt() {
    return onlyAt;
  }

  public String getStartedBy() {
    return startedBy;
  }

  public Instant getStartedAt() {
    return startedAt;
  }

  public String getEndedBy() {
    return endedBy;
  }

  public Instant getEndedAt() {
    return endedAt;
  }

  public boolean isEnded() {
    return endedAt != null;
  }
}
