package unbo.app.account;

import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.time.Instant;

/** A token for the JSON interface. It is shown once; only its SHA-256 is kept. */
@Entity
public class ApiToken {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @ManyToOne(fetch = FetchType.EAGER)
  private Account account;

  private String name;
  private String tokenHash;
  private Instant createdAt;
  private Instant lastUsedAt;
  private Instant revokedAt;
  private Instant expiresAt;

  protected ApiToken() {}

  ApiToken(Account account, String name, String tokenHash, Instant createdAt, Instant expiresAt) {
    this.account = account;
    this.name = name;
    this.tokenHash = tokenHash;
    this.createdAt = createdAt;
    this.expiresAt = expiresAt;
  }

  void used(Instant at) {
    this.lastUsedAt = at;
  }

  void revoke(Instant at) {
    this.revokedAt = at;
  }

  public Long getId() {
    return id;
  }

  /** When it ends by itself; null for one that was made before tokens had an end. */
  public Instant getExpiresAt() {
    return expiresAt;
  }

  /** Whether it opens anything at a moment. */
  boolean holds(Instant now) {
    return !isRevoked() && account.isActive() && (expiresAt == null || expiresAt.isAfter(now));
  }

  public Account getAccount() {
    return account;
  }

  public String getName() {
    return name;
  }

  public Instant getCreatedAt() {
    return createdAt;
  }

  public Instant getLastUsedAt() {
    return lastUsedAt;
  }

  public boolean isRevoked() {
    return revokedAt != null;
  }
}
