package unbo.app.web;

/** Thrown when an address names a vehicle, job or part that does not exist. */
public class NoSuchPage extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NoSuchPage(String message) {
    super(message);
  }
}
