package unbo.app.job;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import unbo.app.photograph.Photograph;
import unbo.core.units.Problem;

/**
 * Photographs as a station shows them.
 *
 * @param station where new ones go
 * @param shown its own, a good part beside the bad one; all of the job beside a part's sheet
 * @param elsewhere how many other stations have, by station
 * @param deleted lines of those that were deleted here
 * @param problems of the files that were just refused
 * @param reasonProblem what is wrong with the reason for deleting one, by its number
 */
public record PhotographSheet(
    Station station,
    List<Photograph> shown,
    Map<Station, Long> elsewhere,
    List<Photograph> deleted,
    List<Problem> problems,
    Map<Long, Problem> reasonProblem) {

  /** So many files at once. */
  static final int AT_ONCE = 12;

  static PhotographSheet of(Station at, List<Photograph> all) {
    String here = at == null ? "" : at.id();
    Map<Boolean, List<Photograph>> parted =
        all.stream()
            .filter(p -> here.isEmpty() || p.getStation().equals(here))
            .collect(Collectors.partitioningBy(Photograph::isDeleted));
    Map<Station, Long> elsewhere = new LinkedHashMap<>();
    for (Station station : Station.values()) {
      long there =
          all.stream()
              .filter(p -> !p.isDeleted() && p.getStation().equals(station.id()))
              .filter(p -> !here.isEmpty() && !p.getStation().equals(here))
              .count();
      if (there > 0) {
        elsewhere.put(station, there);
      }
    }
    List<Photograph> shown =
        parted.get(false).stream().sorted(Comparator.comparing(Photograph::isGood)).toList();
    return new PhotographSheet(
        at == null ? Station.STRIP : at, shown, elsewhere, parted.get(true), List.of(), Map.of());
  }

  PhotographSheet refused(List<Problem> found) {
    return new PhotographSheet(station, shown, elsewhere, deleted, found, reasonProblem);
  }

  PhotographSheet unnamed(long photograph, Problem problem) {
    return new PhotographSheet(
        station, shown, elsewhere, deleted, problems, Map.of(photograph, problem));
  }
}
