package unbo.core.lubricant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Which tin for which work. */
class TinChoiceTest {

  private static Tin tin(
      String name, String thickener, double v40, double most, double ndm, double wash) {
    return new Tin(
        name,
        thickener,
        Optional.of(new Oil(v40, v40 / 9)),
        -30,
        most,
        OptionalDouble.of(ndm),
        OptionalDouble.of(wash),
        false,
        0.9,
        Set.of());
  }

  private static final Tin WHEEL = tin("wheel", "lithium-complex", 160, 160, 400_000, 5);
  private static final Tin MARINE =
      tin("marine", "calcium-sulphonate-complex", 400, 150, 200_000, 1);
  private static final Tin SPINDLE = tin("spindle", "lithium", 22, 120, 1_000_000, 8);

  private static TinChoice of(double rpm, double c, String water, String inThere, Tin... tins) {
    return TinChoice.of(
        new TinChoice.Work(
            rpm, 40, c, Water.withId(water).orElseThrow(), inThere, Set.of("rubber")),
        List.of(tins));
  }

  private static List<String> names(TinChoice choice) {
    return choice.tins().stream().map(r -> r.tin().name()).toList();
  }

  /** A boat trailer's hub: what washes out is refused, whatever else it can do. */
  @Test
  void saltWaterRefusesWhatWashesOut() {
    TinChoice choice = of(600, 50, "salt", "lithium", SPINDLE, WHEEL, MARINE);
    assertThat(names(choice).get(0)).isEqualTo("marine");
    assertThat(choice.tins().get(2).tin().name()).isEqualTo("spindle");
    assertThat(choice.tins().get(2).refused()).anyMatch(r -> r.contains("washes out"));
    assertThat(choice.tins().get(0).mixing().verdict()).isEqualTo(Mixing.Verdict.DOUBTFUL);
  }

  /** 6000 rpm on 40 mm: 240,000. */
  @Test
  void aSpeedNumberOverTheLimitIsRefused() {
    TinChoice choice = of(6000, 60, "dry", "", WHEEL, MARINE);
    assertThat(choice.tins().get(1).tin().name()).isEqualTo("marine");
    assertThat(choice.tins().get(1).refused())
        .containsExactly("speed number 240,000 over its 200,000");
  }

  @Test
  void heatRefusesAndUnknownMeansWash() {
    TinChoice choice = of(3000, 130, "dry", "", SPINDLE, WHEEL);
    assertThat(names(choice)).containsExactly("wheel", "spindle");
    assertThat(choice.tins().get(1).refused().get(0)).contains("−30 to 120 °C");
    assertThat(choice.tins().get(0).mixing().verdict()).isEqualTo(Mixing.Verdict.UNKNOWN);
  }

  /** What a sheet does not say is neither good nor bad. */
  @Test
  void whatASheetDoesNotSayIsSaid() {
    Tin bare =
        new Tin(
            "bare",
            "lithium",
            Optional.empty(),
            -20,
            120,
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            false,
            0.9,
            Set.of("rubber"));
    TinChoice.Ranked ranked = of(600, 50, "salt", "lithium", bare).tins().get(0);
    assertThat(ranked.refused()).containsExactly("its sheet refuses rubber");
    assertThat(ranked.reasons())
        .anyMatch(r -> r.contains("no speed number"))
        .anyMatch(r -> r.contains("no viscosity"))
        .anyMatch(r -> r.contains("no wash-out"));
  }

  /** Wetter work never lets in a tin that drier work refused. */
  @Test
  void wetterWorkIsStricter() {
    double before = 101;
    for (Water water : Water.all()) {
      assertThat(water.mostWashOut()).isLessThanOrEqualTo(before);
      before = water.mostWashOut();
    }
  }

  @Test
  void whatIsNoGreaseIsRefused() {
    assertThatThrownBy(() -> tin("x", "butter", 100, 120, 1e5, 1))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> tin("x", "lithium", 100, -40, 1e5, 1))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
