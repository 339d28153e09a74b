package unbo.core.fit;

import java.util.List;
import java.util.Optional;
import unbo.core.tables.Table;

/**
 * Zones for a position: by the ring that sees the turning load, how heavy it is, and the housing's
 * material. Table {@code recommended.csv}. A light alloy gives back what it warms: its housing goes
 * one class tighter.
 *
 * @param shaft zone of the shaft's seat
 * @param housing zone of the housing's seat
 * @param why reasons, in phrases
 */
public record Recommendation(String shaft, String housing, List<String> why) {

  /** Share P/C under which a load is light, and over which it is heavy. */
  public static final double LIGHT = 0.06;

  public static final double HEAVY = 0.12;

  private static final List<String> TIGHTER = List.of("H7", "J7", "K7", "M7", "N7", "P7");

  private record Row(
      String turning,
      String load,
      double over,
      double upTo,
      String shaft,
      String housing,
      String why) {}

  private static final List<Row> ROWS =
      Table.read(
          Recommendation.class,
          "/unbo/core/fit/recommended.csv",
          row ->
              new Row(
                  row.text("turning"),
                  row.text("load"),
                  row.number("over"),
                  row.number("upTo"),
                  known(row.text("shaft")),
                  known(row.text("housing")),
                  row.text("why")));

  private static String known(String zone) {
    return IsoZone.parse(zone).orElseThrow(IllegalArgumentException::new).toString();
  }

  /** The word of a load share P/C. */
  public static String load(double share) {
    return share < LIGHT ? "light" : share <= HEAVY ? "normal" : "heavy";
  }

  /**
   * The zones; empty over 200 mm of bore and for words that are none.
   *
   * @param turning {@code inner}, {@code outer} or {@code both}
   * @param load {@code light}, {@code normal} or {@code heavy}
   * @param slides whether the ring with the standing load has to slide
   */
  public static Optional<Recommendation> of(
      String turning, String load, double boreMm, Material housing, boolean slides) {
    return ROWS.stream()
        .filter(r -> r.turning.equals(turning) && r.load.equals(load))
        .filter(r -> boreMm > r.over && boreMm <= r.upTo)
        .findFirst()
        .map(r -> made(r, housing, slides));
  }

  private static Recommendation made(Row row, Material housing, boolean slides) {
    List<String> why = new java.util.ArrayList<>(List.of(row.why));
    String hole = row.housing;
    boolean mustSlide = slides && row.turning.equals("inner");
    if (housing.isLightAlloy() && !mustSlide) {
      hole = TIGHTER.get(Math.min(TIGHTER.indexOf(hole) + 1, TIGHTER.size() - 1));
      why.add("one class tighter: the light alloy gives back when it warms");
    }
    if (mustSlide) {
      hole = "H7";
      why.add("the outer ring has to slide along the axis");
    }
    String shaft = row.shaft;
    if (slides && row.turning.equals("outer")) {
      shaft = "g6";
      why.add("the inner ring has to slide along the axis");
    }
    return new Recommendation(shaft, hole, List.copyOf(why));
  }
}
