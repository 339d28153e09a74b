package unbo.app.drag;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** The shop's other ways to spend for a watt. */
public interface OtherWayRepository extends JpaRepository<OtherWay, Long> {

  List<OtherWay> findTop50ByOrderByIdDesc();
}
