package unbo.core.designation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.units.Problem;

/** Sizes that no table holds: what it may be is said, and nothing is claimed. ISO 15, ISO 104. */
class OtherSizeTest {

  @ParameterizedTest
  @CsvSource({
    "6226 C3, 6226, deep groove, bore is 130 mm",
    "22320 CC/W33, 22320, spherical roller bearing, bore is 100 mm",
    "30230, 30230, tapered, bore is 150 mm",
    "81106 TN, 81106, cylindrical roller thrust, bore is 30 mm",
    "53206 U, 53206, spherical washer, bore is 30 mm",
    "52406, 52406, both ways, are no bore"
  })
  void theKindIsSaid(String text, String found, String kind, String bore) {
    ReadingReport report = DesignationReader.standard().read(text);
    assertThat(report.readings()).isEmpty();
    Problem problem = report.problem().orElseThrow();
    assertThat(problem.found()).isEqualTo(found);
    assertThat(problem.wrong()).contains("may be").contains(kind);
    assertThat(problem.remedy()).contains(bore);
  }

  /** No bore of the plan is made of codes below 04 or above 96, nor of longer numbers. */
  @Test
  void otherDigitsAreNone() {
    for (String text : new String[] {"1066", "30299", "524061", "71363"}) {
      assertThat(OtherSize.in(Marking.of(text, 0))).as(text).isEmpty();
    }
  }
}
