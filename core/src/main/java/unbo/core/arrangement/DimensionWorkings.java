package unbo.core.arrangement;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import unbo.core.measure.Instrument;
import unbo.core.units.Digits;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Values;
import unbo.core.working.Working;

/**
 * How the dimensions of a section come about: each is a sum over sizes that were measured, that a
 * bearing's number gives, or that are assumed. Millimetres. A measured size counts as read with a
 * digital caliper; sizes by number are nominal (ISO 15, ISO 355); an assumed one has no uncertainty
 * that is known.
 */
public final class DimensionWorkings {

  private static final String SOURCE = "Geometry of the section (ISO 128-3, ISO 129-1).";
  private static final String LIMITS =
      "Sizes of a bearing are its nominal ones, without the tolerances of ISO 492. "
          + "Parts are drawn home against their faces.";

  private static final double STEP = 1e-3;
  private static final double NOTHING = 1e-6;

  private final Assembly assembly;

  private DimensionWorkings(Assembly assembly) {
    this.assembly = assembly;
  }

  /** A working for each dimension line of the arrangement, in its order. */
  public static List<Working> of(Assembly assembly) {
    DimensionWorkings worked = new DimensionWorkings(assembly);
    return assembly.arrangement().dimensions().stream().map(worked::working).toList();
  }

  private Working working(DimensionLine line) {
    Map<String, Double> slopes = slopes(line);
    Map<String, String> signs = signs(slopes.keySet());
    List<Input> inputs = new ArrayList<>();
    signs.forEach((name, sign) -> inputs.add(input(sign, name)));
    String result = line.diameter() ? "d" : "L";
    Formula formula =
        Formula.of(
            line.diameter() ? "Diameter" : "Length along the axis",
            "mm",
            result + " = " + sum(line, slopes, signs),
            values -> length(line, over(signs, values)),
            SOURCE,
            LIMITS);
    return Working.of(formula, inputs);
  }

  private static double length(DimensionLine line, Expression.Names names) {
    return line.to().value(names) - line.from().value(names);
  }

  /** How the length follows each size that it depends on; those that cancel out are left away. */
  private Map<String, Double> slopes(DimensionLine line) {
    Map<String, Double> slopes = new LinkedHashMap<>();
    for (String leaf : leaves(line)) {
      ToDoubleFunction<Double> moved = by -> length(line, moved(leaf, by));
      double slope = (moved.applyAsDouble(STEP) - moved.applyAsDouble(-STEP)) / (2 * STEP);
      if (Math.abs(slope) > NOTHING) {
        slopes.put(leaf, slope);
      }
    }
    return slopes;
  }

  private Set<String> leaves(DimensionLine line) {
    Set<String> leaves = new LinkedHashSet<>();
    length(
        line,
        new Expression.Names() {
          @Override
          public double valueOf(String name) {
            if (!assembly.isLeaf(name)) {
              return assembly.behind(name).value(this);
            }
            leaves.add(name);
            return assembly.valueOf(name);
          }
        });
    return leaves;
  }

  private Expression.Names moved(String leaf, double by) {
    return new Expression.Names() {
      @Override
      public double valueOf(String name) {
        return assembly.isLeaf(name)
            ? assembly.valueOf(name) + (name.equals(leaf) ? by : 0)
            : assembly.behind(name).value(this);
      }
    };
  }

  private Expression.Names over(Map<String, String> signs, Values values) {
    return new Expression.Names() {
      @Override
      public double valueOf(String name) {
        if (!assembly.isLeaf(name)) {
          return assembly.behind(name).value(this);
        }
        String sign = signs.get(name);
        return sign == null ? assembly.valueOf(name) : values.get(sign);
      }
    };
  }

  /** Letters in the order of the sum, from a on. */
  private static Map<String, String> signs(Set<String> names) {
    Map<String, String> signs = new LinkedHashMap<>();
    names.forEach(name -> signs.put(name, String.valueOf((char) ('a' + signs.size()))));
    return signs;
  }

  private String sum(DimensionLine line, Map<String, Double> slopes, Map<String, String> signs) {
    StringBuilder sum = new StringBuilder();
    double rest = length(line, assembly);
    for (var slope : slopes.entrySet()) {
      term(sum, slope.getValue(), signs.get(slope.getKey()));
      rest -= slope.getValue() * assembly.valueOf(slope.getKey());
    }
    if (Math.abs(rest) > NOTHING || sum.isEmpty()) {
      term(sum, rest, "mm");
    }
    return sum.toString();
  }

  private static void term(StringBuilder sum, double factor, String of) {
    String minus = sum.isEmpty() ? "−" : " − ";
    String plus = sum.isEmpty() ? "" : " + ";
    sum.append(factor < 0 ? minus : plus);
    double size = Math.abs(factor);
    if (of.equals("mm")) {
      sum.append(Digits.rough(size)).append(" mm");
    } else {
      sum.append(Math.abs(size - 1) < NOTHING ? "" : Digits.rough(size) + " · ").append(of);
    }
  }

  private Input input(String sign, String name) {
    double value = assembly.valueOf(name);
    String title = title(name);
    if (assembly.measured().containsKey(name)) {
      double caliper = Instrument.withId("caliper").orElseThrow().uncertainty();
      Origin origin = Origin.measured("taken as read with a digital caliper");
      return Input.of(sign, title, value, caliper, "mm", origin);
    }
    return Input.exact(sign, title, value, "mm", origin(name));
  }

  private Origin origin(String name) {
    String place = name.substring(0, name.indexOf('.'));
    if (assembly.isRead(place)) {
      return Origin.read(assembly.bearing(place).designation());
    }
    boolean named = assembly.arrangement().place(place).filter(BearingPlace::isNamed).isPresent();
    return named
        ? Origin.assumed(assembly.bearing(place).designation() + ", until its number is read")
        : Origin.assumed("until somebody measures it");
  }

  private String title(String name) {
    return assembly
        .arrangement()
        .size(name)
        .map(s -> partTitle(s.part()) + ": " + lower(s.label()))
        .orElseGet(() -> placeTitle(name));
  }

  private String placeTitle(String name) {
    int dot = name.indexOf('.');
    String part = assembly.arrangement().partsOf(name.substring(0, dot)).get(0).title();
    return part + ": " + whatOfABearing(name.substring(dot + 1));
  }

  private static String whatOfABearing(String what) {
    return switch (what) {
      case "outer" -> "outside diameter";
      case "width" -> "width over all";
      case "cone" -> "cone width";
      case "cup" -> "cup width";
      default -> what;
    };
  }

  private String partTitle(String part) {
    return assembly.arrangement().part(part).orElseThrow().title();
  }

  private static String lower(String label) {
    return label.substring(0, 1).toLowerCase(java.util.Locale.ROOT) + label.substring(1);
  }
}
