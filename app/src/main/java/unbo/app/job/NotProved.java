package unbo.app.job;

/** Thrown when a job is to be closed whose proof is missing or was taken back meanwhile. */
public class NotProved extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NotProved(Job job) {
    super("Job " + job.getNumber() + " is not proved.");
  }
}
