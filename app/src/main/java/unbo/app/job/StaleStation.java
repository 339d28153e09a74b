package unbo.app.job;

/** Thrown when somebody else changed a station after the page that is being saved was read. */
public class StaleStation extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient StationMark latest;

  StaleStation(StationMark latest) {
    super("Changed by " + latest.getPerson() + " at " + latest.getAt());
    this.latest = latest;
  }

  public StationMark latest() {
    return latest;
  }
}
