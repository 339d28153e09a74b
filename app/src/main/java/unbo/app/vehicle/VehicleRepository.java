package unbo.app.vehicle;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import unbo.core.vehicle.VehicleKind;

/** Vehicles of the yard. */
public interface VehicleRepository extends JpaRepository<Vehicle, Long> {

  @Query("select v from Vehicle v order by v.id")
  List<Vehicle> all();

  @Query("select v from Vehicle v where v.kind = :kind order by v.id")
  List<Vehicle> of(VehicleKind kind);

  /** Vehicles with a pattern in name, description or plate; {@code !} escapes a wildcard. */
  @Query(
      "select v from Vehicle v where v.name like :pattern escape '!'"
          + " or v.description like :pattern escape '!' or v.plate like :pattern escape '!'"
          + " order by v.name")
  List<Vehicle> search(String pattern);
}
