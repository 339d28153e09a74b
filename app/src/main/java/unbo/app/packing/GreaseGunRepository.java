package unbo.app.packing;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** Calibrations of the shop's gun. */
interface GreaseGunRepository extends JpaRepository<GreaseGun, Long> {
  Optional<GreaseGun> findTopByOrderByIdDesc();
}
