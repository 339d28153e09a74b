package unbo.app.packing;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** The shop's greases. */
public interface GreaseTinRepository extends JpaRepository<GreaseTin, Long> {

  /** What stands there. */
  List<GreaseTin> findByUsedUpFalseOrderByName();

  List<GreaseTin> findByUsedUpTrueOrderByName();
}
