package unbo.core.designation;

import java.util.List;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.Spelling.Run;

/** Series and bore code of the metric plan, as runs of a spelling. */
final class MetricRuns {

  private MetricRuns() {}

  /**
   * The two runs of a number.
   *
   * @param series the series as spelled
   * @param code the bore code as spelled, a slash left out
   */
  static List<Run> of(Bearing bearing, String series, String code, String seriesMeaning) {
    return List.of(
        new Run(series.length(), Part.Kind.SERIES, seriesMeaning),
        new Run(code.length(), Part.Kind.BORE, boreMeaning(bearing, code)));
  }

  private static String boreMeaning(Bearing bearing, String code) {
    String bore = plain(bearing.boreMm()) + " mm";
    if (bearing.boreCode().startsWith("/") && code.length() > 1) {
      return "bore written out: " + bore;
    }
    if (code.length() == 1) {
      return "bore below 10 mm, the digit itself: " + bore;
    }
    return bearing.boreMm() < 20
        ? "bore code " + code + ": " + bore
        : "bore code " + code + " × 5 = " + bore;
  }

  static String plain(double value) {
    return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
  }
}
