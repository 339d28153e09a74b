package unbo.app.listening;

/** Thrown when words are added to a search that holds as many as it can. */
class TooManyWords extends RuntimeException {
  private static final long serialVersionUID = 1L;
}
