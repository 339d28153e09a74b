package unbo.app.job;

/** Thrown when a job is to be opened where one is open, and a second one was not asked for. */
public class OpenAlready extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient Job open;

  OpenAlready(Job open) {
    super("Job " + open.getNumber() + " is open at this position already.");
    this.open = open;
  }

  public Job open() {
    return open;
  }
}
