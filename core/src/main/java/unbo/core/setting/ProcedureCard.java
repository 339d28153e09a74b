package unbo.core.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * The card that hangs beside the hub: every step with the numbers of this very nut.
 *
 * @param steps in order
 */
public record ProcedureCard(List<Step> steps) {

  private static final Origin NUT = Origin.entered("thread and lock of the nut");

  /**
   * One step.
   *
   * @param pattern what to do, with {@code {}} where a figure stands
   * @param figures how the figures come about, in their order
   * @param caution what to mind at this step, empty when nothing
   */
  public record Step(String pattern, List<Working> figures, String caution) {

    /** A figure as the card writes it. */
    public static String written(Working figure) {
      return format("%.3f", figure.result().value());
    }

    /** The whole step, its figures filled in. */
    public String text() {
      String text = pattern;
      for (Working figure : figures) {
        text = text.replaceFirst("\\{}", written(figure));
      }
      return text;
    }
  }

  /**
   * Writes the card.
   *
   * @param thread the spindle thread
   * @param lock what locks the nut
   * @param setting the solved nut, empty before the play is dialled
   */
  public static ProcedureCard of(SpindleThread thread, NutLock lock, Optional<NutSetting> setting) {
    List<Step> steps = new ArrayList<>();
    steps.add(
        step(
            "Seat the rollers: tighten the nut firmly while you turn the hub several turns both ways.",
            "Wheel off the ground: vehicle on axle stands, never on the jack alone."));
    steps.add(step("Loosen the nut until it is free, then tighten the nut by finger.", ""));
    steps.add(
        new Step(
            "Before measuring: if slot and hole do not line up, loosen to the next hole, never tighten. One hole is {} mm.",
            List.of(SettingWorkings.step(thread, lock, NUT)),
            ""));
    steps.add(
        step(
            "Push and pull the hub, dial indicator on its face; turn the hub both ways before each of three readings or more.",
            "A dial indicator cannot show preload: zero is not a reading."));
    setting.ifPresent(s -> steps.add(move(s, thread, lock)));
    setting.ifPresent(s -> steps.add(dialAgain(s)));
    steps.add(pin(thread, lock));
    steps.add(step("Cap on, dry outside, no grease in the vent.", ""));
    return new ProcedureCard(List.copyOf(steps));
  }

  private static Step move(NutSetting setting, SpindleThread thread, NutLock lock) {
    return setting
        .recommended()
        .map(
            p ->
                new Step(
                    NutAdvice.turns(p.steps()) + ": {} mm expected.",
                    List.of(
                        SettingWorkings.expected(
                            setting.measuredMm(), thread, lock, NUT, p.steps())),
                    "Tighten only by this counted number of holes. A calculated play is not the result."))
        .orElseGet(() -> step("No hole is within limits: see what to do, then measure again.", ""));
  }

  private static Step dialAgain(NutSetting setting) {
    double u = setting.measuredMm().uncertainty();
    Working from = SettingWorkings.clearOf("Least", setting.windowMm().from(), u, +1);
    Working to = SettingWorkings.clearOf("Greatest", setting.windowMm().to(), u, -1);
    return from.result().value() < to.result().value()
        ? new Step(
            "Measure again at the pinned hole. With readings as steady as these, {} to {} mm is clearly within limits.",
            List.of(from, to),
            "")
        : step(
            "Measure again at the pinned hole, more steadily than before: readings like these cannot show that the play is within limits.",
            "");
  }

  private static Step pin(SpindleThread thread, NutLock lock) {
    if (!lock.isCastle()) {
      return step("New retainer or lock, seated all round.", "A used lock does not lock.");
    }
    String size =
        SplitPin.forThread(thread.diameterMm())
            .map(
                p ->
                    format("%.1f mm split pin (pin hole size, ISO 1234)", p.pinHoleMm())
                        .replace(".0 mm", " mm"))
            .orElse("split pin that fills the hole");
    return step(
        "New "
            + size
            + ": head down in its slot, legs bent and trimmed so that no end can reach the bearing or rub the cap.",
        "Never use a pin again. Wear eye protection when you cut the legs.");
  }

  private static Step step(String text, String caution) {
    return new Step(text, List.of(), caution);
  }

  private static String format(String pattern, Object... arguments) {
    return String.format(Locale.ROOT, pattern, arguments);
  }
}
