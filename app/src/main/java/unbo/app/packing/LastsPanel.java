package unbo.app.packing;

import java.util.List;
import java.util.Optional;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;

/**
 * How long the grease lasts, as a page shows it.
 *
 * @param hours with their working
 * @param or distance and time, a sentence
 * @param until the day that was booked; empty where nothing was saved
 */
public record LastsPanel(Figure hours, String or, String until, List<WorkingView> workings) {

  /** Null where the grease's life is not known. */
  static LastsPanel of(Optional<GreaseLasts> lasts) {
    return lasts.map(l -> of(l, "")).orElse(null);
  }

  private static LastsPanel of(GreaseLasts lasts, String until) {
    Workings workings = new Workings("lasts");
    Figure hours = workings.figure("", lasts.hours(), lasts.hoursText());
    return new LastsPanel(hours, lasts.orText(), until, workings.all());
  }

  /** What a job's record of Pack books; empty where it books nothing. */
  public static Optional<LastsPanel> booked(Workpiece piece, Figures figures) {
    PackRecord pack = piece.work().sheet(PackRecord.TYPE);
    return pack.regrease() == null
        ? Optional.empty()
        : GreaseLasts.of(piece, pack.work(), new FieldProblems())
            .map(l -> of(l, figures.day(pack.regrease().on())));
  }
}
