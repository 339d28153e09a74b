package unbo.app.listening;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import unbo.app.vehicle.Vehicle;
import unbo.core.diagnosis.DiagnosisModel;
import unbo.core.diagnosis.Occasion;
import unbo.core.diagnosis.VehicleHistory;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;

/** One search for a cause, on a vehicle of the yard or on some vehicle of a kind. */
@Entity
public class Listening {

  /** How it can end. */
  public enum Ending {
    JOB,
    RECHECK,
    DROPPED
  }

  /** As the column holds. */
  static final int MOST_WORDS = 2000;

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Enumerated(EnumType.STRING)
  private VehicleKind kind;

  @ManyToOne(fetch = FetchType.EAGER)
  private Vehicle vehicle;

  private String words;
  private String barred = "";
  private Instant startedAt;
  private String startedBy;
  private Instant endedAt;
  private String endedBy;

  @Enumerated(EnumType.STRING)
  private Ending ending;

  private Long jobId;
  private LocalDate recheckOn;
  private Integer recheckKm;
  private String recheckNote;

  @Version private int version;

  /**
   * What the vehicle had before, as it moves the priors; not kept, worked out when it is loaded.
   */
  @Transient private Map<String, VehicleHistory.Shift> shifts = Map.of();

  protected Listening() {}

  Listening(VehicleKind kind, Vehicle vehicle, String words, String by, Instant at) {
    this.kind = kind;
    this.vehicle = vehicle;
    this.words = words;
    this.startedBy = by;
    this.startedAt = at;
  }

  /** Causes and tests of the vehicle, or of some vehicle of the kind. */
  DiagnosisModel model() {
    return (vehicle == null ? DiagnosisModel.some(kind) : DiagnosisModel.of(vehicle.layout()))
        .orElseThrow()
        .moved(shifts);
  }

  void remember(Map<String, VehicleHistory.Shift> moved) {
    this.shifts = moved;
  }

  /** Why the prior of a cause was moved; empty when it was not. */
  String remembered(String cause) {
    VehicleHistory.Shift shift = shifts.get(cause);
    return shift == null ? "" : shift.reason();
  }

  VehicleLayout layout() {
    return vehicle == null ? DiagnosisModel.someLayout(kind).orElseThrow() : vehicle.layout();
  }

  /** What it is called: the vehicle's name, or some car. */
  public String subject() {
    return vehicle == null ? "another " + kind.title() : vehicle.getName();
  }

  /** Whether it is about this vehicle. */
  public boolean isOn(Vehicle other) {
    return vehicle != null && vehicle.getId().equals(other.getId());
  }

  /** Whether it ended with a day to look again. */
  public boolean isRecheck() {
    return ending == Ending.RECHECK;
  }

  /** Occasions that cannot be had here. */
  Set<Occasion> barred() {
    Set<Occasion> all = EnumSet.noneOf(Occasion.class);
    Arrays.stream(Occasion.values())
        .filter(o -> Arrays.asList(barred.split(" ")).contains(o.id()))
        .forEach(all::add);
    return all;
  }

  void bar(Set<Occasion> occasions) {
    this.barred = occasions.stream().map(Occasion::id).sorted().collect(Collectors.joining(" "));
  }

  /** Whether these fit behind the words that are here. */
  boolean hasRoomFor(String more) {
    return joined(more).length() <= MOST_WORDS;
  }

  void addWords(String more) {
    this.words = joined(more);
  }

  private String joined(String more) {
    return words.isEmpty() ? more : words + "; " + more;
  }

  void end(Ending how, String by, Instant at) {
    this.ending = how;
    this.endedBy = by;
    this.endedAt = at;
  }

  void becomes(long job) {
    this.jobId = job;
  }

  void recheck(LocalDate on, Integer km, String note) {
    this.recheckOn = on;
    this.recheckKm = km;
    this.recheckNote = note;
  }

  public Long getId() {
    return id;
  }

  public VehicleKind getKind() {
    return kind;
  }

  public Vehicle getVehicle() {
    return vehicle;
  }

  public String getWords() {
    return words;
  }

  public Instant getStartedAt() {
    return startedAt;
  }

  public String getStartedBy() {
    return startedBy;
  }

  public boolean isEnded() {
    return ending != null;
  }

  public Ending getEnding() {
    return ending;
  }

  public Instant getEndedAt() {
    return endedAt;
  }

  public String getEndedBy() {
    return endedBy;
  }

  public Long getJobId() {
    return jobId;
  }

  public LocalDate getRecheckOn() {
    return recheckOn;
  }

  public Integer getRecheckKm() {
    return recheckKm;
  }

  public String getRecheckNote() {
    return recheckNote;
  }
}
