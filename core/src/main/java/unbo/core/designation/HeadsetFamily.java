package unbo.core.designation;

import java.util.List;
import java.util.stream.Stream;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.designation.Spelling.Run;

/**
 * Headset cartridges: bore × outside × height and the angles of the two bevels. The rings carry the
 * angle pair at most, {@code 36/45}, and that alone does not find one.
 */
final class HeadsetFamily implements DesignationFamily {

  private static final double ANGLES_ALONE = 0.05;

  @Override
  public Family family() {
    return Family.HEADSET;
  }

  @Override
  public List<Spelling> spellings() {
    return Catalogue.standard().of(family()).stream().flatMap(HeadsetFamily::spellings).toList();
  }

  private static Stream<Spelling> spellings(Bearing bearing) {
    String spelled = bearing.designation().toUpperCase(java.util.Locale.ROOT);
    int kept = spelled.substring(0, spelled.indexOf(' ')).replace(".", "").length();
    String angles = spelled.substring(spelled.indexOf(' ') + 1);
    Run bevels =
        new Run(4, Part.Kind.SUFFIX, "angles of the bevels, inside and outside, " + angles);
    Spelling whole =
        Spelling.other(
            bearing,
            "bearing",
            spelled,
            List.of(new Run(kept, Part.Kind.BORE, "bore × outside × height"), bevels),
            List.of());
    Spelling pair =
        Spelling.other(
            bearing,
            "bearing",
            angles,
            List.of(bevels),
            List.of(
                "The two angles alone do not find a headset cartridge: measure bore, outside and"
                    + " height."));
    return Stream.of(whole, pair.weighing(ANGLES_ALONE));
  }
}
