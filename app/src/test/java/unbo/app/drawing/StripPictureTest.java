package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.strip.Circumstances;
import unbo.core.strip.Route;
import unbo.core.strip.Routes;
import unbo.core.strip.StripOrder;
import unbo.core.strip.StripStep;

/** Every step of every section, drawn with every way of force that it has. */
class StripPictureTest {

  static List<Arrangement> all() {
    return Arrangements.standard().all();
  }

  @ParameterizedTest
  @MethodSource("all")
  void everyStepIsDrawnWithinItsSheet(Arrangement a) {
    Assembly assembly = Assembly.assumed(a);
    StripOrder order = StripOrder.of(assembly);
    for (StripStep step : order.steps()) {
      StripPicture still = StripPicture.of(assembly, step, List.of());
      assertThat(still.leaving()).as(a.id() + step).isNotEmpty();
      assertThat(still.ghosts()).hasSameSizeAs(still.leaving());
      assertThat(still.entry()).isNull();
      assertThat(still.height()).isBetween(40.0, 301.0);
      if (step.needsRoute()) {
        List<Route> routes =
            Routes.of(assembly, order, step, step.parts().get(0), Circumstances.AS_DRAWN);
        routes.stream()
            .filter(r -> r.kind().isForce() && !r.path().isEmpty())
            .forEach(r -> assertCrosses(StripPicture.of(assembly, step, r.path()), r));
      }
    }
  }

  /** A force over the elements is crossed out where it goes over them, and no other is. */
  private static void assertCrosses(StripPicture picture, Route route) {
    assertThat(picture.entry().x()).isBetween(0.0, picture.width());
    assertThat(picture.entry().y()).isBetween(0.0, picture.height());
    boolean ofOneBearing =
        route.path().stream().anyMatch(p -> p.endsWith("/inner"))
            && route.path().stream().anyMatch(p -> p.endsWith("/outer"));
    if (ofOneBearing) {
      assertThat(picture.crossings()).as("" + route).isNotEmpty();
    }
    if (!route.crossesElements()) {
      assertThat(picture.crossings()).as("" + route).isEmpty();
    }
  }
}
