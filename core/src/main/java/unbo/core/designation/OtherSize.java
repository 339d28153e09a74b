package unbo.core.designation;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import unbo.core.tables.Table;
import unbo.core.units.Problem;

/**
 * Digits that may be the number of a kind of the metric plan in a size that no table here holds
 * ({@code other-sizes.csv}): nothing is claimed of the size, but what to measure is known.
 */
record OtherSize(Pattern number, String title, boolean isOfPlan, String missing) {

  private static final int LEAST_CODE = 4;
  private static final int MOST_CODE = 96;
  private static final int MM_A_CODE = 5;

  private static final List<OtherSize> ALL =
      Table.read(OtherSize.class, "/unbo/core/designation/other-sizes.csv", OtherSize::of);

  private static OtherSize of(Table.Row row) {
    return new OtherSize(
        Pattern.compile("(?:" + row.text("series") + ")(\\d\\d)(?![\\d?]).*"),
        row.text("title"),
        row.text("plan").equals("yes"),
        row.text("missing"));
  }

  /** What to say of a marking whose first such piece is of one of these kinds. */
  static Optional<Problem> in(Marking marking) {
    for (Token token : marking.tokensFrom(0)) {
      for (OtherSize size : ALL) {
        Matcher matcher = size.number.matcher(token.text());
        if (matcher.matches()) {
          return size.problem(matcher);
        }
      }
    }
    return Optional.empty();
  }

  private Optional<Problem> problem(Matcher number) {
    int code = Integer.parseInt(number.group(1));
    if (isOfPlan && (code < LEAST_CODE || code > MOST_CODE)) {
      return Optional.empty();
    }
    String bore = isOfPlan ? "If it is, its bore is " + code * MM_A_CODE + " mm by the plan. " : "";
    return Optional.of(
        new Problem(
            number.group().substring(0, number.end(1)),
            "By its digits this may be " + title + " in a size that is not in the tables.",
            bore + missing));
  }
}
