package unbo.app.naming;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.Workings;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.Closure;
import unbo.core.designation.Part;
import unbo.core.designation.Reading;
import unbo.core.designation.ReadingReport;
import unbo.core.designation.SureWorking;

/**
 * One reading as a page shows it: its characters with what they mean, its size, what is doubtful.
 *
 * @param marks runs of characters, gaps included
 */
public record ReadingRow(
    Bearing bearing,
    String role,
    List<Mark> marks,
    String size,
    String details,
    List<String> doubts,
    Figure sure,
    String basis) {

  /** A run of characters with its meaning; a gap between runs has none. */
  public record Mark(String text, String kind, String meaning) {}

  static ReadingRow of(ReadingReport report, Reading reading, Figures figures, Workings workings) {
    Bearing bearing = reading.bearing();
    return new ReadingRow(
        bearing,
        reading.role(),
        marks(report, reading),
        size(bearing, figures),
        details(reading),
        reading.doubts(),
        workings.figure(
            bearing.designation(),
            SureWorking.of(report, reading),
            figures.percent(reading.confidence())),
        bearing.basis().word() + ", " + bearing.source());
  }

  /** The spelling that means this reading again: number and letters, unread ones left out. */
  static String text(Reading reading) {
    StringBuilder text = new StringBuilder();
    for (Part part : reading.parts()) {
      boolean letters = part.kind() == Part.Kind.SUFFIX && text.length() > 0;
      if (part.kind() != Part.Kind.UNREAD && part.kind() != Part.Kind.BESIDE) {
        text.append(letters ? " " : "").append(part.text());
      }
    }
    return text.toString();
  }

  private static List<Mark> marks(ReadingReport report, Reading reading) {
    List<Mark> marks = new ArrayList<>();
    int at = report.items().get(reading.item()).start();
    for (Part p : reading.parts()) {
      gap(marks, report.input().substring(at, p.start()));
      marks.add(new Mark(p.text(), p.kind().name().toLowerCase(Locale.ROOT), p.meaning()));
      at = p.end();
    }
    return marks;
  }

  private static void gap(List<Mark> marks, String text) {
    if (!text.isEmpty()) {
      marks.add(new Mark(text, "gap", ""));
    }
  }

  static String size(Bearing bearing, Figures figures) {
    String envelope =
        figures.size(bearing.boreMm())
            + " × "
            + figures.size(bearing.outerMm())
            + " × "
            + figures.size(bearing.widthMm())
            + " mm";
    if (bearing.otherWidthMm().isPresent()) {
      envelope += ", other ring " + figures.size(bearing.otherWidthMm().getAsDouble()) + " mm";
    }
    String whole = envelope;
    return bearing
        .taper()
        .map(
            t ->
                whole
                    + ", cone "
                    + figures.size(t.coneMm())
                    + " mm, cup "
                    + figures.size(t.cupMm())
                    + " mm"
                    + (t.contactAngleDeg().isPresent()
                        ? ", " + figures.oneDecimal(t.contactAngleDeg().getAsDouble()) + "°"
                        : ", angle not known"))
        .orElse(envelope);
  }

  static String details(Reading reading) {
    List<String> details = new ArrayList<>();
    if (reading.bearing().family().isEnvelopeOnly()) {
      return closures(reading.left(), reading.right()) + " · no limits known";
    }
    if (!reading.bearing().isTaper()) {
      details.add(closures(reading.left(), reading.right()));
      details.add(
          "clearance "
              + reading.clearance()
              + (reading.clearance().equals("CN") ? " (normal)" : ""));
    }
    details.add("class " + reading.tolerance());
    details.add("cage " + reading.cage());
    return String.join(" · ", details);
  }

  private static String closures(Closure left, Closure right) {
    return left == right
        ? (left == Closure.OPEN || !left.isKnown() ? left.title() : left.title() + " both sides")
        : left.title() + " one side";
  }
}
