package unbo.app.listening;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import unbo.app.drawing.PolarTrace;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.working.Workings;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.TaperPair;
import unbo.core.diagnosis.DiagnosisTest;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.measure.RunOut;
import unbo.core.rock.Comparison;
import unbo.core.rock.RockWorkings;
import unbo.core.rock.RunOutWorkings;
import unbo.core.units.Entry;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;
import unbo.core.units.ReadingList;
import unbo.core.vehicle.Position;
import unbo.core.vehicle.VehicleLayout;
import unbo.core.verification.AccusingTest;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/** Reads the fields of a measured test and says what they come to. */
final class GaugeReader {

  private static final int LONGEST = 1900;
  private static final String NONE = Gauged.NONE;
  private static final String LEAST_WARM = Math.round(Comparison.WARM_K) + " °C";

  final DiagnosisTest test;
  private final VehicleLayout layout;
  private final Map<String, String> form;
  final Figures figures;
  private final Map<String, String> fields = new LinkedHashMap<>();
  final FieldProblems problems = new FieldProblems();
  private final List<Gauged.Line> lines = new ArrayList<>();
  final Workings workings;
  private final List<Gauged.Number> numbers = new ArrayList<>();
  String answer = "";
  private PolarTrace trace;

  GaugeReader(
      DiagnosisTest test,
      VehicleLayout layout,
      Map<String, String> form,
      String prefix,
      Figures figures) {
    this.test = test;
    this.layout = layout;
    this.form = form;
    this.figures = figures;
    this.workings = new Workings(prefix + "-" + test.id());
  }

  /** A sentence without a figure of ours. */
  void say(String sentence) {
    lines.add(new Gauged.Line(sentence, null, false));
  }

  /** A sentence with a constant of ours, which the sentence says. */
  void sayGiven(String sentence) {
    lines.add(new Gauged.Line(sentence, null, true));
  }

  /** A sentence with a figure that opens its working. */
  void say(String sentence, Working working) {
    lines.add(new Gauged.Line(sentence, workings.figure("", working, sentence), false));
  }

  String typed(String field) {
    String text = form.getOrDefault(field, "").strip();
    if (text.length() > LONGEST) {
      problems.add(
          field,
          new Problem(text.substring(0, 40) + "…", "Too long.", "Enter the readings alone."));
      text = text.substring(0, LONGEST);
    }
    fields.put(field, text);
    return text;
  }

  Entry<Double> length(String typed, double least, double most) {
    return LengthEntry.parse(typed, LengthEntry.Unit.MILLIMETRE)
        .map(t -> t.length().millimetres())
        .check(v -> between(v, least, most, "mm"));
  }

  static Optional<Problem> between(double value, double least, double most, String unit) {
    return value >= least && value <= most
        ? Optional.empty()
        : Optional.of(
            new Problem(
                value + " " + unit,
                "Out of range.",
                "Enter " + (long) least + " to " + (long) most + " " + unit + "."));
  }

  void rock() {
    Optional<Double> rim = problems.take("rim", length(typed("rim"), 0, 50));
    Optional<Double> radius = problems.take("radius", length(typed("radius"), 20, 1500));
    String wheel = typed("wheel");
    if (rim.isPresent() && radius.isEmpty() && problems.at("radius") == null) {
      problems.add(
          "radius",
          new Problem(
              "", "The radius is missing.", "Measure from the hub centre to the dial indicator."));
    }
    if (rim.isEmpty() || radius.isEmpty()) {
      return;
    }
    Measured moved = new Measured(rim.get(), AccusingTest.ROCK.uncertaintyAt(rim.get()));
    RockWorkings rock =
        new RockWorkings(
            rim.get(), Instrument.dial(), radius.get(), Origin.measured("entered here"));
    say("Tilt " + decimals(rock.tilt().result()) + " mrad.", rock.tilt());
    layout.positions().stream()
        .filter(p -> p.code().equals(wheel))
        .findFirst()
        .ifPresent(p -> likeEndPlay(p, rock));
    if (!moved.isSurelyPositive()) {
      say("Within the dial indicator’s uncertainty: no measurable play.");
      answer = NONE;
    } else if (test.answer(wheel).isPresent() && !wheel.equals(NONE)) {
      answer = wheel;
      numbers.add(new Gauged.Number(AccusingTest.ROCK, wheel, rim.get(), radius.get()));
    }
  }

  private void likeEndPlay(Position position, RockWorkings rock) {
    Optional<TaperPair> pair =
        TaperPair.of(new Assembly(Arrangements.of(position.arrangement()), Map.of(), Map.of()));
    if (pair.isEmpty()) {
      say("This bearing is not adjustable: any rock is a fault. Do not try to adjust it out.");
      return;
    }
    Working play = rock.likeEndPlay(pair.get());
    say(
        "Like "
            + figures.measured(play.result())
            + " mm end play of a taper pair, with assumed bearings (effective centres "
            + figures.size(Math.round(pair.get().effectiveCentresMm()))
            + " mm apart, "
            + figures.oneDecimal(pair.get().meanContactAngleDeg())
            + "°): an upper limit, since spindle and tyre flex too.",
        play);
    Working plain = rock.plainProportion(pair.get());
    say(
        "Simple proportion would give "
            + figures.measured(plain.result())
            + " mm, but ignores the contact angle.",
        plain);
  }

  void heat() {
    Map<String, Double> degrees = new TreeMap<>();
    for (DiagnosisTest.Answer wheel : Gauged.wheels(test)) {
      String field = "at-" + wheel.id();
      problems
          .take(
              field,
              QuantityEntry.TEMPERATURE.parse(typed(field)).check(v -> between(v, -40, 500, "°C")))
          .ifPresent(v -> degrees.put(wheel.id(), v));
    }
    double most = 0;
    boolean compared = false;
    for (DiagnosisTest.Answer wheel : Gauged.wheels(test)) {
      Optional<String> brother = brother(wheel.id());
      if (degrees.containsKey(wheel.id()) && brother.filter(degrees::containsKey).isPresent()) {
        compared = true;
        double other = degrees.get(brother.get());
        double over = degrees.get(wheel.id()) - other;
        if (over > 0) {
          hotter(wheel, new Measured(over, uncertainty()), other);
          most = Math.max(most, warm(wheel, over, most));
        }
      }
    }
    if (compared && answer.isEmpty()) {
      sayGiven("No hub is " + LEAST_WARM + " hotter than the other side, or more.");
      answer = NONE;
    } else if (!degrees.isEmpty() && !compared) {
      say("Measure the other side of the same axle too: one temperature says little.");
    }
  }

  private void hotter(DiagnosisTest.Answer wheel, Measured over, double other) {
    String partner = label(brother(wheel.id()).orElseThrow());
    String difference = figures.oneDecimal(over.value()) + " ± " + u() + " °C";
    Working working = heat(other + over.value(), other);
    if (!over.isSurelyPositive()) {
      String pair = wheel.label() + " and " + partner;
      say(pair + ": no clear difference (" + difference + ").", working);
      return;
    }
    String against = " hotter than " + partner + " (" + figures.size(other) + " °C)";
    String counts =
        over.value() >= Comparison.WARM_K ? "." : ": less than " + LEAST_WARM + " hotter is usual.";
    say(wheel.label() + ": " + difference + against + counts, working);
    numbers.add(new Gauged.Number(AccusingTest.HUB_HEAT, wheel.id(), other + over.value(), other));
  }

  /** Takes a hub that is warm against its brother as the answer when it is the warmest so far. */
  private double warm(DiagnosisTest.Answer wheel, double over, double mostSoFar) {
    if (over < Comparison.WARM_K) {
      return 0;
    }
    if (over > mostSoFar) {
      answer = wheel.id();
    }
    return over;
  }

  private static Working heat(double here, double other) {
    double probe = Instrument.withId("probe").orElseThrow().uncertainty();
    return Comparison.heat(here, other, probe, Origin.measured("entered here"));
  }

  private static double uncertainty() {
    double probe = AccusingTest.HUB_HEAT.uncertaintyAt(0);
    return AccusingTest.HUB_HEAT.compared(new Measured(0, probe), 0.0).uncertainty();
  }

  private String u() {
    return figures.oneDecimal(uncertainty());
  }

  private String label(String wheel) {
    return test.answer(wheel).map(DiagnosisTest.Answer::label).orElse(wheel);
  }

  /** The wheel on the other side of the same axle: a front hub is never judged by a rear one. */
  private Optional<String> brother(String wheel) {
    return Optional.ofNullable(layout.brothers().get(wheel));
  }

  private Optional<Position> at(String wheel) {
    return layout.positions().stream().filter(p -> p.code().equals(wheel)).findFirst();
  }

  void runOut() {
    Instrument gauge =
        Instrument.withId(typed("gauge"))
            .filter(g -> g.measures().equals("travel"))
            .orElseGet(Instrument::dial);
    List<Double> values = readings(typed("readings"));
    if (values.isEmpty() || problems.at("readings") != null) {
      return;
    }
    if (values.size() < RunOut.LEAST || values.size() > RunOut.MOST) {
      problems.add(
          "readings",
          new Problem(
              values.size() + (values.size() == 1 ? " reading" : " readings"),
              "Not a full turn.",
              "Enter 8 to 72 readings, at equal angles from the mark on."));
      return;
    }
    RunOut runOut = RunOut.of(values, gauge);
    trace = PolarTrace.of(runOut);
    RunOutWorkings worked = new RunOutWorkings(runOut, Origin.measured("entered here"));
    say("Total run-out (TIR): " + figures.measured(runOut.total()) + " mm.", worked.total());
    say("Once per turn " + figures.measured(runOut.sine()) + " mm.", worked.sine());
    say(
        "High spot at " + figures.whole(runOut.highSpotDeg()) + "° from the mark.",
        worked.highSpot());
    say("Twice per turn " + figures.fine(runOut.twiceMm()) + " mm.", worked.twice());
    say("Largest remainder " + figures.fine(runOut.remainderMm()) + " mm.", worked.remainder());
    say(
        "The remainder is at " + figures.whole(runOut.spikeDeg()) + "° from the mark.",
        worked.remainderAt());
    spike(runOut, worked);
    say(
        switch (runOut.look()) {
          case JUMPS ->
              "That is more than twice its uncertainty: a damaged raceway or dirt. Clean, turn and read again to confirm.";
          case SMOOTH ->
              "A clean swing once per turn: a tilted flange or seat. We have no limit: use the vehicle maker’s figure, or compare with the other side.";
          case STILL -> "No movement larger than the dial indicator’s uncertainty.";
        });
    answer = runOut.look().name().toLowerCase(java.util.Locale.ROOT);
    numbers.add(new Gauged.Number(AccusingTest.RUN_OUT, "", runOut.totalMm(), null));
  }

  /** What the readings can show of a spike: few readings leave little of it. */
  private void spike(RunOut runOut, RunOutWorkings worked) {
    if (runOut.look() == RunOut.Look.JUMPS) {
      say("Spike behind it " + figures.measured(runOut.spike()) + " mm.", worked.spike());
      return;
    }
    String seen = figures.fine(runOut.leastSpikeMm()) + " mm";
    int count = runOut.readingsMm().size();
    say(
        count + " readings cannot show a spike under " + seen + advised(count) + ".",
        worked.leastSpike());
  }

  private static String advised(int count) {
    return count < RunOut.ADVISED
        ? ": for a rough raceway take " + RunOut.ADVISED + " readings"
        : "";
  }

  private List<Double> readings(String typed) {
    ReadingList list = ReadingList.parse(typed, RunOut.MOST + 1, this::signedLength);
    list.problem().ifPresent(p -> problems.add("readings", p));
    return list.values();
  }

  private Entry<Double> signedLength(String piece) {
    String bare = piece.replaceFirst("^[-−]", "");
    double sign = bare.equals(piece) ? 1 : -1;
    return LengthEntry.parse(bare, LengthEntry.Unit.MILLIMETRE)
        .map(t -> t.length().millimetres())
        .check(v -> between(v, 0, 10, "mm"))
        .map(v -> sign * v);
  }

  private String decimals(Measured value) {
    return figures.size(value.value()) + " ± " + figures.size(value.uncertainty());
  }

  Gauged gauged() {
    return new Gauged(
        fields, problems, List.copyOf(lines), answer, trace, List.copyOf(numbers), workings.all());
  }
}
