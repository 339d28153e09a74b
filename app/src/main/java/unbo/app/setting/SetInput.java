package unbo.app.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import unbo.app.web.FieldProblems;
import unbo.core.measure.Instrument;
import unbo.core.measure.Readings;
import unbo.core.setting.NutLock;
import unbo.core.setting.SpindleThread;
import unbo.core.units.Entry;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;

/**
 * The Set sheet as understood: every field read, every problem at its field.
 *
 * @param first readings as first dialled, millimetres
 * @param again readings at the pinned hole
 * @param gauge with what
 * @param thread the spindle thread, if it could be read
 * @param lock what locks the nut, if it could be read
 * @param window the vehicle maker's window, empty when the default holds
 * @param problems what could not be read
 */
record SetInput(
    List<TypedReading> first,
    List<TypedReading> again,
    Instrument gauge,
    Optional<SpindleThread> thread,
    Optional<NutLock> lock,
    Optional<NutRecord.MakersWindow> window,
    FieldProblems problems) {

  /** A reading as typed and as taken. */
  record TypedReading(String typed, double valueMm, LengthEntry.Unit unit) {}

  private static final int LONGEST_SOURCE = 200;
  private static final double MOST_MM = 10;

  static SetInput of(SetForm form) {
    FieldProblems problems = new FieldProblems();
    return new SetInput(
        readings(form, Stage.FIRST, problems),
        readings(form, Stage.PINNED, problems),
        form.gauge().orElseGet(Instrument::dial),
        thread(form, problems),
        lock(form, problems),
        window(form, problems),
        problems);
  }

  Optional<Readings> measured(Stage stage) {
    List<Double> values =
        (stage == Stage.FIRST ? first : again).stream().map(TypedReading::valueMm).toList();
    return values.isEmpty() ? Optional.empty() : Optional.of(Readings.of(values, gauge));
  }

  NutRecord nut() {
    return NutRecord.of(gauge.id(), thread, lock, window);
  }

  private static List<TypedReading> readings(SetForm form, Stage stage, FieldProblems problems) {
    List<TypedReading> all = new ArrayList<>();
    List<String> typed = form.readings(stage);
    for (int i = 0; i < typed.size(); i++) {
      String text = typed.get(i);
      String field = (stage == Stage.FIRST ? "first" : "again") + i;
      Entry<LengthEntry.Taken> entry =
          LengthEntry.parse(text, LengthEntry.Unit.MILLIMETRE).check(SetInput::problemWithReading);
      problems
          .take(field, entry)
          .ifPresent(
              t -> all.add(new TypedReading(text.strip(), t.length().millimetres(), t.unit())));
    }
    return all;
  }

  private static Optional<Problem> problemWithReading(LengthEntry.Taken taken) {
    double mm = taken.length().millimetres();
    if (mm < 0) {
      return Optional.of(
          new Problem(
              mm + " mm",
              "A measured play is not negative.",
              "Zero the dial at the end of the push, then read the pull."));
    }
    if (mm > MOST_MM) {
      return Optional.of(
          new Problem(
              mm + " mm",
              "Out of range: more than 10 mm is not end play.",
              "Check the unit: write 12 thou or 0.31 mm."));
    }
    return Optional.empty();
  }

  /** A thread left empty is not known yet, which is no fault: the readings can be kept. */
  private static Optional<SpindleThread> thread(SetForm form, FieldProblems problems) {
    return problems.take(SetForm.THREAD, SpindleThread.parse(form.get(SetForm.THREAD)));
  }

  /**
   * Positions per turn rule when given; else slots and hole lines; none of them is not known yet.
   */
  private static Optional<NutLock> lock(SetForm form, FieldProblems problems) {
    Entry<Double> positions =
        QuantityEntry.COUNT.parse(form.get(SetForm.POSITIONS)).check(NutLock::problemWithPositions);
    if (!positions.isEmpty()) {
      return problems.take(SetForm.POSITIONS, positions).map(p -> NutLock.retainer(p.intValue()));
    }
    Optional<Double> slots =
        problems.take(
            SetForm.SLOTS,
            QuantityEntry.COUNT.parse(form.get(SetForm.SLOTS)).check(NutLock::problemWithSlots));
    Optional<Double> lines =
        problems.take(
            SetForm.LINES,
            QuantityEntry.COUNT.parse(form.get(SetForm.LINES)).check(NutLock::problemWithLines));
    return slots.flatMap(s -> lines.map(l -> NutLock.castle(s.intValue(), l.intValue())));
  }

  private static Optional<NutRecord.MakersWindow> window(SetForm form, FieldProblems problems) {
    Optional<Double> from = end(form, SetForm.FROM, problems);
    Optional<Double> to = end(form, SetForm.TO, problems);
    boolean bothEmpty = form.get(SetForm.FROM).isBlank() && form.get(SetForm.TO).isBlank();
    if (bothEmpty) {
      return Optional.empty();
    }
    String source = form.get(SetForm.SOURCE).strip();
    if (source.length() > LONGEST_SOURCE) {
      problems.add(
          SetForm.SOURCE,
          new Problem(source, "Too long.", "Enter manual and page, at most 200 characters."));
      return Optional.empty();
    }
    if (from.isEmpty() || to.isEmpty()) {
      String empty = from.isEmpty() ? SetForm.FROM : SetForm.TO;
      problems.add(
          empty,
          new Problem(
              form.get(empty),
              "Both limits are needed.",
              "Enter the other limit, or leave both empty for 0.03 to 0.13 mm."));
      return Optional.empty();
    }
    if (from.get() >= to.get()) {
      problems.add(
          SetForm.TO,
          new Problem(
              form.get(SetForm.TO),
              "The upper limit is not above the lower one.",
              "Enter the smaller play first."));
      return Optional.empty();
    }
    return Optional.of(
        new NutRecord.MakersWindow(
            from.get(), to.get(), source.isEmpty() ? "vehicle maker’s figure" : source));
  }

  private static Optional<Double> end(SetForm form, String field, FieldProblems problems) {
    return problems
        .take(
            field,
            LengthEntry.parse(form.get(field), LengthEntry.Unit.MILLIMETRE)
                .check(SetInput::problemWithReading))
        .map(t -> t.length().millimetres());
  }
}
