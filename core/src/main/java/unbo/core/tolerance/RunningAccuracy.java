package unbo.core.tolerance;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import unbo.core.catalogue.Bearing;
import unbo.core.measure.Instrument;
import unbo.core.tables.Table;
import unbo.core.units.Digits;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * How true the two rings of an assembled bearing run: the greatest radial run-out of a class (ISO
 * 492, radial bearings except tapers).
 *
 * @param innerUm of the inner ring while the outer stands, Kia, µm
 * @param outerUm of the outer ring while the inner stands, Kea, µm
 */
public record RunningAccuracy(double innerUm, double outerUm) {

  /** A gauge that shall judge a limit is three times finer than it (ISO 14253-1 in spirit). */
  private static final double FINER = 3;

  private record Row(String ring, String toleranceClass, double over, double upTo, double mostUm) {}

  private static final List<Row> ROWS =
      Table.read(
          RunningAccuracy.class,
          "/unbo/core/tolerance/running-accuracy.csv",
          row ->
              new Row(
                  row.text("ring"),
                  row.text("class"),
                  row.number("over"),
                  row.number("upTo"),
                  row.number("mostUm")));

  /** That of a bearing of a class; empty for other kinds and where the table ends. */
  public static Optional<RunningAccuracy> of(Bearing bearing, String toleranceClass) {
    if (RingKind.of(bearing) != RingKind.RADIAL) {
      return Optional.empty();
    }
    Optional<Double> inner = most("inner", toleranceClass, bearing.boreMm());
    Optional<Double> outer = most("outer", toleranceClass, bearing.outerMm());
    return inner.isPresent() && outer.isPresent()
        ? Optional.of(new RunningAccuracy(inner.get(), outer.get()))
        : Optional.empty();
  }

  private static Optional<Double> most(String ring, String toleranceClass, double size) {
    return ROWS.stream()
        .filter(r -> r.ring.equals(ring) && r.toleranceClass.equals(toleranceClass))
        .filter(r -> size > r.over && size <= r.upTo)
        .map(Row::mostUm)
        .findFirst();
  }

  /** The working of a ring's limit. */
  public Working working(boolean inner, String toleranceClass) {
    double most = inner ? innerUm : outerUm;
    return Working.of(
        Formula.of(
            "Greatest run-out of the " + (inner ? "inner" : "outer") + " ring",
            "µm",
            "K, as the table has it",
            v -> v.get("K"),
            "ISO 492, as recalled: check before you refuse a bearing by it.",
            "The bearing alone on an arbor, one turn, the other ring held; a fitted one shows shaft"
                + " and housing too."),
        List.of(
            Input.exact(
                "K", "run-out, class " + toleranceClass, most, "µm", Origin.table("ISO 492"))));
  }

  /** With what the finer of the two limits can be checked; says so where nothing here can. */
  public String check() {
    double least = Math.min(innerUm, outerUm);
    return Stream.of("dial", "test-dial")
        .flatMap(id -> Instrument.withId(id).stream())
        .filter(i -> i.uncertainty() * 1000 * FINER <= least)
        .findFirst()
        .map(i -> "Checked with a " + i.name() + " (± " + Digits.exact(i.uncertainty()) + " mm).")
        .orElse("No gauge of this workshop is fine enough to check it: the maker’s word stands.");
  }
}
