package unbo.app.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.setting.PartSums.Line;
import unbo.app.setting.PartSums.Question;
import unbo.core.measure.Measured;
import unbo.core.setting.CapTravel;

/** A preload collar or a top cap: travel of its thread, gap left, what holds it afterwards. */
final class CapSum extends Sum {

  private static final double MOST_MM = 50;
  private static final double MOST_PITCH_MM = 6;
  private static final double MOST_DEG = 7200;

  private final boolean cap;

  CapSum(Map<String, String> typed, boolean cap) {
    super(typed, "cap");
    this.cap = cap;
  }

  private List<Question> questions() {
    return List.of(
        Question.text("pitch", "Pitch of its thread", "mm"),
        Question.text("turned", "Turned by until the play was gone", "°"),
        Question.text("past", "and further, past that", "°"),
        Question.text(
            "gap", cap ? "Gap over the steerer’s end before" : "Gap at its stop before", "mm"),
        Question.choice("gauge", "Read with", CrossSum.gauges()));
  }

  PartSums read() {
    Optional<Double> pitch = fields.number("pitch", 0.2, MOST_PITCH_MM);
    Optional<Double> turned = fields.number("turned", 0, MOST_DEG);
    double past = fields.number("past", 0, MOST_DEG).orElse(0.0);
    Optional<Measured> gap = fields.measured("gap", MOST_MM);
    String title = cap ? "Top cap: travel and gap" : "Collar: travel and gap";
    if (pitch.isEmpty() || turned.isEmpty() || gap.isEmpty() || !problems.isEmpty()) {
      return nothing(title, questions());
    }
    CapTravel all = CapTravel.of(pitch.get(), turned.get() + past, gap.get());
    List<Line> lines = new ArrayList<>();
    lines.add(line("Travel of the thread", all.travel()));
    lines.add(line("Gap left", all.left()));
    if (past > 0) {
      CapTravel over = CapTravel.of(pitch.get(), past, gap.get());
      lines.add(line("Squeezed past the point where the play was gone", over.travel()));
    }
    return sums(title, questions(), lines, verdict(all), says(past));
  }

  private String verdict(CapTravel all) {
    return switch (all.hasGap()) {
      case YES -> "There is gap left: it can still take out play.";
      case NO ->
          cap
              ? "No gap left: the cap stands on the steerer and takes out nothing more. Put a spacer under it."
              : "No gap left: the collar stands against its stop and takes out nothing more. Put a spacer beside it.";
      case CANNOT_TELL ->
          "Cannot tell whether a gap is left: take the cap off and measure it again.";
    };
  }

  private List<String> says(double past) {
    List<String> says = new ArrayList<>();
    if (past > 0) {
      says.add(
          "Overtightened: these bearings want no more than no play. Back it off until there is play, then up to where it is just gone.");
    }
    says.add(
        cap
            ? "The cap’s bolt holds nothing: the stem’s bolts do, from the moment they are at their torque. After that the cap sets nothing."
            : "The collar’s own screw holds it, the crank’s bolts hold the crank: tighten it last. A wave washer stays nearly flat, not crushed.");
    return says;
  }
}
