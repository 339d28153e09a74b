package unbo.core.rock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.TaperPair;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.measure.RunOut;
import unbo.core.working.Origin;
import unbo.core.working.Settling;
import unbo.core.working.Working;

class RockWorkingsTest {

  private static final Origin HERE = Origin.measured("by the test");

  private static TaperPair pair() {
    return TaperPair.of(new Assembly(Arrangements.of("a1"), Map.of(), Map.of())).orElseThrow();
  }

  /** 2 mm at 300 mm is 6.667 mrad; with centres 70 mm apart and 14° like 0.936 mm of end play. */
  @Test
  void rockIsATiltAndAnEndPlay() {
    RockWorkings rock = new RockWorkings(2, Instrument.dial(), 300, HERE);
    TaperPair pair = new TaperPair(70, 14, true, true);
    assertThat(rock.tilt().result().value()).isCloseTo(6.667, within(1e-3));
    assertThat(rock.likeEndPlay(pair).result().value())
        .isCloseTo(2 * 70 / (2 * 300 * Math.tan(Math.toRadians(14))), within(1e-9));
    assertThat(rock.plainProportion(pair).result().value()).isCloseTo(0.4667, within(1e-4));
    assertThatThrownBy(() -> new RockWorkings(2, Instrument.dial(), 0, HERE))
        .hasMessageContaining("radius");
  }

  /** The plain proportion is wrong by 2·tan α, at 14° by half. */
  @Test
  void thePlainProportionIsHalfAtFourteenDegrees() {
    RockWorkings rock = new RockWorkings(2, Instrument.dial(), 300, HERE);
    TaperPair pair = new TaperPair(70, 14, true, true);
    double ratio =
        rock.plainProportion(pair).result().value() / rock.likeEndPlay(pair).result().value();
    assertThat(ratio).isCloseTo(2 * Math.tan(Math.toRadians(14)), within(1e-9));
  }

  /** By hand: dE/E = dα/(sin α · cos α), 0.5° at 14.3° is 3.6 %; the dial makes 0.3 %. */
  @Test
  void theContactAngleMakesMostOfTheDoubt() {
    TaperPair read = new TaperPair(70, 14.3, true, true);
    Working w = new RockWorkings(1.9, Instrument.dial(), 300, HERE).likeEndPlay(read);
    assertThat(w.mostDoubtful().orElseThrow().input().symbol()).isEqualTo("α");
    double alpha = Math.toRadians(14.3);
    double byAngle = w.result().value() * Math.toRadians(0.5) / (Math.sin(alpha) * Math.cos(alpha));
    assertThat(w.result().uncertainty()).isBetween(byAngle, 1.3 * byAngle);
  }

  /**
   * Until the numbers are read the angle is assumed within a quarter; the play goes with 1/tan, so
   * a flat angle adds a third where a steep one takes a fifth.
   */
  @Test
  void anAssumedAngleCarriesItsQuarter() {
    assertThat(pair().read()).isFalse();
    assertThat(pair().angleUncertaintyDeg())
        .isCloseTo(pair().meanContactAngleDeg() / 4, within(1e-9));
    Working w = new RockWorkings(1.9, Instrument.dial(), 300, HERE).likeEndPlay(pair());
    assertThat(w.result().uncertainty() / w.result().value()).isBetween(0.25, 0.35);
  }

  @Test
  void twoProbesOfOneAndAHalfDegreesDifferByTwo() {
    Working w = Comparison.heat(61, 38, 1.5, HERE);
    assertThat(w.result().value()).isEqualTo(23);
    assertThat(w.result().uncertainty()).isCloseTo(2.1213, within(1e-4));
  }

  @Test
  void aGainUnderItsUncertaintySaysWhatWouldSettleIt() {
    Working w =
        Comparison.gain(
            "Rock at the rim",
            false,
            new Measured(0.205, 0.005),
            new Measured(0.2, 0.005),
            "mm",
            List.of(new unbo.core.working.Finer("take the mean of ten", 0)),
            HERE);
    assertThat(Settling.of(w, Comparison.BETTER).sentences())
        .containsExactly(
            "No measurement listed here can settle it: the value is too near the limit."
                + " Treat it as not passed.");
  }

  @Test
  void runOutShowsItsOwnFigures() {
    RunOut runOut =
        RunOut.of(List.of(0.10, 0.09, 0.05, 0.01, 0.0, 0.01, 0.05, 0.09), Instrument.dial());
    RunOutWorkings w = new RunOutWorkings(runOut, HERE);
    assertThat(w.total().result().value()).isEqualTo(runOut.totalMm());
    assertThat(w.total().result().uncertainty())
        .isCloseTo(runOut.total().uncertainty(), within(1e-12));
    assertThat(w.sine().result().uncertainty())
        .isCloseTo(runOut.sine().uncertainty(), within(1e-12));
    assertThat(w.highSpot().result().value()).isEqualTo(runOut.highSpotDeg());
  }
}
