package unbo.app.fitting;

import java.util.LinkedHashMap;
import java.util.Map;
import unbo.app.job.SheetType;
import unbo.app.job.Station;

/**
 * The record of Fit.
 *
 * @param places fields as typed, by bearing place
 * @param by who last wrote; empty while nobody did
 */
public record FitRecord(Map<String, Map<String, String>> places, String by) {

  /** How it is kept. */
  public static final SheetType<FitRecord> TYPE =
      SheetType.first(Station.FIT, FitRecord.class, new FitRecord(null, null));

  public FitRecord {
    places = places == null ? Map.of() : Map.copyOf(places);
    by = by == null ? "" : by;
  }

  Map<String, String> at(String place) {
    return places.getOrDefault(place, Map.of());
  }

  FitRecord with(String place, Map<String, String> fields, String person) {
    Map<String, Map<String, String>> all = new LinkedHashMap<>(places);
    all.put(place, Map.copyOf(fields));
    return new FitRecord(all, person);
  }
}
