package unbo.core.section;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class ShapeTest {

  /** A surface is an edge along the axis: a corner alone is none, an edge at another radius too. */
  @Test
  void onlyAnEdgeAlongTheAxisIsASurface() {
    Shape groove = Shape.of(Shape.Look.UNCUT, 0, 30, 5, 20, 10, 30, 10, 10, 0, 10);
    assertThat(groove.surfacesFrom(20)).as("the root of a groove").isEmpty();
    assertThat(groove.surfacesFrom(30)).as("two corners, but apart").isEmpty();
    assertThat(groove.surfacesFrom(10)).containsExactly(0.0);
    assertThat(groove.surfacesFrom(15)).isEmpty();
  }

  /** Wherever the outline starts and whichever way it runs, a step's surface begins at its left. */
  @Property
  void aSurfaceBeginsAtItsLeft(
      @ForAll @DoubleRange(min = -50, max = 50) double left,
      @ForAll @DoubleRange(min = 1, max = 40) double length,
      @ForAll @DoubleRange(min = 1, max = 60) double radius) {
    double middle = left + length;
    double right = middle + length;
    Shape there =
        Shape.of(
            Shape.Look.UNCUT,
            left,
            radius + 5,
            middle,
            radius + 5,
            middle,
            radius,
            right,
            radius,
            right,
            0,
            left,
            0);
    Shape back =
        Shape.of(
            Shape.Look.UNCUT,
            right,
            radius,
            middle,
            radius,
            middle,
            radius + 5,
            left,
            radius + 5,
            left,
            0,
            right,
            0);
    for (Shape shape : java.util.List.of(there, back)) {
      assertThat(shape.surfacesFrom(radius)).containsExactly(middle);
      assertThat(shape.surfacesFrom(radius + 5)).containsExactly(left);
      assertThat(shape.surfacesFrom(0)).containsExactly(left);
    }
  }
}
