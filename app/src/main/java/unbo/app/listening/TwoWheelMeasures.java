package unbo.app.listening;

import java.util.List;
import java.util.Optional;
import unbo.core.diagnosis.DiagnosisTest;
import unbo.core.measure.ClickCount;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.measure.Readings;
import unbo.core.measure.Window;
import unbo.core.rock.ClickWorkings;
import unbo.core.rock.SingleReading;
import unbo.core.setting.SettingWorkings;
import unbo.core.units.QuantityEntry;
import unbo.core.units.ReadingList;
import unbo.core.working.Origin;
import unbo.core.working.Settling;
import unbo.core.working.Working;

/** Measurements of motorcycles and bicycles: swing force, seal grip, free lift, clicks counted. */
final class TwoWheelMeasures {

  /**
   * A lip that lets go under this no longer keeps its spacer; our own figure, about a finger's
   * weight.
   */
  private static final double LEAST_GRIP_N = 1;

  private static final String SCALE = "spring-scale";
  private static final int MOST_READINGS = 12;

  private final GaugeReader in;

  TwoWheelMeasures(GaugeReader in) {
    this.in = in;
  }

  /** Force at the bar end, running, against the maker's own window; without that no verdict. */
  void swing() {
    List<Double> values = forces("force");
    Optional<Double> least = force("least");
    Optional<Double> most = force("most");
    Optional<Double> arm = in.problems.take("arm", in.length(in.typed("arm"), 50, 1200));
    if (values.isEmpty()) {
      return;
    }
    Readings readings = readings(values);
    Measured force = readings.result();
    Origin here = Origin.measured("entered here");
    in.say(
        "Swing force " + newtons(force) + ".",
        SettingWorkings.mean("Swing force", readings, "N", here));
    arm.ifPresent(
        mm ->
            in.say(
                "Turning torque "
                    + in.figures.size(force.value() * mm / 1000)
                    + " Nm at "
                    + in.figures.size(mm)
                    + " mm.",
                SettingWorkings.torque(force, mm, here)));
    if (least.isEmpty() || most.isEmpty() || least.get() >= most.get()) {
      in.say("Cannot tell without the vehicle maker’s figures, from and to.");
      return;
    }
    if (force.least() > most.get()) {
      in.answer = "heavy";
    } else if (force.most() < least.get()) {
      in.answer = "light";
    } else if (force.least() >= least.get() && force.most() <= most.get()) {
      in.answer = "right";
    } else {
      in.say("Cannot tell: the vehicle maker’s limit is within the uncertainty.");
      Working mean = SettingWorkings.mean("Swing force", readings, "N", here);
      Settling.of(mean, new Window(least.get(), most.get())).sentences().forEach(in::sayGiven);
    }
  }

  /** Force at which each seal lets its spacer go. */
  void sealGrip() {
    double weakest = LEAST_GRIP_N;
    boolean measured = false;
    for (DiagnosisTest.Answer wheel : Gauged.wheels(in.test)) {
      Optional<Double> grip = force("at-" + wheel.id());
      if (grip.isPresent()) {
        measured = true;
        in.say(
            wheel.label() + ": spacer slips at " + in.figures.size(grip.get()) + " N.",
            SingleReading.of(
                "Grip of the seal",
                grip.get(),
                Instrument.withId(SCALE).orElseThrow(),
                "N",
                Origin.measured("entered here")));
        if (grip.get() < weakest) {
          weakest = grip.get();
          in.answer = wheel.id();
        }
      }
    }
    if (measured && in.answer.isEmpty()) {
      in.answer = Gauged.NONE;
    }
    if (measured) {
      in.sayGiven(
          "Under about "
              + in.figures.size(LEAST_GRIP_N)
              + " N (our own figure) a seal lip does not hold the spacer.");
    }
  }

  /** Free lift at the axle; which joint it is, the finger across it tells. */
  void lift() {
    Optional<Double> lift = in.problems.take("lift", in.length(in.typed("lift"), 0, 60));
    if (lift.isEmpty()) {
      return;
    }
    Instrument rule = Instrument.withId("rule").orElseThrow();
    Measured free = new Measured(lift.get(), rule.uncertaintyAt(lift.get()));
    in.say(
        "Free lift " + in.figures.size(free.value()) + " ± 0.5 mm by rule.",
        SingleReading.of("Free lift", lift.get(), rule, "mm", Origin.measured("entered here")));
    if (free.isSurelyPositive()) {
      in.say(
          "A finger across each joint shows which one moves; needle bearings have almost no play.");
    } else {
      in.say("No measurable free movement.");
      boolean none = in.test.answer(Gauged.NONE).isPresent();
      in.answer = none ? Gauged.NONE : "no";
    }
  }

  /** Clicks over crank turns, against the gear. */
  void clicks() {
    Optional<Double> clicks = count("clicks", 0, 1000);
    Optional<Double> turns = count("turns", ClickCount.LEAST_TURNS, 200);
    Optional<Double> ring = count("ring", 15, 70);
    Optional<Double> sprocket = count("sprocket", 9, 60);
    if (clicks.isEmpty() || turns.isEmpty() || ring.isEmpty() || sprocket.isEmpty()) {
      return;
    }
    ClickCount count =
        ClickCount.of(
            clicks.get().intValue(),
            turns.get().intValue(),
            ring.get().intValue(),
            sprocket.get().intValue());
    in.say(
        in.figures.size(count.perTurn().value())
            + " ± "
            + in.figures.size(count.perTurn().uncertainty())
            + " per crank turn.",
        ClickWorkings.perTurn(clicks.get(), turns.get()));
    in.say(
        "The wheel turns " + in.figures.size(count.wheelTurns()) + " times in a crank turn.",
        ClickWorkings.wheelTurns(ring.get(), sprocket.get()));
    switch (count.beat()) {
      case ONCE -> in.answer = "once";
      case TWICE -> in.answer = "twice";
      case WHEEL -> in.answer = "wheel";
      case NONE -> in.answer = "none";
      default -> in.say("Two causes fit this count: count in another gear, or over more turns.");
    }
  }

  private Optional<Double> count(String field, int least, int most) {
    return in.problems.take(
        field,
        QuantityEntry.COUNT
            .parse(in.typed(field))
            .check(v -> GaugeReader.between(v, least, most, "")));
  }

  private Optional<Double> force(String field) {
    return in.problems.take(
        field,
        QuantityEntry.FORCE.parse(in.typed(field)).check(v -> GaugeReader.between(v, 0, 200, "N")));
  }

  private List<Double> forces(String field) {
    ReadingList list =
        ReadingList.parse(
            in.typed(field),
            MOST_READINGS,
            t -> QuantityEntry.FORCE.parse(t).check(v -> GaugeReader.between(v, 0, 200, "N")));
    list.problem().ifPresent(p -> in.problems.add(field, p));
    return list.problem().isPresent() ? List.of() : list.values();
  }

  private static Readings readings(List<Double> values) {
    return Readings.of(values, Instrument.withId(SCALE).orElseThrow());
  }

  private String newtons(Measured force) {
    return in.figures.size(force.value()) + " ± " + in.figures.size(force.uncertainty()) + " N";
  }
}
