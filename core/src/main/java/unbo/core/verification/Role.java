package unbo.core.verification;

/** Who may do what in a workshop. */
public enum Role {
  OWNER("owner", true),
  MECHANIC("mechanic", true),
  APPRENTICE("apprentice", false);

  private final String title;
  private final boolean mayWaive;

  Role(String title, boolean mayWaive) {
    this.title = title;
    this.mayWaive = mayWaive;
  }

  public String title() {
    return title;
  }

  /** Whether this role may waive a hard stop by name and with a reason. */
  public boolean mayWaive() {
    return mayWaive;
  }
}
