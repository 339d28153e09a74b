package unbo.core.vehicle;

import java.util.List;
import java.util.Optional;

/** Kinds of vehicle, with the builds that decide which arrangement stands where. */
public enum VehicleKind {
  CAR("car", "front-driven", "rear-driven", "all-driven", "truck"),
  MOTORCYCLE("motorcycle", "chain", "shaft"),
  SIDECAR("sidecar outfit", "chain"),
  BICYCLE("bicycle", "cartridge", "cup-and-cone", "full-suspension"),
  TRICYCLE("tricycle", "two-front", "two-rear"),
  TRAILER("trailer", "taper-pair", "cartridge");

  private final String title;
  private final List<String> builds;

  VehicleKind(String title, String... builds) {
    this.title = title;
    this.builds = List.of(builds);
  }

  /** The lower-case word of addresses and data. */
  public String id() {
    return name().toLowerCase(java.util.Locale.ROOT);
  }

  public String title() {
    return title;
  }

  /** Whether wheels are bolted to a hub's studs; else an axle goes through them. */
  public boolean hasWheelsOnStuds() {
    return this == CAR || this == TRAILER;
  }

  /** The builds of this kind, the commonest first. */
  public List<String> builds() {
    return builds;
  }

  public static Optional<VehicleKind> withId(String id) {
    for (VehicleKind kind : values()) {
      if (kind.id().equals(id)) {
        return Optional.of(kind);
      }
    }
    return Optional.empty();
  }
}
