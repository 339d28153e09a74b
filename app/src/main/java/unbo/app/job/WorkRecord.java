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
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.hibernate.Hibernate;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.BearingFacts;

/**
 * The record of the work on one job, as facts and sheets. Facts are shared by the stations:
 * bearings, sizes, states of parts, what the job was opened with. A sheet is a station's own
 * record; of what stands in it only its station knows. Everything here can be taken back.
 */
@Embeddable
public class WorkRecord {

  @ElementCollection
  @CollectionTable(name = "job_bearing", joinColumns = @JoinColumn(name = "job_id"))
  @MapKeyColumn(name = "place")
  private Map<String, Marked> bearings = new HashMap<>();

  @ElementCollection
  @CollectionTable(name = "job_dimension", joinColumns = @JoinColumn(name = "job_id"))
  @MapKeyColumn(name = "dimension")
  @Column(name = "value_mm")
  private Map<String, Double> dimensions = new HashMap<>();

  @ElementCollection
  @CollectionTable(name = "job_part", joinColumns = @JoinColumn(name = "job_id"))
  @MapKeyColumn(name = "part")
  private Map<String, PartMark> parts = new HashMap<>();

  @Embedded private Opening opening = new Opening();

  @ElementCollection
  @CollectionTable(name = "job_opening", joinColumns = @JoinColumn(name = "job_id"))
  @MapKeyColumn(name = "place")
  private Map<Integer, OpeningFinding> openingFindings = new TreeMap<>();

  @ElementCollection
  @CollectionTable(name = "job_station", joinColumns = @JoinColumn(name = "job_id"))
  @MapKeyEnumerated(EnumType.STRING)
  @MapKeyColumn(name = "station")
  private Map<Station, StationMark> stations = new HashMap<>();

  @ElementCollection
  @CollectionTable(name = "job_sheet", joinColumns = @JoinColumn(name = "job_id"))
  @MapKeyEnumerated(EnumType.STRING)
  @MapKeyColumn(name = "station")
  private Map<Station, StoredSheet> sheets = new HashMap<>();

  /**
   * How often a station was marked; also what keeps the record from being nothing to the mapper.
   */
  private int changes;

  /** Sheets that were read already; a document is parsed once. */
  @Transient private final Map<Station, Object> read = new EnumMap<>(Station.class);

  /** What the sheets held that were written since {@link #begin}; null where there was none. */
  @Transient private final Map<Station, StoredSheet> overwritten = new EnumMap<>(Station.class);

  /** Reads whatever has not been read from the database yet. */
  void initialize() {
    Stream.of(bearings, dimensions, parts, stations, sheets, openingFindings)
        .forEach(Hibernate::initialize);
  }

  /** What a station wrote; its empty record before it did. */
  public <T> T sheet(SheetType<T> type) {
    StoredSheet stored = sheets.get(type.station());
    if (stored == null) {
      return type.empty();
    }
    return type.type().cast(read.computeIfAbsent(type.station(), s -> type.read(stored)));
  }

  /** Writes a station's sheet. */
  public <T> void write(SheetType<T> type, T record) {
    Station station = type.station();
    if (!overwritten.containsKey(station)) {
      overwritten.put(station, sheets.get(station));
    }
    sheets.put(station, type.write(record));
    read.remove(station);
  }

  /** The bearings that were read, by their places. */
  Map<String, Bearing> bearings() {
    Map<String, Bearing> known = new HashMap<>();
    bearings.forEach(
        (place, marked) -> {
          if (marked.isRead()) {
            known.put(place, marked.bearing());
          }
        });
    return known;
  }

  /** What the markings of the bearings that were read said besides. */
  Map<String, BearingFacts> said() {
    Map<String, BearingFacts> said = new HashMap<>();
    bearings.forEach((place, marked) -> marked.facts().ifPresent(f -> said.put(place, f)));
    return said;
  }

  /** The sizes that were measured, in mm. */
  Map<String, Double> sizes() {
    return dimensions;
  }

  /** What was read at a bearing's place; empty while nobody has. */
  public Optional<Marked> bearingAt(String place) {
    return Optional.ofNullable(bearings.get(place));
  }

  /** The number on a part that no table knows, as marked; empty while nobody wrote it down. */
  public String markingOf(String part) {
    Marked marked = bearings.get(part);
    return marked == null ? "" : marked.getMarking();
  }

  /** Keeps the number on a part as text; an empty one is taken away. */
  void setMarking(String part, String text) {
    if (text.isEmpty()) {
      bearings.remove(part);
    } else {
      bearings.put(part, Marked.text(text));
    }
  }

  public void setBearing(String place, Marked bearing) {
    bearings.put(place, bearing);
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

  /** From here on it is remembered what sheets held before they are written. */
  void begin() {
    overwritten.clear();
  }

  /** The facts, with the mark of one station and no sheets: taken before a change. */
  JobState before(Station touched) {
    Map<Station, StationMark> marks = new EnumMap<>(Station.class);
    marks.put(touched, stations.get(touched));
    return state(marks, Map.of());
  }

  /** What sheets held that were written since {@link #begin}. */
  Map<Station, StoredSheet> overwritten() {
    return new EnumMap<>(overwritten);
  }

  /** Everything as it stands, of the same stations and sheets as another state. */
  JobState like(JobState other) {
    Map<Station, StationMark> marks = new EnumMap<>(Station.class);
    other.stations().keySet().forEach(s -> marks.put(s, stations.get(s)));
    Map<Station, StoredSheet> kept = new EnumMap<>(Station.class);
    other.sheets().keySet().forEach(s -> kept.put(s, sheets.get(s)));
    return state(marks, kept);
  }

  private JobState state(Map<Station, StationMark> marks, Map<Station, StoredSheet> kept) {
    return new JobState(
        new HashMap<>(bearings),
        new HashMap<>(dimensions),
        new HashMap<>(parts),
        getOpening(),
        new TreeMap<>(openingFindings),
        marks,
        kept);
  }

  /** Puts everything back; stations that differ count as changed once more. */
  void restore(JobState state) {
    replace(bearings, state.bearings());
    replace(dimensions, state.dimensions());
    replace(parts, state.parts());
    opening = state.opening();
    replace(openingFindings, state.openingFindings());
    state.stations().forEach(this::restore);
    state.sheets().forEach((station, sheet) -> putOrRemove(sheets, station, sheet));
    read.clear();
  }

  private void restore(Station station, StationMark old) {
    if (old == null || old.getRevision() != revision(station)) {
      putOrRemove(stations, station, old == null ? null : old.again(++changes));
    }
  }

  private static <V> void putOrRemove(Map<Station, V> map, Station station, V value) {
    if (value == null) {
      map.remove(station);
    } else {
      map.put(station, value);
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

  /** Sets the state of some parts, whatever stood in their notes. */
  public void setParts(Collection<String> ids, PartMark.State state, Station at) {
    ids.forEach(id -> setPart(id, new PartMark(state, noteOf(id)), at));
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

  /** What the job was opened with; empty for one that was opened by hand. */
  public Opening getOpening() {
    // Hibernate leaves an embedded record null when all its columns are.
    return opening == null ? new Opening() : opening;
  }

  public void setOpening(Opening record) {
    this.opening = record;
  }

  /** The findings that it was opened with, in their order. */
  public Map<Integer, OpeningFinding> getOpeningFindings() {
    return openingFindings;
  }
}
