package unbo.core.vehicle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import unbo.core.arrangement.Arrangements;
import unbo.core.tables.Table;

/**
 * The sizes of a vehicle in plan, from which its positions follow.
 *
 * @param kind the kind
 * @param build a build of that kind, such as {@code front-driven}
 * @param axles number of axles, 1 to 4; only a trailer's is free
 * @param trackMm distance between the wheels of an axle, for a sidecar outfit between machine and
 *     sidecar wheel; zero for one-track vehicles, for a bicycle the distance of its pedals
 * @param axleDistanceMm wheelbase, for a trailer the distance of neighbouring axles
 * @param lengthMm over all
 * @param own positions that were added to this one vehicle
 */
public record VehicleLayout(
    VehicleKind kind,
    String build,
    int axles,
    double trackMm,
    double axleDistanceMm,
    double lengthMm,
    List<OwnPosition> own) {

  /** A one-track vehicle is drawn as wide as its handlebar. */
  private static final double LEAST_WIDTH_MM = 600;

  private static final List<Row> ROWS =
      Table.read(VehicleLayout.class, "/unbo/core/vehicle/positions.csv", Row::of);

  /** A row of the table: places as shares of wheelbase and half track. */
  private record Row(
      VehicleKind kind,
      String build,
      String code,
      String title,
      String arrangement,
      double along,
      double across,
      boolean wheel,
      boolean wheelOut) {

    static Row of(Table.Row row) {
      VehicleKind kind =
          VehicleKind.withId(row.text("kind"))
              .orElseThrow(() -> new IllegalArgumentException("no such kind"));
      String build = row.text("build");
      if (!build.equals("any") && !kind.builds().contains(build)) {
        throw new IllegalArgumentException("no such build " + build);
      }
      Arrangements.of(row.text("arrangement"));
      return new Row(
          kind,
          build,
          row.text("code"),
          row.text("title"),
          row.text("arrangement"),
          row.number("along"),
          row.number("across"),
          row.text("wheel").equals("yes"),
          List.of("yes", "out").contains(row.text("wheel")));
    }
  }

  public VehicleLayout {
    if (!kind.builds().contains(build)) {
      throw new IllegalArgumentException("A " + kind.title() + " is not built " + build);
    }
    if (axles < 1 || axles > 4 || !(lengthMm > 0) || trackMm < 0 || axleDistanceMm < 0) {
      throw new IllegalArgumentException("Impossible plan");
    }
    own = List.copyOf(own);
  }

  /** A vehicle without positions of its own. */
  public VehicleLayout(
      VehicleKind kind,
      String build,
      int axles,
      double trackMm,
      double axleDistanceMm,
      double lengthMm) {
    this(kind, build, axles, trackMm, axleDistanceMm, lengthMm, List.of());
  }

  /** The same with other positions of its own. */
  public VehicleLayout with(List<OwnPosition> others) {
    return new VehicleLayout(
        kind, build, axles, trackMm, axleDistanceMm, lengthMm, List.copyOf(others));
  }

  /** All positions, front to back. */
  public List<Position> positions() {
    Stream<Position> usual = (kind == VehicleKind.TRAILER ? trailer() : table()).stream();
    return Stream.concat(usual, own.stream().map(this::position))
        .sorted(Comparator.comparingDouble(Position::backMm))
        .toList();
  }

  private Position position(OwnPosition added) {
    return new Position(
        added.code(),
        added.title(),
        added.arrangement(),
        added.along() * lengthMm,
        added.across() * Math.max(trackMm, LEAST_WIDTH_MM) / 2,
        false,
        false);
  }

  /**
   * Each position's brother, by code: what carries the same on the other side of the same axle, so
   * that one can be judged by the other. What stands alone or unlike, such as a sidecar's wheel,
   * has none.
   */
  public Map<String, String> brothers() {
    Map<String, String> brothers = new LinkedHashMap<>();
    List<Position> all = positions();
    for (Position one : all) {
      all.stream()
          .filter(one::mirrors)
          .findFirst()
          .ifPresent(other -> brothers.put(one.code(), other.code()));
    }
    return brothers;
  }

  private List<Position> table() {
    return ROWS.stream()
        .filter(r -> r.kind == kind && (r.build.equals("any") || r.build.equals(build)))
        .map(this::position)
        .toList();
  }

  private Position position(Row row) {
    return new Position(
        row.code,
        row.title,
        row.arrangement,
        firstAxleMm() + row.along * axleDistanceMm,
        row.across * trackMm / 2,
        row.wheel,
        row.wheelOut);
  }

  private List<Position> trailer() {
    List<Position> all = new ArrayList<>();
    for (int axle = 0; axle < axles; axle++) {
      double back = firstAxleMm() + axle * axleDistanceMm;
      all.add(wheel(axle, "left", back, -trackMm / 2));
      all.add(wheel(axle, "right", back, trackMm / 2));
    }
    return all;
  }

  private Position wheel(int axle, String side, double back, double right) {
    String arrangement = build.equals("cartridge") ? "a4" : "a1";
    String code = "axle-" + (axle + 1) + "-" + side;
    return new Position(code, title(axle, side), arrangement, back, right, true, true);
  }

  private String title(int axle, String side) {
    if (axles == 1) {
      return side + " hub";
    }
    return (axle == 0 ? "front " : axle == axles - 1 ? "rear " : "middle ") + side;
  }

  /** A trailer's axles stand a little behind its middle; other wheelbases a little forward. */
  public double firstAxleMm() {
    return kind == VehicleKind.TRAILER
        ? lengthMm * 0.62 - (axles - 1) * axleDistanceMm / 2
        : Math.max(0, (lengthMm - axleDistanceMm) * 0.49);
  }
}
