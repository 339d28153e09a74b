package unbo.core.verification;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import unbo.core.arrangement.Arrangement;
import unbo.core.tables.Table;
import unbo.core.vehicle.Position;

/**
 * Which accusing tests can be done where, from {@code test-places.csv}: by arrangement, some of
 * them at certain positions only.
 */
public final class TestPlaces {

  private static final List<Row> ROWS =
      Table.read(
          TestPlaces.class,
          "/unbo/core/verification/test-places.csv",
          row ->
              new Row(
                  AccusingTest.withId(row.text("test")).orElseThrow(),
                  Set.copyOf(words(row.text("arrangements"))),
                  Set.copyOf(words(row.text("positions")))));

  /** A test where it can be done; no positions are all of them. */
  private record Row(AccusingTest test, Set<String> arrangements, Set<String> positions) {

    boolean isAt(Optional<Position> position) {
      return positions.isEmpty()
          || position.isEmpty()
          || positions.contains(position.get().code())
          || (positions.contains("wheel") && position.get().wheel());
    }
  }

  private TestPlaces() {}

  private static List<String> words(String text) {
    return Arrays.stream(text.split(" +")).filter(w -> !w.isEmpty()).toList();
  }

  /**
   * The tests of an arrangement, in the order in which they are done.
   *
   * @param position where it stands; empty on the bench, where all that can be there are offered
   */
  public static List<AccusingTest> of(Arrangement arrangement, Optional<Position> position) {
    List<AccusingTest> tests = new ArrayList<>();
    for (Row row : ROWS) {
      boolean here = row.arrangements.contains(arrangement.baseId()) && row.isAt(position);
      if (here && !tests.contains(row.test)) {
        tests.add(row.test);
      }
    }
    return tests;
  }
}
