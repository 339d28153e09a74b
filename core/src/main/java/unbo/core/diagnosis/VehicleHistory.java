package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.core.tables.Table;

/**
 * What a vehicle had before moves the priors of its rolling bearings: the rules of {@code
 * history.csv}, each with its reason. Where several fit a place the first of the table counts, so
 * that one story is not told twice.
 */
public final class VehicleHistory {

  /**
   * A job that was closed.
   *
   * @param position where
   * @param monthsAgo how long ago, not negative
   * @param renewed whether a bearing of it was renewed
   */
  public record PastWork(String position, double monthsAgo, boolean renewed) {
    public PastWork {
      if (!(monthsAgo >= 0)) {
        throw new IllegalArgumentException("Not in the past: " + monthsAgo);
      }
    }
  }

  /**
   * A moved prior.
   *
   * @param factor on its prior, over 0
   * @param reason why, in words
   */
  public record Shift(double factor, String reason) {}

  private record Rule(String name, double months, double factor, String reason) {
    Shift shift(List<PastWork> its) {
      String text =
          reason
              .replace("{m} months", months(Math.round(its.get(0).monthsAgo())))
              .replace("{n}", String.valueOf(its.size()));
      return new Shift(factor, text);
    }

    private static String months(long months) {
      return months == 0 ? "less than a month" : months + (months == 1 ? " month" : " months");
    }
  }

  private static final List<Rule> RULES =
      Table.read(
          VehicleHistory.class,
          "/unbo/core/diagnosis/history.csv",
          row ->
              new Rule(
                  row.text("rule"),
                  row.number("months"),
                  row.number("factor"),
                  row.text("reason")));

  private VehicleHistory() {}

  /**
   * The moved priors by cause.
   *
   * @param brothers the position on the other side of the same axle, by position
   */
  public static Map<String, Shift> shifts(
      DiagnosisModel model, List<PastWork> past, Map<String, String> brothers) {
    Map<String, Shift> shifts = new LinkedHashMap<>();
    for (Cause cause : model.causes()) {
      if (cause.place().rolling() && !cause.place().position().isEmpty()) {
        String brother = brothers.getOrDefault(cause.place().position(), "");
        shift(cause.place().position(), brother, past)
            .ifPresent(shift -> shifts.put(cause.id(), shift));
      }
    }
    return shifts;
  }

  private static Optional<Shift> shift(String position, String brother, List<PastWork> past) {
    return RULES.stream()
        .flatMap(rule -> applied(rule, position, brother, past).stream())
        .findFirst();
  }

  private static Optional<Shift> applied(
      Rule rule, String position, String brother, List<PastWork> past) {
    List<PastWork> here = within(past, position, rule.months);
    List<PastWork> beside = within(past, brother, rule.months);
    boolean fits =
        switch (rule.name) {
          case "came-back" -> here.size() >= 2;
          case "renewed-here" -> !here.isEmpty() && here.get(0).renewed();
          case "left-here" -> !here.isEmpty() && !here.get(0).renewed();
          case "brother-renewed" -> beside.stream().anyMatch(PastWork::renewed);
          default -> throw new IllegalStateException("No rule " + rule.name);
        };
    return fits
        ? Optional.of(rule.shift(rule.name.startsWith("brother") ? beside : here))
        : Optional.empty();
  }

  /** Work at a place within some months, the latest first. */
  private static List<PastWork> within(List<PastWork> past, String position, double months) {
    List<PastWork> its = new ArrayList<>();
    for (PastWork work : past) {
      if (work.position().equals(position) && work.monthsAgo() <= months) {
        its.add(work);
      }
    }
    its.sort(Comparator.comparingDouble(PastWork::monthsAgo));
    return its;
  }
}
