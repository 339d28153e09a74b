package unbo.app.bench;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.util.UriUtils;
import unbo.app.web.FieldProblems;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.SizeTemplate;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.BearingFacts;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.Reading;
import unbo.core.units.Problem;

/**
 * What was typed at the bench, by place or size name, and what it comes to.
 *
 * @param arrangement the arrangement
 * @param typed the texts that are not empty
 * @param problems at the fields; a refused text leaves its size assumed
 * @param assembly the arrangement with what was understood
 */
public record BenchForm(
    Arrangement arrangement, Map<String, String> typed, FieldProblems problems, Assembly assembly) {

  private static final DesignationReader READER = DesignationReader.standard();

  static BenchForm of(Arrangement arrangement, Map<String, String> parameters) {
    FieldProblems problems = new FieldProblems();
    Map<String, String> typed = new LinkedHashMap<>();
    Map<String, Bearing> read = new HashMap<>();
    Map<String, BearingFacts> said = new HashMap<>();
    for (BearingPlace place : arrangement.readablePlaces()) {
      String text = parameters.getOrDefault(place.id(), "").strip();
      if (!text.isEmpty()) {
        typed.put(place.id(), text);
        Optional<Reading> reading = reading(place, text, problems);
        reading.ifPresent(r -> read.put(place.id(), r.bearing()));
        reading.ifPresent(r -> said.put(place.id(), BearingFacts.of(r)));
      }
    }
    Map<String, Double> measured = new HashMap<>();
    for (SizeTemplate size : arrangement.sizes()) {
      String text = parameters.getOrDefault(size.id(), "").strip();
      if (!text.isEmpty()) {
        typed.put(size.id(), text);
        length(size, text, problems).ifPresent(mm -> measured.put(size.id(), mm));
      }
    }
    Assembly assembly = new Assembly(arrangement, read, measured).saying(said);
    return new BenchForm(arrangement, typed, problems, assembly);
  }

  private static Optional<Reading> reading(
      BearingPlace place, String text, FieldProblems problems) {
    Optional<Reading> found =
        READER.read(text).readings().stream().filter(r -> place.takes(r.bearing())).findFirst();
    if (found.isEmpty()) {
      problems.add(
          place.id(),
          new Problem(
              text,
              "No " + place.title() + " found in this text.",
              place
                  .assumed()
                  .map(a -> "Enter its number, such as " + a + ".")
                  .orElse("Enter its number, or its three sizes instead.")));
    }
    return found;
  }

  private static Optional<Double> length(SizeTemplate size, String text, FieldProblems problems) {
    return problems.take(size.id(), size.read(text));
  }

  public String get(String name) {
    return typed.getOrDefault(name, "");
  }

  /** The page's address with everything typed, ready for a part's id. */
  String base() {
    return address("") + "part=";
  }

  /**
   * The address of a station, or of the bench itself, with everything typed, to be gone on with.
   */
  String address(String station) {
    StringBuilder address =
        new StringBuilder("/bench/" + arrangement.id() + (station.isEmpty() ? "" : "/" + station));
    address.append('?');
    typed.forEach(
        (name, text) ->
            address
                .append(name)
                .append('=')
                .append(UriUtils.encode(text, StandardCharsets.UTF_8))
                .append('&'));
    return address.toString();
  }

  /** What was typed for other parts than the one whose sheet is open. */
  public List<Map.Entry<String, String>> elsewhere(List<String> here) {
    return typed.entrySet().stream().filter(e -> !here.contains(e.getKey())).toList();
  }
}
