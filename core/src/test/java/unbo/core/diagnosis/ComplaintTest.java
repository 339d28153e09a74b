package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.vehicle.VehicleKind;

/** Plain speech, read into answers; what is not understood is said. */
class ComplaintTest {

  private static final DiagnosisModel CAR = DiagnosisModel.some(VehicleKind.CAR).orElseThrow();
  private static final DiagnosisModel TRAILER =
      DiagnosisModel.some(VehicleKind.TRAILER).orElseThrow();

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "it growls from sixty on | sound | growl",
        "Growling noise! | sound | growl",
        "clicks at full lock | full-lock | both",
        "louder in left-hand bends | bend | left",
        "hub front right hot | heat | axle-1-right",
        "the rear left hub is hot | heat | axle-2-left",
        "wheel rocks front left | rock-12 | axle-1-left",
        "there is no play | rock-12 | none",
        "gone with the revs, comes with engine speed | speed | engine",
        "we hit a kerb last week | kerb | yes",
        "nut turns at the front left | nuts | axle-1-left",
        "abs light is on | abs | yes",
      })
  void carWords(String said, String test, String answer) {
    assertThat(Complaint.read(CAR, said).answers()).containsEntry(test, answer);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "cap on the left is hot | cap-heat | axle-1-left",
        "right wheel rocks | t-rock | axle-1-right",
        "smoke from the left hub | t-smoke | axle-1-left",
        "dunked all summer | t-dunked | yes",
        "only when loaded | t-loaded | yes",
        "milky grease under the cap | t-cap-off | milky",
      })
  void trailerWords(String said, String test, String answer) {
    assertThat(Complaint.read(TRAILER, said).answers()).containsEntry(test, answer);
  }

  /** What ends is the opposite of what comes; grinding, cracks, nuts and smoke are understood. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "the noise stops when braking | brake-lightly | goes",
        "it comes when braking | brake-lightly | comes",
        "gone in neutral | coast | goes",
        "it stays when coasting | coast | stays",
        "stops when I press the clutch | clutch | goes",
        "it grinds like gravel | sound | grind",
        "smoke at the front right | smoke | axle-1-right",
        "a crack at the front left | flange-look | axle-1-left",
        "wheel nut missing rear left | nuts | axle-2-left",
        "axle nut loose front left | witness | axle-1-left",
        "a bulge in the front right tyre | bulge | axle-1-right",
        "it whines only when turning left | bend | left",
        "the steering catches | steer | catch",
      })
  void theOppositeIsReadAsTheOpposite(String said, String test, String answer) {
    assertThat(Complaint.read(CAR, said).answers()).containsEntry(test, answer);
  }

  /** Where a crack is says nothing of where the noise is loudest. */
  @Test
  void thePlaceOfOneThingIsNotThatOfAnother() {
    Complaint said =
        Complaint.read(
            CAR, "growls with speed, rough by hand front right, crack at the front left");
    assertThat(said.answers())
        .containsEntry("flange-look", "axle-1-left")
        .containsEntry("spin", "axle-1-right")
        .doesNotContainKey("where");
    assertThat(Complaint.read(CAR, "hums at the front left").answers())
        .containsEntry("where", "axle-1-left");
  }

  /** What goes away somewhere is not there. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "it disappears in left bends | bend",
        "not under braking | brake-lightly",
        "goes quiet at idle | standing",
        "doesn't click | sound"
      })
  void whatEndsThereIsNotTakenAsBeingThere(String said, String test) {
    assertThat(Complaint.read(CAR, said).answers()).doesNotContainKey(test);
    assertThat(Complaint.read(CAR, said).denied()).isNotEmpty();
  }

  /** A wheel that is not named is asked for, never guessed. */
  @Test
  void aWheelIsNotGuessed() {
    Complaint hot = Complaint.read(CAR, "a hub is hot");
    assertThat(hot.answers()).doesNotContainKey("heat");
    assertThat(hot.needsWheel()).isNotEmpty();
    Complaint named = Complaint.read(CAR, "front left: hub is hot");
    assertThat(named.answers()).containsEntry("heat", "axle-1-left");
  }

  @Test
  void whatIsDeniedIsNotTaken() {
    Complaint no = Complaint.read(CAR, "it does not click, but it squeals");
    assertThat(no.answers()).containsEntry("sound", "squeal");
    assertThat(no.denied()).isNotEmpty();
  }

  /** Said both ways, it is neither; the reader asks. */
  @Test
  void twoWaysAreAConflict() {
    Complaint both = Complaint.read(CAR, "louder in left bends, louder in right bends");
    assertThat(both.answers()).doesNotContainKey("bend");
    assertThat(both.conflicts()).containsExactly("bend");
  }

  @Test
  void whatIsNotUnderstoodIsSaid() {
    Complaint odd = Complaint.read(CAR, "it growls, smells of elderberries");
    assertThat(odd.unread()).containsExactly("smells of elderberries");
    assertThat(odd.heard()).containsKey("sound");
  }

  /** Whatever is typed is answered, and every answer is one that the model knows. */
  @Test
  void anyTextIsAnswered() {
    Random random = new Random(7);
    String letters = "aeghlnrstw left front hot no and,.;:\n\u202e🛞<b>'-";
    for (int i = 0; i < 500; i++) {
      StringBuilder text = new StringBuilder();
      for (int k = random.nextInt(60); k > 0; k--) {
        text.append(letters.charAt(random.nextInt(letters.length())));
      }
      for (DiagnosisModel model : new DiagnosisModel[] {CAR, TRAILER}) {
        for (Map.Entry<String, String> read :
            Complaint.read(model, text.toString()).answers().entrySet()) {
          assertThat(model.test(read.getKey()).orElseThrow().answer(read.getValue())).isPresent();
        }
      }
    }
  }
}
