package unbo.app.vehicle;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import unbo.app.web.NoSuchPage;
import unbo.app.web.SearchPattern;
import unbo.core.vehicle.OwnPosition;
import unbo.core.vehicle.VehicleKind;

/** Reads and changes the vehicles of the yard. */
@Service
public class Vehicles {

  private final VehicleRepository vehicles;

  Vehicles(VehicleRepository vehicles) {
    this.vehicles = vehicles;
  }

  @Transactional(readOnly = true)
  public List<Vehicle> all() {
    return vehicles.all();
  }

  @Transactional(readOnly = true)
  public List<Vehicle> of(VehicleKind kind) {
    return vehicles.of(kind);
  }

  /**
   * The vehicle of an id.
   *
   * @throws NoSuchPage when there is none
   */
  @Transactional(readOnly = true)
  public Vehicle get(long id) {
    return vehicles
        .findById(id)
        .orElseThrow(() -> new NoSuchPage("There is no vehicle " + id + "."));
  }

  /** Vehicles with a text in name, description or plate, upper and lower case alike. */
  @Transactional(readOnly = true)
  public List<Vehicle> search(String text) {
    return vehicles.search(SearchPattern.of(text));
  }

  /**
   * Adds a position to one vehicle.
   *
   * @throws NoSuchPage when there is no such vehicle
   */
  @Transactional
  public OwnPosition add(long id, NewPosition position) {
    return get(id).add(position);
  }

  /** Takes a position away that was added; whoever calls has made sure that no record names it. */
  @Transactional
  public void removePosition(long id, String code) {
    get(id).remove(code);
  }

  /**
   * Records what a vehicle's papers say of its speed, km/h; null for not known.
   *
   * @throws NoSuchPage when there is no such vehicle
   */
  @Transactional
  public void recordTopSpeed(long id, Double kmh) {
    get(id).recordTopSpeed(kmh);
  }

  @Transactional
  public Vehicle save(Vehicle vehicle) {
    return vehicles.save(vehicle);
  }
}
