package unbo.app.tin;

import java.time.Instant;
import java.time.YearMonth;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import unbo.app.drawing.TinBars;
import unbo.app.job.Job;

/** What left the tins in a month. */
record TinUse(
    YearMonth month,
    ZoneId zone,
    List<GreaseTin> tins,
    List<GreaseTakings.Use> uses,
    List<TinWaste> wasted,
    Map<Long, Job> jobs) {

  private static final DateTimeFormatter TITLE =
      DateTimeFormatter.ofPattern("MMMM yyyy", Locale.ENGLISH);

  /**
   * The page.
   *
   * @param before and {@code after}: months beside it, as the address writes them
   * @param rows every tin that something left
   * @param bars of them; null where nothing did
   * @param total a sentence
   */
  public record Page(
      String title, String before, String after, List<Row> rows, TinBars bars, String total) {}

  /** A tin's month. */
  public record Row(String name, String grams, String wasted, List<Line> lines) {}

  /**
   * What left it.
   *
   * @param href of the job; empty for what had none
   * @param wasteId of a line that can be taken back; null for a job's
   */
  public record Line(Instant at, String what, String href, String grams, Long wasteId) {}

  Page page() {
    List<Row> rows = new ArrayList<>();
    List<TinBars.Tin> bars = new ArrayList<>();
    double used = 0;
    double thrown = 0;
    for (GreaseTin tin : tins) {
      List<GreaseTakings.Use> out = uses.stream().filter(u -> isOf(tin, u)).toList();
      List<TinWaste> gone = wasted.stream().filter(w -> isOf(tin, w)).toList();
      if (!out.isEmpty() || !gone.isEmpty()) {
        List<Double> each = out.stream().map(u -> u.taken().grams()).toList();
        double waste =
            out.stream().mapToDouble(u -> u.taken().wasted()).sum()
                + gone.stream().mapToDouble(TinWaste::getGrams).sum();
        double grams = each.stream().mapToDouble(Double::doubleValue).sum();
        rows.add(new Row(tin.getName(), grams(grams), grams(waste), lines(out, gone)));
        bars.add(new TinBars.Tin(tin.getName(), each, waste));
        used += grams;
        thrown += waste;
      }
    }
    return new Page(
        month.format(TITLE),
        month.minusMonths(1).toString(),
        month.plusMonths(1).toString(),
        rows,
        rows.isEmpty() ? null : TinBars.of(bars),
        total(used, thrown));
  }

  private static String total(double used, double thrown) {
    if (used + thrown == 0) {
      return "";
    }
    return String.format(
        Locale.ROOT,
        "%s into bearings, %s thrown away: %.0f %% of what left the tins.",
        grams(used),
        grams(thrown),
        100 * thrown / (used + thrown));
  }

  private boolean isOf(GreaseTin tin, GreaseTakings.Use use) {
    return use.taken().tin() == tin.getId() && isIn(use.taken().at());
  }

  private boolean isOf(GreaseTin tin, TinWaste line) {
    return line.getTinId() == tin.getId() && isIn(line.getAt());
  }

  private boolean isIn(Instant at) {
    return YearMonth.from(at.atZone(zone)).equals(month);
  }

  private List<Line> lines(List<GreaseTakings.Use> out, List<TinWaste> gone) {
    List<Line> lines = new ArrayList<>();
    for (GreaseTakings.Use use : out) {
      Job job = jobs.get(use.jobId());
      String besides =
          use.taken().wasted() > 0 ? ", " + grams(use.taken().wasted()) + " of it wasted" : "";
      lines.add(
          new Line(
              use.taken().at(),
              (job == null ? "a job" : job.title()) + besides,
              job == null ? "" : job.address(),
              grams(use.taken().grams() + use.taken().wasted()),
              null));
    }
    gone.forEach(
        w ->
            lines.add(
                new Line(
                    w.getAt(),
                    w.getWords() + ", " + w.getPerson(),
                    "",
                    grams(w.getGrams()),
                    w.getId())));
    return List.copyOf(lines);
  }

  private static String grams(double grams) {
    return String.format(Locale.ROOT, "%.1f g", grams);
  }
}
