package unbo.app.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import unbo.app.setting.PartSums.Line;
import unbo.app.setting.PartSums.Question;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.setting.CarrierShims;
import unbo.core.setting.CarrierSides;
import unbo.core.units.Problem;

/** Preload and backlash of a carrier together: two side shims, or two ring nuts. */
final class CarrierSum extends Sum {

  /** What reads nothing may be pressed together: the sum is a least then. */
  static final String JAMMED =
      "Where it reads 0 the teeth are jammed: the move worked out is the least. Bring the ring gear away by it, never turn it as it is, and read again.";

  private static final String TITLE = "Carrier: preload and backlash together";
  private static final double FULL_TURN = 360;

  CarrierSum(Map<String, String> typed) {
    super(typed, "carrier");
  }

  private static List<Question> questions() {
    return List.of(
        Question.text("behind", "Shim behind the ring gear", "mm"),
        Question.text("other", "Shim on the other side", "mm"),
        Question.text("play", "Side play of the carrier", "mm"),
        Question.text("preload", "Preload wanted, as length", "mm"),
        Question.text("backlash", "Backlash at three places, readings", "mm"),
        Question.text("wanted", "Middle of its limits", "mm"),
        Question.text("pitch", "Pitch of the ring nuts, where they set it", "mm"));
  }

  PartSums read() {
    List<Double> backlash = fields.lengths("backlash", 5);
    Optional<Double> wanted = fields.length("wanted", 5);
    Optional<Double> play = fields.number("play", 0, 5);
    double preload = fields.number("preload", 0, 1).orElse(0.0);
    double behind = fields.number("behind", 0, 20).orElse(0.0);
    double other = fields.number("other", 0, 20).orElse(0.0);
    Optional<Double> pitch = fields.length("pitch", 10);
    if (backlash.size() == 1 && wanted.isPresent()) {
      problems.add(
          PartSums.PREFIX + "backlash",
          new Problem(
              fields.get("backlash"),
              "One place says nothing of the tightest.",
              "Measure at three places; the least rules."));
    }
    if (backlash.isEmpty() || wanted.isEmpty() || !problems.isEmpty()) {
      return nothing(TITLE, questions());
    }
    double least = backlash.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
    Instrument dial = Instrument.withId("dial").orElseThrow();
    Measured away = CarrierShims.of(least, dial.uncertaintyAt(least), wanted.get()).move().result();
    double played = play.orElse(0.0);
    CarrierSides sides =
        CarrierSides.of(
            behind,
            other,
            new Measured(played, play.isPresent() ? dial.uncertaintyAt(played) : 0),
            preload,
            away);
    List<Line> lines = new ArrayList<>();
    if (behind > 0 && other > 0) {
      lines.add(line("Behind the ring gear", sides.behind()));
      lines.add(line("On the other side", sides.other()));
    }
    return sums(
        TITLE,
        questions(),
        lines,
        verdict(away, played + preload),
        says(backlash, pitch, away, played + preload));
  }

  private static String verdict(Measured away, double more) {
    String gear =
        Math.abs(away.value()) <= away.uncertainty()
            ? "The ring gear stays, within the doubt"
            : String.format(
                Locale.ROOT,
                "Ring gear %.2f mm %s the pinion",
                Math.abs(away.value()),
                away.value() > 0 ? "away from" : "towards");
    return gear
        + (more > 0
            ? String.format(Locale.ROOT, "; both sides together %.2f mm more.", more)
            : "; both sides together as they are.");
  }

  private static List<String> says(
      List<Double> backlash, Optional<Double> pitch, Measured away, double more) {
    List<String> says = new ArrayList<>();
    double most = backlash.stream().mapToDouble(Double::doubleValue).max().orElse(0);
    double least = backlash.stream().mapToDouble(Double::doubleValue).min().orElse(0);
    if (least == 0) {
      says.add(JAMMED);
    }
    says.add(
        String.format(
            Locale.ROOT,
            "Backlash varies by %.2f mm over %d places; the least rules. Much more than the maker allows is a bent gear or dirt under it.",
            most - least,
            backlash.size()));
    pitch.ifPresent(
        p -> {
          double turn = FULL_TURN * Math.abs(away.value()) / p;
          double both = FULL_TURN * more / 2 / p;
          says.add(
              String.format(
                  Locale.ROOT,
                  "By ring nuts: one out, the other in by %.0f° alike; then both in by %.0f° for play and preload.",
                  turn,
                  both));
        });
    says.add("Caps on their own sides by their marks, at their torque, before it is read again.");
    return says;
  }
}
