package unbo.core.designation;

import java.util.List;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.designation.Spelling.Run;

/**
 * Drawn cup needle roller bearings (ISO 3245): two digits for the diameter over which the needles
 * run, two for the width. The outside is not in the number.
 */
final class DrawnCupFamily implements DesignationFamily {

  private static final int DIGITS = 2;

  @Override
  public Family family() {
    return Family.DRAWN_CUP_NEEDLE;
  }

  @Override
  public List<Spelling> spellings() {
    return Catalogue.standard().of(family()).stream().map(DrawnCupFamily::spelling).toList();
  }

  private static Spelling spelling(Bearing bearing) {
    return Spelling.of(
        bearing,
        "bearing",
        List.of(
            new Run(bearing.series().length(), Part.Kind.SERIES, SeriesMeaning.of(bearing)),
            new Run(
                DIGITS,
                Part.Kind.BORE,
                "the needles run over " + MetricRuns.plain(bearing.boreMm()) + " mm"),
            new Run(
                DIGITS, Part.Kind.WIDTH, "width " + MetricRuns.plain(bearing.widthMm()) + " mm")));
  }
}
