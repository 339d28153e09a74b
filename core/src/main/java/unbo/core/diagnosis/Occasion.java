package unbo.core.diagnosis;

/** What a test needs around it, the farthest from the part first. */
public enum Occasion {
  ASKING("asking", "asked", "", 0),
  ROAD("road", "on the road", "no road test", 3),
  STANDING("standing", "standing on its wheels", "no test with the vehicle standing", 0),
  JACKED("jacked", "a wheel off the ground", "cannot jack it up", 2),
  LIFTED("lifted", "on the lift or over a pit", "no lift or pit", 3),
  OPENED("opened", "wheel or cap off", "cannot take wheel or cap off", 4);

  private final String id;
  private final String title;
  private final String barredTitle;
  private final double setupMinutes;

  Occasion(String id, String title, String barredTitle, double setupMinutes) {
    this.id = id;
    this.title = title;
    this.barredTitle = barredTitle;
    this.setupMinutes = setupMinutes;
  }

  /** What it takes to get the vehicle there; our own estimate, for the order of asking alone. */
  double setupMinutes() {
    return setupMinutes;
  }

  /** What is said when it cannot be had here. */
  public String barredTitle() {
    return barredTitle;
  }

  /**
   * How far what is found so is from the part, in steps: in the hand over on the stand over on the
   * road.
   */
  int distance() {
    return values().length - 1 - ordinal();
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
