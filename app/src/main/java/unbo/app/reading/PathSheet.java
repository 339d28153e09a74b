package unbo.app.reading;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.web.FieldProblems;
import unbo.core.damage.DamageClass;
import unbo.core.damage.DrawnPath;
import unbo.core.damage.PathShape;
import unbo.core.damage.PathTables;
import unbo.core.damage.PathTables.PathReading;

/**
 * The running path on both rings: picked, or drawn with a finger.
 *
 * @param turning shape on the ring that turned; null while it is not known
 * @param standing shape on the ring that stood; null while it is not known
 * @param strokes as drawn, by field
 * @param reading what both say; null while one is missing or they do not go together
 */
public record PathSheet(
    PathShape turning, PathShape standing, Map<String, String> strokes, PathReading reading) {

  static final String TURNING = "path-turning";
  static final String STANDING = "path-standing";
  static final String DRAWN = "-drawn";
  static final List<String> FIELDS = List.of(TURNING, STANDING, TURNING + DRAWN, STANDING + DRAWN);

  /** What was picked; what was drawn where nothing was picked. */
  static PathSheet of(Map<String, String> fields, FieldProblems problems) {
    PathShape turning = shape(fields, TURNING, problems);
    PathShape standing = shape(fields, STANDING, problems);
    PathReading reading =
        turning == null || standing == null
            ? null
            : PathTables.read(turning, standing).orElse(null);
    return new PathSheet(turning, standing, fields, reading);
  }

  private static PathShape shape(Map<String, String> fields, String field, FieldProblems problems) {
    Optional<PathShape> picked = PathShape.withId(fields.getOrDefault(field, ""));
    if (picked.isPresent()) {
      return picked.get();
    }
    DrawnPath.Read drawn = DrawnPath.read(fields.getOrDefault(field + DRAWN, ""));
    if (drawn.problem() != null) {
      problems.add(field, drawn.problem());
    }
    return drawn.shape();
  }

  public List<PathShape> shapes() {
    return Arrays.asList(PathShape.values());
  }

  public String picked(String field) {
    return strokes.getOrDefault(field, "");
  }

  /** What was drawn, for the strip: one line a stroke. */
  public List<String> lines(String field) {
    String drawn = strokes.getOrDefault(field + DRAWN, "");
    return DrawnPath.read(drawn).shape() == null
        ? List.of()
        : Arrays.stream(drawn.split(";")).map(String::strip).toList();
  }

  /** What a drawn path was taken for; empty when it was picked or is missing. */
  public String taken(String field) {
    PathShape shape = field.equals(TURNING) ? turning : standing;
    return shape == null || !picked(field).isEmpty() ? "" : "taken as: " + shape.title();
  }

  /** What both say, in a line; empty while one is missing. */
  public String verdict() {
    if (turning == null || standing == null) {
      return "";
    }
    return reading == null
        ? "These two do not go together: look again which of the rings turned."
        : "Reads as " + reading.reads() + ".";
  }

  List<DamageClass.Change> advice() {
    return reading == null ? List.of() : reading.changes();
  }
}
