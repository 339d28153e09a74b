package unbo.app.proving;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.Workings;
import unbo.core.arrangement.TaperPair;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.rock.Comparison;
import unbo.core.rock.RockWorkings;
import unbo.core.setting.RunningTorque;
import unbo.core.setting.SettingWorkings;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.RepeatedTest;
import unbo.core.working.Finer;
import unbo.core.working.Origin;

/** What the two numbers of a test come to, so that before and after can be compared. */
final class TestFigures {

  private final AccusingTest test;
  private final String when;
  private final Origin origin;
  private final Optional<TaperPair> pair;
  private final Workings workings;
  private final Figures f;

  TestFigures(
      AccusingTest test,
      String when,
      Origin origin,
      Optional<TaperPair> pair,
      Workings workings,
      Figures f) {
    this.test = test;
    this.when = when;
    this.origin = origin;
    this.pair = pair;
    this.workings = workings;
    this.f = f;
  }

  /**
   * A test's numbers as a page shows them.
   *
   * @param given what was read, in words
   * @param figures what follows from it
   */
  public record Shown(String given, List<Figure> figures) {

    /** All of it in a line, for paper. */
    public String text() {
      return figures.isEmpty()
          ? given
          : given + ": " + figures.stream().map(Figure::text).collect(Collectors.joining(", "));
    }
  }

  Shown shown(double value, Double second) {
    return switch (test) {
      case ROCK -> rock(value, second);
      case END_PLAY, RUN_OUT -> new Shown(f.fine(value) + " mm", List.of());
      case DRAG ->
          new Shown(
              f.size(value) + " N at " + f.size(second) + " mm", List.of(torque(value, second)));
      case HUB_HEAT ->
          new Shown(
              f.size(value) + " °C, other side " + f.size(second) + " °C",
              List.of(heat(value, second)));
    };
  }

  private Shown rock(double value, double radius) {
    RockWorkings rock = new RockWorkings(value, Instrument.dial(), radius, origin);
    List<Figure> figures = new ArrayList<>();
    figures.add(
        workings.figure(when, rock.tilt(), f.oneDecimal(rock.tilt().result().value()) + " mrad"));
    pair.ifPresent(
        p -> {
          var like = rock.likeEndPlay(p);
          figures.add(
              workings.figure(
                  when, like, "like " + f.size(like.result().value()) + " mm end play"));
        });
    return new Shown(f.size(value) + " mm at " + f.size(radius) + " mm", figures);
  }

  private Figure torque(double newtons, double radius) {
    var torque =
        SettingWorkings.torque(new Measured(newtons, test.uncertaintyAt(newtons)), radius, origin);
    return workings.figure(when, torque, f.size(torque.result().value()) + " Nm");
  }

  private Figure heat(double here, double other) {
    double probe = Instrument.withId("probe").orElseThrow().uncertainty();
    return workings.figure(
        when, Comparison.heat(here, other, probe, origin), f.hotter(here - other));
  }

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

  /** The unit of the figure that is compared. */
  static String unit(AccusingTest test) {
    return switch (test) {
      case ROCK, END_PLAY, RUN_OUT -> "mm";
      case DRAG -> "Nm";
      case HUB_HEAT -> "°C";
    };
  }

  /** What would make a repeat more certain. */
  static List<Finer> finer(AccusingTest test) {
    return switch (test) {
      case ROCK, END_PLAY, RUN_OUT ->
          Instrument.dial().finer().stream()
              .map(i -> new Finer("repeat it with a " + i.name(), i.uncertainty()))
              .toList();
      case DRAG, HUB_HEAT -> List.of();
    };
  }

  static RepeatedTest repeated(AccusingTest test, TestRecord record) {
    Optional<Measured> after =
        record.afterValue() == null
            ? Optional.empty()
            : Optional.of(compared(test, record.afterValue(), record.afterSecond()));
    return new RepeatedTest(
        test, compared(test, record.beforeValue(), record.beforeSecond()), after);
  }

  static boolean hasSecond(AccusingTest test) {
    return test != AccusingTest.END_PLAY && test != AccusingTest.RUN_OUT;
  }
}
