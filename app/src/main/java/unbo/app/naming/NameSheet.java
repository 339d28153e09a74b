package unbo.app.naming;

import java.util.List;
import java.util.Optional;
import unbo.app.job.Marked;
import unbo.app.job.Workpiece;
import unbo.app.web.Figures;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.StackProblem;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.BearingFacts;
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
 * @param taken what stands in the record, or is assumed; null where only sizes are known
 * @param said what the marking that stands in the record said besides the number
 * @param foreign the marking that is kept as found though it does not belong; empty for none
 * @param workings of the figures
 */
public record NameSheet(
    BearingPlace place,
    List<Place> places,
    String typed,
    List<Row> readings,
    List<String> continuations,
    Problem problem,
    Bearing taken,
    List<String> said,
    String foreign,
    List<WorkingView> workings) {

  /** A place to choose: its part's address word, and what stands there. */
  public record Place(String title, String part, String designation, boolean read, boolean now) {}

  private static final int MOST_ROWS = 12;

  /** One reading, with what it would do in this hub. */
  public record Row(ReadingRow reading, boolean mayStand, String objection) {}

  static NameSheet of(
      Workpiece job, BearingPlace place, ReadingReport report, Problem refusal, Figures figures) {
    Workings workings = new Workings("name");
    List<Row> rows =
        report.readings().stream()
            .limit(MOST_ROWS)
            .map(r -> row(job, place, report, r, figures, workings))
            .toList();
    Optional<Marked> kept = job.work().bearingAt(place.id());
    Problem problem = refusal != null ? refusal : report.problem().orElse(null);
    return new NameSheet(
        place,
        places(job, place),
        report.input(),
        rows,
        report.continuations(),
        problem,
        job.assembly().bearingAt(place.id()).orElse(null),
        kept.flatMap(Marked::facts).map(BearingFacts::lines).orElse(List.of()),
        kept.filter(m -> !m.isRead()).map(Marked::getMarking).orElse(""),
        workings.all());
  }

  private static List<Place> places(Workpiece job, BearingPlace now) {
    return job.arrangement().readablePlaces().stream()
        .map(
            p ->
                new Place(
                    p.id(),
                    job.arrangement().partsOf(p.id()).get(0).id(),
                    job.assembly().bearingAt(p.id()).map(Bearing::designation).orElse("by size"),
                    job.work().bearingAt(p.id()).isPresent(),
                    p.equals(now)))
        .toList();
  }

  /** Whether a bearing is of the kind that the place takes. */
  static boolean mayStandAt(BearingPlace place, Bearing bearing) {
    return place.takes(bearing);
  }

  private static Row row(
      Workpiece job,
      BearingPlace place,
      ReadingReport report,
      Reading reading,
      Figures figures,
      Workings workings) {
    return new Row(
        ReadingRow.of(report, reading, figures, workings),
        mayStandAt(place, reading.bearing()),
        objection(job, place, reading.bearing()));
  }

  /** Why this bearing cannot sit here, empty when nothing speaks against it. */
  static String objection(Workpiece job, BearingPlace place, Bearing bearing) {
    if (!mayStandAt(place, bearing)) {
      return place.kind().isTaper()
          ? "A ball bearing cannot be used in an adjustable taper pair: it has no separate cup."
          : "This position takes a "
              + place.title()
              + "; a "
              + bearing.family().title()
              + " cannot replace it.";
    }
    List<StackProblem> before = job.assembly().problems();
    return job.assembly().with(place.id(), bearing).problems().stream()
        .filter(p -> !before.contains(p))
        .map(StackProblem::text)
        .findFirst()
        .orElse("");
  }
}
