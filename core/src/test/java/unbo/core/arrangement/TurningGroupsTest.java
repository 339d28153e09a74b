package unbo.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What stands and what turns, against what everybody knows of each arrangement. */
class TurningGroupsTest {

  static Collection<Arrangement> all() {
    return Arrangements.standard().all();
  }

  @ParameterizedTest
  @MethodSource("all")
  void everyPieceStandsTurnsOrRolls(Arrangement arrangement) {
    TurningGroups groups = TurningGroups.of(arrangement);
    assertThat(groups.adrift()).as(arrangement.id()).isEmpty();
    assertThat(groups.standing()).isNotEmpty();
    assertThat(groups.turning()).isNotEmpty().doesNotContainAnyElementsOf(groups.standing());
    List<String> pieces = new ArrayList<>(groups.standing());
    pieces.addAll(groups.turning());
    pieces.addAll(groups.rolling());
    assertThat(pieces).doesNotHaveDuplicates();
    assertThat(pieces.stream().map(p -> p.replaceFirst("/.*", "")).distinct())
        .containsExactlyInAnyOrderElementsOf(
            arrangement.parts().stream().map(PartTemplate::id).toList());
  }

  /** No bearing has both its rings in one group: it would do nothing. */
  @ParameterizedTest
  @MethodSource("all")
  void theTwoRingsOfABearingMoveAgainstEachOther(Arrangement arrangement) {
    TurningGroups groups = TurningGroups.of(arrangement);
    for (PartTemplate part : arrangement.parts()) {
      if (part.isWholeBearing()) {
        for (Set<String> group : List.of(groups.standing(), groups.turning())) {
          assertThat(group.contains(part.id() + "/inner") && group.contains(part.id() + "/outer"))
              .as(arrangement.id() + " " + part.id())
              .isFalse();
        }
      }
    }
  }

  /** Domain: trade knowledge of what goes round. */
  @ParameterizedTest
  @CsvSource({
    "a1, hub outboard-cup seal, spindle nut pin washer",
    "a2, wheel-flange stub-axle inner-left inner-right, knuckle outer circlip",
    "a3, wheel-flange, knuckle outer-body sensor bolt",
    "a4, hub left-bearing/outer left-seal, axle spacer left-collar left-bearing/inner",
    "a5, shell left-cup right-cup, axle left-cone left-lock-nut",
    "a6, stem adjuster top-yoke lower-cone, head lower-cup upper-cup",
    "a7, arm left-seal, bolt sleeve shim left-lug right-lug",
    "a9, crank pin left-main/inner, case left-seal",
    "a10, shaft gear left-cone, case cover shim right-cup",
    "a11, pinion flange nut crush-sleeve pinion-shim, carrier seal tail-cup",
    "a12, pulley dust-cap, arm bolt washer",
    "a13, shaft bolt collar, case o-ring retainer",
    "a14, spindle left-arm right-arm, shell left-cup right-cup",
    "a17, cross, yoke circlip",
    "a20, half-shaft ring, tube retainer",
    "a21, hub half-shaft, spindle inner-nut lock-nut lock-washer",
    "a22, carrier crown-wheel left-cone, left-nut left-cup right-cap",
    "a23, contact-ring fingers, carrier fork guide",
    "a25, seat, rod nut core mount",
    "a26, shaft impeller pulley-flange, body ring seal",
    "a27, rotor shaft pulley, front-shield rear-shield",
    "a28, rim outer-circlip, nose inner-circlip",
    "a29, body sprocket hub cush, axle sleeve collar",
    "a30, body pawl seal, axle spacer end-cap",
    "a31, steerer stem top-cap crown-race, head",
    "a32, rod, left-web pin right-washer",
    "a33, rod, piston pin left-circlip",
    "a34, camshaft lobes sprocket bolt left-bearing/inner, head retainer right-bearing/outer",
    "a35, slider seal upper-bush clip, tube lower-bush",
    "a36, shaft shaft-washer, housing shim housing-washer",
    "a37, shaft flange nut rear-shield, bracket cushion ring bearing/outer",
    "a38, shaft circlip bearing/inner, bracket outer-circlip",
    "a39, body cap seal ball/outer, axle nut ball/inner",
    "a40, shaft gear left-bearing/inner, case cover retainer",
    "a41, wheel-flange stub-axle nut inner-left, knuckle outer-body bolt",
    "a42, half-shaft lock, tube seal bearing/outer",
    "a43, hub left-cup left-seal, axle spacer shim nut right-cone",
    "a44, shaft bearing/inner, housing bearing/outer",
    "a45, ball-stud arm nut boot, socket liner",
    "a46, eye outer-sleeve rubber, left-bracket bolt inner-sleeve",
    "a47, shaft boot inner-ring snap-ring, joint large-clamp"
  })
  void whatTurnsIsWhatEverybodyKnows(String id, String turning, String standing) {
    TurningGroups groups = TurningGroups.of(Arrangements.of(id));
    assertThat(groups.turning()).contains(turning.split(" "));
    assertThat(groups.standing()).contains(standing.split(" "));
  }

  /** What a hand takes hold of to rock it or to turn it. */
  @ParameterizedTest
  @CsvSource({
    "a1, hub",
    "a2, wheel-flange",
    "a3, wheel-flange",
    "a4, hub",
    "a5, shell",
    "a6, stem",
    "a7, arm",
    "a9, crank",
    "a10, shaft",
    "a11, pinion",
    "a12, pulley",
    "a13, shaft",
    "a14, spindle",
    "a15, wheel",
    "a17, cross",
    "a18, shaft",
    "a20, half-shaft",
    "a21, hub",
    "a22, carrier",
    "a27, shaft",
    "a28, rim",
    "a29, body",
    "a31, steerer",
    "a32, rod",
    "a34, camshaft",
    "a37, shaft",
    "a39, body",
    "a40, shaft",
    "a41, wheel-flange",
    "a43, hub",
    "a44, shaft"
  })
  void oneOfWhatTurnsCarriesTheRest(String id, String part) {
    assertThat(TurningGroups.turningPart(Arrangements.of(id)).id()).isEqualTo(part);
  }

  /** The trade's list of arrangements says which ring is the tight one. */
  @ParameterizedTest
  @CsvSource({
    "a1, false, true", "a2, true, true", "a4, false, true", "a6, true, true",
    "a7, false, true", "a8, false, true", "a9, true, true", "a10, true, false",
    "a11, true, true", "a12, false, true", "a16, false, true", "a20, true, false",
    "a21, false, true", "a22, true, false", "a25, false, false", "a29, false, true",
    "a30, false, true", "a31, false, false", "a34, true, true", "a37, true, true",
    "a38, true, false", "a40, true, false", "a42, false, true", "a43, false, true"
  })
  void theTightRingFollowsFromTheHolds(String id, boolean inner, boolean outer) {
    assertThat(Arrangements.of(id).isTight(Ring.INNER)).as("inner").isEqualTo(inner);
    assertThat(Arrangements.of(id).isTight(Ring.OUTER)).as("outer").isEqualTo(outer);
  }

  @ParameterizedTest
  @MethodSource("all")
  void onlyPairsThatAreSetLeanAgainstEachOther(Arrangement arrangement) {
    Set<String> pairs = Set.of("a1", "a5", "a6", "a10", "a11", "a21", "a22", "a31", "a43");
    assertThat(arrangement.isSetPair()).isEqualTo(pairs.contains(arrangement.id()));
  }

  @Test
  void whatIsSetIsSaidInAWordThatAProgramReads() {
    assertThat(Arrangements.of("a1").isSetByNutPosition()).isTrue();
    assertThat(Arrangements.of("a21").isSetBy(Adjustment.By.TWO_NUTS)).isTrue();
    assertThat(Arrangements.of("a11").adjustmentAt("nut").orElseThrow().by())
        .isEqualTo(Adjustment.By.CRUSH_SLEEVE);
    assertThat(Arrangements.of("a13").adjustments()).isEmpty();
    assertThat(all()).filteredOn(Arrangement::isSetByNutPosition).hasSize(1);
  }

  /** Whatever holds are chosen for the plain seat, it has a standing and a turning side. */
  @Test
  void everyChoiceOfThePlainSeatIsWhole() {
    List<Arrangement> seats = Arrangements.standard().variants(Arrangements.of("a44"));
    assertThat(seats).hasSize(50);
    for (Arrangement seat : seats) {
      everyPieceStandsTurnsOrRolls(seat);
      theTwoRingsOfABearingMoveAgainstEachOther(seat);
      boolean shaftStands = seat.id().endsWith("-shaft");
      assertThat(TurningGroups.of(seat).standing()).contains(shaftStands ? "shaft" : "housing");
      assertThat(seat.isTight(Ring.INNER))
          .as(seat.id())
          .isEqualTo(seat.id().startsWith("a44-tight"));
    }
    assertThat(Arrangements.standard().find("a44-tight-sliding-moon")).isEmpty();
    assertThat(Arrangements.standard().find("a44-tight")).isEmpty();
    assertThat(Arrangements.standard().find("a1-tight")).isEmpty();
  }
}
