package unbo.app.booking;

import java.util.Arrays;
import java.util.List;
import unbo.app.job.Job;
import unbo.app.job.PaperLine;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.Worksheets;

/**
 * A station on the job sheet: how it stands, its note, and what its record says.
 *
 * @param mark null while nobody has marked it
 */
public record Paragraph(Station station, StationMark mark, List<PaperLine> lines) {

  static List<Paragraph> all(Job job, Worksheets worksheets) {
    return Arrays.stream(Station.values())
        .map(s -> new Paragraph(s, job.work().mark(s).orElse(null), worksheets.paper(s, job)))
        .toList();
  }
}
