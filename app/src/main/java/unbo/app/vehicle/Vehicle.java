package unbo.app.vehicle;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import unbo.core.setting.School;
import unbo.core.vehicle.OwnPosition;
import unbo.core.vehicle.Position;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;

/** A vehicle of the yard. */
@Entity
public class Vehicle {

  private static final String OWN = "own-";

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;

  @Enumerated(EnumType.STRING)
  private VehicleKind kind;

  private String build;
  private String description;
  private String plate;
  private int axles;
  private double trackMm;
  private double axleDistanceMm;
  private double lengthMm;

  /** By its papers; null while nobody recorded it. */
  private Double topSpeedKmh;

  @Enumerated(EnumType.STRING)
  private School school = School.END_PLAY;

  @Convert(converter = OwnPositionsColumn.class)
  private List<OwnPosition> ownPositions = List.of();

  @Version private int version;

  protected Vehicle() {}

  /** A vehicle of its kind's commonest build. */
  public Vehicle(String name, VehicleKind kind, String description, String plate) {
    this.name = name;
    this.kind = kind;
    this.build = kind.builds().get(0);
    this.description = description;
    this.plate = plate;
  }

  /** Sets kind, build and sizes in plan. */
  public Vehicle withLayout(VehicleLayout layout) {
    this.kind = layout.kind();
    this.build = layout.build();
    this.axles = layout.axles();
    this.trackMm = layout.trackMm();
    this.axleDistanceMm = layout.axleDistanceMm();
    this.lengthMm = layout.lengthMm();
    this.ownPositions = layout.own();
    return this;
  }

  /** Its sizes in plan. */
  public VehicleLayout layout() {
    return new VehicleLayout(kind, build, axles, trackMm, axleDistanceMm, lengthMm, ownPositions);
  }

  /** Adds a position that no build of its kind has, beside whatever is drawn there already. */
  OwnPosition add(NewPosition wanted) {
    int last =
        ownPositions.stream()
            .mapToInt(p -> Integer.parseInt(p.code().substring(OWN.length())))
            .max()
            .orElse(0);
    OwnPosition added = wanted.freeOn(layout(), OWN + (last + 1));
    ownPositions = Stream.concat(ownPositions.stream(), Stream.of(added)).toList();
    return added;
  }

  /** Takes a position of its own away; a code of another leaves it as it is. */
  void remove(String code) {
    ownPositions = ownPositions.stream().filter(p -> !p.code().equals(code)).toList();
  }

  /** Whether a position was added to this vehicle by hand. */
  public boolean isOwn(String code) {
    return ownPositions.stream().anyMatch(p -> p.code().equals(code));
  }

  /**
   * Records what its papers say of its speed.
   *
   * @param kmh over 0; null for not known
   */
  public void recordTopSpeed(Double kmh) {
    if (kmh != null && !(kmh > 0)) {
      throw new IllegalArgumentException("Not a speed of a vehicle");
    }
    this.topSpeedKmh = kmh;
  }

  /** Top speed in its papers, km/h; empty while nobody recorded it. */
  public OptionalDouble topSpeed() {
    return topSpeedKmh == null ? OptionalDouble.empty() : OptionalDouble.of(topSpeedKmh);
  }

  public void keepTo(School newSchool) {
    this.school = newSchool;
  }

  /** Its bearing positions, front to back. */
  public List<Position> positions() {
    return layout().positions();
  }

  public Optional<Position> position(String code) {
    return positions().stream().filter(p -> p.code().equals(code)).findFirst();
  }

  public Long getId() {
    return id;
  }

  public String getName() {
    return name;
  }

  public VehicleKind getKind() {
    return kind;
  }

  public String getDescription() {
    return description;
  }

  public String getPlate() {
    return plate;
  }

  public School getSchool() {
    return school;
  }
}
