package unbo.app.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What a station writes on the section.
 *
 * @param sizes sizes in mm that its fields give, saved or not
 * @param cavityShare the share of the hollows that is filled with grease, 0 to 1
 * @param lines results, one a line
 */
public record Marks(Map<String, Double> sizes, double cavityShare, List<String> lines) {

  public static Marks none() {
    return new Marks(Map.of(), 0, List.of());
  }

  public static Marks of(List<String> lines) {
    return new Marks(Map.of(), 0, lines);
  }

  Marks and(Marks other) {
    Map<String, Double> both = new HashMap<>(sizes);
    both.putAll(other.sizes);
    List<String> all = new ArrayList<>(lines);
    all.addAll(other.lines);
    return new Marks(both, Math.max(cavityShare, other.cavityShare), all);
  }
}
