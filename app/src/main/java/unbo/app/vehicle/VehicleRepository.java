package unbo.app.vehicle;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Vehicles of the yard. */
public interface VehicleRepository extends JpaRepository<Vehicle, Long> {

  /** Vehicles with a pattern in name, description or plate; {@code !} escapes a wildcard. */
  @Query(
      "select v from Vehicle v where v.name like :pattern escape '!'"
          + " or v.description like :pattern escape '!' or v.plate like :pattern escape '!'"
          + " order by v.name")
  List<Vehicle> search(String pattern);
}
