package unbo.core.verification;

import java.util.Optional;

/** Any one of these keeps a vehicle off the road; none can be waived. */
public enum RoadFinding {
  PLAY_OVER_LIMIT("play", "play over its limit"),
  GRINDING("grinding", "grinding"),
  BURNING("burning", "smoking or burning heat"),
  LOCKING_DAMAGED("locking-damaged", "a damaged or missing locking part"),
  CRACK("crack", "a cracked part");

  private final String id;
  private final String title;

  RoadFinding(String id, String title) {
    this.id = id;
    this.title = title;
  }

  public String id() {
    return id;
  }

  public String title() {
    return title;
  }

  public static Optional<RoadFinding> withId(String id) {
    for (RoadFinding finding : values()) {
      if (finding.id.equals(id)) {
        return Optional.of(finding);
      }
    }
    return Optional.empty();
  }
}
