package unbo.core.arrangement;

/**
 * A sum over the sizes of an arrangement, in millimetres, as a template writes it: numbers, names
 * such as {@code hub.shoulder-distance}, {@code + - * /}, comparisons, and the functions of {@link
 * ExpressionParser}. True is one, false is zero.
 */
@FunctionalInterface
public interface Expression {

  double value(Names names);

  /** Where a name gets its value from. */
  interface Names {
    double valueOf(String name);
  }
}
