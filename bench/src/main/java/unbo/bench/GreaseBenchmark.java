package unbo.bench;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.contact.ElementContact;
import unbo.core.friction.Drag;
import unbo.core.friction.Friction;
import unbo.core.friction.Friction.Seal;
import unbo.core.friction.LoadSpread;
import unbo.core.grease.ChargeWorkings;
import unbo.core.grease.Duty;
import unbo.core.lubricant.GreaseLife;
import unbo.core.lubricant.Oil;
import unbo.core.lubricant.Tin;
import unbo.core.lubricant.TinChoice;
import unbo.core.lubricant.Water;
import unbo.core.measure.Measured;
import unbo.core.section.BearingPortrait;
import unbo.core.speed.HighSpeed;
import unbo.core.tolerance.Limits;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/** What Pack works out for one position, a vehicle's drag list, a bearing at speed. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class GreaseBenchmark {

  private static final List<Bearing> PAIR =
      Stream.of("30206", "30204").map(n -> Catalogue.standard().find(n).orElseThrow()).toList();
  private static final Bearing BALL = Catalogue.standard().find("6205").orElseThrow();
  private static final LoadSpread SPREAD = new LoadSpread(9, new ElementContact(7.94, 0));
  private static final Oil OIL = new Oil(100, 11.1);
  private static final List<Tin> TINS =
      IntStream.range(0, 8)
          .mapToObj(
              i ->
                  new Tin(
                      "tin " + i,
                      "lithium",
                      Optional.of(new Oil(60 + 40 * i, 8 + 3 * i)),
                      -30,
                      130,
                      OptionalDouble.of(350_000),
                      OptionalDouble.of(4),
                      true,
                      0.9,
                      Set.of()))
          .toList();

  private static Friction.Question question(Bearing b, String family, double fill, double nu) {
    return new Friction.Question(
        family,
        b.boreMm(),
        b.outerMm(),
        OptionalDouble.of(b.widthMm()),
        800,
        2000,
        0,
        nu,
        fill,
        false,
        false,
        Seal.OPEN,
        2,
        OptionalDouble.empty(),
        false,
        OptionalDouble.empty(),
        0,
        1,
        20);
  }

  /** Charges, tins in order, drag of seven choices, life of the grease: all of one hub. */
  @Benchmark
  public List<Object> onePosition() {
    Stream<Object> charges =
        PAIR.stream()
            .map(
                b ->
                    new ChargeWorkings(
                            b,
                            Origin.table("bearing"),
                            OptionalDouble.empty(),
                            Origin.measured("scale"),
                            ChargeWorkings.share(Duty.GENERAL, 0.4, false),
                            ChargeWorkings.density(0.9))
                        .charge());
    TinChoice.Work work =
        new TinChoice.Work(800, 46, 60, Water.withId("dry").orElseThrow(), "lithium", Set.of());
    Stream<Object> drags =
        Stream.of(0.3, 0.2, 0.5, 0.31, 0.32)
            .flatMap(
                fill ->
                    PAIR.stream().map(b -> Drag.watts(question(b, "tapered-roller", fill, 60))));
    Stream<Object> clearances =
        Stream.of(-10.0, -10.0, 22.0, 22.0)
            .map(um -> SPREAD.against(2000, new Measured(um, 8), 12.5))
            .map(z -> Drag.watts(question(BALL, "deep-groove-ball", 0.3, 60), factor(z)));
    return Stream.concat(
            Stream.concat(Stream.concat(charges, drags), clearances),
            Stream.of(TinChoice.of(work, TINS), GreaseLife.hours(800 * 46, 60, 1)))
        .toList();
  }

  private static Drag.Factor factor(Measured z) {
    return new Drag.Factor(
        Drag.On.LOAD, "Drag at another clearance", "z", "loads", z, Origin.computed("spread"), "");
  }

  /** Six wheels with two bearings each, as they are and with another fill. */
  @Benchmark
  public List<Working> vehicle() {
    return IntStream.range(0, 12)
        .mapToObj(i -> PAIR.get(i % 2))
        .flatMap(
            b -> Stream.of(0.3, 0.2).map(f -> Drag.watts(question(b, "tapered-roller", f, 60))))
        .toList();
  }

  /** Heat balance with its doubt, film, pull, clearance, and what governs. */
  @Benchmark
  public HighSpeed atSpeed() {
    return HighSpeed.of(
        new HighSpeed.Work(
            question(BALL, "deep-groove-ball", 0.3, 1),
            BearingPortrait.of(BALL).inside().orElseThrow(),
            OIL,
            1,
            true,
            OptionalDouble.of(500_000),
            Optional.of(new Limits(5, 20, "ISO 5753-1")),
            10,
            5));
  }
}
