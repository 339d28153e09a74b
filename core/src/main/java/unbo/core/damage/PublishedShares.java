package unbo.core.damage;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import unbo.core.tables.Table;

/**
 * What bearings die of by published statistics, as ranges, and a shop's own counts beside them.
 * Table {@code published.csv}. The statistics disagree: lubrication and dirt lead in all, then
 * fitting; pure fatigue is a small part.
 */
public final class PublishedShares {

  private static final List<Group> GROUPS =
      Table.read(
          PublishedShares.class,
          "/unbo/core/damage/published.csv",
          row ->
              new Group(
                  row.text("group"),
                  row.text("title"),
                  row.whole("least"),
                  row.whole("most"),
                  Arrays.stream(row.text("classes").split(" +"))
                      .map(PublishedShares::known)
                      .toList()));

  /**
   * Classes that are counted together.
   *
   * @param least per cent
   * @param most per cent
   */
  public record Group(String id, String title, int least, int most, List<String> classes) {}

  private PublishedShares() {}

  private static String known(String id) {
    DamageTables.standard().indexOfClass(id);
    return id;
  }

  public static List<Group> groups() {
    return GROUPS;
  }

  /**
   * How many of each group a shop has read, by what its likeliest class was.
   *
   * @param readings answers of each bearing that was read; unanswered ones are not counted
   */
  public static Map<Group, Integer> count(List<Map<String, String>> readings) {
    Map<Group, Integer> counts = new LinkedHashMap<>();
    GROUPS.forEach(g -> counts.put(g, 0));
    for (Map<String, String> answers : readings) {
      if (!answers.isEmpty()) {
        String first = Damage.of(answers).ranked().get(0).damage().id();
        GROUPS.stream()
            .filter(g -> g.classes().contains(first))
            .forEach(g -> counts.merge(g, 1, Integer::sum));
      }
    }
    return counts;
  }
}
