package unbo.app.api;

import java.util.Map;
import java.util.Optional;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;

/** The {@code position} of a query: an arrangement id, or nothing. */
final class Positions {

  private Positions() {}

  static Optional<Arrangement> of(Map<String, String> query, Fields fields) {
    String id = Fields.word(query, "position", "");
    Optional<Arrangement> found = Arrangements.standard().find(id);
    if (!id.isEmpty() && found.isEmpty()) {
      fields.impossible("position", id, "Send an arrangement id, a1 to a47.");
    }
    return found;
  }
}
