package unbo.core.grease;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.section.BearingVolume;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

class ChargeWorkingsTest {

  private static ChargeWorkings of(Bearing bearing, OptionalDouble mass) {
    return new ChargeWorkings(
        bearing,
        Origin.read("6205"),
        mass,
        Origin.measured("by the test"),
        ChargeWorkings.share(Duty.GENERAL, 0.4, false),
        ChargeWorkings.density(0.9));
  }

  /** The figure on the page and the figure of the interface are one, for the whole catalogue. */
  @Test
  void theWorkingGivesTheCharge() {
    for (Bearing bearing : Catalogue.standard().all()) {
      if (bearing.family().isEnvelopeOnly()) {
        continue;
      }
      double some =
          BearingVolume.annulusCm3(bearing.boreMm(), bearing.outerMm(), bearing.widthMm());
      for (OptionalDouble mass : List.of(OptionalDouble.empty(), OptionalDouble.of(4 * some))) {
        GreaseCharge charge = GreaseCharge.of(bearing, 0.4, mass, 0.9);
        Working w = of(bearing, mass).charge();
        double grams = charge.chargeGrams().value();
        assertThat(w.result().value()).isCloseTo(grams, within(1e-9 * grams + 1e-12));
        assertThat(w.result().uncertainty())
            .isCloseTo(charge.chargeGrams().uncertainty(), within(1e-6 * grams + 1e-12));
      }
    }
  }

  /** 25 × 52 × 15: room 24.50 cm³; 128 g of steel are 16.31 cm³; 8.19 cm³ are free. */
  @Test
  void theMiddleValuesOfAListedBearing() {
    Bearing bearing = Catalogue.standard().find("6205").orElseThrow();
    Working w = of(bearing, OptionalDouble.of(128)).freeVolume();
    assertThat(w.steps().get(0).value()).isCloseTo(24.50, within(0.01));
    assertThat(w.steps().get(1).value()).isCloseTo(16.31, within(0.01));
    assertThat(w.result().value()).isCloseTo(8.19, within(0.01));
  }

  @Test
  void anUnweighedBearingSaysThatWeighingItHelps() {
    Bearing bearing = Catalogue.standard().find("6205").orElseThrow();
    Input method =
        of(bearing, OptionalDouble.empty()).charge().mostDoubtful().orElseThrow().input();
    assertThat(method.finer()).extracting(f -> f.does()).anyMatch(d -> d.startsWith("weigh"));
  }

  @Test
  void allGreaseIsTheSum() {
    Input density = ChargeWorkings.density(0.9);
    Input share = ChargeWorkings.share(Duty.GENERAL, 0.4, false);
    Working hollow = ChargeWorkings.hollow("hub", 60, share, density);
    assertThat(hollow.result().value()).isCloseTo(21.6, within(1e-9));
    Working total = ChargeWorkings.total(List.of(hollow, hollow));
    assertThat(total.result().value()).isCloseTo(43.2, within(1e-9));
    assertThat(ChargeWorkings.teaspoons(hollow, density).result().value())
        .isCloseTo(4.8, within(1e-9));
  }
}
