package unbo.app.account;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** Accounts by user name. */
public interface AccountRepository extends JpaRepository<Account, Long> {
  Optional<Account> findByUsername(String username);
}
