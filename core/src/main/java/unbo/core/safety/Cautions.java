package unbo.core.safety;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import unbo.core.arrangement.Adjustment;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Hold;
import unbo.core.tables.Table;
import unbo.core.vehicle.Position;
import unbo.core.vehicle.VehicleTemplate;

/**
 * Which cautions stand at a station, from {@code cautions.csv}: by kind of vehicle, and by what the
 * arrangement is like, worked out from its contacts and settings.
 */
public final class Cautions {

  private static final List<Row> ROWS =
      Table.read(
          Cautions.class,
          "/unbo/core/safety/cautions.csv",
          row ->
              new Row(
                  row.text("station"),
                  words(row.text("kinds")),
                  words(row.text("needs")),
                  row.text("text")));

  private static final Set<String> AT_WHEELS =
      VehicleTemplate.all().stream()
          .flatMap(t -> t.layout().positions().stream())
          .filter(Position::wheel)
          .map(Position::arrangement)
          .collect(Collectors.toSet());

  private record Row(String station, Set<String> kinds, Set<String> needs, String text) {}

  private Cautions() {}

  private static Set<String> words(String text) {
    return Arrays.stream(text.split(" +")).collect(Collectors.toUnmodifiableSet());
  }

  /**
   * The cautions of a station.
   *
   * @param station its id, such as {@code strip}; another than those of the work has none
   * @param arrangement what is worked on
   * @param kind id of the kind of vehicle; empty on the bench, where any that has the arrangement
   *     counts
   * @param position where it stands; empty on the bench
   */
  public static List<String> at(
      String station, Arrangement arrangement, Optional<String> kind, Optional<Position> position) {
    return ROWS.stream()
        .filter(r -> r.station.equals(station))
        .filter(r -> r.kinds.contains("any") || isOf(r.kinds, arrangement, kind))
        .filter(r -> r.needs.stream().anyMatch(n -> meets(n, arrangement, position)))
        .map(Row::text)
        .toList();
  }

  private static boolean isOf(Set<String> kinds, Arrangement arrangement, Optional<String> kind) {
    return kind.map(kinds::contains)
        .orElseGet(() -> arrangement.kinds().stream().anyMatch(kinds::contains));
  }

  private static boolean meets(String need, Arrangement arrangement, Optional<Position> position) {
    return switch (need) {
      case "any" -> true;
      case "wheel" ->
          position.map(Position::wheel).orElseGet(() -> AT_WHEELS.contains(arrangement.baseId()));
      case "tight" -> arrangement.contacts().stream().anyMatch(c -> c.isHeldBy(Hold.TIGHT));
      case "clamp" -> arrangement.isSetBy(Adjustment.By.CLAMP);
      default -> need.equals(arrangement.baseId());
    };
  }

  /** Every need of the table, so that a misspelt one is found. */
  static Set<String> needs() {
    return ROWS.stream().flatMap(r -> r.needs.stream()).collect(Collectors.toSet());
  }
}
