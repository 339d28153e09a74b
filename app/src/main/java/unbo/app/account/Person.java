package unbo.app.account;

import java.util.Collection;
import java.util.List;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;
import unbo.core.verification.Role;

/** The signed-in person, as controllers receive them. */
public final class Person implements UserDetails {
  private static final long serialVersionUID = 1L;

  private final String username;
  private final String name;
  private final Role role;
  private final String passwordHash;

  public Person(Account account) {
    this.username = account.getUsername();
    this.name = account.getName();
    this.role = account.getRole();
    this.passwordHash = account.getPasswordHash();
  }

  public String getName() {
    return name;
  }

  public Role getRole() {
    return role;
  }

  /** Whether people and their roles are theirs to see to. */
  public boolean isOwner() {
    return role == Role.OWNER;
  }

  public String getRoleTitle() {
    return role.title();
  }

  @Override
  public Collection<? extends GrantedAuthority> getAuthorities() {
    return List.of(new SimpleGrantedAuthority("ROLE_" + role.name()));
  }

  @Override
  public String getPassword() {
    return passwordHash;
  }

  @Override
  public String getUsername() {
    return username;
  }

  /** One person is one user name, however often signed in. */
  @Override
  public boolean equals(Object other) {
    return other instanceof Person person && person.username.equals(username);
  }

  @Override
  public int hashCode() {
    return username.hashCode();
  }
}
