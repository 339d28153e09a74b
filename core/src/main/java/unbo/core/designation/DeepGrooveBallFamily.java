package unbo.core.designation;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.tables.Table;

/**
 * Single-row deep groove ball bearings of diameter series 8, 9, 0, 2, 3 and 4 (ISO 15). The series
 * 618 and 619 also go by short spellings, 68 and 69.
 */
final class DeepGrooveBallFamily implements DesignationFamily {

  private static final Pattern METRIC = Pattern.compile("6\\d+|16[01]");
  private static final String ROLE = "bearing";
  private static final int SHORT_SERIES = 2;

  private static final List<Spelling> SHORTER =
      Table.read(
          DeepGrooveBallFamily.class,
          "/unbo/core/designation/short-spellings.csv",
          DeepGrooveBallFamily::shortSpelling);

  @Override
  public Family family() {
    return Family.DEEP_GROOVE_BALL;
  }

  @Override
  public List<Spelling> spellings() {
    Stream<Spelling> own =
        Catalogue.standard().of(family()).stream()
            .filter(b -> METRIC.matcher(b.series()).matches())
            .map(DeepGrooveBallFamily::spelling);
    return Stream.concat(own, SHORTER.stream()).toList();
  }

  private static Spelling spelling(Bearing bearing) {
    String code = bearing.boreCode().replace("/", "");
    return Spelling.of(
        bearing, ROLE, MetricRuns.of(bearing, bearing.series(), code, meaning(bearing)));
  }

  private static Spelling shortSpelling(Table.Row row) {
    String spelled = row.text("short");
    Bearing bearing =
        Catalogue.standard()
            .find(row.text("long"))
            .orElseThrow(() -> new IllegalArgumentException("no such row"));
    String series = spelled.substring(0, SHORT_SERIES);
    String meaning = meaning(bearing) + "; short spelling of " + bearing.series();
    return Spelling.other(
        bearing,
        ROLE,
        spelled,
        MetricRuns.of(bearing, series, spelled.substring(SHORT_SERIES), meaning),
        List.of());
  }

  private static String meaning(Bearing bearing) {
    return SeriesMeaning.of(bearing);
  }
}
