package unbo.core.designation;

import java.util.List;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.designation.Spelling.Run;

/**
 * Families that are recognised by their letters and drawn as an envelope: insert bearings {@code
 * UC205}, track rollers {@code KR22}, rod ends {@code POS8} and {@code SI8E}, one-way clutches
 * {@code HF1012}.
 */
final class ShownFamily implements DesignationFamily {

  private final Family family;

  ShownFamily(Family family) {
    this.family = family;
  }

  @Override
  public Family family() {
    return family;
  }

  @Override
  public List<Spelling> spellings() {
    return Catalogue.standard().of(family).stream().map(this::spelling).toList();
  }

  private Spelling spelling(Bearing bearing) {
    int dash = bearing.designation().indexOf('-');
    if (dash >= 0) {
      return inSixteenths(bearing, bearing.designation().substring(dash + 1));
    }
    int series = bearing.series().length();
    int digits = bearing.designation().length() - series;
    return Spelling.of(
        bearing,
        "bearing",
        List.of(
            new Run(series, Part.Kind.SERIES, SeriesMeaning.of(bearing)),
            new Run(digits, kind(), meaning(bearing))));
  }

  /** {@code UC205-16}: the digits behind the dash are the bore, those before it the outside. */
  private static Spelling inSixteenths(Bearing bearing, String sixteenths) {
    return Spelling.of(
        bearing,
        "bearing",
        List.of(
            new Run(3, Part.Kind.SERIES, SeriesMeaning.of(bearing)),
            new Run(2, Part.Kind.OUTER, "outside " + MetricRuns.plain(bearing.outerMm()) + " mm"),
            new Run(
                sixteenths.length(),
                Part.Kind.BORE,
                "bore " + sixteenths + "/16 in, " + bearing.boreMm() + " mm")));
  }

  private Part.Kind kind() {
    return family == Family.TRACK_ROLLER ? Part.Kind.OUTER : Part.Kind.BORE;
  }

  private String meaning(Bearing bearing) {
    String bore = MetricRuns.plain(bearing.boreMm());
    return switch (family) {
      case TRACK_ROLLER ->
          "outside " + MetricRuns.plain(bearing.outerMm()) + " mm, stud " + bore + " mm";
      case ROD_END ->
          "bore "
              + bore
              + " mm"
              + (bearing.designation().endsWith("E") ? ", series E" : "")
              + "; the thread is not told";
      case TWO_WAY_THRUST_BALL -> "no bore of the plan: the middle washer has " + bore + " mm";
      default ->
          bearing.series().startsWith("HF")
              ? "shaft " + bore + " mm, width " + MetricRuns.plain(bearing.widthMm()) + " mm"
              : "bore " + bore + " mm";
    };
  }
}
