package unbo.app.listening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import unbo.app.web.Figures;
import unbo.core.diagnosis.DiagnosisModel;
import unbo.core.vehicle.VehicleKind;

/** What measured tests come to, against figures worked out by hand. */
class GaugedTest {

  private static Gauged of(VehicleKind kind, String test, String... pairs) {
    Map<String, String> form = new LinkedHashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      form.put(pairs[i], pairs[i + 1]);
    }
    return Gauged.of(
        DiagnosisModel.some(kind).orElseThrow().test(test).orElseThrow(),
        DiagnosisModel.someLayout(kind).orElseThrow(),
        form,
        new Figures());
  }

  /** 1.9 mm at 290 mm: arctan(1.9/290) is 6.55 mrad. */
  @Test
  void rockIsTurnedIntoTilt() {
    Gauged rock =
        of(VehicleKind.TRAILER, "t-rock", "rim", "1.9", "radius", "290", "wheel", "axle-1-left");
    assertThat(rock.words().get(0)).startsWith("Tilt 6.55 ±").endsWith(" mrad.");
    assertThat(rock.words()).anyMatch(l -> l.contains("upper limit"));
    assertThat(rock.answer()).isEqualTo("axle-1-left");
    assertThat(rock.numbers()).singleElement().satisfies(n -> assertThat(n.value()).isEqualTo(1.9));
    Gauged still =
        of(VehicleKind.TRAILER, "t-rock", "rim", "0", "radius", "290", "wheel", "axle-1-left");
    assertThat(still.answer()).isEqualTo("none");
    assertThat(still.numbers()).isEmpty();
  }

  /** A compact hub unit is set without play: the rock is a finding, never a setting. */
  @Test
  void whatHasNoSettingIsNotTurnedIntoEndPlay() {
    Gauged rock =
        of(VehicleKind.CAR, "rock-12", "rim", "0.8", "radius", "300", "wheel", "axle-1-left");
    assertThat(rock.words()).anyMatch(l -> l.contains("not adjustable"));
  }

  /** 0.05 mm swing with its High spot at 90°, then the same with one reading off by 0.08. */
  @Test
  void runOutIsFittedAndItsSpikeFound() {
    Gauged smooth =
        of(VehicleKind.CAR, "dial", "readings", "0 0.035 0.05 0.035 0 -0.035 -0.05 -0.035");
    assertThat(smooth.answer()).isEqualTo("smooth");
    assertThat(smooth.words()).anyMatch(l -> l.contains("High spot at 90°"));
    assertThat(smooth.trace()).isNotNull();
    assertThat(smooth.numbers().get(0).value()).isCloseTo(0.1, within(1e-9));
    Gauged spiked =
        of(VehicleKind.CAR, "dial", "readings", "0 0.035 0.05 0.115 0 -0.035 -0.05 -0.035");
    assertThat(spiked.answer()).isEqualTo("jumps");
    assertThat(spiked.words()).anyMatch(l -> l.contains("at 135°"));
    assertThat(spiked.words()).anyMatch(l -> l.startsWith("Spike behind it "));
    assertThat(smooth.words())
        .anyMatch(l -> l.contains("cannot show a spike under") && l.contains("take 24 readings"));
  }

  /** Heat is measured only where a hub has a brother: a front one is never judged by a rear one. */
  @ParameterizedTest
  @EnumSource(VehicleKind.class)
  void noFrontHubIsJudgedByARearOne(VehicleKind kind) {
    DiagnosisModel.some(kind).stream()
        .flatMap(m -> m.tests().stream())
        .filter(t -> t.measure().equals("heat"))
        .flatMap(t -> Gauged.wheels(t).stream())
        .forEach(
            w ->
                assertThat(DiagnosisModel.someLayout(kind).orElseThrow().brothers())
                    .containsKey(w.id()));
  }

  /** 71 against 44 °C is a finding; 53 is usual; 45 against 44 cannot be told from equal. */
  @Test
  void heatIsComparedOnOneAxle() {
    Gauged hot = of(VehicleKind.CAR, "heat", "at-axle-1-left", "71", "at-axle-1-right", "44");
    assertThat(hot.answer()).isEqualTo("axle-1-left");
    assertThat(hot.words())
        .anyMatch(
            l ->
                l.startsWith("front left: 27.0 ± ")
                    && l.endsWith("hotter than front right (44 °C)."));
    assertThat(hot.numbers().get(0).second()).isEqualTo(44);
    Gauged even = of(VehicleKind.CAR, "heat", "at-axle-1-left", "45", "at-axle-1-right", "44");
    assertThat(even.answer()).isEqualTo("none");
    Gauged usual = of(VehicleKind.CAR, "heat", "at-axle-1-left", "53", "at-axle-1-right", "44");
    assertThat(usual.answer()).isEqualTo("none");
    assertThat(usual.words()).anyMatch(l -> l.endsWith("less than 10 °C hotter is usual."));
    Gauged limit = of(VehicleKind.CAR, "heat", "at-axle-1-left", "54", "at-axle-1-right", "44");
    assertThat(limit.answer()).isEqualTo("axle-1-left");
    Gauged alone = of(VehicleKind.CAR, "heat", "at-axle-1-left", "71");
    assertThat(alone.answer()).isEmpty();
    assertThat(alone.words()).anyMatch(l -> l.contains("other side"));
    Gauged across = of(VehicleKind.CAR, "heat", "at-axle-1-left", "71", "at-axle-2-left", "44");
    assertThat(across.answer()).as("two axles are not compared").isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "rock-12,rim,ninety,rim",
    "rock-12,rim,1.9,radius",
    "rock-12,rim,900,rim",
    "heat,at-axle-1-left,900,at-axle-1-left",
    "heat,at-axle-1-left,warm,at-axle-1-left",
    "dial,readings,1 2 3,readings",
    "dial,readings,0 0 0 0 0 0 0 x,readings"
  })
  void badFiguresAreAnsweredAtTheField(String test, String field, String typed, String at) {
    Gauged gauged = of(VehicleKind.CAR, test, field, typed);
    assertThat(gauged.problems().at(at)).isNotNull();
    assertThat(gauged.get(field)).isEqualTo(typed);
    assertThat(gauged.answer()).isEmpty();
  }

  /** What is kept is read back to the same sentences. */
  @Test
  void whatIsKeptReadsTheSame() {
    Gauged rock =
        of(VehicleKind.TRAILER, "t-rock", "rim", "1.9", "radius", "290", "wheel", "axle-1-left");
    Gauged again =
        Gauged.kept(
            DiagnosisModel.some(VehicleKind.TRAILER).orElseThrow().test("t-rock").orElseThrow(),
            DiagnosisModel.someLayout(VehicleKind.TRAILER).orElseThrow(),
            "axle-1-left",
            rock.stored(),
            new Figures());
    assertThat(again.words()).isEqualTo(rock.words());
    assertThat(of(VehicleKind.CAR, "sound").stored()).isEmpty();
  }
}
