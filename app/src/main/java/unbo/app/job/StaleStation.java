package unbo.app.job;

/** Thrown when somebody else changed a station after the page that is being saved was read. */
public class StaleStation extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient JobEvent latest;

  StaleStation(JobEvent latest) {
    super("Changed by " + latest.getPerson() + " at " + latest.getAt());
    this.latest = latest;
  }

  /**
   * What came in between; a change that was taken back leaves no mark at the station but a line.
   */
  public JobEvent latest() {
    return latest;
  }
}
