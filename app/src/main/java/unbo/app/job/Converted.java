package unbo.app.job;

/** A position that some job converted: it is not original any more. */
public interface Converted {

  /** Code of the position. */
  String getPosition();

  /** What is in it. */
  String getNow();
}
