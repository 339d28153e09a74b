package unbo.app.demo;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import unbo.app.tin.GreaseTin;
import unbo.core.lubricant.Oil;
import unbo.core.lubricant.Tin;

/** Greases of the demo, all of them made up. */
final class DemoTins {

  private DemoTins() {}

  static List<GreaseTin> all(String person, Instant at) {
    return List.of(
        new GreaseTin(
                tin(
                    "Slipway 2",
                    "calcium-sulphonate-complex",
                    400,
                    26,
                    150,
                    250_000,
                    1.0,
                    true,
                    ""),
                "yard shelf, left",
                "2026-05-11",
                person,
                at)
            .holding(400.0),
        new GreaseTin(
                tin("Hauler EP 2", "lithium-complex", 190, 16, 160, 400_000, 4.0, true, ""),
                "bench, gun 1",
                "2026-08-02",
                person,
                at)
            .holding(900.0),
        new GreaseTin(
            tin("Pedal Light", "lithium", 32, 5.8, 110, 900_000, 9.0, false, ""),
            "bicycle stand",
            "2026-03-19",
            person,
            at),
        new GreaseTin(
            tin("Oven White", "polyurea", 115, 12.2, 170, 500_000, 6.0, false, "rubber"),
            "bench drawer",
            "",
            person,
            at));
  }

  private static Tin tin(
      String name,
      String thickener,
      double v40,
      double v100,
      double mostC,
      double ndm,
      double wash,
      boolean ep,
      String refuses) {
    return new Tin(
        name,
        thickener,
        Optional.of(new Oil(v40, v100)),
        -30,
        mostC,
        OptionalDouble.of(ndm),
        OptionalDouble.of(wash),
        ep,
        0.92,
        refuses.isEmpty() ? Set.of() : Set.of(refuses));
  }
}
