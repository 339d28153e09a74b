package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.app.vehicle.Vehicle;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;

class SelectionTest {

  private Job job;

  @BeforeEach
  void newJob() {
    VehicleLayout layout = new VehicleLayout(VehicleKind.TRAILER, "taper-pair", 1, 1450, 0, 4000);
    Vehicle vehicle = new Vehicle("T", VehicleKind.TRAILER, "", "").withLayout(layout);
    job = new Job(vehicle, layout.positions().get(0), "rocks", "Tester", Instant.EPOCH);
  }

  private void mark(Station station, StationMark.State state) {
    job.work().mark(station, state, "", "Tester", Instant.EPOCH);
  }

  @ParameterizedTest
  @CsvSource(
      nullValues = "-",
      value = {
        "-,-,LISTEN,-", "set,-,SET,nut", "set,washer,SET,washer", "-,nut,SET,nut", "-,pin,SET,pin",
            "-,inboard-cup,NAME,inboard-cup",
        "-,hub,-,hub", "-,seal,-,seal", "part,nut,-,nut", "part,-,LISTEN,-",
            "prove,nonsense,PROVE,-", "nonsense,-,LISTEN,-"
      })
  void wordsOfTheAddressOpenAStationOrAPart(
      String at, String part, Station station, String marked) {
    Selection selection = Selection.of(at, part, job);
    assertThat(selection.station()).isEqualTo(station);
    assertThat(selection.part() == null ? null : selection.part().id()).isEqualTo(marked);
  }

  @Test
  void aSelectionsAddressOpensIt() {
    for (Station station : Station.values()) {
      Selection selection = Selection.at(station, job);
      String address = selection.address(job);
      String part =
          address.contains("&part=") ? address.substring(address.indexOf("&part=") + 6) : null;
      assertThat(Selection.of(station.id(), part, job)).isEqualTo(selection);
      assertThat(address).contains("?at=" + station.id());
    }
  }

  @Test
  void nameGoesOnToTheBearingThatIsNotReadYet() {
    assertThat(Selection.at(Station.NAME, job).part().id()).isEqualTo("inboard-cone");
    job.work().setBearing("inboard", Marked.read("30206", "30206"));
    assertThat(Selection.at(Station.NAME, job).part().id()).isEqualTo("outboard-cone");
  }

  @Test
  void theNextStationIsTheFirstThatIsNotBehindTheJob() {
    assertThat(StationLine.next(job)).isEqualTo(Station.LISTEN);
    mark(Station.LISTEN, StationMark.State.SKIPPED);
    mark(Station.ROCK, StationMark.State.ELSEWHERE);
    mark(Station.NAME, StationMark.State.WORKED_ON);
    assertThat(StationLine.next(job)).isEqualTo(Station.NAME);
    for (Station station : Station.values()) {
      mark(station, StationMark.State.DONE);
    }
    assertThat(StationLine.next(job)).isEqualTo(Station.BOOK);
  }

  @Test
  void theLineSaysHowEachStationStands() {
    mark(Station.PACK, StationMark.State.ELSEWHERE);
    var line = StationLine.of(job, Station.SET).journals();
    assertThat(line).hasSize(10);
    assertThat(line.get(Station.PACK.ordinal()).word()).isEqualTo("done, see note");
    assertThat(line.get(Station.SET.ordinal()).now()).isTrue();
    assertThat(line.get(Station.SET.ordinal()).word()).isEqualTo("now");
    assertThat(line.get(Station.BOOK.ordinal()).word()).isEqualTo("to come");
  }

  @Test
  void everyChangeCountsTheRevisionOfItsStationAlone() {
    mark(Station.SET, StationMark.State.WORKED_ON);
    mark(Station.SET, StationMark.State.DONE);
    assertThat(job.work().revision(Station.SET)).isEqualTo(2);
    assertThat(job.work().revision(Station.PACK)).isZero();
  }
}
