package unbo.app.account;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** Tokens by hash and by owner. */
interface ApiTokenRepository extends JpaRepository<ApiToken, Long> {
  Optional<ApiToken> findByTokenHashAndRevokedAtIsNull(String tokenHash);

  List<ApiToken> findByAccountUsernameOrderByIdDesc(String username);

  List<ApiToken> findByRevokedAtIsNullOrderByAccountNameAscIdDesc();
}
