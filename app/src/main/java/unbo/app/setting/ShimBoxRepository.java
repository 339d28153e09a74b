package unbo.app.setting;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** The shop's boxes of shims. */
interface ShimBoxRepository extends JpaRepository<ShimBox, Long> {

  @Query("select b from ShimBox b order by b.name")
  List<ShimBox> all();

  @Query("select b from ShimBox b where b.name = :name")
  Optional<ShimBox> named(String name);
}
