package unbo.core.grease;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.section.CavityFill;

class GreaseChargeTest {

  private static Bearing bearing(String designation) {
    return Catalogue.standard().find(designation).orElseThrow();
  }

  private static GreaseCharge charge(String designation, OptionalDouble mass) {
    return GreaseCharge.of(bearing(designation), Duty.GENERAL.share(), mass, 0.9);
  }

  /** 30 × 62 × 17.25 and 230 g: π/4·17.25·(62² − 30²) = 39.89 cm³, less 230/7.85 = 29.30. */
  @Test
  void theMassGivesTheFreeVolume() {
    GreaseCharge charge = charge("30206", OptionalDouble.of(230));
    assertThat(charge.freeVolumeCm3().value()).isCloseTo(10.59, within(0.01));
    assertThat(charge.freeVolumeCm3().uncertainty()).isCloseTo(0.03 * 10.59, within(0.01));
    assertThat(charge.chargeCm3().value()).isCloseTo(4.24, within(0.01));
    assertThat(charge.chargeGrams().value()).isCloseTo(3.81, within(0.01));
    assertThat(charge.relubricationGrams()).isCloseTo(0.005 * 62 * 17.25, within(1e-9));
  }

  /** Masses of common trade listings: the estimate's free volume agrees within its 15 %. */
  @ParameterizedTest
  @CsvSource({
    "6204,106",
    "6206,200",
    "6004,69",
    "6208,370",
    "6305,230",
    "6202,45",
    "6210,460",
    "61804,18",
    "61902,16",
    "30204,120",
    "30206,230",
    "30208,420",
    "32206,280",
    "32006,170",
    "32008,270",
    "30306,380"
  })
  void theEstimateAgreesWithTheMass(String designation, double grams) {
    double byMass = charge(designation, OptionalDouble.of(grams)).freeVolumeCm3().value();
    var byShape = charge(designation, OptionalDouble.empty()).freeVolumeCm3();
    assertThat(byShape.uncertainty()).isCloseTo(0.15 * byShape.value(), within(1e-9));
    assertThat(byShape.value() / byMass).isBetween(0.85, 1.15);
  }

  @Test
  void everyBearingOfTheCatalogueHasRoomForGrease() {
    for (Bearing each : Catalogue.standard().all()) {
      if (each.family() == Family.THRUST_NEEDLE || each.family().isEnvelopeOnly()) {
        continue; // Only its envelope is known, or it is a cage without rings: what it runs on
        // belongs to other parts.
      }
      GreaseCharge charge = GreaseCharge.of(each, 1, OptionalDouble.empty(), 0.9);
      double annulus =
          Math.PI
              / 4000
              * each.widthMm()
              * (Math.pow(each.outerMm(), 2) - Math.pow(each.boreMm(), 2));
      assertThat(charge.freeVolumeCm3().value() / annulus)
          .as(each.designation())
          .isBetween(0.12, 0.5);
    }
  }

  @Test
  void aMassThatFillsTheEnvelopeIsRefused() {
    assertThatThrownBy(() -> charge("30206", OptionalDouble.of(400)))
        .hasMessageContaining("fills the whole envelope");
  }

  @ParameterizedTest
  @EnumSource(Duty.class)
  void sharesStayInTheRulesOfTheTrade(Duty duty) {
    assertThat(duty.share()).isBetween(0.2, 0.9);
    assertThat(duty.cavityShare()).isBetween(0.2, 0.5);
    assertThat(Duty.withId(duty.id())).contains(duty);
  }

  /** Two cylinders, hub 50 and shaft 30 over 40 mm: the level for half lies at √((50² + 30²)/2). */
  @Test
  void theLevelInAStraightHollowIsExact() {
    Assembly hub = Assembly.assumed(Arrangements.of("a16"));
    var cavity = hub.arrangement().cavities().get(0);
    double outside = hub.valueOf("link.step");
    double inside = hub.valueOf("axle.diameter");
    CavityFill fill = CavityFill.of(hub, cavity, 0.5);
    double level = Math.sqrt((outside * outside + inside * inside) / 2);
    assertThat(fill.levelMm()).isCloseTo(level, within(0.01));
    double volume =
        Math.PI / 4000 * hub.valueOf("link.between") * (outside * outside - inside * inside);
    assertThat(fill.volumeCm3()).isCloseTo(volume, within(0.001));
    assertThat(fill.greaseCm3()).isCloseTo(volume / 2, within(0.001));
  }

  /** More grease, a level nearer the shaft; never more than the hollow. */
  @Test
  void theLevelMovesWithTheDuty() {
    for (Arrangement arrangement : Arrangements.standard().all()) {
      Assembly assembly = Assembly.assumed(arrangement);
      for (var cavity : arrangement.cavities()) {
        double before = Double.MAX_VALUE;
        for (double share : new double[] {0.2, 1.0 / 3, 0.4, 0.5, 0.9}) {
          CavityFill fill = CavityFill.of(assembly, cavity, share);
          assertThat(fill.levelMm()).as(arrangement.id()).isLessThan(before);
          assertThat(fill.greaseCm3() / fill.volumeCm3()).isCloseTo(share, within(1e-3));
          before = fill.levelMm();
        }
      }
    }
  }

  @Test
  void aHelpingIsFiveCm3ASpoon() {
    assertThat(Helping.of(10).teaspoons()).isEqualTo(2);
    assertThat(Helping.of(Math.PI / 4).beadCm()).isCloseTo(1, within(1e-9));
  }

  @Test
  void familiesWithoutAnEstimateNeedTheMass() {
    assertThat(EnvelopeMetal.cm3("spherical-roller", 40, 80, 23)).isEmpty();
    assertThat(EnvelopeMetal.isFamily("spherical-roller")).isTrue();
    assertThat(EnvelopeMetal.isFamily("rubber")).isFalse();
    assertThat(EnvelopeMetal.cm3("tapered-roller", 30, 62, 17.25).orElseThrow())
        .isCloseTo(29.3, within(0.1));
    for (String family :
        new String[] {"cylindrical-roller", "needle-roller", "wheel-unit-angular-ball"}) {
      assertThat(EnvelopeMetal.cm3(family, 30, 62, 16).orElseThrow()).isBetween(15.0, 37.0);
    }
  }
}
