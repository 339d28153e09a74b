package unbo.core.damage;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import unbo.core.tables.Table;

/**
 * What load or fault makes a running path, from its shapes on both rings. Table {@code paths.csv};
 * ISO 15243 and general workshop practice. Shapes that no line joins are not read.
 */
public final class PathTables {

  private static final String ANY = "*";
  private static final List<Line> LINES =
      Table.read(PathTables.class, "/unbo/core/damage/paths.csv", PathTables::line);

  /** Which way the force is drawn. */
  public enum Force {
    RADIAL,
    TURNING,
    AXIAL,
    ALL_ROUND,
    TILT,
    SQUEEZE,
    NONE
  }

  /**
   * What a path says.
   *
   * @param reads the load or fault, in a phrase
   * @param made how it comes about, a sentence
   * @param force how it acted
   * @param changes what later stations are told
   * @param also what else to look at; empty for nothing
   */
  public record PathReading(
      String reads, String made, Force force, List<DamageClass.Change> changes, String also) {}

  private record Line(String turning, String standing, PathReading reading) {
    boolean fits(PathShape onTurning, PathShape onStanding) {
      return fits(turning, onTurning) && fits(standing, onStanding);
    }

    private static boolean fits(String word, PathShape shape) {
      return word.equals(ANY) || word.equals(shape.id());
    }
  }

  private PathTables() {}

  private static Line line(Table.Row row) {
    for (String column : new String[] {"turning", "standing"}) {
      String word = row.text(column);
      if (!word.equals(ANY) && PathShape.withId(word).isEmpty()) {
        throw new IllegalArgumentException("There is no shape of path " + word);
      }
    }
    Force force =
        Force.valueOf(row.text("force").toUpperCase(java.util.Locale.ROOT).replace('-', '_'));
    List<DamageClass.Change> changes =
        Arrays.stream(row.text("change").split("; *"))
            .filter(c -> !c.isBlank())
            .map(c -> c.split(": *", 2))
            .map(c -> new DamageClass.Change(c[0], c[1]))
            .toList();
    return new Line(
        row.text("turning"),
        row.text("standing"),
        new PathReading(row.text("reads"), row.text("made"), force, changes, row.text("also")));
  }

  /**
   * What a path says; empty when its shapes do not go together.
   *
   * @param turning its shape on the ring that turned
   * @param standing its shape on the ring that stood
   */
  public static Optional<PathReading> read(PathShape turning, PathShape standing) {
    return LINES.stream().filter(l -> l.fits(turning, standing)).map(Line::reading).findFirst();
  }
}
