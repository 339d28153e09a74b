package unbo.app.round;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.web.FieldProblems;
import unbo.core.round.RoundMeasure;
import unbo.core.units.Entry;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;

/** What was typed at a position of a round. */
record RoundForm(
    Map<String, String> fields, FieldProblems problems, Map<RoundMeasure, Double> values) {

  /** What the hand feels turning it; empty where nobody turned it. */
  static final List<String> FEELS = List.of("smooth", "rough", "notch", "stiff", "loose");

  private static final int LONGEST_NOTE = 300;

  static RoundForm of(Map<String, String> fields) {
    FieldProblems problems = new FieldProblems();
    Map<RoundMeasure, Double> values = new EnumMap<>(RoundMeasure.class);
    for (RoundMeasure measure : RoundMeasure.values()) {
      Entry<Double> entry =
          parse(measure, fields.getOrDefault(measure.id(), "")).check(v -> within(measure, v));
      problems.take(measure.id(), entry).ifPresent(v -> values.put(measure, v));
    }
    RoundForm form = new RoundForm(fields, problems, values);
    if (form.note().length() > LONGEST_NOTE) {
      problems.add("note", new Problem(form.note(), "Too long.", "Enter at most 300 characters."));
    }
    if (problems.isEmpty() && values.isEmpty() && form.feel().isEmpty() && form.note().isEmpty()) {
      problems.add(
          "feel",
          new Problem(
              "", "Nothing entered yet.", "Choose how it feels, measure, or write a note."));
    }
    return form;
  }

  private static Entry<Double> parse(RoundMeasure measure, String typed) {
    return switch (measure) {
      case PLAY, RUN_OUT ->
          LengthEntry.parse(typed, LengthEntry.Unit.MILLIMETRE).map(t -> t.length().millimetres());
      case HEAT -> QuantityEntry.TEMPERATURE.parse(typed);
      case GRIP -> QuantityEntry.FORCE.parse(typed);
    };
  }

  private static Optional<Problem> within(RoundMeasure measure, double value) {
    return value >= measure.least() && value <= measure.most()
        ? Optional.empty()
        : Optional.of(
            new Problem(
                value + " " + measure.unit(),
                "Out of range.",
                "Enter "
                    + (long) measure.least()
                    + " to "
                    + (long) measure.most()
                    + " "
                    + measure.unit()
                    + "."));
  }

  Double value(RoundMeasure measure) {
    return values.get(measure);
  }

  String feel() {
    String feel = fields.getOrDefault("feel", "");
    return FEELS.contains(feel) ? feel : "";
  }

  String note() {
    return fields.getOrDefault("note", "").strip();
  }

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }
}
