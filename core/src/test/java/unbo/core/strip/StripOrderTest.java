package unbo.core.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.PartTemplate;

/** Orders that a mechanic knows, and what must hold of every order. */
class StripOrderTest {

  static List<Arrangement> all() {
    return Arrangements.standard().all();
  }

  private static StripOrder order(String id) {
    return StripOrder.of(Assembly.assumed(Arrangements.of(id)));
  }

  /** One word for each step: the part that leads it, and how it leaves. */
  private static List<String> words(String id) {
    return order(id).steps().stream().map(s -> s.parts().get(0) + " " + s.way().id()).toList();
  }

  /** A taper hub: the outboard cone before the hub, seal and inboard cone after it. */
  @Test
  void aTaperHubComesOffOverItsSpindle() {
    assertThat(words("a1"))
        .startsWith(
            "cap right",
            "pin radial",
            "nut unscrewed",
            "washer right",
            "outboard-cone right",
            "hub right",
            "seal left",
            "inboard-cone left")
        .contains("inboard-cup left", "outboard-cup right")
        .hasSize(10);
    StripStep hub = order("a1").steps().get(5);
    assertThat(hub.parts())
        .containsExactlyInAnyOrder("hub", "seal", "inboard-cone", "inboard-cup", "outboard-cup");
    assertThat(hub.needsRoute()).as("the hub slides").isFalse();
    assertThat(order("a1").steps().get(6).needsRoute()).as("the seal is pressed in").isTrue();
  }

  /** What comes before what, in trade practice. */
  @ParameterizedTest
  @CsvSource({
    "a1, pin, nut",
    "a2, nut, stub-axle",
    "a2, circlip, outer",
    "a2, wheel-flange, outer",
    "a3, bolt, outer-body",
    "a4, left-seal, left-bearing",
    "a4, left-bearing, spacer",
    "a5, left-lock-nut, left-cone",
    "a5, left-cone, left-balls",
    "a6, top-yoke, adjuster",
    "a8, right-circlip, joint",
    "a9, right-case, crank",
    "a10, cover, shaft",
    "a11, tail-cone, pinion",
    "a14, right-arm, spindle",
    "a20, ring, bearing",
    "a21, half-shaft, lock-nut",
    "a21, lock-nut, inner-nut",
    "a28, outer-circlip, rim",
    "a31, stem, upper-bearing",
    "a35, clip, seal",
    "a39, nut, body",
    "a41, nut, bolt",
    "a43, nut, hub"
  })
  void whatHoldsComesOffFirst(String id, String first, String second) {
    List<String> leaving = order(id).steps().stream().map(s -> s.parts().get(0)).toList();
    assertThat(leaving.indexOf(first)).as(id + " " + leaving).isNotNegative();
    assertThat(leaving.indexOf(second))
        .as(id + " " + leaving)
        .isGreaterThan(leaving.indexOf(first));
  }

  /** The wheel half of a pressed unit's inner ring stays on its flange. */
  @Test
  void halfAnInnerRingStaysOnTheFlange() {
    StripStep flange =
        order("a2").steps().stream()
            .filter(s -> s.parts().get(0).equals("wheel-flange"))
            .findFirst()
            .orElseThrow();
    assertThat(flange.parts()).containsExactlyInAnyOrder("wheel-flange", "inner-right");
    assertThat(flange.needsRoute()).isTrue();
  }

  /** A bearing in a blind bore leaves the one way that is open. */
  @ParameterizedTest
  @CsvSource({"a24, bearing, true", "a36, housing-washer, false", "a30, left-bearing, false"})
  void aBlindBoreLeavesOneWay(String id, String part, boolean right) {
    assertThat(order(id).steps())
        .filteredOn(s -> s.parts().get(0).equals(part))
        .singleElement()
        .satisfies(s -> assertThat(s.right()).isEqualTo(right));
  }

  /** What cannot be drawn along the axis, with what shuts it in: lifted out, split or never. */
  private static final Map<String, Set<String>> NOT_ALONG_THE_AXIS =
      Map.of(
          "a9", Set.of("pin"),
          "a22", Set.of("carrier", "crown-wheel"),
          "a33", Set.of("rod", "cage"),
          "a34", Set.of("camshaft"),
          "a45", Set.of("ball-stud", "liner"));

  /** Law: every part comes off in the end, or is named with those that shut it in. */
  @ParameterizedTest
  @MethodSource("all")
  void everyPartComesOffOrIsNamed(Arrangement a) {
    StripOrder order = StripOrder.of(Assembly.assumed(a));
    Set<String> gone = new TreeSet<>();
    order.steps().forEach(s -> gone.addAll(s.parts()));
    Set<String> expected = new TreeSet<>();
    a.parts().stream().map(PartTemplate::id).forEach(expected::add);
    expected.remove(a.fixed());
    expected.removeAll(gone);
    expected.removeIf(p -> a.contactsOf(p).stream().anyMatch(StripOrderTest::isBonded));
    Set<String> named = new TreeSet<>(named(a, order));
    named.removeIf(p -> a.contactsOf(p).stream().anyMatch(StripOrderTest::isBonded));
    assertThat(expected).isEqualTo(named);
    assertThat(order.shutIn().keySet())
        .isEqualTo(NOT_ALONG_THE_AXIS.getOrDefault(a.id(), Set.of()));
    order.shutIn().values().forEach(by -> assertThat(by).isNotEmpty());
  }

  private static boolean isBonded(unbo.core.arrangement.Contact contact) {
    return contact.isHeldBy(unbo.core.arrangement.Hold.BONDED);
  }

  /** Parts that never left the group in which they came off. */
  private static List<String> named(Arrangement a, StripOrder order) {
    Set<String> left = new TreeSet<>(order.shutIn().keySet());
    order.steps().forEach(s -> left.removeAll(s.parts()));
    return new ArrayList<>(left);
  }

  /** Law: a part leaves a place once, and what holds it has left before; presses come last. */
  @ParameterizedTest
  @MethodSource("all")
  void nothingLeavesTwice(Arrangement a) {
    Map<String, String> offWhat = new TreeMap<>();
    for (StripStep s : StripOrder.of(Assembly.assumed(a)).steps()) {
      assertThat(s.parts()).doesNotContain(s.base());
      assertThat(s.among()).containsAll(s.parts());
      for (String p : s.parts()) {
        assertThat(offWhat.put(p + " off " + s.base(), "")).as(a.id() + " " + p).isNull();
      }
      s.tight()
          .forEach(
              g ->
                  assertThat(s.parts().contains(g.part()) != s.parts().contains(g.seat()))
                      .isTrue());
    }
  }

  /** A gear that does not pass the bore shuts the shaft in: nothing here is a written list. */
  @Test
  void aLargerGearChangesTheOrder() {
    Assembly usual = Assembly.assumed(Arrangements.of("a10"));
    assertThat(StripOrder.of(usual).steps()).anyMatch(s -> s.parts().contains("gear"));
    Assembly larger = usual.with(Arrangements.of("a10").size("gear.outside").orElseThrow(), 70);
    StripOrder order = StripOrder.of(larger);
    assertThat(order.shutIn()).containsKey("gear");
    assertThat(order.shutIn().get("gear")).contains("case");
  }
}
