package unbo.core.designation;

import java.util.List;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.designation.Spelling.Run;

/**
 * Spherical plain bearings {@code GE20}: the bore written out (ISO 12240-1, dimension series E).
 */
final class SphericalPlainFamily implements DesignationFamily {

  @Override
  public Family family() {
    return Family.SPHERICAL_PLAIN;
  }

  @Override
  public List<Spelling> spellings() {
    return Catalogue.standard().of(family()).stream()
        .map(
            bearing ->
                Spelling.of(
                    bearing,
                    "bearing",
                    List.of(
                        new Run(2, Part.Kind.SERIES, SeriesMeaning.of(bearing)),
                        new Run(
                            bearing.boreCode().length(),
                            Part.Kind.BORE,
                            "bore " + bearing.boreCode() + " mm"))))
        .toList();
  }
}
