package unbo.app.round;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** Lines of rounds, in the order written. */
interface RoundLineRepository extends JpaRepository<RoundLine, Long> {
  List<RoundLine> findByRoundIdInOrderById(Collection<Long> rounds);
}
