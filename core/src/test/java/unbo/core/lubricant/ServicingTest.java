package unbo.core.lubricant;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import unbo.core.designation.Closure;

class ServicingTest {

  /** Every closure that can be read has its answer; a shield alone does not go back. */
  @Test
  void everyClosureIsAnswered() {
    assertThat(Servicing.all())
        .extracting(Servicing::closure)
        .containsExactlyInAnyOrderElementsOf(
            Arrays.stream(Closure.values()).filter(Closure::isKnown).map(Closure::id).toList());
    assertThat(Servicing.all())
        .filteredOn(s -> !s.can())
        .extracting(Servicing::closure)
        .containsExactly("shield");
    assertThat(Servicing.of("contact").orElseThrow().steps())
        .hasSize(5)
        .anyMatch(s -> s.contains("never with compressed air"));
    assertThat(Servicing.of("shield").orElseThrow().steps()).hasSize(2);
  }

  /** Water behind a face is never arguable. */
  @Test
  void waterBehindAFaceIsNever() {
    assertThat(SealFace.withId("water-tube").orElseThrow().verdict()).isEqualTo("never");
    assertThat(SealFace.withId("dry-space").orElseThrow().verdict()).isEqualTo("arguable");
    assertThat(SealFace.withId("moon")).isEmpty();
  }
}
