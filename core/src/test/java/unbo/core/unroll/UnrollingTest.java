package unbo.core.unroll;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.function.DoubleBinaryOperator;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Rings drawn by a formula, so that what the strip has to show is known. */
class UnrollingTest {

  private static final int SIZE = 401;
  private static final double CENTRE = 200;

  /**
   * A picture whose grey is a formula of radius and of the angle clockwise from the top, 0 to 1.
   */
  private static Pixels ring(DoubleBinaryOperator grey) {
    int[] rgb = new int[SIZE * SIZE];
    for (int y = 0; y < SIZE; y++) {
      for (int x = 0; x < SIZE; x++) {
        double angle = Math.atan2(x - CENTRE, CENTRE - y) / (2 * Math.PI);
        double radius = Math.hypot(x - CENTRE, y - CENTRE);
        int level =
            (int) Math.round(255 * grey.applyAsDouble(radius, angle < 0 ? angle + 1 : angle));
        rgb[y * SIZE + x] = level << 16 | level << 8 | level;
      }
    }
    return new Pixels(SIZE, SIZE, rgb);
  }

  private static RingMark marked(double radius, double inner, double start, boolean fromInside) {
    return new RingMark(CENTRE, CENTRE, CENTRE + radius, CENTRE, inner, start, fromInside);
  }

  private static int grey(Pixels strip, int column, int row) {
    return strip.rgb()[row * strip.width() + column] & 255;
  }

  @Property(tries = 30)
  void spokesStandUprightAtOnePitch(@ForAll @IntRange(min = 5, max = 14) int elements) {
    Pixels picture = ring((r, turn) -> (turn * elements) % 1 < 0.5 ? 1 : 0);
    Pixels strip = Unrolling.strip(picture, marked(180, 0.6, 0, false)).pixels();
    double pitch = (double) strip.width() / elements;
    for (int i = 0; i < elements; i++) {
      int bright = (int) ((i + 0.25) * pitch);
      int dark = (int) ((i + 0.75) * pitch);
      for (int row : new int[] {2, strip.height() / 2, strip.height() - 3}) {
        assertThat(grey(strip, bright, row)).isGreaterThan(200);
        assertThat(grey(strip, dark, row)).isLessThan(55);
      }
    }
  }

  @Test
  void aGrooveRoundTheRingIsOneStraightLineAtItsDepth() {
    Pixels picture = ring((r, turn) -> Math.abs(r - 160) < 3 ? 1 : 0);
    Pixels strip = Unrolling.strip(picture, marked(180, 0.5, 0, false)).pixels();
    int row = (int) ((180.0 - 160) / 90 * strip.height());
    for (int column = 0; column < strip.width(); column += 7) {
      assertThat(grey(strip, column, row)).as("column " + column).isGreaterThan(200);
      assertThat(grey(strip, column, strip.height() / 2 + 10)).isLessThan(30);
    }
  }

  @Test
  void theStripBeginsWhereItWasAskedToAndRunsClockwise() {
    Pixels picture = ring((r, turn) -> turn);
    Pixels strip = Unrolling.strip(picture, marked(180, 0.8, 90, false)).pixels();
    int row = strip.height() / 2;
    assertThat(grey(strip, 2, row)).isBetween(60, 68); // a quarter of 255
    assertThat(grey(strip, strip.width() / 4, row)).isBetween(122, 132);
  }

  /** The same letter, read from the centre: turned by half, not mirrored. */
  @Test
  void readFromInsideIsTurnedNotMirrored() {
    Pixels picture = ring((r, turn) -> turn / 2 + (r > 150 ? 0.5 : 0));
    Pixels outside = Unrolling.strip(picture, marked(180, 0.5, 0, false)).pixels();
    Pixels inside = Unrolling.strip(picture, marked(180, 0.5, 0, true)).pixels();
    int w = outside.width();
    int h = outside.height();
    for (int column = 10; column < w - 10; column += 31) {
      for (int row : new int[] {5, h - 6}) {
        assertThat(grey(inside, w - 1 - column, h - 1 - row))
            .isCloseTo(grey(outside, column, row), org.assertj.core.data.Offset.offset(4));
      }
    }
  }

  @Test
  void whatThePictureDoesNotHaveIsCountedAndLeftGrey() {
    Pixels picture = ring((r, turn) -> 1);
    RingMark mark = new RingMark(CENTRE, 0, CENTRE + 150, 0, 0.5, 0, false);
    Unrolling.Strip strip = Unrolling.strip(picture, mark);
    assertThat(strip.beyond()).isBetween(0.48, 0.52);
    assertThat(grey(strip.pixels(), 3, 3)).isEqualTo(0x80);
    assertThat(grey(strip.pixels(), strip.pixels().width() / 2, 3)).isEqualTo(255);
  }

  @Property(tries = 200)
  void anyMarkIsLaidOutOrRefusedAtItsField(
      @ForAll @DoubleRange(min = -50, max = 450) double x,
      @ForAll @DoubleRange(min = -50, max = 450) double y,
      @ForAll @DoubleRange(min = -50, max = 450) double edge,
      @ForAll @DoubleRange(min = -0.2, max = 1.2) double inner) {
    Pixels picture = new Pixels(SIZE, SIZE, new int[SIZE * SIZE]);
    RingMark mark = new RingMark(x, y, edge, edge, inner, 400, false);
    if (mark.problems(SIZE, SIZE).isEmpty()) {
      Pixels strip = Unrolling.strip(picture, mark).pixels();
      assertThat(strip.width()).isBetween(64, Unrolling.LONGEST);
      assertThat(strip.rgb()).hasSize(strip.width() * strip.height());
    } else {
      assertThat(mark.problems(SIZE, SIZE).keySet()).isSubsetOf("centre", "edge", "inner");
      assertThatThrownBy(() -> Unrolling.strip(picture, mark))
          .isInstanceOf(IllegalArgumentException.class);
    }
  }

  @Test
  void aCentreOutsideThePictureIsSaidSoWithItsSize() {
    RingMark mark = new RingMark(500, 10, 300, 10, 0.5, 0, false);
    assertThat(mark.problems(SIZE, SIZE).get("centre").wrong()).contains("401 × 401");
    RingMark nowhere = new RingMark(Double.NaN, 10, 300, 10, 0.5, 0, false);
    assertThat(nowhere.problems(SIZE, SIZE)).containsOnlyKeys("centre");
  }

  /** A faint letter in a picture whose light falls off: after raising, letter and ground part. */
  @Test
  void aFaintMarkInFallingLightIsRaised() {
    Pixels picture = ring((r, turn) -> 0.2 + 0.6 * turn + ((turn * 40) % 1 < 0.3 ? 0.05 : 0));
    Pixels strip = Unrolling.strip(picture, marked(180, 0.8, 0, false)).pixels();
    Pixels raised = Contrast.raised(strip);
    int row = raised.height() / 2;
    double pitch = raised.width() / 40.0;
    for (int i = 4; i < 36; i++) {
      int letter = grey(raised, (int) ((i + 0.15) * pitch), row);
      int ground = grey(raised, (int) ((i + 0.65) * pitch), row);
      assertThat(letter - ground).as("mark " + i).isGreaterThan(60);
    }
  }

  @Test
  void anEvenPictureStaysEven() {
    int[] rgb = new int[90 * 60];
    java.util.Arrays.fill(rgb, 0x7A6B5C);
    assertThat(Contrast.raised(new Pixels(90, 60, rgb)).rgb()).containsOnly(0x808080);
  }

  @Test
  void numbersThatAreNoPictureAreRefused() {
    assertThatThrownBy(() -> new Pixels(3, 3, new int[8]))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Pixels(0, 0, new int[0]))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
