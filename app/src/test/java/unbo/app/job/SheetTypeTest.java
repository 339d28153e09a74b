package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import unbo.app.packing.PackRecord;
import unbo.app.proving.ProveRecord;
import unbo.app.setting.SetRecord;
import unbo.app.setting.Stage;
import unbo.core.grease.Duty;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.HardStop;
import unbo.core.verification.RoadFinding;

/** One document of every version that was ever written, read by today's readers. */
class SheetTypeTest {

  private static <T> T read(SheetType<T> type, int version, String document) {
    return type.read(new StoredSheet(version, document));
  }

  @Test
  void setOfVersion1() {
    SetRecord set =
        read(
            SetRecord.TYPE,
            1,
            """
            {"nut":{"gaugeId":"test-dial","threadText":"M18x1.5","slots":6,"holeLines":2,
             "makers":{"from":0.025,"to":0.13,"source":"leaflet, p. 7"},"hole":2},
             "first":[{"typed":"12 thou","valueMm":0.3048,"person":"Joren","at":"2026-11-23T10:15:30Z"}],
             "others":{"forceN":6.0,"radiusMm":290.0,"limitNm":2.5},
             "general":{"spacer":{"typed":["0.02"],"readings":[0.02],"gaugeId":"dial","from":0.01,
               "to":0.05,"source":"manual","torqueNm":90.0,"appliedNm":88.0,"person":"Tuva",
               "at":"2026-11-23T10:15:30Z"}},
             "dropped-since":true}""");
    assertThat(set.nut().thread().orElseThrow().pitchMm()).isEqualTo(1.5);
    assertThat(set.nut().window().from()).isEqualTo(0.025);
    assertThat(set.nut().chosenSteps()).contains(2);
    assertThat(set.readings(Stage.FIRST).get(0).at())
        .isEqualTo(Instant.parse("2026-11-23T10:15:30Z"));
    assertThat(set.readings(Stage.PINNED)).isEmpty();
    assertThat(set.others().torque().orElseThrow().newtonMetres().value())
        .isCloseTo(1.74, within(1e-9));
    assertThat(set.general().get("spacer").appliedNm()).isEqualTo(88);
  }

  @Test
  void packOfVersion1() {
    PackRecord pack =
        read(
            PackRecord.TYPE,
            1,
            """
            {"dutyId":"wet-slow","byHand":true,"gramsPerCm3":0.93,"masses":{"inboard":228.0}}""");
    assertThat(pack.duty()).contains(Duty.WET_SLOW);
    assertThat(pack.density()).isEqualTo(0.93);
    assertThat(pack.masses()).containsEntry("inboard", 228.0);
  }

  @Test
  void proveOfVersion1() {
    ProveRecord prove =
        read(
            ProveRecord.TYPE,
            1,
            """
            {"tests":{"ROCK":{"beforeValue":1.9,"beforeSecond":290.0,"afterValue":0.4}},
             "stops":{"BRAKE":{"waived":true,"detail":"none fitted","person":"Joren",
               "role":"MECHANIC","at":"2026-11-23T10:15:30Z"}},
             "findings":{"CRACK":{"person":"Tuva","at":"2026-11-23T10:15:30Z"}},
             "recheckOn":"2027-01-10","recheckKm":500}""");
    assertThat(prove.tests().get(AccusingTest.ROCK).after().values()).containsExactly(0.4);
    assertThat(prove.stops().get(HardStop.BRAKE).waived()).isTrue();
    assertThat(prove.findings()).containsKey(RoadFinding.CRACK);
    assertThat(prove.recheckOn()).isEqualTo(LocalDate.of(2027, 1, 10));
    assertThat(prove.askedThen()).contains(HardStop.BRAKE).doesNotContain(HardStop.WHEEL_NUTS);
  }

  /** One tick for any locking element counts for each kind of them; today's checks hold again. */
  @Test
  void aLockingElementOfVersion1IsEachOfToday() {
    ProveRecord prove =
        read(
            ProveRecord.TYPE,
            1,
            """
            {"stops":{"LOCKING_NEW":{"waived":false,"detail":"","person":"Joren",
               "role":"MECHANIC","at":"2026-11-23T10:15:30Z"}}}""");
    assertThat(prove.stops())
        .containsKeys(HardStop.SPLIT_PIN, HardStop.LOCK_WASHER, HardStop.ONE_USE)
        .doesNotContainKey(HardStop.FACES);
    assertThat(prove.with(null, 500).askedThen()).as("asked anew once it is saved").isNull();
  }

  @Test
  void whatTodayWritesTodayReads() {
    for (SheetType<?> type :
        new SheetType<?>[] {SetRecord.TYPE, PackRecord.TYPE, ProveRecord.TYPE}) {
      roundTrip(type);
    }
  }

  private static <T> void roundTrip(SheetType<T> type) {
    assertThat(type.read(type.write(type.empty()))).isEqualTo(type.empty());
  }

  @Test
  void anOlderDocumentIsTurnedIntoOneOfToday() {
    SheetType<PackRecord> later =
        new SheetType<>(
            Station.PACK,
            PackRecord.class,
            2,
            PackRecord.TYPE.empty(),
            (version, old) -> old.put("dutyId", old.remove("duty").asText()));
    PackRecord read = read(later, 1, "{\"duty\":\"pivot\"}");
    assertThat(read.duty()).contains(Duty.PIVOT);
  }

  @Test
  void aSheetOfANewerProgramIsNotGuessed() {
    assertThatThrownBy(() -> read(PackRecord.TYPE, 2, "{}")).hasMessageContaining("newer");
    assertThatThrownBy(() -> read(PackRecord.TYPE, 1, "{"))
        .isInstanceOf(IllegalStateException.class);
  }
}
