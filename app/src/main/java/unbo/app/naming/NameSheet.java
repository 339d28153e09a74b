package unbo.app.naming;

import java.util.ArrayList;
import java.util.List;
import unbo.app.job.Job;
import unbo.app.web.Figures;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.StackProblem;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.Closure;
import unbo.core.designation.Part;
import unbo.core.designation.Reading;
import unbo.core.designation.ReadingReport;
import unbo.core.units.Problem;

/**
 * What the Name sheet shows.
 *
 * @param place the place whose bearing is read
 * @param places all places whose bearings go by a number
 * @param typed the text as typed
 * @param readings the readings, likeliest first
 * @param continuations what the text could still become
 * @param problem why nothing could be read or taken, or null
 * @param taken what stands in the record
 */
public record NameSheet(
    BearingPlace place,
    List<Place> places,
    String typed,
    List<Row> readings,
    List<String> continuations,
    Problem problem,
    Bearing taken) {

  /** A place to choose: its part's address word, and what stands there. */
  public record Place(String title, String part, String designation, boolean read, boolean now) {}

  private static final int MOST_ROWS = 12;

  /** One reading, with what it would do in this hub. */
  public record Row(
      Bearing bearing,
      String role,
      List<Mark> marks,
      String size,
      String details,
      List<String> doubts,
      String sure,
      boolean mayStand,
      String objection,
      String basis) {}

  /** A run of characters with its meaning; a gap between runs has none. */
  public record Mark(String text, String kind, String meaning) {}

  static NameSheet of(
      Job job, BearingPlace place, ReadingReport report, Problem refusal, Figures figures) {
    List<Row> rows =
        report.readings().stream()
            .limit(MOST_ROWS)
            .map(r -> row(job, place, report, r, figures))
            .toList();
    Problem problem = refusal != null ? refusal : report.problem().orElse(null);
    return new NameSheet(
        place,
        places(job, place),
        report.input(),
        rows,
        report.continuations(),
        problem,
        job.assembly().bearing(place.id()));
  }

  private static List<Place> places(Job job, BearingPlace now) {
    return job.arrangement().namedPlaces().stream()
        .map(
            p ->
                new Place(
                    p.id(),
                    job.arrangement().partsOf(p.id()).get(0).id(),
                    job.assembly().bearing(p.id()).designation(),
                    job.bearingAt(p.id()).isPresent(),
                    p.equals(now)))
        .toList();
  }

  /** Whether a bearing is of the kind that the place takes. */
  static boolean mayStandAt(BearingPlace place, Bearing bearing) {
    return place.kind().family().filter(f -> f == bearing.family()).isPresent();
  }

  private static Row row(
      Job job, BearingPlace place, ReadingReport report, Reading reading, Figures figures) {
    Bearing bearing = reading.bearing();
    return new Row(
        bearing,
        reading.role(),
        marks(report, reading),
        size(bearing, figures),
        details(reading),
        reading.doubts(),
        figures.percent(reading.confidence()),
        mayStandAt(place, bearing),
        objection(job, place, bearing),
        bearing.basis().word() + ", " + bearing.source());
  }

  private static List<Mark> marks(ReadingReport report, Reading reading) {
    List<Mark> marks = new ArrayList<>();
    int at = report.items().get(reading.item()).start();
    for (Part p : reading.parts()) {
      gap(marks, report.input().substring(at, p.start()));
      marks.add(
          new Mark(p.text(), p.kind().name().toLowerCase(java.util.Locale.ROOT), p.meaning()));
      at = p.end();
    }
    return marks;
  }

  private static void gap(List<Mark> marks, String text) {
    if (!text.isEmpty()) {
      marks.add(new Mark(text, "gap", ""));
    }
  }

  private static String size(Bearing bearing, Figures figures) {
    String envelope =
        figures.size(bearing.boreMm())
            + " × "
            + figures.size(bearing.outerMm())
            + " × "
            + figures.size(bearing.widthMm())
            + " mm";
    return bearing
        .taper()
        .map(
            t ->
                envelope
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

  private static String details(Reading reading) {
    List<String> details = new ArrayList<>();
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
        ? (left == Closure.OPEN ? "open" : left.title() + " both sides")
        : left.title() + " one side";
  }

  /** Why this bearing cannot sit here, empty when nothing speaks against it. */
  static String objection(Job job, BearingPlace place, Bearing bearing) {
    if (!mayStandAt(place, bearing)) {
      return place.kind().isTaper()
          ? "A ball bearing cannot stand in an adjustable taper pair: it has no cup that could be set."
          : "Here stands a "
              + place.kind().title()
              + "; a "
              + bearing.family().title()
              + " does not take its place.";
    }
    List<StackProblem> before = job.assembly().problems();
    return job.assembly().with(place.id(), bearing).problems().stream()
        .filter(p -> !before.contains(p))
        .map(StackProblem::text)
        .findFirst()
        .orElse("");
  }
}
