package unbo.app.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import unbo.app.drawing.DamagePicture;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.damage.Damage;
import unbo.core.damage.DamageClass;
import unbo.core.damage.DamageQuestion;
import unbo.core.damage.DamageTables;

/**
 * What the Read sheet shows.
 *
 * @param questions with what was answered
 * @param classes the likeliest, drawn; empty while nothing was answered
 * @param besides second classes, in words
 * @param order what came first, in words
 * @param advice for later stations
 * @param scrap whether it is not used again
 * @param reuse whether anything may be used again, in words; empty while nothing was answered
 * @param also what else to look at
 * @param next the question that tells most next, empty for none
 * @param workings of the shares
 */
public record ReadSheet(
    List<QuestionRow> questions,
    List<ClassRow> classes,
    List<String> besides,
    List<String> order,
    List<DamageClass.Change> advice,
    boolean scrap,
    String reuse,
    List<String> also,
    String next,
    List<WorkingView> workings) {

  private static final int SHOWN = 4;
  private static final double WORTH_SHOWING = 0.03;

  /** A question with its answer; empty while there is none. */
  public record QuestionRow(DamageQuestion question, String said, boolean next) {}

  /** A class with its picture. */
  public record ClassRow(
      DamageClass damage, Figure share, List<String> reasons, DamagePicture picture) {}

  static ReadSheet of(Map<String, String> answers, Figures figures) {
    Damage damage = Damage.of(answers);
    String next = damage.next().map(DamageQuestion::id).orElse("");
    List<QuestionRow> questions =
        DamageTables.questions().stream()
            .map(q -> new QuestionRow(q, answers.getOrDefault(q.id(), ""), q.id().equals(next)))
            .toList();
    if (!damage.isAnswered()) {
      return new ReadSheet(
          questions, List.of(), List.of(), List.of(), List.of(), false, "", List.of(), next,
          List.of());
    }
    Workings workings = new Workings("damage");
    return new ReadSheet(
        questions,
        classes(damage, workings, figures),
        damage.besides().stream().map(DamageClass::label).toList(),
        damage.order(),
        damage.advice(),
        !damage.mayBeInspected(),
        damage.mayBeInspected()
            ? "May be inspected for use again; that it looks sound proves nothing yet."
            : "Not used again.",
        damage.alsoLookAt(),
        next,
        workings.all());
  }

  private static List<ClassRow> classes(Damage damage, Workings workings, Figures figures) {
    List<ClassRow> rows = new ArrayList<>();
    for (Damage.Ranked r : damage.ranked()) {
      if (rows.isEmpty() || rows.size() < SHOWN && r.probability() > WORTH_SHOWING) {
        rows.add(
            new ClassRow(
                r.damage(),
                workings.figure(
                    r.damage().label(), damage.share(r.damage()), figures.percent(r.probability())),
                r.reasons(),
                DamagePicture.of(r.damage().pattern())));
      }
    }
    return rows;
  }

  /** The verdict in a line. */
  public String verdict() {
    if (classes.isEmpty()) {
      return "Nothing answered yet.";
    }
    ClassRow first = classes.get(0);
    String beside = besides.isEmpty() ? "" : "; beside it " + String.join(", ", besides);
    return capital(first.damage.label()) + ", " + first.share.text() + beside + ". " + reuse;
  }

  private static String capital(String text) {
    return text.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + text.substring(1);
  }
}
