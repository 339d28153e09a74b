package unbo.core.arrangement;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/**
 * Reads one {@link Expression}. A hyphen inside a word belongs to the word ({@code seal-seat}); a
 * minus sign stands between spaces. Functions: {@code min max abs floor round sqrt tan(degrees)
 * if(condition, then, else)}; comparisons {@code < > <= >=}, joined by {@code and}, {@code or}.
 */
final class ExpressionParser {

  private final String text;
  private final UnaryOperator<String> qualify;
  private final Consumer<String> used;
  private int at;

  /**
   * A parser.
   *
   * @param qualify turns a name as written into its full name
   * @param used is told every full name, so that a template can be checked at load
   */
  ExpressionParser(String text, UnaryOperator<String> qualify, Consumer<String> used) {
    this.text = text;
    this.qualify = qualify;
    this.used = used;
  }

  /**
   * The whole text as one expression.
   *
   * @throws IllegalArgumentException with what stood where
   */
  Expression parse() {
    Expression whole = either();
    skip();
    if (at < text.length()) {
      throw wrong("something is left over");
    }
    return whole;
  }

  private Expression either() {
    Expression left = both();
    while (word("or")) {
      Expression a = left;
      Expression b = both();
      left = n -> a.value(n) != 0 || b.value(n) != 0 ? 1 : 0;
    }
    return left;
  }

  private Expression both() {
    Expression left = comparison();
    while (word("and")) {
      Expression a = left;
      Expression b = comparison();
      left = n -> a.value(n) != 0 && b.value(n) != 0 ? 1 : 0;
    }
    return left;
  }

  private Expression comparison() {
    Expression a = sum();
    if (sign("<=")) {
      Expression b = sum();
      return n -> a.value(n) <= b.value(n) ? 1 : 0;
    }
    if (sign(">=")) {
      Expression b = sum();
      return n -> a.value(n) >= b.value(n) ? 1 : 0;
    }
    if (sign("<")) {
      Expression b = sum();
      return n -> a.value(n) < b.value(n) ? 1 : 0;
    }
    if (sign(">")) {
      Expression b = sum();
      return n -> a.value(n) > b.value(n) ? 1 : 0;
    }
    return a;
  }

  private Expression sum() {
    Expression left = product();
    while (true) {
      Expression a = left;
      if (sign("+")) {
        Expression b = product();
        left = n -> a.value(n) + b.value(n);
      } else if (sign("-")) {
        Expression b = product();
        left = n -> a.value(n) - b.value(n);
      } else {
        return left;
      }
    }
  }

  private Expression product() {
    Expression left = single();
    while (true) {
      Expression a = left;
      if (sign("*")) {
        Expression b = single();
        left = n -> a.value(n) * b.value(n);
      } else if (sign("/")) {
        Expression b = single();
        left = n -> a.value(n) / b.value(n);
      } else {
        return left;
      }
    }
  }

  private Expression single() {
    if (sign("-")) {
      Expression a = single();
      return n -> -a.value(n);
    }
    if (sign("(")) {
      Expression inside = either();
      need(")");
      return inside;
    }
    skip();
    if (at < text.length() && (Character.isDigit(text.charAt(at)) || text.charAt(at) == '.')) {
      double number = number();
      return n -> number;
    }
    String name = name();
    return sign("(") ? function(name) : named(name);
  }

  private Expression named(String written) {
    String name = qualify.apply(written);
    used.accept(name);
    return n -> n.valueOf(name);
  }

  private Expression function(String name) {
    List<Expression> a = new ArrayList<>();
    do {
      a.add(either());
    } while (sign(","));
    need(")");
    return switch (name + "/" + a.size()) {
      case "abs/1" -> n -> Math.abs(a.get(0).value(n));
      case "floor/1" -> n -> Math.floor(a.get(0).value(n));
      case "round/1" -> n -> Math.round(a.get(0).value(n));
      case "sqrt/1" -> n -> Math.sqrt(a.get(0).value(n));
      case "tan/1" -> n -> Math.tan(Math.toRadians(a.get(0).value(n)));
      case "if/3" -> n -> a.get(0).value(n) != 0 ? a.get(1).value(n) : a.get(2).value(n);
      default -> {
        if (name.equals("min")) {
          yield n -> a.stream().mapToDouble(e -> e.value(n)).min().orElseThrow();
        }
        if (name.equals("max")) {
          yield n -> a.stream().mapToDouble(e -> e.value(n)).max().orElseThrow();
        }
        throw wrong("there is no function " + name + " of " + a.size());
      }
    };
  }

  private double number() {
    int from = at;
    while (at < text.length() && (Character.isDigit(text.charAt(at)) || text.charAt(at) == '.')) {
      at++;
    }
    return Double.parseDouble(text.substring(from, at));
  }

  private String name() {
    int from = at;
    while (at < text.length() && isNamePart(text.charAt(at))) {
      at++;
    }
    if (from == at) {
      throw wrong("a number or a name is missing");
    }
    return text.substring(from, at);
  }

  private static boolean isNamePart(char c) {
    return Character.isLetterOrDigit(c) || c == '.' || c == '-';
  }

  private boolean word(String word) {
    skip();
    int end = at + word.length();
    boolean here = text.startsWith(word, at) && end < text.length() && text.charAt(end) == ' ';
    at = here ? end : at;
    return here;
  }

  private boolean sign(String sign) {
    skip();
    boolean here = text.startsWith(sign, at);
    at = here ? at + sign.length() : at;
    return here;
  }

  private void need(String sign) {
    if (!sign(sign)) {
      throw wrong(sign + " is missing");
    }
  }

  private void skip() {
    while (at < text.length() && text.charAt(at) == ' ') {
      at++;
    }
  }

  private IllegalArgumentException wrong(String what) {
    return new IllegalArgumentException(what + " at " + at + " of “" + text + "”");
  }
}
