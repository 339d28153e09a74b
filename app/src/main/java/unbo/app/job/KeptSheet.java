package unbo.app.job;

/** A sheet of some job as it is kept, asked for over all jobs; {@link SheetType#read} opens it. */
public interface KeptSheet {

  /** The job that it belongs to. */
  long getJobId();

  /** Of the reader that wrote it. */
  int getVersion();

  /** As it is kept. */
  String getDocument();
}
