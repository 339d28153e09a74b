package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.measure.Measured;
import unbo.core.units.Entry;
import unbo.core.units.Problem;

class FiguresTest {

  private final Figures figures = new Figures();

  @ParameterizedTest
  @CsvSource({"0.31,0.310", "-0.065,−0.065", "0,0.000", "-0.0,0.000", "1.23456,1.235"})
  void endPlayHasThousandths(double value, String text) {
    assertThat(figures.fine(value)).isEqualTo(text);
  }

  @ParameterizedTest
  @CsvSource({"62,62", "17.25,17.25", "33.3375,33.34", "-4,−4", "0.1,0.1"})
  void sizesHaveNoZerosTheyDoNotNeed(double value, String text) {
    assertThat(figures.size(value)).isEqualTo(text);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "12 thou|= 0.305 mm",
        "310 µm|= 0.310 mm",
        "5/16|= 7.938 mm",
        "0.31|''",
        "0,31 mm|''",
        "x|''",
        "''|''"
      })
  void aLengthInAnotherUnitSaysWhatItWasTakenAs(String typed, String text) {
    assertThat(figures.takenAs(typed)).isEqualTo(text);
  }

  @Test
  void valuesCarryTheirUncertainty() {
    assertThat(figures.measured(new Measured(0.0625, 0.0149))).isEqualTo("0.063 ± 0.015");
    assertThat(figures.percent(0.634)).isEqualTo("63 %");
    assertThat(figures.day(LocalDate.of(2026, 3, 9))).isEqualTo("9 Mar 2026");
    assertThat(figures.day(null)).isEmpty();
    assertThat(figures.moment(null)).isEmpty();
  }

  @Test
  void theFirstProblemAtAFieldStands() {
    FieldProblems problems = new FieldProblems();
    assertThat(problems.take("a", Entry.taken("1", 1))).contains(1);
    assertThat(problems.isEmpty()).isTrue();
    problems.take("b", Entry.refused("x", "first", ""));
    problems.add("b", new Problem("x", "second", ""));
    problems.add("c", new Problem("y", "third", ""));
    assertThat(problems.at("b").wrong()).isEqualTo("first");
    assertThat(problems.at("a")).isNull();
    assertThat(problems.count()).isEqualTo(2);
  }
}
