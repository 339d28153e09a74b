package unbo.core.designation;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.designation.Spelling.Run;

/**
 * Machined needle roller bearings (ISO 1206): {@code NK20/16} and {@code NKI20/16} carry the
 * diameter and the width, {@code NA4904} and {@code RNA4904} a bore code. RNA is NA without its
 * inner ring: its needles run on the shaft.
 */
final class NeedleFamily implements DesignationFamily {

  private static final Pattern SIZED = Pattern.compile("(NKI?)(\\d+)/(\\d+)");

  @Override
  public Family family() {
    return Family.NEEDLE_ROLLER;
  }

  @Override
  public List<Spelling> spellings() {
    return Catalogue.standard().of(family()).stream().map(NeedleFamily::spelling).toList();
  }

  private static Spelling spelling(Bearing bearing) {
    Matcher sized = SIZED.matcher(bearing.designation());
    return Spelling.of(
        bearing, "bearing", sized.matches() ? sizedRuns(bearing, sized) : codedRuns(bearing));
  }

  private static List<Run> sizedRuns(Bearing bearing, Matcher m) {
    return List.of(
        new Run(m.group(1).length(), Part.Kind.SERIES, SeriesMeaning.of(bearing)),
        new Run(m.group(2).length(), Part.Kind.BORE, boreMeaning(bearing)),
        new Run(
            m.group(3).length(),
            Part.Kind.WIDTH,
            "width " + MetricRuns.plain(bearing.widthMm()) + " mm"));
  }

  private static List<Run> codedRuns(Bearing bearing) {
    String code = bearing.boreCode().replace("/", "");
    return List.of(
        new Run(bearing.series().length(), Part.Kind.SERIES, SeriesMeaning.of(bearing)),
        new Run(code.length(), Part.Kind.BORE, boreMeaning(bearing)));
  }

  private static String boreMeaning(Bearing bearing) {
    String diameter = MetricRuns.plain(bearing.boreMm()) + " mm";
    return bearing.isWithoutInnerRing()
        ? "the needles run over " + diameter + "; code of the bore with an inner ring"
        : "bore " + diameter;
  }
}
