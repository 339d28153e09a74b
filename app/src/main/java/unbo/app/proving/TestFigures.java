package unbo.app.proving;

import java.util.Optional;
import unbo.app.job.TestRecord;
import unbo.core.arrangement.TaperPair;
import unbo.core.measure.Measured;
import unbo.core.measure.RockTest;
import unbo.core.setting.RunningTorque;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.RepeatedTest;

/** What the two numbers of a test come to, so that before and after can be compared. */
final class TestFigures {

  private TestFigures() {}

  /** The figure that is compared: mm of rock at the rim, mm, Nm, or °C of difference either way. */
  static Measured compared(AccusingTest test, double value, Double second) {
    return switch (test) {
      case ROCK, END_PLAY -> new Measured(value, test.uncertaintyAt(value));
      case RUN_OUT -> new Measured(value, test.uncertaintyAt(value) * Math.sqrt(2));
      case DRAG ->
          RunningTorque.of(new Measured(value, test.uncertaintyAt(value)), second).newtonMetres();
      case HUB_HEAT -> new Measured(Math.abs(value - second), test.uncertaintyAt(0));
    };
  }

  static RepeatedTest repeated(AccusingTest test, TestRecord record) {
    Optional<Measured> after =
        record.getAfterValue() == null
            ? Optional.empty()
            : Optional.of(compared(test, record.getAfterValue(), record.getAfterSecond()));
    return new RepeatedTest(
        test, compared(test, record.getBeforeValue(), record.getBeforeSecond()), after);
  }

  /** The figure in words, with what follows from it. */
  static String words(
      AccusingTest test,
      double value,
      Double second,
      Optional<TaperPair> pair,
      unbo.app.web.Figures f) {
    Measured compared = compared(test, value, second);
    return switch (test) {
      case ROCK ->
          f.size(value)
              + " mm at "
              + f.size(second)
              + " mm: "
              + f.oneDecimal(RockTest.tiltMrad(compared, second).value())
              + " mrad"
              + pair.map(p -> likeEndPlay(compared, second, p, f)).orElse("");
      case END_PLAY, RUN_OUT -> f.fine(value) + " mm";
      case DRAG ->
          f.size(value) + " N at " + f.size(second) + " mm: " + f.size(compared.value()) + " Nm";
      case HUB_HEAT ->
          f.size(value) + " °C, other side " + f.size(second) + " °C: " + f.hotter(value - second);
    };
  }

  /** For an adjustable taper pair, the end play that would rock as much. */
  private static String likeEndPlay(
      Measured rock, double radius, TaperPair pair, unbo.app.web.Figures f) {
    Measured play =
        RockTest.equivalentEndPlayMm(
            rock, radius, pair.effectiveCentresMm(), pair.meanContactAngleDeg());
    return ", like " + f.size(play.value()) + " mm end play";
  }

  static boolean hasSecond(AccusingTest test) {
    return test != AccusingTest.END_PLAY && test != AccusingTest.RUN_OUT;
  }
}
