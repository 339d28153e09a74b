package unbo.app.drawing;

/** Strokes that are drawn at a part of a section, such as an arrow or a fan of loads. */
@FunctionalInterface
public interface Glyph {

  /** The path about a place; empty when nothing is drawn. */
  String at(Spot place);
}
