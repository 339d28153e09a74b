package unbo.app.ring;

import java.util.Map;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import unbo.app.web.FieldProblems;
import unbo.core.units.Problem;
import unbo.core.unroll.RingMark;

/** What was typed or tapped on a photograph, read. */
final class RingFields {

  private static final Pattern POINT =
      Pattern.compile("\\s*(\\d{1,5})\\s*[,;\\s]\\s*(\\d{1,5})\\s*");
  private static final Pattern NUMBER = Pattern.compile("\\s*(-?\\d{1,3})\\s*[°%]?\\s*");
  private static final int USUAL_INNER = 60;
  private static final int MOST_ELEMENTS = 99;

  private final Map<String, String> typed;
  private final FieldProblems problems = new FieldProblems();

  RingFields(Map<String, String> typed) {
    this.typed = typed;
  }

  FieldProblems problems() {
    return problems;
  }

  String typed(String field) {
    return typed.getOrDefault(field, field.equals("inner") ? "" + USUAL_INNER : "");
  }

  boolean is(String field) {
    return typed(field).equals("true");
  }

  /** The marked ring; null while it is not marked, or wrong. */
  RingMark mark(int width, int height) {
    double[] centre = point("centre");
    double[] edge = point("edge");
    int inner = number("inner", USUAL_INNER, "A share in whole per cent, such as 60.");
    int start = number("start", 0, "Whole degrees, such as 90.");
    if (centre == null || edge == null || !problems.isEmpty()) {
      return null;
    }
    RingMark mark =
        new RingMark(centre[0], centre[1], edge[0], edge[1], inner / 100.0, start, is("inside"));
    mark.problems(width, height).forEach(problems::add);
    return problems.isEmpty() ? mark : null;
  }

  /** How many balls or rollers; empty when nobody said. */
  OptionalInt elements() {
    int count = number("rollers", 0, "A count from 3 to 99.");
    if (count == 0 && typed("rollers").isBlank()) {
      return OptionalInt.empty();
    }
    if (count < 3 || count > MOST_ELEMENTS) {
      problems.add(
          "rollers",
          new Problem(typed("rollers"), "Not a count of elements.", "A count from 3 to 99."));
      return OptionalInt.empty();
    }
    return OptionalInt.of(count);
  }

  private double[] point(String field) {
    String text = typed(field);
    if (text.isBlank()) {
      return null;
    }
    Matcher point = POINT.matcher(text);
    if (!point.matches()) {
      problems.add(
          field,
          new Problem(
              text,
              "Not a point.",
              "Tap the picture, or enter pixels from the left and from the top, such as 1240, 980."));
      return null;
    }
    return new double[] {Integer.parseInt(point.group(1)), Integer.parseInt(point.group(2))};
  }

  private int number(String field, int usual, String remedy) {
    String text = typed(field);
    if (text.isBlank()) {
      return usual;
    }
    Matcher number = NUMBER.matcher(text);
    if (!number.matches()) {
      problems.add(field, new Problem(text, "Not a whole number.", remedy));
      return usual;
    }
    return Integer.parseInt(number.group(1));
  }
}
