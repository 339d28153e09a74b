package unbo.core.designation;

import java.util.List;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;

/** A family whose numbers are series and bore code and nothing else. */
final class MetricFamily implements DesignationFamily {

  private final Family family;

  MetricFamily(Family family) {
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
    String code = bearing.boreCode().replace("/", "");
    return Spelling.of(
        bearing,
        "bearing",
        MetricRuns.of(bearing, bearing.series(), code, SeriesMeaning.of(bearing)));
  }
}
