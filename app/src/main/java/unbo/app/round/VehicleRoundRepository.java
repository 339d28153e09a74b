package unbo.app.round;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import unbo.app.vehicle.Vehicle;

/** Rounds of a vehicle, the oldest first. */
interface VehicleRoundRepository extends JpaRepository<VehicleRound, Long> {
  List<VehicleRound> findByVehicleOrderById(Vehicle vehicle);
}
