package unbo.app.vehicle;

import org.springframework.data.jpa.repository.JpaRepository;

/** Vehicles of the yard. */
public interface VehicleRepository extends JpaRepository<Vehicle, Long> {}
