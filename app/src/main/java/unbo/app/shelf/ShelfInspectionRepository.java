package unbo.app.shelf;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** Inspections of an item, the newest first. */
interface ShelfInspectionRepository extends JpaRepository<ShelfInspection, Long> {
  List<ShelfInspection> findByItemIdOrderByIdDesc(long itemId);

  List<ShelfInspection> findByItemIdIn(Collection<Long> items);
}
