package unbo.core.friction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class DragTest {

  private static Friction.Question question(double fill, Friction.Seal seal) {
    return new Friction.Question(
        "deep-groove-ball",
        20,
        47,
        OptionalDouble.of(14),
        400,
        300,
        0,
        100,
        fill,
        false,
        false,
        seal,
        2,
        OptionalDouble.empty(),
        false,
        OptionalDouble.empty(),
        0,
        1,
        20);
  }

  /** The working and the sum agree; the doubt is that of its three moments. */
  @Test
  void theWorkingIsTheSum() {
    Friction.Question q = question(0.3, Friction.Seal.CONTACT);
    Friction sum = Friction.of(q);
    assertThat(Drag.watts(q).result().value()).isCloseTo(sum.watts(), within(1e-9));
    assertThat(100 * Drag.watts(q).result().uncertainty() / sum.watts())
        .isCloseTo(sum.uncertaintyPercent(), within(0.01));
    assertThat(Drag.minutesToSteady(q).orElseThrow()).isBetween(5.0, 60.0);
  }

  /** More fill never lowers drag; a lip never helps. */
  @Property
  void moreFillNeverLowersDrag(@ForAll @DoubleRange(min = 0, max = 0.9) double fill) {
    double now = Drag.watts(question(fill, Friction.Seal.OPEN)).result().value();
    assertThat(Drag.watts(question(fill + 0.1, Friction.Seal.OPEN)).result().value())
        .isGreaterThanOrEqualTo(now);
    assertThat(Drag.watts(question(fill, Friction.Seal.CONTACT)).result().value())
        .isGreaterThan(now);
  }
}
