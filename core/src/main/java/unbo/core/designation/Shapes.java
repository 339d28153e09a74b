package unbo.core.designation;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What the pieces of one marking are by their look. Every family asks it of the same few pieces:
 * each is compared with the table once.
 */
final class Shapes {

  private final Map<TokenShape.Place, Map<String, Optional<TokenShape>>> known =
      new EnumMap<>(TokenShape.Place.class);

  /** As {@link TokenShape#find}. */
  Optional<TokenShape> find(TokenShape.Place place, String text) {
    return known
        .computeIfAbsent(place, p -> new HashMap<>())
        .computeIfAbsent(text, t -> TokenShape.find(place, t));
  }

  /** As {@link TokenShape#of}. */
  TokenShape of(TokenShape.Place place, String text) {
    return find(place, text).orElseGet(() -> TokenShape.of(place, text));
  }
}
