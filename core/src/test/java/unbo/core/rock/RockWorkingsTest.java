package unbo.core.rock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.TaperPair;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.measure.RockTest;
import unbo.core.measure.RunOut;
import unbo.core.working.Origin;
import unbo.core.working.Settling;
import unbo.core.working.Working;

class RockWorkingsTest {

  private static final Origin HERE = Origin.measured("by the test");

  private static TaperPair pair() {
    return TaperPair.of(new Assembly(Arrangements.of("a1"), Map.of(), Map.of())).orElseThrow();
  }

  @Test
  void theWorkingGivesWhatTheSumGives() {
    RockWorkings rock = new RockWorkings(1.9, Instrument.dial(), 300, HERE);
    Measured rim = new Measured(1.9, 0.005);
    assertThat(rock.tilt().result().value())
        .isCloseTo(RockTest.tiltMrad(rim, 300).value(), within(1e-9));
    assertThat(rock.likeEndPlay(pair()).result().value())
        .isCloseTo(
            RockTest.equivalentEndPlayMm(
                    rim, 300, pair().effectiveCentresMm(), pair().meanContactAngleDeg())
                .value(),
            within(1e-9));
    assertThat(rock.plainProportion(pair()).result().value())
        .isCloseTo(
            RockTest.plainProportionMm(rim, 300, pair().effectiveCentresMm()).value(),
            within(1e-9));
  }

  /** By hand: dE/E = dα/(sin α · cos α), 0.5° at 14.3° is 3.6 %; the dial makes 0.3 %. */
  @Test
  void theContactAngleMakesMostOfTheDoubt() {
    Working w = new RockWorkings(1.9, Instrument.dial(), 300, HERE).likeEndPlay(pair());
    assertThat(w.mostDoubtful().orElseThrow().input().symbol()).isEqualTo("α");
    double alpha = Math.toRadians(pair().meanContactAngleDeg());
    double byAngle =
        w.result().value()
            * Math.toRadians(pair().angleUncertaintyDeg())
            / (Math.sin(alpha) * Math.cos(alpha));
    assertThat(w.result().uncertainty()).isBetween(byAngle, 1.3 * byAngle);
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
