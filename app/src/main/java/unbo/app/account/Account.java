package unbo.app.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.security.MessageDigest;
import java.time.Instant;
import unbo.core.verification.Role;

/** Somebody who can sign in. The password is kept only as a hash. */
@Entity
public class Account {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String username;
  private String name;

  @Enumerated(EnumType.STRING)
  private Role role;

  private String passwordHash;
  private boolean active = true;
  private String nameKey;
  private String resetHash;
  private Instant resetUntil;
  private int resetTries;

  protected Account() {}

  public Account(String username, String name, Role role, String passwordHash) {
    this.username = username;
    this.name = name;
    this.nameKey = PersonName.key(name);
    this.role = role;
    this.passwordHash = passwordHash;
  }

  public String getUsername() {
    return username;
  }

  public String getName() {
    return name;
  }

  public Role getRole() {
    return role;
  }

  public Long getId() {
    return id;
  }

  String getPasswordHash() {
    return passwordHash;
  }

  /** Whether this person may sign in; records keep the name either way. */
  public boolean isActive() {
    return active;
  }

  void setActive(boolean active) {
    this.active = active;
    forgetReset();
  }

  void setRole(Role role) {
    this.role = role;
  }

  /** A new password; a code that was given out for it is worth nothing any more. */
  void setPasswordHash(String hash) {
    this.passwordHash = hash;
    forgetReset();
  }

  /** Lets the password be replaced by whoever knows the code, until a moment. */
  void allowReset(String codeHash, Instant until) {
    this.resetHash = codeHash;
    this.resetUntil = until;
    this.resetTries = 0;
  }

  /** Whether a code is the one that was given out; each wrong one counts. */
  boolean acceptsReset(String codeHash, Instant now, int mostTries) {
    if (resetHash == null || resetUntil.isBefore(now) || resetTries >= mostTries) {
      return false;
    }
    boolean right = MessageDigest.isEqual(resetHash.getBytes(), codeHash.getBytes());
    resetTries += right ? 0 : 1;
    return right;
  }

  /** Until when a code is waiting to be used; null when none is. */
  public Instant getResetUntil() {
    return resetUntil;
  }

  private void forgetReset() {
    this.resetHash = null;
    this.resetUntil = null;
    this.resetTries = 0;
  }
}
