package unbo.app.job;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.app.vehicle.Vehicle;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.setting.School;
import unbo.core.vehicle.Position;

/**
 * One job: one position of one vehicle, on the arrangement that stands there, and the record of the
 * work on it. It is changed only through {@link Jobs#change}, which keeps two people from
 * overwriting each other.
 */
@Entity
public class Job implements Workpiece {

  private static final int FIRST_NUMBER = 100;

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @ManyToOne(fetch = FetchType.EAGER)
  private Vehicle vehicle;

  private String position;
  private String arrangement;
  private String complaint;
  private Instant openedAt;
  private String openedBy;
  private Instant closedAt;
  private String closedBy;

  @Embedded private WorkRecord work = new WorkRecord();

  @Version private int version;

  protected Job() {}

  public Job(Vehicle vehicle, Position position, String complaint, String by, Instant at) {
    this.vehicle = vehicle;
    this.position = position.code();
    this.arrangement = position.arrangement();
    this.complaint = complaint;
    this.openedBy = by;
    this.openedAt = at;
  }

  /** What was measured, done, found and decided. */
  @Override
  public WorkRecord work() {
    return work;
  }

  @Override
  public Arrangement arrangement() {
    return Arrangements.of(arrangement);
  }

  @Override
  public Assembly assembly() {
    return new Assembly(arrangement(), work.bearings(), work.sizes()).saying(work.said());
  }

  @Override
  public School school() {
    return vehicle.getSchool();
  }

  @Override
  public String address() {
    return "/jobs/" + id;
  }

  @Override
  public boolean isKept() {
    return true;
  }

  @Override
  public boolean isClosed() {
    return closedAt != null;
  }

  /** Closes it; {@link Jobs} judges before whether it may be. */
  public void close(String by, Instant at) {
    this.closedBy = by;
    this.closedAt = at;
  }

  public Position place() {
    return vehicle.position(position).orElseThrow();
  }

  @Override
  public Optional<Position> position() {
    return Optional.of(place());
  }

  @Override
  public boolean hasOtherSide() {
    return vehicle.layout().brothers().containsKey(position);
  }

  @Override
  public OptionalDouble topSpeedKmh() {
    return vehicle.topSpeed();
  }

  @Override
  public Optional<String> vehicleKind() {
    return Optional.of(vehicle.getKind().id());
  }

  @Override
  public String title() {
    return vehicle.getName() + ", " + place().title();
  }

  public Long getId() {
    return id;
  }

  /** The number on the sheet: the record's own, so that two people opening jobs never share one. */
  public String getNumber() {
    return String.format("%04d", FIRST_NUMBER + id);
  }

  /** The id behind a number as written on a sheet, such as {@code 0102}; empty for other text. */
  static Optional<Long> idOf(String number) {
    return number.matches("\\d{1,9}")
        ? Optional.of(Long.parseLong(number) - FIRST_NUMBER)
        : Optional.empty();
  }

  public Vehicle getVehicle() {
    return vehicle;
  }

  public String getPosition() {
    return position;
  }

  public String getComplaint() {
    return complaint;
  }

  public Instant getOpenedAt() {
    return openedAt;
  }

  public String getOpenedBy() {
    return openedBy;
  }

  public Instant getClosedAt() {
    return closedAt;
  }

  public String getClosedBy() {
    return closedBy;
  }

  /** Whether Set is closed until somebody has looked at the parts. */
  public boolean isLookedForFirst() {
    return work.getOpening().isLookOwed() && !arrangement().adjustments().isEmpty();
  }
}
