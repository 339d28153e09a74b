package unbo.core.arrangement;

import java.util.List;

/**
 * One line of a part's drawing in a template: what is drawn, how it looks, and its numbers. Lengths
 * along the axis and diameters take turns, as on a shop drawing.
 *
 * @param verb what is drawn
 * @param word the look, or for a bearing its place
 * @param piece for a bearing which of its rings; else empty
 * @param outside the numbers, for a turned part its outside from left to right
 * @param inside for a turned part its bore from left to right; empty when it is solid
 */
public record Stroke(
    Verb verb, String word, String piece, List<Argument> outside, List<Argument> inside) {

  /** What a line draws. */
  public enum Verb {
    /** A cylinder: from, to, inside diameter, outside diameter. */
    RING,
    /** An outline of its own: x, diameter, x, diameter … */
    POLY,
    /** A turned part: outside profile and bore. */
    TURNED,
    /** A ball: x, pitch diameter, size. */
    BALL,
    /** A lip seal: from, to, seat diameter, outside diameter. */
    SEAL,
    /** A bearing, or one of its rings. */
    BEARING
  }

  /** A number, or the edge of a flange that may be broken off. */
  public sealed interface Argument {}

  /** A number. */
  public record Value(Expression expression) implements Argument {}

  /** The edge of a flange: drawn up to its diameter, or broken off at the limit (ISO 128-3). */
  public record Edge(Expression from, Expression to, Expression diameter, Expression limit)
      implements Argument {}

  public Stroke {
    outside = List.copyOf(outside);
    inside = List.copyOf(inside);
  }
}
