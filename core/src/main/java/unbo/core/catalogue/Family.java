package unbo.core.catalogue;

/** Families of bearings that the catalogue holds, with the word used on pages and in data. */
public enum Family {
  DEEP_GROOVE_BALL("deep-groove-ball", "deep groove ball bearing"),
  TAPERED_ROLLER("tapered-roller", "tapered roller bearing");

  private final String id;
  private final String title;

  Family(String id, String title) {
    this.id = id;
    this.title = title;
  }

  public String id() {
    return id;
  }

  public String title() {
    return title;
  }
}
