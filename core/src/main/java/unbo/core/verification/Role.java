package unbo.core.verification;

/** Who may do what in a workshop. */
public enum Role {
  OWNER("owner", true, "all work, waivers, people"),
  MECHANIC("mechanic", true, "all work, waivers"),
  APPRENTICE("apprentice", false, "all work, no waivers");

  private final String title;
  private final boolean mayWaive;
  private final String may;

  Role(String title, boolean mayWaive, String may) {
    this.title = title;
    this.mayWaive = mayWaive;
    this.may = may;
  }

  /** What the role allows, for lists of people. */
  public String may() {
    return may;
  }

  public String title() {
    return title;
  }

  /** Whether this role may waive a hard stop by name and with a reason. */
  public boolean mayWaive() {
    return mayWaive;
  }
}
