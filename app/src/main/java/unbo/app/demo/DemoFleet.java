package unbo.app.demo;

import java.util.List;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleRepository;
import unbo.core.setting.School;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;

/** The invented vehicles of the demo. */
final class DemoFleet {

  private final VehicleRepository vehicles;
  private List<Vehicle> all = List.of();

  DemoFleet(VehicleRepository vehicles) {
    this.vehicles = vehicles;
  }

  /** Puts the whole fleet into the yard. */
  void arrive() {
    all =
        List.of(
            trailer(
                "Launch trailer “Tern”",
                "boat trailer, dunked in salt water",
                "FW 217",
                1450,
                0,
                4200),
            kept(
                trailer("Livestock trailer “Ark”", "two axles, braked", "FW 088", 1600, 820, 3900),
                School.SLIGHT_PRELOAD),
            trailer("Launch trailer “Grebe”", "boat trailer, two axles", "FW 254", 1500, 760, 5200),
            trailer("Box trailer “Oyster”", "parcels to the ferry", "FW 119", 1300, 0, 2900),
            kept(
                of(
                    "Wedding car “Marigold”",
                    "old saloon, rear wheels driven",
                    "FW 3",
                    new VehicleLayout(VehicleKind.CAR, "rear-driven", 2, 1380, 2450, 4100)),
                School.JUST_FREE),
            of(
                "Post van “Plover”",
                "letters and parcels, front wheels driven",
                "FW 61",
                new VehicleLayout(VehicleKind.CAR, "front-driven", 2, 1510, 2700, 4300)),
            of(
                "Sidecar outfit “Skua”",
                "harbour pilot’s outfit, chain",
                "FW 12",
                new VehicleLayout(VehicleKind.SIDECAR, "chain", 2, 1150, 1440, 2300)),
            of(
                "Motorcycle “Swift”",
                "small commuter, chain",
                "FW 140",
                new VehicleLayout(VehicleKind.MOTORCYCLE, "chain", 2, 0, 1340, 2000)),
            of(
                "Cargo tricycle “Auk”",
                "two wheels in front, market goods",
                "no plate",
                new VehicleLayout(VehicleKind.TRICYCLE, "two-front", 2, 780, 1350, 2150)),
            of(
                "Bicycle “Wren”",
                "commuter’s bicycle, cartridge bearings",
                "no plate",
                new VehicleLayout(VehicleKind.BICYCLE, "cartridge", 2, 300, 1050, 1750)));
    vehicles.saveAll(all);
  }

  Vehicle named(String name) {
    return all.stream().filter(v -> v.getName().equals(name)).findFirst().orElseThrow();
  }

  private static Vehicle trailer(
      String name, String about, String plate, double track, double axleDistance, double length) {
    int axles = axleDistance > 0 ? 2 : 1;
    return of(
        name,
        about,
        plate,
        new VehicleLayout(VehicleKind.TRAILER, "taper-pair", axles, track, axleDistance, length));
  }

  private static Vehicle of(String name, String about, String plate, VehicleLayout layout) {
    return new Vehicle(name, layout.kind(), about, plate).withLayout(layout);
  }

  private static Vehicle kept(Vehicle vehicle, School school) {
    vehicle.keepTo(school);
    return vehicle;
  }
}
