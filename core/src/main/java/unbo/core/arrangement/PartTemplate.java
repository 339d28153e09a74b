package unbo.core.arrangement;

import java.util.List;
import java.util.Optional;

/**
 * A part of an arrangement.
 *
 * @param id the word in addresses and records, such as {@code inboard-cone}
 * @param title what a mechanic calls it
 * @param place the bearing place that it shows, if it is a bearing or a ring of one
 * @param sizes what can be measured on it
 * @param strokes how it is drawn
 * @param anchor where its balloon's leader ends, as x and diameter; empty for the kind's own spot
 * @param below from where to where it is seen from outside in the lower half; empty when hidden
 */
public record PartTemplate(
    String id,
    String title,
    Optional<String> place,
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

  /** The sizes that its own sheet asks for. */
  public List<SizeTemplate> askedSizes() {
    return sizes.stream().filter(s -> !s.given()).toList();
  }
}
