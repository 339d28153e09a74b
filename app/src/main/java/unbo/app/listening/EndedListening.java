package unbo.app.listening;

/** Thrown when something is to be answered in a search that has ended. */
class EndedListening extends RuntimeException {
  private static final long serialVersionUID = 1L;

  EndedListening() {
    super("This search has ended; its result is saved. Start a new search.");
  }
}
