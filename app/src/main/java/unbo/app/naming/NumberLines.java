package unbo.app.naming;

import java.util.List;
import org.springframework.stereotype.Component;
import unbo.app.web.Figures;

/** What a number reads as, in lines, for pages that only ask in passing. */
@Component
public class NumberLines {

  private static final int MOST = 3;
  private static final int LONGEST = 200;

  private final Readings readings;
  private final Figures figures;

  NumberLines(Readings readings, Figures figures) {
    this.readings = readings;
    this.figures = figures;
  }

  /** The likeliest first, each with its size; empty when nothing is read. */
  public List<String> of(String text) {
    if (text.isBlank() || text.length() > LONGEST) {
      return List.of();
    }
    return readings.report(text).readings().stream()
        .limit(MOST)
        .map(r -> ReadingRow.text(r) + ": " + ReadingRow.size(r.bearing(), figures))
        .toList();
  }
}
