package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.core.damage.DamageClass;
import unbo.core.damage.DamageTables;

class DamagePictureTest {

  static java.util.List<DamageClass> classes() {
    return DamageTables.classes();
  }

  /** Every class has two strips of its own, and no mark leaves the ball. */
  @ParameterizedTest
  @MethodSource("classes")
  void everyClassIsDrawn(DamageClass damage) {
    DamagePicture picture = DamagePicture.of(damage.pattern());
    assertThat(picture.strips()).hasSize(2).doesNotHaveDuplicates();
    for (RacewayPicture.Mark mark : picture.element()) {
      for (String pair : mark.data().split("[A-Za-z]")) {
        String[] numbers = pair.strip().split("[ ,]+");
        if (numbers.length == 2 && !mark.look().equals("line") && !mark.look().equals("smear")) {
          double x = Double.parseDouble(numbers[0]) - RacewayPicture.ELEMENT;
          double y = Double.parseDouble(numbers[1]) - RacewayPicture.ELEMENT;
          assertThat(Math.hypot(x, y)).isLessThan(32);
        }
      }
    }
  }

  /** A load that keeps its place: part of the standing ring, all round the turning one. */
  @Test
  void aFixedLoadMarksOneRingInPart() {
    DamagePicture picture = DamagePicture.of("flakes-loaded");
    double standing = picture.strips().get(0).picture().path().get(0)[2];
    double turning = picture.strips().get(1).picture().path().get(0)[2];
    assertThat(standing).isLessThan(turning);
    assertThat(turning).isEqualTo(RacewayPicture.WIDTH);
  }

  /** A ring that crept shows on its seat, not on its raceway. */
  @Test
  void creepShowsOnTheSeat() {
    assertThat(DamagePicture.of("shiny").strips().get(0).picture().marks()).isEmpty();
    assertThat(DamagePicture.of("shiny").strips().get(1).title()).contains("seat");
  }
}
