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
import unbo.core.measure.Readings;
import unbo.core.rock.ClickWorkings;
import unbo.core.rock.Comparison;
import unbo.core.rock.RockWorkings;
import unbo.core.setting.SettingWorkings;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.RepeatedTest;
import unbo.core.working.Finer;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/** What the two numbers of a test come to, so that before and after can be compared. */
final class TestFigures {

  /** One more or less. */
  private static final Instrument COUNTED = new Instrument("count", "count", 1, false, "count", 0);

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

  Shown shown(TestReading read) {
    List<Figure> figures = new ArrayList<>();
    if (read.values().size() > 1) {
      figures.add(mean(read));
    }
    figures.addAll(following(read));
    return new Shown(given(read), figures);
  }

  /** What was read, with its units. */
  private String given(TestReading read) {
    String text =
        read.values().stream().map(this::number).collect(Collectors.joining(", "))
            + behind(test.unit());
    return switch (test.footing()) {
      case AS_READ, SPAN -> text;
      case TILT, TORQUE -> text + " at " + f.size(read.second()) + " mm";
      case APART ->
          text + ", " + test.second() + " " + f.size(read.second()) + behind(test.secondUnit());
      case PER_TURN -> text + " " + test.second() + ": " + f.size(read.second());
    };
  }

  /** Thousandths where a dial indicator's own reading is the result. */
  private String number(double value) {
    boolean dialled =
        test.second().isEmpty()
            && test.instrument().filter(i -> i.measures().equals("travel")).isPresent();
    return dialled ? f.fine(value) : f.size(value);
  }

  private static String behind(String unit) {
    return unit.isEmpty() ? "" : " " + unit;
  }

  private Figure mean(TestReading read) {
    Readings readings = Readings.of(read.values(), test.instrument().orElse(COUNTED));
    Working mean = SettingWorkings.mean(test.title(), readings, test.unit(), origin);
    return workings.figure(when, mean, "mean " + f.measured(mean.result()) + behind(test.unit()));
  }

  private List<Figure> following(TestReading read) {
    return switch (test.footing()) {
      case AS_READ, SPAN -> List.of();
      case TILT -> tilt(read);
      case TORQUE -> List.of(torque(read));
      case APART -> List.of(apart(read));
      case PER_TURN -> List.of(perTurn(read));
    };
  }

  private List<Figure> tilt(TestReading read) {
    RockWorkings rock = new RockWorkings(read.value(), Instrument.dial(), read.second(), origin);
    List<Figure> figures = new ArrayList<>();
    figures.add(
        workings.figure(when, rock.tilt(), f.oneDecimal(rock.tilt().result().value()) + " mrad"));
    if (test == AccusingTest.ROCK) {
      pair.map(rock::likeEndPlay)
          .map(like -> workings.figure(when, like, like(like.result())))
          .ifPresent(figures::add);
    }
    return figures;
  }

  private String like(Measured endPlay) {
    return "like "
        + f.size(endPlay.value())
        + " ± "
        + f.size(endPlay.uncertainty())
        + " mm end play";
  }

  private Figure torque(TestReading read) {
    var torque = SettingWorkings.torque(read.measured(test), read.second(), origin);
    return workings.figure(when, torque, f.size(torque.result().value()) + " Nm");
  }

  private Figure apart(TestReading read) {
    double apart = read.value() - read.second();
    double one = read.measured(test).uncertainty();
    if (test == AccusingTest.HUB_HEAT) {
      return workings.figure(
          when, Comparison.heat(read.value(), read.second(), one, origin), f.hotter(apart));
    }
    Working difference =
        Comparison.apart(
            test.title(),
            read.measured(test),
            new Measured(read.second(), test.uncertaintyAt(read.second())),
            test.unit(),
            origin);
    return workings.figure(when, difference, f.size(Math.abs(apart)) + behind(test.unit()));
  }

  private Figure perTurn(TestReading read) {
    Working clicks = ClickWorkings.perTurn(read.value(), read.second());
    return workings.figure(when, clicks, f.size(clicks.result().value()) + " per turn");
  }

  /** What would make a repeat more certain, in the unit that is compared. */
  static List<Finer> finer(AccusingTest test, TestRecord r) {
    return test.instrument().stream()
        .filter(i -> i.measures().equals("travel"))
        .flatMap(i -> i.finer().stream())
        .map(i -> finer(test, r, i))
        .toList();
  }

  private static Finer finer(AccusingTest test, TestRecord r, Instrument with) {
    double reading = with.uncertaintyAt(r.after().value());
    return new Finer(
        "repeat it with a " + with.name(),
        r.after().comparedUncertainty(test, reading, r.before()));
  }

  static RepeatedTest repeated(AccusingTest test, TestRecord record) {
    return new RepeatedTest(
        test,
        record.before().compared(test, record.after()),
        Optional.ofNullable(record.after()).map(r -> r.compared(test, record.before())),
        !record.inOrder());
  }
}
