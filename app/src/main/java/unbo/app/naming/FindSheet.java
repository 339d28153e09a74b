package unbo.app.naming;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.Workings;
import unbo.core.designation.Reading;
import unbo.core.enquiry.Enquiry;
import unbo.core.size.MeasuredSize;
import unbo.core.size.SizeAnswer;
import unbo.core.size.SizeCandidate;
import unbo.core.size.SizeDimension;
import unbo.core.size.SizeWorkings;

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
      Figure weight,
      List<Figure> fits,
      String basis) {}

  static FindSheet ofNumbers(Enquiry enquiry, Figures figures, Workings workings) {
    List<Reading> readings = enquiry.report().readings().stream().limit(MOST).toList();
    return new FindSheet(
        enquiry,
        readings.stream().map(r -> ReadingRow.of(enquiry.report(), r, figures, workings)).toList(),
        readings.stream().map(ReadingRow::text).toList(),
        List.of(),
        "",
        "",
        List.of());
  }

  static FindSheet ofSize(
      Enquiry enquiry,
      SizeAnswer answer,
      Map<SizeDimension, MeasuredSize> measured,
      Figures figures,
      Workings workings) {
    String none =
        answer.none() >= 0.05
            ? "No standard size of the tables: " + figures.percent(answer.none()) + " likely."
            : "";
    return new FindSheet(
        enquiry,
        List.of(),
        List.of(),
        answer.candidates().stream()
            .map(c -> row(c, answer.none(), measured, figures, workings))
            .toList(),
        none,
        answer.advice(),
        answer.traps());
  }

  static FindSheet other(Enquiry enquiry) {
    return new FindSheet(enquiry, List.of(), List.of(), List.of(), "", "", List.of());
  }

  private static SizeRow row(
      SizeCandidate c,
      double none,
      Map<SizeDimension, MeasuredSize> measured,
      Figures figures,
      Workings workings) {
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
        workings.figure(c.bearing().designation(), SizeWorkings.weight(c, none), weight),
        fits(c, measured, figures, workings),
        c.bearing().basis().word() + ", " + c.bearing().source());
  }

  /** {@code bore −10 µm (−0.6 σ), outside …}. */
  private static List<Figure> fits(
      SizeCandidate c,
      Map<SizeDimension, MeasuredSize> measured,
      Figures figures,
      Workings workings) {
    List<Figure> all = new ArrayList<>();
    Map<SizeDimension, Double> misfit = c.misfitUm();
    for (SizeDimension d : SizeDimension.values()) {
      if (misfit.containsKey(d)) {
        String text =
            d.title().toLowerCase(Locale.ROOT)
                + " "
                + signed(misfit.get(d), figures.whole(Math.abs(misfit.get(d))))
                + " µm ("
                + signed(c.sigma().get(d), figures.oneDecimal(Math.abs(c.sigma().get(d))))
                + " σ)";
        all.add(
            workings.figure(
                c.bearing().designation(), SizeWorkings.misfit(c, d, measured.get(d)), text));
      }
    }
    return all;
  }

  private static String signed(double value, String figures) {
    boolean zero = figures.equals("0") || figures.equals("0.0");
    return (zero ? "" : value > 0 ? "+" : "−") + figures;
  }
}
