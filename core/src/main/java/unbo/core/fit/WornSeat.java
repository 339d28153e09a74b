package unbo.core.fit;

import java.util.List;
import unbo.core.tables.Table;

/**
 * What is done about a worn seat, by its gap. Table {@code worn-seats.csv}. Any repair is measured
 * again after it is done.
 *
 * @param overMm gap from which on, diametral
 * @param upToMm gap to which, included
 * @param how how it is done
 * @param apart how it comes apart again; empty where nothing was done
 */
public record WornSeat(double overMm, double upToMm, String way, String how, String apart) {

  private static final List<WornSeat> ALL =
      Table.read(
          WornSeat.class,
          "/unbo/core/fit/worn-seats.csv",
          row ->
              new WornSeat(
                  row.number("over"),
                  row.number("upTo"),
                  row.text("way"),
                  row.text("how"),
                  row.text("apart")));

  /** What a gap asks for; tight seats ask for nothing. */
  public static WornSeat of(double gapMm) {
    double gap = Math.max(gapMm, -0.5);
    return ALL.stream()
        .filter(w -> gap > w.overMm && gap <= w.upToMm)
        .findFirst()
        .orElse(ALL.get(ALL.size() - 1));
  }
}
