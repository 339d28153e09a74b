package unbo.app.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
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

  protected Account() {}

  public Account(String username, String name, Role role, String passwordHash) {
    this.username = username;
    this.name = name;
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

  String getPasswordHash() {
    return passwordHash;
  }
}
