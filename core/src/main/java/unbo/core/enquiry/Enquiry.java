package unbo.core.enquiry;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import unbo.core.arrangement.Arrangement;
import unbo.core.catalogue.Family;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.Reading;
import unbo.core.designation.ReadingReport;
import unbo.core.size.SizeDimension;
import unbo.core.units.Problem;

/**
 * What somebody typed into the one line, and what it was taken for.
 *
 * @param text as typed
 * @param kind what it was taken for
 * @param said the same in a sentence
 * @param report the readings of numbers; empty readings when it is something else
 * @param sizes the dimensions found, millimetres
 * @param position the place that its words name
 * @param notes how anything doubtful was taken
 * @param problem why nothing came of it
 */
public record Enquiry(
    String text,
    Kind kind,
    String said,
    ReadingReport report,
    Map<SizeDimension, Double> sizes,
    Optional<Arrangement> position,
    List<String> notes,
    Optional<Problem> problem) {

  /** The longest text that is taken. */
  public static final int LONGEST = DesignationReader.LONGEST;

  /** A number that is surer than this is not taken for a size or a word. */
  private static final double SURE = 0.3;

  /** A number that nothing else could be. */
  private static final double CERTAIN = 0.9;

  /** What a text can be. */
  public enum Kind {
    NOTHING,
    NUMBERS,
    SIZE,
    PLACE
  }

  /** Works out what a text is; null counts as empty. */
  public static Enquiry of(String typed, DesignationReader reader) {
    String text = typed == null ? "" : typed;
    ReadingReport report = reader.read(text);
    if (text.isBlank() || text.length() > LONGEST) {
      return nothing(text, report);
    }
    Optional<Arrangement> position = Phrases.placeIn(text);
    Optional<SizeText.Sizes> sizes = SizeText.in(text);
    double surest = report.readings().stream().mapToDouble(Reading::confidence).max().orElse(0);
    // A size that contradicts a number stands beside it, and takes nothing away of what it is.
    boolean aside = report.readings().stream().anyMatch(Reading::boreInDoubt);
    if (sizes.isPresent() && surest < SURE && !aside
        || isTimes(text, surest) && !isCartridge(report)) {
      return size(text, report, sizes.orElseThrow(), position);
    }
    if (!report.readings().isEmpty() && (surest >= SURE || aside || position.isEmpty())) {
      return numbers(text, report, position);
    }
    if (position.isPresent()) {
      return place(text, report, position);
    }
    return nothing(text, report);
  }

  /**
   * {@code 30.15 x 41 x 6.5 36/45}: a size with its angles is the number of a headset cartridge.
   */
  private static boolean isCartridge(ReadingReport report) {
    return report.readings().stream()
        .anyMatch(r -> r.bearing().family() == Family.HEADSET && r.confidence() > CERTAIN);
  }

  /**
   * {@code 30.15 x 41 x 6.5} is a size even where digits run together would be a number; {@code 2x
   * 6205} is none.
   */
  private static boolean isTimes(String text, double surest) {
    return surest < 1
        && text.toLowerCase(Locale.ROOT).matches("\\s*[øØ⌀]?\\s*[.,]?\\d[\\d.,/]*\\s*(x|×|\\*).*")
        && SizeText.in(text).filter(s -> s.millimetres().size() > 1).isPresent();
  }

  private static Enquiry numbers(
      String text, ReadingReport report, Optional<Arrangement> position) {
    int count = report.items().size();
    return new Enquiry(
        text,
        Kind.NUMBERS,
        count == 1 ? "Read as a part number." : "Read as " + count + " part numbers.",
        report,
        Map.of(),
        position,
        List.of(),
        Optional.empty());
  }

  private static Enquiry size(
      String text, ReadingReport report, SizeText.Sizes sizes, Optional<Arrangement> position) {
    String list =
        java.util.Arrays.stream(SizeDimension.values())
            .filter(sizes.millimetres()::containsKey)
            .map(d -> d.title() + " " + plain(sizes.millimetres().get(d)) + " mm")
            .collect(Collectors.joining(", "));
    return new Enquiry(
        text,
        Kind.SIZE,
        "Read as a size: " + list + at(position) + ".",
        report,
        sizes.millimetres(),
        position,
        sizes.notes(),
        Optional.empty());
  }

  private static Enquiry place(String text, ReadingReport report, Optional<Arrangement> position) {
    return new Enquiry(
        text,
        Kind.PLACE,
        "Read as a position" + at(position) + ".",
        report,
        Map.of(),
        position,
        List.of(),
        Optional.empty());
  }

  private static String at(Optional<Arrangement> position) {
    return position.map(a -> ", at: " + a.title()).orElse("");
  }

  private static Enquiry nothing(String text, ReadingReport report) {
    Optional<Problem> problem =
        text.isBlank()
            ? Optional.empty()
            : Optional.of(
                report
                    .problem()
                    .filter(p -> text.length() > LONGEST)
                    .or(() -> DesignationReader.otherKind(text))
                    .or(() -> Phrases.unsureIn(text))
                    .orElse(
                        new Problem(
                            text,
                            "Not a part number, a size or a position that is known here.",
                            "Type a number (6205-2RS), a size (25 x 52 x 15, 17 mm shaft) or a position ("
                                + String.join(", ", Phrases.examples())
                                + ").")));
    return new Enquiry(
        text, Kind.NOTHING, "", report, Map.of(), Optional.empty(), List.of(), problem);
  }

  private static String plain(double mm) {
    return String.format(Locale.ROOT, "%.3f", mm).replaceAll("\\.?0+$", "");
  }
}
