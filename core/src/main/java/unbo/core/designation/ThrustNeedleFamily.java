package unbo.core.designation;

import java.util.List;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.designation.Spelling.Run;

/**
 * Axial needle cages {@code AXK2542}: inside and outside diameter behind the letters (ISO 3031).
 */
final class ThrustNeedleFamily implements DesignationFamily {

  @Override
  public Family family() {
    return Family.THRUST_NEEDLE;
  }

  @Override
  public List<Spelling> spellings() {
    return Catalogue.standard().of(family()).stream().map(ThrustNeedleFamily::spelling).toList();
  }

  private static Spelling spelling(Bearing bearing) {
    String inside = MetricRuns.plain(bearing.boreMm());
    String outside = MetricRuns.plain(bearing.outerMm());
    int digits = bearing.designation().length() - bearing.series().length() - outside.length();
    return Spelling.of(
        bearing,
        "bearing",
        List.of(
            new Run(bearing.series().length(), Part.Kind.SERIES, SeriesMeaning.of(bearing)),
            new Run(digits, Part.Kind.BORE, "inside " + inside + " mm"),
            new Run(outside.length(), Part.Kind.OUTER, "outside " + outside + " mm")));
  }
}
