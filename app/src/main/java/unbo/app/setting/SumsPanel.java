package unbo.app.setting;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import unbo.app.job.Form;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.arrangement.Adjustment.By;
import unbo.core.measure.Instrument;
import unbo.core.setting.CarrierShims;
import unbo.core.setting.ExtendedWrench;
import unbo.core.setting.ThreadPlay;
import unbo.core.units.Entry;
import unbo.core.units.LengthEntry;
import unbo.core.units.NumberEntry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;
import unbo.core.units.ReadingList;
import unbo.core.working.Working;

/**
 * Sums that stand beside a setting: a longer wrench, the play of a thread under a lock nut, a ring
 * gear's backlash.
 *
 * @param gears whether a ring gear is set here
 * @param thread play that a lock nut takes; null where none does
 * @param wrench what a longer wrench is set to; null while it is not asked
 * @param backlash where the ring gear goes; null while it is not asked
 * @param does what that is done by, a sentence
 */
public record SumsPanel(
    Form form,
    FieldProblems problems,
    boolean gears,
    Figure thread,
    Figure wrench,
    Figure backlash,
    String does,
    List<WorkingView> workings) {

  private static final int MOST_READINGS = 12;

  /** Clearance of the pitch diameters of a hub’s thread, M45 × 1.5, ISO 965. */
  private static final double LEAST_MM = 0.03;

  private static final double MOST_MM = 0.36;

  /**
   * How a contact pattern looks, and what moves it.
   *
   * @param x of its middle on the drive flank, toe to the left
   * @param coastX the same on the coast flank
   */
  public record Pattern(String where, String does, double x, double coastX, double y) {}

  private static final List<Pattern> PATTERNS =
      List.of(
          new Pattern(
              "in the middle of the flank, a little towards the toe",
              "Right: under load it moves towards the heel.",
              54,
              54,
              30),
          new Pattern(
              "high at the edge: towards the heel driving, towards the toe coasting",
              "The pinion stands too far out: a shim that brings it in, 0.05 mm at a time.",
              74,
              46,
              17),
          new Pattern(
              "low in the root: towards the toe driving, towards the heel coasting",
              "The pinion stands too far in: a shim that lets it out, 0.05 mm at a time.",
              46,
              74,
              44),
          new Pattern(
              "at the toe, the narrow end",
              "The ring gear stands too near: away from the pinion; backlash grows.",
              28,
              28,
              30),
          new Pattern(
              "at the heel, the wide end",
              "The ring gear stands too far: towards the pinion; backlash shrinks.",
              92,
              92,
              30));

  static SumsPanel of(Workpiece piece, Form form) {
    return new Reader(piece, form).read();
  }

  /** Whether a form is the panel's own. */
  static boolean isMeant(Form form) {
    return form.has("sum-torque");
  }

  public List<Pattern> patterns() {
    return PATTERNS;
  }

  public String get(String field) {
    return form.get(field);
  }

  public boolean isEntered() {
    return wrench != null || backlash != null || !problems.isEmpty();
  }

  /** One panel being read. */
  private static final class Reader {
    private final Workpiece piece;
    private final Form form;
    private final FieldProblems problems = new FieldProblems();
    private final Workings workings = new Workings("sum");

    Reader(Workpiece piece, Form form) {
      this.piece = piece;
      this.form = form;
    }

    SumsPanel read() {
      boolean gears = sets(By.PINION_SHIM) || sets(By.RING_NUTS) || sets(By.CRUSH_SLEEVE);
      Figure thread =
          sets(By.TWO_NUTS) ? figure(ThreadPlay.axial(LEAST_MM, MOST_MM), "%.2f mm") : null;
      Figure wrench = wrench().map(w -> figure(w, "%.1f Nm")).orElse(null);
      Optional<Working> move = gears ? backlash() : Optional.empty();
      String does = move.map(Reader::does).orElse("");
      return new SumsPanel(
          form,
          problems,
          gears,
          thread,
          wrench,
          move.map(w -> figure(w, "%.2f mm")).orElse(null),
          does,
          workings.all());
    }

    private boolean sets(By by) {
      return piece.arrangement().adjustments().stream().anyMatch(a -> a.by() == by);
    }

    private Figure figure(Working w, String format) {
      double value = w.result().value();
      double doubt = w.result().uncertainty();
      String number = format.substring(0, format.indexOf(' '));
      String text =
          String.format(Locale.ROOT, number, value)
              + String.format(Locale.ROOT, " ± " + format, doubt);
      return workings.figure("", w, text.replace('-', '−'));
    }

    private Optional<Working> wrench() {
      Optional<Double> torque =
          problems.take("sum-torque", QuantityEntry.TORQUE.parse(form.get("sum-torque")));
      Optional<Double> wrench = mm("sum-wrench", 2000);
      Optional<Double> extension = mm("sum-extension", 2000);
      double angle = angle();
      if (torque.isPresent() && !(torque.get() > 0 && torque.get() <= 2000)) {
        problems.add(
            "sum-torque",
            new Problem(form.get("sum-torque"), "Not a torque of a nut.", "Enter 1 to 2000 Nm."));
      }
      if (torque.isEmpty() || wrench.isEmpty() || extension.isEmpty() || !problems.isEmpty()) {
        return Optional.empty();
      }
      return Optional.of(ExtendedWrench.set(torque.get(), wrench.get(), extension.get(), angle));
    }

    private double angle() {
      String text = form.get("sum-angle").strip();
      Optional<Double> read =
          text.isEmpty()
              ? Optional.of(0.0)
              : NumberEntry.parse(text).filter(a -> a >= 0 && a <= 90);
      if (read.isEmpty()) {
        problems.add("sum-angle", new Problem(text, "Not an angle here.", "Enter 0 to 90°."));
      }
      return read.orElse(0.0);
    }

    private Optional<Double> mm(String field, double most) {
      Optional<Double> mm = problems.take(field, length(form.get(field)));
      if (mm.isPresent() && !(mm.get() > 0 && mm.get() <= most)) {
        problems.add(
            field, new Problem(form.get(field), "Not a length of this.", "Enter more than 0 mm."));
        return Optional.empty();
      }
      return mm;
    }

    private static Entry<Double> length(String text) {
      return LengthEntry.parse(text, LengthEntry.Unit.MILLIMETRE)
          .map(t -> t.length().millimetres());
    }

    private Optional<Working> backlash() {
      ReadingList list = ReadingList.parse(form.get("sum-backlash"), MOST_READINGS, Reader::length);
      list.problem().ifPresent(p -> problems.add("sum-backlash", p));
      if (list.values().stream().anyMatch(b -> !(b >= 0 && b <= 5))) {
        problems.add(
            "sum-backlash",
            new Problem(
                form.get("sum-backlash"), "Not a backlash.", "Enter 0 to 5 mm, at three places."));
      }
      Optional<Double> wanted = mm("sum-wanted", 5);
      if (list.values().isEmpty() || wanted.isEmpty() || !problems.isEmpty()) {
        return Optional.empty();
      }
      double least = list.values().stream().mapToDouble(Double::doubleValue).min().orElseThrow();
      double u95 = Instrument.withId("dial").orElseThrow().uncertaintyAt(least);
      return Optional.of(CarrierShims.of(least, u95, wanted.get()).move());
    }

    private static String does(Working move) {
      double mm = move.result().value();
      if (Math.abs(mm) <= move.result().uncertainty()) {
        return "Where it should be, within the doubt: leave it.";
      }
      String by = String.format(Locale.ROOT, "%.2f mm", Math.abs(mm));
      boolean jammed =
          move.inputs().stream().anyMatch(i -> i.symbol().equals("b") && i.value().value() == 0);
      return jammed
          ? CarrierSum.JAMMED
          : mm > 0
              ? "Away from the pinion: "
                  + by
                  + " from the shim behind the gear to the other side, so that their sum and the preload stay."
              : "Towards the pinion: "
                  + by
                  + " from the other side to the shim behind the gear, so that their sum and the preload stay.";
    }
  }
}
