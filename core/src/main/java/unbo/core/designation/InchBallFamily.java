package unbo.core.designation;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.designation.Spelling.Run;
import unbo.core.tables.Table;

/**
 * Deep groove balls outside the metric plan: inch sizes R (bore in sixteenths, ABMA 12.2), RLS and
 * RMS (old British, bore in eighths), the commercial 16 series, and miniatures MR, which put the
 * outside before the bore. Widths that change with a seal are in the tables.
 */
final class InchBallFamily implements DesignationFamily {

  private static final double INCH = 25.4;
  private static final String MINIATURE = "MR";

  /** The series by the name of the trade and by the bore in inches; common trade usage. */
  private static final Map<String, String> BRITISH = Map.of("RLS", "LJ", "RMS", "MJ");

  @Override
  public Family family() {
    return Family.DEEP_GROOVE_BALL;
  }

  @Override
  public boolean isMain() {
    return false;
  }

  /** A letter glued to an inch number makes another size: R4 and R4A. */
  @Override
  public boolean has(Suffix suffix) {
    return !suffix.value().equals("design");
  }

  @Override
  public List<Spelling> spellings() {
    List<Spelling> own =
        Stream.of("inch-ball", "miniature-ball")
            .flatMap(
                file ->
                    Table.read(
                        Catalogue.class,
                        "/unbo/core/catalogue/" + file + ".csv",
                        InchBallFamily::spelling)
                        .stream())
            .toList();
    return Stream.of(
            own.stream(),
            own.stream().flatMap(s -> british(s.bearing()).stream()),
            own.stream()
                .map(Spelling::bearing)
                .filter(InchBallFamily::isMiniature)
                .map(InchBallFamily::flanged))
        .flatMap(s -> s)
        .toList();
  }

  private static boolean isMiniature(Bearing bearing) {
    return bearing.series().equals(MINIATURE);
  }

  /** {@code MF105}: a miniature MR105 with a flange. */
  private static Spelling flanged(Bearing bearing) {
    return Spelling.other(
            bearing,
            "bearing",
            "MF" + bearing.boreCode(),
            miniature(bearing, "with a flange (its size is in no table here: measure it): "),
            List.of())
        .saying("flange");
  }

  /** {@code LJ1}, {@code MJ1/2}, {@code LJ1.1/8}: the other old British way, the bore in inches. */
  private static Optional<Spelling> british(Bearing bearing) {
    String series = BRITISH.get(bearing.series());
    if (series == null) {
      return Optional.empty();
    }
    String bore = inches(bearing.boreMm());
    return Optional.of(
        Spelling.other(
            bearing,
            "bearing",
            series + bore,
            List.of(
                new Run(series.length(), Part.Kind.SERIES, series(bearing.series())),
                new Run(bore.replaceAll("\\D", "").length(), Part.Kind.BORE, bore(bearing))),
            List.of(bearing.designation() + " by another old British name.")));
  }

  /** {@code 1}, {@code 1/2}, {@code 1.1/8}. */
  private static String inches(double boreMm) {
    long eighths = Math.round(boreMm / INCH * 8);
    long common = Math.min(8, Long.lowestOneBit(eighths));
    long over = eighths % 8 / common;
    long under = 8 / common;
    String whole = eighths < 8 ? "" : String.valueOf(eighths / 8);
    String point = eighths < 8 || over == 0 ? "" : ".";
    return whole + point + (over == 0 ? "" : over + "/" + under);
  }

  private static Spelling spelling(Table.Row row) {
    Bearing bearing = Catalogue.standard().find(row.text("designation")).orElseThrow();
    return Spelling.of(bearing, "bearing", runs(bearing));
  }

  private static List<Run> runs(Bearing bearing) {
    String code = bearing.boreCode();
    return isMiniature(bearing)
        ? miniature(bearing, "")
        : List.of(
            new Run(bearing.series().length(), Part.Kind.SERIES, series(bearing.series())),
            new Run(code.length(), Part.Kind.BORE, bore(bearing)));
  }

  private static List<Run> miniature(Bearing bearing, String and) {
    String meaning = "miniature deep groove ball, " + and + "outside, then bore";
    return List.of(
        new Run(MINIATURE.length(), Part.Kind.SERIES, meaning),
        new Run(
            bearing.boreCode().length() - 1,
            Part.Kind.OUTER,
            "outside " + MetricRuns.plain(bearing.outerMm()) + " mm"),
        new Run(1, Part.Kind.BORE, "bore " + MetricRuns.plain(bearing.boreMm()) + " mm"));
  }

  private static String series(String series) {
    return "deep groove ball in inch sizes, "
        + switch (series) {
          case "R" -> "bore in sixteenths of an inch";
          case "R1" -> "thin, by table";
          case "RLS" -> "old British light series, bore in eighths of an inch";
          case "RMS" -> "old British medium series, bore in eighths of an inch";
          default -> "commercial series, by table";
        };
  }

  private static String bore(Bearing bearing) {
    String text = "bore " + MetricRuns.plain(bearing.boreMm()) + " mm";
    double sixteenths = bearing.boreMm() / INCH * 16;
    boolean whole = Math.abs(sixteenths - Math.rint(sixteenths)) < 0.01;
    return whole ? text + ", " + Math.round(sixteenths) + "/16 in" : text;
  }
}
