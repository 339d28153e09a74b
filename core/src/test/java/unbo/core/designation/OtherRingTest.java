package unbo.core.designation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A cone and a cup that are no pair are not passed off as one. Series by ABMA 19.2. */
class OtherRingTest {

  private static Reading first(String text) {
    return DesignationReader.standard().read(text).readings().get(0);
  }

  @ParameterizedTest
  @CsvSource({
    "LM67048 LM11910, a ring of another series",
    "L68149-L44610, a ring of another series",
    "L68149/L68120, the same series",
    "L44649/L44643, a second cone",
    "L44610 L68110, a second cup",
    "15101/15243, may be the other ring"
  })
  void aRingThatIsNoPartnerIsSaid(String text, String said) {
    Reading reading = first(text);
    assertThat(String.join(" ", reading.doubts())).contains(said);
    assertThat(reading.unread()).isNotEmpty();
    assertThat(reading.confidence()).isLessThan(0.7);
  }

  @Test
  void whicheverStandsFirstAPairIsAPair() {
    for (String text :
        new String[] {
          "L44649/L44610",
          "L44610/L44649",
          "L44610 L44649",
          "cup L44610 cone L44649",
          "cone L44649 and cup L44610"
        }) {
      Reading reading = first(text);
      assertThat(reading.bearing().designation()).as(text).isEqualTo("L44649/L44610");
      assertThat(reading.role()).as(text).isEqualTo("set");
      assertThat(reading.bearing().boreMm()).as(text).isEqualTo(26.988);
    }
  }

  @Test
  void digitsWithoutTheirLettersAreInDoubt() {
    Reading reading = first("44649/10");
    assertThat(reading.confidence()).isBetween(0.4, 0.7);
    assertThat(String.join(" ", reading.doubts())).contains("The letters before the number");
    assertThat(DesignationReader.standard().read("44649").readings()).isEmpty();
  }
}
