package unbo.core.diagnosis;

/** What a test needs around it. */
public enum Occasion {
  ASKING("asking", "asked"),
  ROAD("road", "on the road"),
  STANDING("standing", "standing on its wheels"),
  JACKED("jacked", "a wheel off the ground"),
  LIFTED("lifted", "on the lift or over a pit"),
  OPENED("opened", "wheel or cap off");

  private final String id;
  private final String title;

  Occasion(String id, String title) {
    this.id = id;
    this.title = title;
  }

  public String id() {
    return id;
  }

  public String title() {
    return title;
  }

  static Occasion withId(String id) {
    for (Occasion occasion : values()) {
      if (occasion.id.equals(id)) {
        return occasion;
      }
    }
    throw new IllegalArgumentException("no such occasion " + id);
  }
}
