package unbo.core.diagnosis;

/** What a cause asks of the vehicle, the worst first. */
public enum Urgency {
  STOP("stop", "Do not move it."),
  BENCH_ONLY("bench-only", "Drive gently to the bench only."),
  SOON("soon", "Book it this week."),
  RECHECK("recheck", "Note it and look again.");

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
