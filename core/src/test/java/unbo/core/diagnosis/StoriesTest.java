package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import unbo.core.tables.Table;
import unbo.core.vehicle.VehicleLayout;
import unbo.core.vehicle.VehicleTemplate;

/**
 * Stories of workshop life, written apart from the tables that the engine reads: whether it comes
 * to what it was, and warns enough. The other tests ask whether the engine is true to its own
 * tables; this one asks whether the tables are true.
 */
class StoriesTest {

  private record Story(
      VehicleLayout layout,
      Map<String, String> answers,
      String cause,
      Urgency urgency,
      String beside,
      String words) {

    static Story of(Table.Row row) {
      return new Story(
          layout(row.text("kind"), row.text("build")),
          answers(row.text("answers")),
          row.text("cause"),
          Urgency.withId(row.text("urgency")),
          row.text("beside"),
          row.text("story"));
    }

    private static VehicleLayout layout(String kind, String build) {
      return VehicleTemplate.all().stream()
          .map(VehicleTemplate::layout)
          .filter(l -> l.kind().id().equals(kind) && l.build().equals(build))
          .findFirst()
          .orElseThrow();
    }

    private static Map<String, String> answers(String text) {
      Map<String, String> answers = new LinkedHashMap<>();
      Arrays.stream(text.split(" ")).map(a -> a.split("=")).forEach(a -> answers.put(a[0], a[1]));
      return answers;
    }

    Diagnosis diagnosis() {
      return Diagnosis.of(DiagnosisModel.of(layout).orElseThrow(), answers);
    }
  }

  private static final List<Story> STORIES =
      Table.read(StoriesTest.class, "/unbo/core/diagnosis/stories.csv", Story::of);

  @Test
  void theTrueCauseComesFirst() {
    List<String> missed =
        STORIES.stream()
            .filter(s -> !s.diagnosis().first().what().startsWith(s.cause))
            .map(s -> s.words + " " + s.diagnosis().first().id())
            .toList();
    assertThat(STORIES).hasSizeGreaterThanOrEqualTo(30);
    assertThat(missed).isEmpty();
  }

  @Test
  void noneIsWarnedOfTooLittle() {
    assertThat(STORIES)
        .allSatisfy(
            s -> assertThat(s.diagnosis().urgency()).as(s.words).isLessThanOrEqualTo(s.urgency));
  }

  @Test
  void aSecondFaultIsNamedBeside() {
    assertThat(STORIES)
        .filteredOn(s -> !s.beside.equals("-"))
        .isNotEmpty()
        .allSatisfy(
            s ->
                assertThat(s.diagnosis().besides())
                    .as(s.words)
                    .anyMatch(b -> b.cause().what().startsWith(s.beside)));
  }

  /** What is told of one fault alone names no second one that would be fetched parts for. */
  @Test
  void oneFaultIsNotMadeTwo() {
    List<String> made =
        STORIES.stream()
            .filter(s -> s.beside.equals("-"))
            .filter(s -> !s.diagnosis().besides().isEmpty())
            .map(s -> s.words + " " + s.diagnosis().besides().get(0).cause().id())
            .toList();
    assertThat(made).hasSizeLessThanOrEqualTo(STORIES.size() / 10);
  }
}
