package unbo.core.damage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Running paths: read off both rings, and drawn by a hand that shakes. */
class PathTest {

  /** As textbooks have them. */
  @ParameterizedTest
  @CsvSource({
    "full,part,a normal radial load,RADIAL",
    "part,full,a load that turns with the ring,TURNING",
    "wide,wide,too much preload,ALL_ROUND",
    "side,side,an axial load,AXIAL",
    "side,part,radial and axial load together,AXIAL",
    "oblique,oblique,misalignment,TILT",
    "full,oblique,a tilted standing ring,TILT",
    "oblique,part,a tilted turning ring,TILT",
    "full,two,an oval seat of the standing ring,SQUEEZE",
    "two,full,an oval seat of the turning ring,SQUEEZE"
  })
  void bothRingsTogetherSayWhatMadeIt(
      String turning, String standing, String reads, PathTables.Force force) {
    PathTables.PathReading reading =
        PathTables.read(
                PathShape.withId(turning).orElseThrow(), PathShape.withId(standing).orElseThrow())
            .orElseThrow();
    assertThat(reading.reads()).isEqualTo(reads);
    assertThat(reading.force()).isEqualTo(force);
  }

  /** What does not go together is not read: nothing is made up for it. */
  @Test
  void shapesThatDoNotGoTogetherAreNotRead() {
    assertThat(PathTables.read(PathShape.PART, PathShape.SIDE)).isEmpty();
    assertThat(PathTables.read(PathShape.PART, PathShape.WIDE)).isEmpty();
  }

  private static String drawn(Random random, double from, double to, DoubleUnaryOperator height) {
    StringBuilder text = new StringBuilder();
    for (double x = from; x <= to; x += 6) {
      double y = height.applyAsDouble(x) + random.nextGaussian() * 1.2;
      text.append(
          String.format(Locale.ROOT, "%.1f,%.1f ", Math.min(300, x), Math.max(0, Math.min(64, y))));
    }
    return text.toString().strip();
  }

  private static PathShape shape(String text) {
    DrawnPath.Read read = DrawnPath.read(text);
    assertThat(read.problem()).as("problem of " + text).isNull();
    return read.shape();
  }

  @Property(tries = 60)
  void aShakingHandIsReadAllTheSame(@ForAll @IntRange(min = 0, max = 100_000) int seed) {
    Random r = new Random(seed);
    assertThat(shape(drawn(r, 0, 300, x -> 32))).isEqualTo(PathShape.FULL);
    assertThat(shape(drawn(r, 80, 210, x -> 32))).isEqualTo(PathShape.PART);
    assertThat(shape(drawn(r, 0, 300, x -> 14))).isEqualTo(PathShape.SIDE);
    assertThat(shape(drawn(r, 0, 300, x -> 50))).isEqualTo(PathShape.SIDE);
    double phase = r.nextDouble() * 2 * Math.PI;
    assertThat(shape(drawn(r, 0, 300, x -> 32 + 18 * Math.sin(2 * Math.PI * x / 300 + phase))))
        .isEqualTo(PathShape.OBLIQUE);
    assertThat(shape(drawn(r, 30, 90, x -> 32) + ";" + drawn(r, 180, 240, x -> 32)))
        .isEqualTo(PathShape.TWO);
    assertThat(shape(drawn(r, 0, 300, x -> 12) + ";" + drawn(r, 0, 300, x -> 52)))
        .isEqualTo(PathShape.WIDE);
  }

  /** A path that begins at the seam of the strip is one path, not two. */
  @Test
  void theSeamDoesNotPartAPath() {
    Random r = new Random(3);
    assertThat(shape(drawn(r, 0, 60, x -> 32) + ";" + drawn(r, 240, 300, x -> 32)))
        .isEqualTo(PathShape.PART);
  }

  @Test
  void whatIsNoPathIsSaidSo() {
    assertThat(DrawnPath.read("").shape()).isNull();
    String seven = "10,10 20,20;".repeat(7);
    assertThat(DrawnPath.read(seven).problem().wrong()).contains("7 strokes");
    for (String bad : new String[] {"x", "1e9,3", "10", "<b>", "1,2,3", "-5,10", ";"}) {
      DrawnPath.Read read = DrawnPath.read(bad);
      assertThat(read.shape()).as(bad).isNull();
      assertThat(read.problem()).as(bad).isNotNull();
    }
    assertThat(DrawnPath.read("10,10 ".repeat(5000)).problem()).isNotNull();
  }
}
