package unbo.app.job;

/** Thrown when a pair with play, grit or noise is to be set before anybody looked at it. */
public class LookFirst extends RuntimeException {
  private static final long serialVersionUID = 1L;

  LookFirst(Job job) {
    super(
        "Set is locked on job "
            + job.getNumber()
            + ": "
            + job.work().getOpening().getLookWhy()
            + ". Strip and inspect the parts, then record the inspection at Set.");
  }
}
