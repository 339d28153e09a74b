package unbo.core.designation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.designation.Spelling.Run;
import unbo.core.tables.Table;

/**
 * Older and other number systems that name the same bearing by another series: the rules of {@code
 * other-series.csv}, such as 204 for 6204 or 5205 for 3205, and the ISO 355 form of metric tapers,
 * {@code T3DB030} for 30206, from {@code iso355.csv}.
 */
final class OtherSpellings {

  private static final int CODE = 2;

  /** A series of another system, and the series here with the same bearings. */
  private record Rule(Family family, String other, String series, double weight, String note) {}

  private static final List<Rule> RULES =
      Table.read(
          OtherSpellings.class,
          "/unbo/core/designation/other-series.csv",
          row ->
              new Rule(
                  Family.withId(row.text("family")).orElseThrow(IllegalArgumentException::new),
                  row.text("other"),
                  row.text("series"),
                  row.number("weight"),
                  row.text("note")));

  private static final List<Spelling> STANDARD_TAPERS =
      Table.read(OtherSpellings.class, "/unbo/core/designation/iso355.csv", OtherSpellings::taper)
          .stream()
          .flatMap(Optional::stream)
          .toList();

  private OtherSpellings() {}

  /** The spellings of a family's rows in other systems. */
  static List<Spelling> of(Family family) {
    List<Spelling> all = new ArrayList<>();
    for (Rule rule : RULES) {
      if (rule.family == family) {
        Catalogue.standard().of(family).stream()
            .filter(b -> b.series().equals(rule.series) && b.boreCode().length() == CODE)
            .forEach(b -> all.add(spelling(b, rule)));
      }
    }
    if (family == Family.TAPERED_ROLLER) {
      all.addAll(STANDARD_TAPERS);
    }
    return all;
  }

  private static Spelling spelling(Bearing bearing, Rule rule) {
    String spelled = rule.other + bearing.boreCode();
    List<Run> runs =
        MetricRuns.of(
            bearing,
            rule.other,
            bearing.boreCode(),
            SeriesMeaning.of(bearing) + "; written " + rule.series + " today");
    return Spelling.other(bearing, "bearing", spelled, runs, List.of(rule.note))
        .weighing(rule.weight);
  }

  private static Optional<Spelling> taper(Table.Row row) {
    String iso = row.text("iso");
    Bearing bearing =
        Catalogue.standard()
            .find(row.text("designation"))
            .orElseThrow(() -> new IllegalArgumentException("No such taper"));
    List<Run> runs =
        List.of(
            new Run(2, Part.Kind.SERIES, "taper, contact angle class " + iso.charAt(1)),
            new Run(2, Part.Kind.SERIES, "diameter and width series " + iso.substring(2, 4)),
            new Run(3, Part.Kind.BORE, "bore " + MetricRuns.plain(bearing.boreMm()) + " mm"));
    return Optional.of(
        Spelling.other(
            bearing, "set", iso, runs, List.of("ISO 355 form of " + bearing.designation() + ".")));
  }
}
