package unbo.core.designation;

import java.util.List;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;

/** Single-row metric tapered roller bearings in the old metric spelling (ISO 355, annex). */
final class TaperedRollerFamily implements DesignationFamily {

  @Override
  public Family family() {
    return Family.TAPERED_ROLLER;
  }

  @Override
  public List<Spelling> spellings() {
    return Catalogue.standard().of(family()).stream()
        .filter(b -> !b.isInch())
        .map(TaperedRollerFamily::spelling)
        .toList();
  }

  private static Spelling spelling(Bearing bearing) {
    String meaning = SeriesMeaning.of(bearing);
    String code = bearing.boreCode().replace("/", "");
    return Spelling.of(bearing, "set", MetricRuns.of(bearing, bearing.series(), code, meaning));
  }
}
