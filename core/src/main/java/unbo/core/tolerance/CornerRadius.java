package unbo.core.tolerance;

import java.util.List;
import java.util.Optional;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;
import unbo.core.tables.Table;

/**
 * The corner of a ring as a band: a land with any radius between least and most is right, so the
 * fillet beside it must be smaller than the least. Source ISO 582, recalled; deep groove ball
 * bearings of series 618, 619, 60, 62 and 63 from 10 mm bore, and nothing else.
 *
 * @param leastMm r min, in mm
 * @param mostMm the greatest radial r, in mm
 */
public record CornerRadius(double leastMm, double mostMm) {

  private record Row(String series, double from, double upTo, CornerRadius band) {}

  private static final List<Row> ROWS =
      Table.read(
          CornerRadius.class,
          "/unbo/core/tolerance/corners.csv",
          row ->
              new Row(
                  row.text("series"),
                  row.number("from"),
                  row.number("upTo"),
                  new CornerRadius(row.number("least"), row.number("most"))));

  /** The band of a bearing; empty where no table here knows it. */
  public static Optional<CornerRadius> of(Bearing bearing) {
    if (bearing.family() != Family.DEEP_GROOVE_BALL) {
      return Optional.empty();
    }
    return ROWS.stream()
        .filter(r -> r.series.equals(bearing.series()))
        .filter(r -> r.from <= bearing.boreMm() && bearing.boreMm() <= r.upTo)
        .map(Row::band)
        .findFirst();
  }

  /** Whether a measured radius lies in the band. */
  public boolean holds(double radiusMm) {
    return leastMm <= radiusMm && radiusMm <= mostMm;
  }
}
