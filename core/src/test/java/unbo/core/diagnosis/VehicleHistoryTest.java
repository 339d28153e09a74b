package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import unbo.core.diagnosis.VehicleHistory.PastWork;
import unbo.core.diagnosis.VehicleHistory.Shift;
import unbo.core.vehicle.VehicleKind;

class VehicleHistoryTest {

  private static final DiagnosisModel TRAILER =
      DiagnosisModel.some(VehicleKind.TRAILER).orElseThrow();
  private static final Map<String, String> BROTHERS =
      Map.of("axle-1-left", "axle-1-right", "axle-1-right", "axle-1-left");

  private static Map<String, Shift> shifts(PastWork... past) {
    return VehicleHistory.shifts(TRAILER, List.of(past), BROTHERS);
  }

  @Test
  void renewedLatelyIsLessLikelyAndItsBrotherMore() {
    Map<String, Shift> shifts = shifts(new PastWork("axle-1-left", 5, true));
    assertThat(shifts.get("hub-in-axle-1-left").factor()).isLessThan(1);
    assertThat(shifts.get("hub-in-axle-1-left").reason()).contains("renewed here 5 months ago");
    assertThat(shifts.get("hub-in-axle-1-right").factor()).isGreaterThan(1);
    assertThat(shifts).doesNotContainKeys("t-tyre-axle-1-left", "coupling-play");
  }

  @Test
  void whatCameBackIsLikelier() {
    Map<String, Shift> shifts =
        shifts(new PastWork("axle-1-left", 3, true), new PastWork("axle-1-left", 14, true));
    assertThat(shifts.get("hub-out-axle-1-left").factor()).isGreaterThan(2);
    assertThat(shifts.get("hub-out-axle-1-left").reason()).contains("2 times", "3 months");
  }

  @Test
  void oldWorkSaysNothing() {
    assertThat(shifts(new PastWork("axle-1-left", 60, true))).isEmpty();
  }

  /** Law: priors still sum to one, and only the moved causes gain on the others. */
  @Test
  void movedPriorsSumToOne() {
    Map<String, Shift> shifts = shifts(new PastWork("axle-1-left", 2, false));
    Diagnosis before = Diagnosis.of(TRAILER, Map.of());
    Diagnosis after = Diagnosis.of(TRAILER.moved(shifts), Map.of());
    double sum = 0;
    for (Cause cause : TRAILER.causes()) {
      double was = before.probability(cause.id());
      double is = after.probability(cause.id());
      sum += is;
      if (shifts.containsKey(cause.id())) {
        assertThat(is).as(cause.id()).isGreaterThan(was);
      } else {
        assertThat(is).as(cause.id()).isLessThan(was);
      }
    }
    assertThat(sum).isCloseTo(1, within(1e-9));
  }

  /** Words that a mechanic reads: no “1 months”, no “11 month”, nothing done zero months ago. */
  @Test
  void monthsAreCountedInPlainWords() {
    assertThat(reason(0.2)).isEqualTo("renewed here less than a month ago");
    assertThat(reason(1.2)).isEqualTo("renewed here 1 month ago");
    assertThat(reason(11)).isEqualTo("renewed here 11 months ago");
  }

  private static String reason(double monthsAgo) {
    return shifts(new PastWork("axle-1-left", monthsAgo, true)).get("hub-in-axle-1-left").reason();
  }
}
