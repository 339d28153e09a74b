package unbo.app.shelf;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** Moves of an item, the newest first. */
interface ShelfMoveRepository extends JpaRepository<ShelfMove, Long> {
  List<ShelfMove> findTop12ByItemIdOrderByIdDesc(long itemId);
}
