package unbo.app.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import unbo.app.job.LastTime;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.core.fit.SeatReadings;

/** Seats that were measured now and the last time: what they changed by, with its doubt. */
final class SeatsSince {

  private SeatsSince() {}

  static List<String> lines(FitSheet sheet, LastTime.Reference last, Figures figures) {
    FitRecord record = last.job().work().sheet(FitRecord.TYPE);
    List<String> lines = new ArrayList<>();
    for (boolean shaft : new boolean[] {true, false}) {
      FitFields then =
          new FitFields(
              record.at(sheet.place().id()),
              sheet.place(),
              last.job().arrangement(),
              new FieldProblems());
      FitFields now =
          new FitFields(
              sheet.fields(), sheet.place(), last.job().arrangement(), new FieldProblems());
      Optional<SeatReadings> before = then.readings(shaft);
      Optional<SeatReadings> after = now.readings(shaft);
      if (before.isPresent() && after.isPresent()) {
        lines.add(line(shaft, before.get(), after.get(), last.when(), figures));
      }
    }
    return lines;
  }

  private static String line(
      boolean shaft, SeatReadings before, SeatReadings after, String when, Figures figures) {
    double change = after.size().value() - before.size().value();
    double doubt = Math.hypot(after.size().uncertainty(), before.size().uncertainty());
    String seat = shaft ? "Shaft: " : "Housing: ";
    if (Math.abs(change) <= doubt) {
      return seat + "as on " + when + ", within " + figures.fine(doubt) + " mm.";
    }
    boolean worn = shaft ? change < 0 : change > 0;
    return seat
        + figures.fine(Math.abs(change))
        + " ± "
        + figures.fine(doubt)
        + " mm "
        + (change > 0 ? "larger" : "smaller")
        + " than on "
        + when
        + (worn ? ": it wears." : ": one of the two was read wrong, or it was mended.");
  }
}
