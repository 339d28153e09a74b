package unbo.core.designation;

import java.util.List;
import java.util.Map;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;

/** Single-row deep groove ball bearings of diameter series 0, 2 and 3 (ISO 15). */
final class DeepGrooveBallFamily implements DesignationFamily {

  private static final Map<String, String> SERIES =
      Map.of("60", "extra light (10)", "62", "light (02)", "63", "medium (03)");

  @Override
  public Family family() {
    return Family.DEEP_GROOVE_BALL;
  }

  @Override
  public List<Bearing> bearings() {
    return Catalogue.standard().of(family());
  }

  @Override
  public String seriesMeaning(Bearing bearing) {
    return "deep groove ball, one row, dimension series " + SERIES.get(bearing.series());
  }

  @Override
  public boolean hasConeAndCup() {
    return false;
  }
}
