package unbo.core.diagnosis;

/** What a cause asks of the vehicle, the worst first. */
public enum Urgency {
  STOP("stop", "Do not move the vehicle."),
  BENCH_ONLY("bench-only", "Go straight to the workshop, slowly. No other trips."),
  SOON("soon", "Repair it this week."),
  RECHECK("recheck", "Not urgent. Note it and check again.");

  private final String id;
  private final String words;

  Urgency(String id, String words) {
    this.id = id;
    this.words = words;
  }

  public String id() {
    return id;
  }

  public String words() {
    return words;
  }

  /** The urgency of a word of data. */
  public static Urgency withId(String id) {
    for (Urgency urgency : values()) {
      if (urgency.id.equals(id)) {
        return urgency;
      }
    }
    throw new IllegalArgumentException("no such urgency " + id);
  }
}
