package unbo.core.strip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.SizeTemplate;
import unbo.core.designation.BearingFacts;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.Reading;
import unbo.core.heat.LooseningHeat;
import unbo.core.strip.Circumstances.State;
import unbo.core.strip.Route.Kind;
import unbo.core.strip.Route.Verdict;
import unbo.core.working.Origin;

/** Ways that a mechanic knows, and what must hold of every way. */
class RoutesTest {

  static List<Arrangement> all() {
    return Arrangements.standard().all();
  }

  private static List<Route> routes(String id, String part) {
    return Routes.of(Assembly.assumed(Arrangements.of(id)), part, Circumstances.AS_DRAWN);
  }

  private static Optional<Route> route(String id, String part, String kind) {
    return routes(id, part).stream().filter(r -> r.kind().id().equals(kind)).findFirst();
  }

  /** What the trade does and what it costs; a dash where there is no such way. */
  @ParameterizedTest
  @CsvSource({
    "a1, inboard-cup, drift, keeps",
    "a1, inboard-cup, collet-puller, keeps",
    "a1, inboard-cup, weld-bead, scraps",
    "a1, outboard-cup, press, keeps",
    "a1, seal, lever, keeps",
    "a2, outer, hub-press, keeps",
    "a2, wheel-flange, slide-hammer, scraps",
    "a2, wheel-flange, press, scraps",
    "a2, inner-right, relief-cut, risks-seat",
    "a2, inner-right, splitter, not-possible",
    "a4, left-bearing, drift, scraps",
    "a4, left-bearing, collet-puller, scraps",
    "a4, left-bearing, heat-housing, keeps",
    "a9, left-main, press, scraps",
    "a10, left-cone, press, keeps",
    "a11, tail-cone, splitter, keeps",
    "a12, bearing, new-pushes-old, keeps",
    "a20, ring, relief-cut, risks-seat",
    "a20, ring, jaw-puller, not-possible",
    "a20, bearing, splitter, keeps",
    "a24, bearing, collet-puller, scraps",
    "a24, bearing, press, not-possible",
    "a1, inboard-cone, press, -"
  })
  void theWaysOfTheTrade(String id, String part, String kind, String verdict) {
    assertThat(route(id, part, kind).map(r -> r.verdict().id()).orElse("-"))
        .as(routes(id, part).toString())
        .isEqualTo(verdict);
  }

  /** Every press fit of every section, asked at the step that parts it. */
  private static List<Route> everyRoute(Assembly assembly) {
    StripOrder order = StripOrder.of(assembly);
    List<Route> routes = new ArrayList<>();
    for (StripStep step : order.steps()) {
      for (StripStep.Grip grip : step.tight()) {
        List<Route> some = Routes.of(assembly, order, step, grip.part(), Circumstances.AS_DRAWN);
        assertThat(some).as(assembly.arrangement().id() + " " + grip).isNotEmpty();
        routes.addAll(some);
      }
    }
    return routes;
  }

  private static void assertSound(Route r) {
    if (r.crossesElements()) {
      assertThat(r.verdict()).as("" + r).isNotIn(Verdict.KEEPS);
    }
    assertThat(r.why()).isNotBlank();
    assertThat(r.kind().how()).isNotBlank();
    boolean both =
        r.path().stream().anyMatch(p -> p.endsWith("/inner"))
            && r.path().stream()
                .anyMatch(
                    p -> p.endsWith("/outer") && r.path().contains(p.replace("/outer", "/inner")));
    assertThat(both && !r.crossesElements()).as("a path over the elements of " + r).isFalse();
    if (r.heat().isPresent() && r.verdict() == Verdict.KEEPS) {
      assertThat(r.limitC()).isPositive();
    }
  }

  @ParameterizedTest
  @MethodSource("all")
  void noWayThatKeepsGoesOverTheElements(Arrangement a) {
    List<Route> routes = everyRoute(Assembly.assumed(a));
    routes.forEach(RoutesTest::assertSound);
  }

  /** The same over seeded sizes within what can be built. */
  @ParameterizedTest
  @MethodSource("all")
  void norOverRandomSizes(Arrangement a) {
    Random random = new Random(a.id().hashCode());
    for (int n = 0; n < 3; n++) {
      Assembly assembly = Assembly.assumed(a);
      for (SizeTemplate size : a.sizes()) {
        double usual = assembly.value(size);
        double other = usual * (0.9 + 0.2 * random.nextDouble());
        Assembly changed = size.isCount() ? assembly : assembly.with(size, other);
        assembly = changed.problems().isEmpty() ? changed : assembly;
      }
      everyRoute(assembly).forEach(RoutesTest::assertSound);
    }
  }

  /** The best ways stand first: in reach, then what keeps the bearing. */
  @ParameterizedTest
  @MethodSource("all")
  void theBestStandsFirst(Arrangement a) {
    Assembly assembly = Assembly.assumed(a);
    StripOrder order = StripOrder.of(assembly);
    for (StripStep step : order.steps()) {
      if (step.needsRoute()) {
        List<Route> some =
            Routes.of(assembly, order, step, step.parts().get(0), Circumstances.AS_DRAWN);
        List<Verdict> verdicts = some.stream().map(Route::verdict).toList();
        assertThat(verdicts).isSorted();
      }
    }
  }

  /** A shop without a press is told so, and its own ways come before. */
  @Test
  void whatTheShopLacksStandsBehind() {
    Circumstances drifts =
        new Circumstances(Optional.empty(), Map.of(), Optional.of(Set.of(Tool.DRIFT)));
    List<Route> routes = Routes.of(Assembly.assumed(Arrangements.of("a1")), "outboard-cup", drifts);
    assertThat(routes.get(0).kind()).isEqualTo(Kind.DRIFT);
    assertThat(routes.get(0).missing()).isEmpty();
    assertThat(routes)
        .filteredOn(r -> r.kind() == Kind.PRESS)
        .singleElement()
        .satisfies(r -> assertThat(r.missing()).containsExactly(Tool.PRESS));
  }

  /** A cone left on its spindle lets the hub go without it, and wants a way of its own. */
  @Test
  void whatIsLeftBehindStaysBehind() {
    Assembly hub = Assembly.assumed(Arrangements.of("a1"));
    Circumstances left =
        new Circumstances(
            Optional.empty(),
            Map.of("inboard-cone on spindle", State.LEFT_BEHIND),
            Optional.empty());
    StripStep off =
        StripOrder.of(hub, left).steps().stream()
            .filter(s -> s.parts().get(0).equals("hub"))
            .findFirst()
            .orElseThrow();
    assertThat(off.parts()).doesNotContain("inboard-cone");
    assertThat(Routes.of(hub, "inboard-cone", left))
        .anyMatch(r -> r.kind() == Kind.JAW_PULLER && r.verdict() == Verdict.KEEPS)
        .anyMatch(r -> r.kind() == Kind.RELIEF_CUT && r.verdict() == Verdict.RISKS_SEAT);
  }

  /** A bolted unit slides by drawing and is held by rust in life. */
  @Test
  void rustTurnsASlidingFitIntoATightOne() {
    Assembly unit = Assembly.assumed(Arrangements.of("a3"));
    assertThat(Routes.of(unit, "outer-body", Circumstances.AS_DRAWN)).isEmpty();
    Circumstances rusted =
        new Circumstances(
            Optional.empty(), Map.of("outer-body in knuckle", State.RUSTED), Optional.empty());
    List<Route> routes = Routes.of(unit, "outer-body", rusted);
    assertThat(routes).isNotEmpty();
    assertThat(routes.get(0).kind()).as("time first").isEqualTo(Kind.PENETRANT);
    assertThat(routes)
        .filteredOn(r -> r.kind() == Kind.HEAT_HOUSING)
        .singleElement()
        .satisfies(r -> assertThat(r.pushesOn()).isEqualTo("knuckle"));
    assertThat(routes)
        .as("a hammer on the wheel flange goes over the balls")
        .filteredOn(r -> r.kind() == Kind.SLIDE_HAMMER)
        .singleElement()
        .satisfies(r -> assertThat(r.verdict()).isEqualTo(Verdict.SCRAPS));
  }

  /**
   * By hand: 62 mm, 51 µm and 20 µm to slide, light alloy against steel 11.5·10⁻⁶/K: 71/0.713 =
   * 99.6 K over 20 °C. Half the interference asks for 64 K.
   */
  @Test
  void heatIsTheSumOfExpansion() {
    assertThat(LooseningHeat.worstMm(true, 62)).hasValue(0.051);
    assertThat(LooseningHeat.worstMm(false, 25)).hasValue(0.031);
    assertThat(LooseningHeat.worstMm(true, 5)).isEmpty();
    var heat =
        LooseningHeat.temperature(
            LooseningHeat.Heated.ALLOY_HOUSING, 62, 0.051, Origin.measured("here"));
    assertThat(heat.result().value()).isCloseTo(119.6, within(0.1));
    var half =
        LooseningHeat.temperature(
            LooseningHeat.Heated.ALLOY_HOUSING, 62, 0.0255, Origin.measured("here"));
    assertThat(half.result().value()).isCloseTo(83.8, within(0.1));
  }

  /** A bearing whose seals were read does not live through the heat that frees it. */
  @Test
  void heatSpoilsASealedBearing() {
    assertThat(housingHeat("6204").verdict()).isEqualTo(Verdict.KEEPS);
    assertThat(housingHeat("6204-2RS").verdict()).isEqualTo(Verdict.SCRAPS);
    assertThat(housingHeat("6204-2RS").why()).contains("over 80 °C");
  }

  private static Route housingHeat(String number) {
    Reading reading = DesignationReader.standard().read(number).readings().get(0);
    Assembly read =
        Assembly.assumed(Arrangements.of("a4"))
            .with("left", reading.bearing())
            .saying(Map.of("left", BearingFacts.of(reading)));
    return Routes.of(read, "left-bearing", Circumstances.AS_DRAWN).stream()
        .filter(r -> r.kind() == Kind.HEAT_HOUSING)
        .findFirst()
        .orElseThrow();
  }

  /**
   * A seat that was measured sets the heat: 62.000 in 61.960 is 40 µm, not the worst of its fit.
   */
  @Test
  void aMeasuredSeatSetsTheHeat() {
    Arrangement a1 = Arrangements.of("a1");
    Assembly measured = Assembly.assumed(a1).with(a1.size("hub.inboard-bore").orElseThrow(), 61.96);
    Route heat =
        Routes.of(measured, "inboard-cup", Circumstances.AS_DRAWN).stream()
            .filter(r -> r.kind() == Kind.HEAT_HOUSING)
            .findFirst()
            .orElseThrow();
    assertThat(heat.heat().orElseThrow().result().value()).isCloseTo(104.2, within(0.3));
  }
}
