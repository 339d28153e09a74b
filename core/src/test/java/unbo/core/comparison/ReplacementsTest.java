package unbo.core.comparison;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.Reading;
import unbo.core.tables.Table;

/** Replacements of daily life, judged by trade knowledge first and kept apart from the tables. */
class ReplacementsTest {

  /** So many of a hundred are to be judged right. */
  private static final double WANTED = 0.96;

  private record Case(String old, String fresh, String at, Verdict verdict) {

    Verdict found() {
      return Comparison.of(reading(old), reading(fresh), PositionDuty.at(at)).verdict();
    }

    private static Reading reading(String text) {
      return Optional.of(DesignationReader.standard().read(text).readings())
          .filter(r -> !r.isEmpty())
          .orElseThrow(() -> new AssertionError("not read: " + text))
          .get(0);
    }
  }

  private static final List<Case> CASES =
      Table.read(
          ReplacementsTest.class,
          "/unbo/core/comparison/replacements.csv",
          row ->
              new Case(
                  row.text("old"),
                  row.text("fresh"),
                  row.text("at"),
                  Verdict.valueOf(row.text("verdict"))));

  @Test
  void replacementsOfDailyLifeAreJudgedRight() {
    List<String> wrong = new ArrayList<>();
    for (Case c : CASES) {
      if (c.found() != c.verdict) {
        wrong.add(c.old + " → " + c.fresh + " at " + c.at + ": " + c.found());
      }
    }
    System.out.println(
        CASES.size() - wrong.size() + " of " + CASES.size() + " judged right; not: " + wrong);
    assertThat(1 - wrong.size() / (double) CASES.size())
        .as(String.join("\n", wrong))
        .isGreaterThanOrEqualTo(WANTED);
  }

  /** The worst fault: what does not suit is called suitable. None is allowed. */
  @Test
  void whatDoesNotSuitIsNeverCalledSuitable() {
    assertThat(CASES)
        .filteredOn(c -> c.verdict != Verdict.SUITS && c.found() == Verdict.SUITS)
        .isEmpty();
  }
}
