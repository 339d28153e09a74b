package unbo.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.working.Working;

class InsideWorkingsTest {

  /** What the slip works out is what the page and the drawing show, for the whole catalogue. */
  @Test
  void theWorkingGivesTheInside() {
    int estimated = 0;
    for (Bearing bearing : Catalogue.standard().all()) {
      for (boolean full : new boolean[] {false, true}) {
        InternalGeometry inside =
            InternalGeometry.estimate(bearing, full, OptionalDouble.empty()).orElse(null);
        if (inside != null) {
          InsideWorkings w = new InsideWorkings(bearing, inside);
          String name = bearing.designation() + (full ? " full" : "");
          assertThat(w.count().result().value()).as(name).isEqualTo(inside.perRow());
          assertThat(w.diameter().result().value())
              .as(name)
              .isCloseTo(inside.elementMm(), within(1e-9));
          assertThat(w.pitch().result().value()).as(name).isCloseTo(inside.pitchMm(), within(1e-9));
          if (!inside.listed()) {
            estimated++;
            Working.Step room = w.count().steps().get(0);
            assertThat(Math.abs(room.value() - inside.perRow()))
                .as("%s: whole elements of the room for %s", name, room.value())
                .isLessThan(inside.perRow() == 3 ? 3 : 1);
          }
        }
      }
    }
    assertThat(estimated).isGreaterThan(500);
  }

  @Test
  void aListedCountIsNotDoubted() {
    Bearing bearing = Catalogue.standard().find("6205").orElseThrow();
    InternalGeometry inside =
        InternalGeometry.estimate(bearing, false, OptionalDouble.empty()).orElseThrow();
    Working count = new InsideWorkings(bearing, inside).count();
    assertThat(count.result().value()).isEqualTo(9);
    assertThat(count.formula().source()).contains("recalled");
  }
}
