package unbo.app.shelf;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Items by designation and by what is written on them; {@code !} escapes a wildcard. */
interface ShelfItemRepository extends JpaRepository<ShelfItem, Long> {

  /** A card that nobody else changes until this transaction ends: who comes second waits. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select i from ShelfItem i where i.id = :id")
  Optional<ShelfItem> toChange(long id);

  List<ShelfItem> findByDesignationInOrderByPlace(Collection<String> designations);

  @Query(
      """
      select i from ShelfItem i where i.number like :pattern escape '!'
        or i.designation like :pattern escape '!' or i.place like :pattern escape '!'
        or i.lot like :pattern escape '!' or i.supplier like :pattern escape '!'
        or i.note like :pattern escape '!' order by i.place, i.number""")
  List<ShelfItem> search(String pattern, Limit limit);

  @Query("select i from ShelfItem i order by i.place, i.number")
  List<ShelfItem> byPlace(Limit limit);
}
