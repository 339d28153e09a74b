package unbo.core.arrangement;

import java.util.List;
import java.util.Optional;

/**
 * A part of an arrangement.
 *
 * @param id the word in addresses and records, such as {@code inboard-cone}
 * @param title what a mechanic calls it
 * @param place the bearing place that it shows, if it is a bearing or a ring of one
 * @param number what its number is called where no table knows it and it is kept as text; empty
 *     where it has none
 * @param sizes what can be measured on it
 * @param strokes how it is drawn
 * @param anchor where its balloon's leader ends, as x and diameter; empty for the kind's own spot
 * @param below from where to where it is seen from outside in the lower half; empty when hidden
 */
public record PartTemplate(
    String id,
    String title,
    Optional<String> place,
    Optional<String> number,
    List<SizeTemplate> sizes,
    List<Stroke> strokes,
    Optional<Span> anchor,
    Optional<Span> below) {

  /** Two numbers of a template. */
  public record Span(Expression first, Expression second) {}

  public PartTemplate {
    sizes = List.copyOf(sizes);
    strokes = List.copyOf(strokes);
  }

  public boolean isBearing() {
    return place.isPresent();
  }

  /** Whether both rings of a bearing are this one part. */
  public boolean isWholeBearing() {
    return isBearing() && ring().isEmpty();
  }

  /** Which ring it is, where it is one. */
  public Optional<Ring> ring() {
    return strokes.stream()
        .filter(s -> s.verb() == Stroke.Verb.BEARING)
        .findFirst()
        .flatMap(
            s ->
                switch (s.piece()) {
                  case "cone", "inner", "inner-left", "inner-right" -> Optional.of(Ring.INNER);
                  case "cup", "outer" -> Optional.of(Ring.OUTER);
                  default -> Optional.empty();
                });
  }

  /** The sizes that its own sheet asks for. */
  public List<SizeTemplate> askedSizes() {
    return sizes.stream().filter(s -> !s.given()).toList();
  }
}
