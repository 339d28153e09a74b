package unbo.app.account;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Accounts by user name. */
public interface AccountRepository extends JpaRepository<Account, Long> {
  Optional<Account> findByUsername(String username);

  boolean existsByNameKey(String nameKey);

  List<Account> findAllByOrderByActiveDescNameAsc();

  /** All accounts, so that two changes cannot take away the last owner together. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select a from Account a order by a.id")
  List<Account> toChange();
}
