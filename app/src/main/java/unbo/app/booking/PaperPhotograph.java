package unbo.app.booking;

import java.util.Base64;
import java.util.List;
import java.util.function.Function;
import unbo.app.job.Station;
import unbo.app.photograph.Photograph;

/**
 * A photograph on the job sheet.
 *
 * @param src where its small picture is: an address on screen, the picture itself in a PDF
 * @param where the station's title
 * @param name of its file, a person's own
 */
public record PaperPhotograph(String src, String where, String name, boolean good) {

  /** So many go on paper. */
  static final int MOST = 12;

  /** The first of a job, by their addresses. */
  static List<PaperPhotograph> linked(List<Photograph> all) {
    return of(all, p -> p.address() + "/small");
  }

  /** The same with the pictures themselves, since a PDF fetches nothing. */
  static List<PaperPhotograph> embedded(List<Photograph> all, Function<Photograph, byte[]> small) {
    return of(
        all, p -> "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(small.apply(p)));
  }

  private static List<PaperPhotograph> of(
      List<Photograph> all, Function<Photograph, String> source) {
    return all.stream()
        .filter(p -> !p.isDeleted())
        .limit(MOST)
        .map(
            p ->
                new PaperPhotograph(
                    source.apply(p),
                    Station.withId(p.getStation()).map(Station::title).orElse(""),
                    p.getName(),
                    p.isGood()))
        .toList();
  }
}
