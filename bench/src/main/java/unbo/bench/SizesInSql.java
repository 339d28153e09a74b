package unbo.bench;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.measure.Instrument;
import unbo.core.size.MeasuredSize;
import unbo.core.size.SizeDimension;
import unbo.core.size.SizeSearch;
import unbo.core.tolerance.Limits;
import unbo.core.tolerance.RingKind;
import unbo.core.tolerance.RingTolerances;
import unbo.core.tolerance.RingTolerances.Dimension;

/**
 * The search by three sizes beside the same question in SQL, on the same machine: the rows in a
 * table with an index over bore, outside and width, weighed by the same error with its heavy tail,
 * the best twelve. Asked over one connection with a statement prepared once, of rows that the index
 * leaves, and of all. All rows count alike, so that among twins another may come first.
 */
public final class SizesInSql {

  /** Java compiles what runs often; the database keeps its pages: both get the same time first. */
  private static final long WARM_UP_NS = 6_000_000_000L;

  private static final int ROUNDS = 21;

  /** Every so many rows of the catalogue are asked for. */
  private static final int STEP = 11;

  private static final double READ_OFF_MM = 0.02;
  private static final double REACH_MM = 0.6;
  private static final double ASSUMED_UM = 115;

  private static final List<String> COLUMNS = List.of("bore", "outside", "width");

  private final List<Bearing> asked;
  private final Instrument caliper = Instrument.withId("caliper").orElseThrow();

  private SizesInSql() {
    List<Bearing> rows = Catalogue.standard().all();
    this.asked =
        IntStream.range(0, rows.size()).filter(i -> i % STEP == 0).mapToObj(rows::get).toList();
  }

  /** The database stands in the environment, as for the tests. */
  public static void main(String[] arguments) throws SQLException {
    try (Connection db =
        DriverManager.getConnection(
            System.getenv("UNBO_DB_URL") + "?useServerPrepStmts=true",
            System.getenv("UNBO_DB_USER"),
            System.getenv("UNBO_DB_PASSWORD"))) {
      new SizesInSql().measure(db);
    }
  }

  private void measure(Connection db) throws SQLException {
    fill(db);
    try (PreparedStatement near = db.prepareStatement(question(true));
        PreparedStatement all = db.prepareStatement(question(false))) {
      same(near);
      double own = median("search here", this::search);
      double byIndex = median("SQL, rows that the index leaves", b -> ask(near, b, true));
      double ofAll = median("SQL, all rows weighed", b -> ask(all, b, false));
      System.out.printf(
          Locale.ROOT, "%.0f and %.0f times as fast as SQL%n", byIndex / own, ofAll / own);
    }
  }

  private void fill(Connection db) throws SQLException {
    try (Statement statement = db.createStatement()) {
      statement.execute(
          "create temporary table bearing_size (designation varchar(40), bore double, outside double,"
              + " width double, bore_sigma double, outside_sigma double, width_sigma double,"
              + " key by_size (bore, outside, width)) character set utf8mb4");
    }
    try (PreparedStatement row =
        db.prepareStatement("insert into bearing_size values (?, ?, ?, ?, ?, ?, ?)")) {
      for (Bearing bearing : Catalogue.standard().all()) {
        row.setString(1, bearing.designation());
        double[] sizes = sizes(bearing);
        double[] sigmas = sigmas(bearing);
        for (int i = 0; i < sizes.length; i++) {
          row.setDouble(2 + i, sizes[i]);
          row.setDouble(5 + i, sigmas[i]);
        }
        row.addBatch();
      }
      row.executeBatch();
    }
  }

  private static double[] sizes(Bearing bearing) {
    return new double[] {bearing.boreMm(), bearing.outerMm(), bearing.widthMm()};
  }

  /** Of the ring within its class and the instrument together, in millimetres. */
  private double[] sigmas(Bearing bearing) {
    RingKind kind = RingKind.assumed(bearing);
    return new double[] {
      sigma(kind, Dimension.BORE, bearing.boreMm(), bearing.boreMm()),
      sigma(kind, Dimension.OUTSIDE, bearing.outerMm(), bearing.outerMm()),
      sigma(kind, Dimension.WIDTH, bearing.boreMm(), bearing.widthMm())
    };
  }

  private double sigma(RingKind kind, Dimension dimension, double by, double size) {
    double ringUm =
        RingTolerances.of(kind, dimension, kind.usualClass(), by)
            .map(SizesInSql::spreadUm)
            .orElse(ASSUMED_UM);
    return Math.hypot(ringUm / 1000, caliper.uncertaintyAt(size) / 2);
  }

  private static double spreadUm(Limits limits) {
    return Math.sqrt(Math.pow(limits.middleUm(), 2) + Math.pow(limits.widthUm(), 2) / 12);
  }

  private static String question(boolean byIndex) {
    StringBuilder score = new StringBuilder("1");
    StringBuilder near = new StringBuilder();
    for (String column : COLUMNS) {
      score.append(" * ").append(density(column));
      near.append(near.isEmpty() ? " where " : " and ").append(column).append(" between ? and ?");
    }
    return "select designation, "
        + score
        + " as score from bearing_size"
        + (byIndex ? near : "")
        + " order by score desc limit "
        + SizeSearch.MOST;
  }

  private static String density(String column) {
    return String.format(
        Locale.ROOT,
        "(0.97 * exp(-pow((%1$s - ?) / %1$s_sigma, 2) / 2) / %1$s_sigma"
            + " + 0.03 * exp(-pow(%1$s - ?, 2) / (%1$s_sigma * %1$s_sigma + 0.0225) / 2)"
            + " / sqrt(%1$s_sigma * %1$s_sigma + 0.0225))",
        column);
  }

  private static double[] read(Bearing bearing) {
    return new double[] {
      bearing.boreMm() + READ_OFF_MM,
      bearing.outerMm() - READ_OFF_MM,
      bearing.widthMm() - READ_OFF_MM
    };
  }

  private String ask(PreparedStatement question, Bearing bearing, boolean byIndex) {
    try {
      int field = 1;
      for (double size : read(bearing)) {
        question.setDouble(field++, size);
        question.setDouble(field++, size);
      }
      if (byIndex) {
        for (double size : read(bearing)) {
          question.setDouble(field++, size - REACH_MM);
          question.setDouble(field++, size + REACH_MM);
        }
      }
      String first = "";
      try (ResultSet found = question.executeQuery()) {
        while (found.next()) {
          first = first.isEmpty() ? found.getString(1) : first;
        }
      }
      return first;
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
  }

  private String search(Bearing bearing) {
    double[] sizes = read(bearing);
    var found =
        SizeSearch.find(
            Map.of(
                SizeDimension.BORE, new MeasuredSize(sizes[0], caliper),
                SizeDimension.OUTER, new MeasuredSize(sizes[1], caliper),
                SizeDimension.WIDTH, new MeasuredSize(sizes[2], caliper)),
            Optional.empty());
    return found.candidates().isEmpty() ? "" : found.candidates().get(0).bearing().designation();
  }

  /** That it is the same question: how often the first answer is of the same size. */
  private void same(PreparedStatement near) {
    long same =
        asked.stream()
            .filter(b -> Arrays.equals(sizes(row(search(b))), sizes(row(ask(near, b, true)))))
            .count();
    System.out.printf("the same size first for %d of %d%n", same, asked.size());
  }

  private static Bearing row(String designation) {
    return Catalogue.standard().find(designation).orElseThrow();
  }

  /** The median of the rows' medians, in microseconds. */
  private double median(String what, Function<Bearing, String> question) {
    long end = System.nanoTime() + WARM_UP_NS;
    while (System.nanoTime() < end) {
      asked.forEach(question::apply);
    }
    double[] medians =
        asked.stream()
            .mapToDouble(
                b -> {
                  double[] rounds = new double[ROUNDS];
                  for (int i = 0; i < ROUNDS; i++) {
                    long before = System.nanoTime();
                    question.apply(b);
                    rounds[i] = (System.nanoTime() - before) / 1e3;
                  }
                  Arrays.sort(rounds);
                  return rounds[ROUNDS / 2];
                })
            .sorted()
            .toArray();
    double middle = medians[medians.length / 2];
    System.out.printf(
        Locale.ROOT,
        "%s: median %.1f µs, 99th percentile %.1f µs%n",
        what,
        middle,
        medians[(int) (0.99 * medians.length)]);
    return middle;
  }
}
