package unbo.app.fitting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import unbo.app.job.SheetType;
import unbo.app.job.Station;
import unbo.core.fit.Makeshift;

/**
 * The record of Fit.
 *
 * @param places fields as typed, by bearing place
 * @param by who last wrote; empty while nobody did
 * @param tried attempts at heated fits, in their order
 * @param conversion what the position was converted to; null while it is original
 */
public record FitRecord(
    Map<String, Map<String, String>> places, String by, List<Tried> tried, Conversion conversion) {

  /** How it is kept. */
  public static final SheetType<FitRecord> TYPE =
      SheetType.first(Station.FIT, FitRecord.class, new FitRecord(null, null, null, null));

  public FitRecord {
    places = places == null ? Map.of() : Map.copyOf(places);
    by = by == null ? "" : by;
    tried = tried == null ? List.of() : List.copyOf(tried);
  }

  Map<String, String> at(String place) {
    return places.getOrDefault(place, Map.of());
  }

  FitRecord with(String place, Map<String, String> fields, String person) {
    Map<String, Map<String, String>> all = new LinkedHashMap<>(places);
    all.put(place, Map.copyOf(fields));
    return new FitRecord(all, person, tried, conversion);
  }

  FitRecord with(Tried attempt) {
    List<Tried> all = new ArrayList<>(tried);
    all.add(attempt);
    return new FitRecord(places, by, all, conversion);
  }

  FitRecord with(Conversion to) {
    return new FitRecord(places, by, tried, to);
  }

  /** Whether a seat is held by dots or staking that no maker draws. */
  public boolean hasMakeshift() {
    return places.values().stream()
        .flatMap(f -> Makeshift.withId(f.getOrDefault("makeshift", "")).stream())
        .anyMatch(Makeshift::blocks);
  }

  /** The attempts at a place, in their order. */
  List<Tried> triedAt(String place) {
    return tried.stream().filter(t -> t.place().equals(place)).toList();
  }
}
