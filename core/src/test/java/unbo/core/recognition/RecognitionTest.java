package unbo.core.recognition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RecognitionTest {

  @ParameterizedTest
  @CsvSource({
    "trailer,castle-nut,lip-seal,a1",
    "car,castle-nut,lip-seal,a1",
    "car,big-nut,circlip,a2",
    "car,plain-cap,bolts,a3",
    "motorcycle,axle,dust-caps,a4",
    "bicycle,axle,cone,a5",
    "car,flange,lip-seal,a21"
  })
  void threeLooksSettleIt(String vehicle, String centre, String back, String expected) {
    Recognition found = Recognition.of(Map.of("vehicle", vehicle, "centre", centre, "back", back));
    assertThat(found.ranked().get(0).arrangement().id()).isEqualTo(expected);
    assertThat(found.ranked().get(0).sure()).isGreaterThan(0.55).isLessThanOrEqualTo(0.97);
  }

  @Test
  void anOldDrivenRearWheelIsSemiFloating() {
    Recognition found =
        Recognition.of(
            Map.of(
                "vehicle", "car", "decade", "before-1975", "driven", "yes", "centre", "plain-cap"));
    assertThat(found.ranked().get(0).arrangement().id()).isEqualTo("a20");
  }

  @Test
  void theNextLookIsOneThatTellsAndIsNotRepeated() {
    Map<String, String> found = new LinkedHashMap<>();
    int looks = 0;
    Recognition now = Recognition.of(found);
    while (now.next().isPresent() && !now.isEnough()) {
      Clue clue = now.next().get();
      assertThat(found).doesNotContainKey(clue.id());
      found.put(clue.id(), clue.answers().get(0).id());
      now = Recognition.of(found);
      looks++;
    }
    assertThat(looks).isBetween(1, RecognitionTables.all().size());
  }

  /** Law: probabilities sum to one, whatever was found. */
  @Test
  void probabilitiesSumToOne() {
    for (Clue clue : RecognitionTables.all()) {
      for (Clue.Answer answer : clue.answers()) {
        double sum =
            java.util.Arrays.stream(
                    RecognitionTables.standard()
                        .weighing(Map.of(clue.id(), answer.id()))
                        .posterior())
                .sum();
        assertThat(sum).isBetween(1 - 1e-9, 1 + 1e-9);
      }
    }
  }

  @Test
  void whatDoesNotExistIsRefused() {
    assertThatThrownBy(() -> Recognition.of(Map.of("vehicle", "submarine")))
        .hasMessageContaining("submarine");
  }
}
