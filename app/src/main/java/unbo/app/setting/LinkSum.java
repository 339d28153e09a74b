package unbo.app.setting;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.setting.PartSums.Question;
import unbo.app.working.Figure;
import unbo.core.measure.Measured;
import unbo.core.measure.Window;
import unbo.core.setting.LinkSleeve;
import unbo.core.units.Digits;

/** Side play of a link on its sleeve. */
final class LinkSum extends Sum {

  private static final double MOST_MM = 300;
  private static final double MOST_PLAY_MM = 20;

  LinkSum(Map<String, String> typed) {
    super(typed, "link");
  }

  private static List<Question> questions() {
    return List.of(
        Question.text("sleeve", "Sleeve, length, readings", "mm"),
        Question.text("lug", "Arm with what stands beside it, readings", "mm"),
        Question.text("shims", "Shims at the sides together", "mm"),
        Question.text("from", "Side play from", "mm"),
        Question.text("to", "to", "mm"),
        Question.choice("gauge", "Read with", CrossSum.gauges()));
  }

  PartSums read() {
    Optional<Measured> sleeve = fields.measured("sleeve", MOST_MM);
    Optional<Measured> lug = fields.measured("lug", MOST_MM);
    double shims = fields.length("shims", MOST_PLAY_MM).orElse(0.0);
    Window limits = fields.limits(false, MOST_PLAY_MM).orElse(null);
    Optional<LinkSleeve> link =
        sleeve.isPresent() && lug.isPresent() && problems.isEmpty()
            ? Optional.of(LinkSleeve.of(sleeve.get(), lug.get(), shims))
            : Optional.empty();
    return sums(
        "Sleeve against the arm: side play",
        questions(),
        link.map(l -> List.of(new PartSums.Line("Side play", figure(l, limits)))).orElse(List.of()),
        link.map(l -> l.says(limits)).orElse(""),
        link.isPresent()
            ? List.of("The bolt clamps the sleeve only; shims go in alike on both sides.")
            : List.of());
  }

  private Figure figure(LinkSleeve link, Window limits) {
    var play = link.play().result();
    String text = Digits.both(play.value(), play.uncertainty()).replace('-', '−') + " mm";
    return limits == null
        ? workings.figure("", link.play(), text)
        : workings.judged("", link.play(), limits, text);
  }
}
