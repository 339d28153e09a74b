package unbo.core.diagnosis;

/** What a test needs around it. */
public enum Occasion {
  ASKING("asking", "asked", ""),
  ROAD("road", "on the road", "no road test"),
  STANDING("standing", "standing on its wheels", "no test with the vehicle standing"),
  JACKED("jacked", "a wheel off the ground", "cannot jack it up"),
  LIFTED("lifted", "on the lift or over a pit", "no lift or pit"),
  OPENED("opened", "wheel or cap off", "cannot take wheel or cap off");

  private final String id;
  private final String title;
  private final String barredTitle;

  Occasion(String id, String title, String barredTitle) {
    this.id = id;
    this.title = title;
    this.barredTitle = barredTitle;
  }

  /** What is said when it cannot be had here. */
  public String barredTitle() {
    return barredTitle;
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
