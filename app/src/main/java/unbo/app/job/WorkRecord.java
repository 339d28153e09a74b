package unbo.app.job;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.EnumType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.MapKeyEnumerated;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hibernate.Hibernate;
import unbo.core.catalogue.Bearing;
import unbo.core.measure.Readings;
import unbo.core.setting.SpindleThread;
import unbo.core.setting.SplitPin;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.HardStop;
import unbo.core.verification.RoadFinding;

/**
 * The record of the work on one job: everything that a change can touch, and so everything that
 * taking back puts back. It knows neither the vehicle nor who opened the job.
 */
@Embeddable
public class WorkRecord {

  @ElementCollection
  @CollectionTable(name = "job_bearing", joinColumns = @JoinColumn(name = "job_id"))
  @MapKeyColumn(name = "place")
  private Map<String, Marked> bearings = new HashMap<>();

  @Embedded private NutRecord nut = new NutRecord();
  @Embedded private PackRecord pack = new PackRecord();

  @ElementCollection
  @CollectionTable(name = "job_mass", joinColumns = @JoinColumn(name = "job_id"))
  @MapKeyColumn(name = "place")
  @Column(name = "mass_g")
  private Map<String, Double> masses = new HashMap<>();

  @Embedded private Opening opening = new Opening();

  @ElementCollection
  @CollectionTable(name = "job_opening", joinColumns = @JoinColumn(name = "job_id"))
  @MapKeyColumn(name = "place")
  private Map<Integer, OpeningFinding> openingFindings = new TreeMap<>();

  @Embedded private OtherSchools otherSchools = new OtherSchools();
  private LocalDate recheckOn;
  private Integer recheckKm;

  @ElementCollection
  @CollectionTable(name = "job_dimension", joinColumns = @JoinColumn(name = "job_id"))
  @MapKeyColumn(name = "dimension")
  @Column(name = "value_mm")
  private Map<String, Double> dimensions = new HashMap<>();

  @ElementCollection
  @CollectionTable(name = "job_part", joinColumns = @JoinColumn(name = "job_id"))
  @MapKeyColumn(name = "part")
  private Map<String, PartMark> parts = new HashMap<>();

  @ElementCollection
  @CollectionTable(name = "job_station", joinColumns = @JoinColumn(name = "job_id"))
  @MapKeyEnumerated(EnumType.STRING)
  @MapKeyColumn(name = "station")
  private Map<Station, StationMark> stations = new HashMap<>();

  @ElementCollection
  @CollectionTable(name = "job_end_play", joinColumns = @JoinColumn(name = "job_id"))
  private Map<EndPlayKey, EndPlayReading> endPlays = new HashMap<>();

  @ElementCollection
  @CollectionTable(name = "job_test", joinColumns = @JoinColumn(name = "job_id"))
  @MapKeyEnumerated(EnumType.STRING)
  @MapKeyColumn(name = "test")
  private Map<AccusingTest, TestRecord> tests = new HashMap<>();

  @ElementCollection
  @CollectionTable(name = "job_stop", joinColumns = @JoinColumn(name = "job_id"))
  @MapKeyEnumerated(EnumType.STRING)
  @MapKeyColumn(name = "stop")
  private Map<HardStop, StopMark> stops = new HashMap<>();

  @ElementCollection
  @CollectionTable(name = "job_finding", joinColumns = @JoinColumn(name = "job_id"))
  @MapKeyEnumerated(EnumType.STRING)
  @MapKeyColumn(name = "finding")
  private Map<RoadFinding, FindingMark> findings = new HashMap<>();

  /**
   * How often a station was marked; also what keeps the record from being nothing to the mapper.
   */
  private int changes;

  /** Reads whatever has not been read from the database yet. */
  void initialize() {
    Stream.of(
            bearings,
            dimensions,
            masses,
            parts,
            stations,
            endPlays,
            tests,
            stops,
            findings,
            openingFindings)
        .forEach(Hibernate::initialize);
  }

  /** The bearings that were read, by their places. */
  Map<String, Bearing> bearings() {
    Map<String, Bearing> read = new HashMap<>();
    bearings.forEach((place, marked) -> read.put(place, marked.bearing()));
    return read;
  }

  /** The sizes that are known, in mm: measured ones, and thread and pin, which Set takes. */
  Map<String, Double> sizes() {
    Map<String, Double> known = new HashMap<>(dimensions);
    nut.thread().ifPresent(t -> givenBySet(known, t));
    return known;
  }

  private static void givenBySet(Map<String, Double> known, SpindleThread thread) {
    known.put("nut.thread", thread.diameterMm());
    SplitPin.forThread(thread.diameterMm())
        .ifPresent(pin -> known.put("pin.diameter", pin.pinHoleMm()));
  }

  /** What was read at a bearing's place; empty while nobody has. */
  public Optional<Marked> bearingAt(String place) {
    return Optional.ofNullable(bearings.get(place));
  }

  public void setBearing(String place, Marked bearing) {
    bearings.put(place, bearing);
  }

  /** The readings of a stage in their order, empty when there are none. */
  public List<EndPlayReading> endPlays(EndPlayKey.Stage stage) {
    return endPlays.entrySet().stream()
        .filter(e -> e.getKey().stage() == stage)
        .sorted(Map.Entry.comparingByKey(Comparator.naturalOrder()))
        .map(Map.Entry::getValue)
        .toList();
  }

  /** Mean and uncertainty of a stage's readings with the gauge in the record. */
  public Optional<Readings> endPlay(EndPlayKey.Stage stage) {
    List<Double> values = endPlays(stage).stream().map(EndPlayReading::getValueMm).toList();
    return values.isEmpty() ? Optional.empty() : Optional.of(Readings.of(values, nut.gauge()));
  }

  /** Puts the readings of a stage in place of what stood there. */
  public void setEndPlays(EndPlayKey.Stage stage, List<EndPlayReading> readings) {
    endPlays.keySet().removeIf(key -> key.stage() == stage);
    for (int i = 0; i < readings.size(); i++) {
      endPlays.put(new EndPlayKey(stage, i + 1), readings.get(i));
    }
  }

  /** Sets the nut's data; a hole chosen for other data does not hold any more. */
  public void setNut(NutRecord record) {
    this.nut = record;
  }

  public void chooseHole(Integer steps) {
    nut.choose(steps);
  }

  /** Marks a station and counts the change. */
  void mark(Station station, StationMark.State state, String note, String person, Instant at) {
    stations.put(station, new StationMark(state, note, person, at, ++changes));
  }

  public int revision(Station station) {
    StationMark mark = stations.get(station);
    return mark == null ? 0 : mark.getRevision();
  }

  public Optional<StationMark> mark(Station station) {
    return Optional.ofNullable(stations.get(station));
  }

  /** Everything that a change can touch. */
  JobState state() {
    List<JobState.EndPlay> plays =
        endPlays.entrySet().stream()
            .map(e -> new JobState.EndPlay(e.getKey().stage(), e.getKey().place(), e.getValue()))
            .toList();
    return new JobState(
        bearings,
        dimensions,
        masses,
        parts,
        stations,
        plays,
        tests,
        stops,
        findings,
        nut,
        getPack(),
        getOtherSchools(),
        recheckOn,
        recheckKm,
        getOpening(),
        openingFindings);
  }

  /** Puts everything back; stations that differ count as changed once more. */
  void restore(JobState state) {
    replace(bearings, state.bearings());
    replace(dimensions, state.dimensions());
    replace(masses, state.masses());
    replace(parts, state.parts());
    replace(tests, state.tests());
    replace(stops, state.stops());
    replace(findings, state.findings());
    replace(
        endPlays,
        state.endPlays().stream()
            .collect(
                Collectors.toMap(
                    e -> new EndPlayKey(e.stage(), e.place()), JobState.EndPlay::reading)));
    restoreStations(state.stations());
    nut = state.nut();
    pack = state.pack();
    otherSchools = state.otherSchools();
    recheckOn = state.recheckOn();
    recheckKm = state.recheckKm();
    opening = state.opening();
    replace(openingFindings, state.openingFindings());
  }

  private void restoreStations(Map<Station, StationMark> before) {
    for (Station station : Station.values()) {
      StationMark old = before.get(station);
      if (old == null) {
        stations.remove(station);
      } else if (old.getRevision() != revision(station)) {
        stations.put(station, old.again(++changes));
      }
    }
  }

  private static <K, V> void replace(Map<K, V> target, Map<K, V> source) {
    target.clear();
    target.putAll(source);
  }

  public PartMark.State stateOf(String part) {
    PartMark mark = parts.get(part);
    return mark == null ? PartMark.State.AS_FOUND : mark.getState();
  }

  public String noteOf(String part) {
    PartMark mark = parts.get(part);
    return mark == null ? "" : mark.getNote();
  }

  public void setPart(String part, PartMark mark, Station at) {
    parts.put(part, mark.written(at, ++changes));
  }

  /** The station that wrote a part's sizes or its state last. */
  Station writerOf(String part) {
    PartMark mark = parts.get(part);
    return mark == null || mark.getStation() == null || mark.getRevision() < revision(Station.STRIP)
        ? Station.STRIP
        : mark.getStation();
  }

  /** Of a part's sheet: it is out of date when its sizes or its state were written elsewhere. */
  int partRevision(String part) {
    PartMark mark = parts.get(part);
    return Math.max(revision(Station.STRIP), mark == null ? 0 : mark.getRevision());
  }

  /** A measured dimension, or null to take the measurement away again. */
  public void setDimension(String dimension, Double valueMm) {
    if (valueMm == null) {
      dimensions.remove(dimension);
    } else {
      dimensions.put(dimension, valueMm);
    }
  }

  public void setRecheck(LocalDate on, Integer km) {
    this.recheckOn = on;
    this.recheckKm = km;
  }

  public NutRecord getNut() {
    return nut;
  }

  public PackRecord getPack() {
    return pack == null ? new PackRecord() : pack;
  }

  /** Sets how it is packed, and the masses that were weighed, in grams by bearing place. */
  public void setPack(PackRecord record, Map<String, Double> weighed) {
    this.pack = record;
    masses.clear();
    masses.putAll(weighed);
  }

  /** Masses that were weighed, in grams by bearing place. */
  public Map<String, Double> getMasses() {
    return masses;
  }

  public OtherSchools getOtherSchools() {
    // Hibernate leaves an embedded record null when all its columns are.
    return otherSchools == null ? new OtherSchools() : otherSchools;
  }

  public void setOtherSchools(OtherSchools record) {
    this.otherSchools = record;
  }

  /** What the job was opened with; empty for one that was opened by hand. */
  public Opening getOpening() {
    return opening == null ? new Opening() : opening;
  }

  public void setOpening(Opening record) {
    this.opening = record;
  }

  /** The findings that it was opened with, in their order. */
  public Map<Integer, OpeningFinding> getOpeningFindings() {
    return openingFindings;
  }

  public LocalDate getRecheckOn() {
    return recheckOn;
  }

  public Integer getRecheckKm() {
    return recheckKm;
  }

  public Map<AccusingTest, TestRecord> getTests() {
    return tests;
  }

  /** The stops that were waived by name. */
  Map<HardStop, StopMark> waivers() {
    return stops.entrySet().stream()
        .filter(e -> e.getValue().isWaived())
        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
  }

  public Map<HardStop, StopMark> getStops() {
    return stops;
  }

  public Map<RoadFinding, FindingMark> getFindings() {
    return findings;
  }
}
