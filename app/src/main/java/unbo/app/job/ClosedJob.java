package unbo.app.job;

/** Thrown when a closed job is to be changed. */
public class ClosedJob extends RuntimeException {
  private static final long serialVersionUID = 1L;

  ClosedJob(Job job) {
    super("Job " + job.getNumber() + " is closed; open a new one for this position.");
  }
}
