package unbo.app.job;

/** Thrown when undoing would set or lift a waiver for somebody who may not do so directly. */
public class NotYours extends RuntimeException {
  private static final long serialVersionUID = 1L;

  NotYours() {
    super(
        "Nothing was undone: the last change concerns a waiver. Ask a mechanic or an owner to undo"
            + " it.");
  }
}
