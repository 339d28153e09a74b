package unbo.app.naming;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import unbo.app.web.Figures;
import unbo.core.designation.Reading;
import unbo.core.enquiry.Enquiry;
import unbo.core.size.SizeAnswer;
import unbo.core.size.SizeCandidate;
import unbo.core.size.SizeDimension;

/**
 * What the page of the one line shows.
 *
 * @param enquiry what was typed and what it was taken for
 * @param readings readings of numbers, the likeliest first
 * @param sizes candidates of a size, the likeliest first
 * @param none how likely a size is no standard one, in words; empty otherwise
 * @param advice what to measure again
 * @param traps sizes close by
 */
public record FindSheet(
    Enquiry enquiry,
    List<ReadingRow> readings,
    List<String> texts,
    List<SizeRow> sizes,
    String none,
    String advice,
    List<String> traps) {

  private static final int MOST = 12;

  /** One candidate of a size. */
  public record SizeRow(
      String designation,
      String title,
      String size,
      String note,
      String weight,
      String fits,
      String basis) {}

  static FindSheet ofNumbers(Enquiry enquiry, Figures figures) {
    List<Reading> readings = enquiry.report().readings().stream().limit(MOST).toList();
    return new FindSheet(
        enquiry,
        readings.stream().map(r -> ReadingRow.of(enquiry.report(), r, figures)).toList(),
        readings.stream().map(ReadingRow::text).toList(),
        List.of(),
        "",
        "",
        List.of());
  }

  static FindSheet ofSize(Enquiry enquiry, SizeAnswer answer, Figures figures) {
    String none =
        answer.none() >= 0.05
            ? "No standard size of the tables: " + figures.percent(answer.none()) + " likely."
            : "";
    return new FindSheet(
        enquiry,
        List.of(),
        List.of(),
        answer.candidates().stream().map(c -> row(c, figures)).toList(),
        none,
        answer.advice(),
        answer.traps());
  }

  static FindSheet other(Enquiry enquiry) {
    return new FindSheet(enquiry, List.of(), List.of(), List.of(), "", "", List.of());
  }

  private static SizeRow row(SizeCandidate c, Figures figures) {
    String weight = c.weight() >= 0.01 ? figures.percent(c.weight()) : "under 1 %";
    return new SizeRow(
        c.bearing().designation(),
        c.bearing().family().title(),
        figures.size(c.bearing().boreMm())
            + " × "
            + figures.size(c.bearing().outerMm())
            + " × "
            + figures.size(c.widthMm())
            + " mm",
        c.note(),
        weight,
        fits(c, figures),
        c.bearing().basis().word() + ", " + c.bearing().source());
  }

  /** {@code bore −10 µm (−0.6 σ), outside …}. */
  private static String fits(SizeCandidate c, Figures figures) {
    List<String> all = new ArrayList<>();
    Map<SizeDimension, Double> misfit = c.misfitUm();
    for (SizeDimension d : SizeDimension.values()) {
      if (misfit.containsKey(d)) {
        all.add(
            d.title()
                + " "
                + signed(misfit.get(d), figures.whole(Math.abs(misfit.get(d))))
                + " µm ("
                + signed(c.sigma().get(d), figures.oneDecimal(Math.abs(c.sigma().get(d))))
                + " σ)");
      }
    }
    return all.stream().collect(Collectors.joining(", ")).toLowerCase(Locale.ROOT);
  }

  private static String signed(double value, String figures) {
    boolean zero = figures.equals("0") || figures.equals("0.0");
    return (zero ? "" : value > 0 ? "+" : "−") + figures;
  }
}
