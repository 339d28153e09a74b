package unbo.app.round;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import unbo.core.round.RoundMeasure;
import unbo.core.round.Trend;
import unbo.core.vehicle.Position;

/**
 * What the page of a round shows.
 *
 * @param stops the positions in walking order with what was found
 * @param now the position that is open; null when the walk is done
 * @param done how many were looked at
 * @param worse everything that is worse than last time or than its brother, in sentences
 */
public record RoundSheet(List<Stop> stops, Stop now, int done, List<String> worse) {

  /** One position with its line, its trends, and what is worse. */
  public record Stop(
      Position position, RoundLine line, List<TrendRow> trends, List<String> worse, boolean open) {}

  /** A trend: in words, and as a small line. */
  public record TrendRow(String title, String last, String change, String perYear, String path) {}

  private static final double WIDTH = 120;
  private static final double HEIGHT = 28;

  static RoundSheet of(
      VehicleRound round,
      Map<String, RoundLine> found,
      Map<String, List<Trend>> trends,
      String at) {
    List<Position> walk = round.walk();
    Position open =
        walk.stream()
            .filter(p -> p.code().equals(at))
            .findFirst()
            .or(() -> walk.stream().filter(p -> !found.containsKey(p.code())).findFirst())
            .filter(p -> !round.isEnded())
            .orElse(null);
    Map<String, Position> brothers = brothers(round);
    List<Stop> stops = new ArrayList<>();
    List<String> worse = new ArrayList<>();
    for (Position p : walk) {
      List<Trend> its = trends.getOrDefault(p.code(), List.of());
      List<String> own =
          found.containsKey(p.code()) ? worse(p, its, found, brothers.get(p.code())) : List.of();
      if (!own.isEmpty()) {
        worse.add(p.title() + ": " + String.join("; ", own));
      }
      stops.add(
          new Stop(p, found.get(p.code()), its.stream().map(t -> row(t)).toList(), own, p == open));
    }
    Stop now = stops.stream().filter(Stop::open).findFirst().orElse(null);
    return new RoundSheet(
        stops, now, (int) stops.stream().filter(s -> s.line != null).count(), worse);
  }

  /** The position on the other side, by code. */
  private static Map<String, Position> brothers(VehicleRound round) {
    Map<String, Position> others = new HashMap<>();
    round
        .getVehicle()
        .layout()
        .brothers()
        .forEach(
            (one, other) -> round.getVehicle().position(other).ifPresent(p -> others.put(one, p)));
    return others;
  }

  private static List<String> worse(
      Position position, List<Trend> trends, Map<String, RoundLine> found, Position brother) {
    List<String> all = new ArrayList<>();
    RoundLine own = found.get(position.code());
    for (Trend trend : trends) {
      boolean now = own.value(trend.measure()).isPresent();
      if (now && trend.change() == Trend.Change.WORSE) {
        all.add(trend.measure().title() + " is " + trend.change().title());
      }
    }
    if (brother != null && found.containsKey(brother.code())) {
      for (RoundMeasure m : RoundMeasure.values()) {
        var value = own.value(m);
        var other = found.get(brother.code()).value(m);
        if (value.isPresent()
            && other.isPresent()
            && Trend.isWorseThanBrother(m, value.getAsDouble(), other.getAsDouble())) {
          all.add(
              m.title()
                  + ": "
                  + at(position, m, value.getAsDouble())
                  + ", "
                  + at(brother, m, other.getAsDouble()));
        }
      }
    }
    if (List.of("rough", "notch", "loose").contains(own.getFeel())) {
      all.add("feels " + own.getFeel() + (own.getFeel().equals("notch") ? "y" : ""));
    }
    return all;
  }

  private static String at(Position position, RoundMeasure measure, double value) {
    return position.title() + " " + number(measure, value) + " " + measure.unit();
  }

  private static TrendRow row(Trend trend) {
    double last = trend.points().get(trend.points().size() - 1).value();
    String unit = " " + trend.measure().unit();
    return new TrendRow(
        trend.measure().title(),
        number(trend.measure(), last) + unit,
        trend.change().title(),
        trend
            .perYear()
            .map(
                y ->
                    slope(y.value(), y.uncertainty())
                        + " "
                        + trend.measure().difference()
                        + " per year")
            .orElse(""),
        path(trend.points()));
  }

  /**
   * The uncertainty with two figures, the value with as many places (ISO/IEC Guide 98-3, 7.2.6).
   */
  private static String slope(double value, double uncertainty) {
    int places = Math.max(0, 1 - (int) Math.floor(Math.log10(Math.max(1e-6, uncertainty))));
    String form = "%." + Math.min(places, 4) + "f";
    return String.format(Locale.ROOT, form + " ± " + form, value, uncertainty).replace('-', '−');
  }

  /** Three figures at most; the last zeros fall away, but millimetres keep their hundredths. */
  private static String number(RoundMeasure measure, double value) {
    BigDecimal plain =
        new BigDecimal(value)
            .round(new MathContext(3))
            .setScale(3, RoundingMode.HALF_EVEN)
            .stripTrailingZeros();
    int places = Math.max(plain.scale(), measure.unit().equals("mm") ? 2 : 0);
    return plain.setScale(places, RoundingMode.UNNECESSARY).toPlainString().replace('-', '−');
  }

  /** A line through the points, from the least to the greatest value; empty for one point. */
  private static String path(List<Trend.Point> points) {
    if (points.size() < 2) {
      return "";
    }
    double first = points.get(0).day();
    double span = Math.max(1e-6, points.get(points.size() - 1).day() - first);
    double least = points.stream().mapToDouble(Trend.Point::value).min().orElse(0);
    double most = points.stream().mapToDouble(Trend.Point::value).max().orElse(1);
    double range = Math.max(1e-9, most - least);
    StringBuilder path = new StringBuilder();
    for (Trend.Point p : points) {
      double x = 3 + (p.day() - first) / span * (WIDTH - 6);
      double y = HEIGHT - 3 - (p.value() - least) / range * (HEIGHT - 6);
      path.append(path.isEmpty() ? "M" : " L")
          .append(Math.round(x * 10) / 10.0)
          .append(' ')
          .append(Math.round(y * 10) / 10.0);
    }
    return path.toString();
  }
}
