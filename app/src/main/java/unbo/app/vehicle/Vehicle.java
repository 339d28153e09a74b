package unbo.app.vehicle;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import unbo.core.setting.School;

/** A vehicle of the yard. */
@Entity
public class Vehicle {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;

  @Enumerated(EnumType.STRING)
  private VehicleKind kind;

  private String description;
  private String plate;
  private int axles;
  private double trackMm;
  private double axleDistanceMm;
  private double lengthMm;

  @Enumerated(EnumType.STRING)
  private School school = School.END_PLAY;

  @Version private int version;

  protected Vehicle() {}

  public Vehicle(String name, VehicleKind kind, String description, String plate) {
    this.name = name;
    this.kind = kind;
    this.description = description;
    this.plate = plate;
  }

  /**
   * Sets the plan: axle count, track, distance between axles and length over all, in millimetres.
   */
  public Vehicle withPlan(int axleCount, double track, double axleDistance, double length) {
    this.axles = axleCount;
    this.trackMm = track;
    this.axleDistanceMm = axleDistance;
    this.lengthMm = length;
    return this;
  }

  public void keepTo(School newSchool) {
    this.school = newSchool;
  }

  /** Where its wheels stand, front to back, left before right. */
  public List<WheelPosition> positions() {
    List<WheelPosition> all = new ArrayList<>();
    double first = firstAxleMm();
    for (int axle = 0; axle < axles; axle++) {
      boolean taperPair = kind == VehicleKind.TRAILER || axle == 0;
      double back = first + axle * axleDistanceMm;
      all.add(
          new WheelPosition(
              code(axle, "left"), title(axle, "left"), back, -trackMm / 2, taperPair));
      all.add(
          new WheelPosition(
              code(axle, "right"), title(axle, "right"), back, trackMm / 2, taperPair));
    }
    return all;
  }

  public Optional<WheelPosition> position(String code) {
    return positions().stream().filter(p -> p.code().equals(code)).findFirst();
  }

  /**
   * A trailer's axles stand a little behind its middle; a car's first one a fifth from its front.
   */
  private double firstAxleMm() {
    return kind == VehicleKind.CAR
        ? lengthMm * 0.2
        : lengthMm * 0.62 - (axles - 1) * axleDistanceMm / 2;
  }

  private static String code(int axle, String side) {
    return "axle-" + (axle + 1) + "-" + side;
  }

  private String title(int axle, String side) {
    if (axles == 1) {
      return "hub " + side;
    }
    return (axle == 0 ? "front " : axle == axles - 1 ? "rear " : "middle ") + side;
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

  public double getTrackMm() {
    return trackMm;
  }

  public double getLengthMm() {
    return lengthMm;
  }

  public School getSchool() {
    return school;
  }
}
