package unbo.app.shelf;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Optional;
import unbo.core.catalogue.Bearing;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;
import unbo.core.tolerance.IncomingInspection;

/** One measured piece of a shelf item. Sizes are millimetres, the play micrometres. */
@Entity
public class ShelfInspection {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long itemId;
  private String toleranceClass;
  private String clearance;
  private Double bore;
  private Double outside;
  private Double width;
  private double sizeUncertainty;
  private String instrument;
  private Double playUm;
  private double playUncertaintyUm;
  private Double corner;
  private String note;

  @Enumerated(EnumType.STRING)
  private Verdict verdict;

  private String person;
  private Instant at;

  protected ShelfInspection() {}

  ShelfInspection(long itemId, InspectionForm form, Bearing bearing, String person, Instant at) {
    this.itemId = itemId;
    this.toleranceClass = form.toleranceClass();
    this.clearance = form.clearance();
    IncomingInspection.Sizes sizes = form.sizes();
    this.bore = value(sizes.bore());
    this.outside = value(sizes.outside());
    this.width = value(sizes.width());
    this.sizeUncertainty = form.sizeUncertainty();
    this.instrument = form.instrument().id();
    this.playUm = value(sizes.playUm());
    this.playUncertaintyUm = sizes.playUm().map(Measured::uncertainty).orElse(0.0);
    this.corner = form.corner();
    this.note = form.note();
    this.person = person;
    this.at = at;
    this.verdict = judge(bearing).verdict();
  }

  private static Double value(Optional<Measured> measured) {
    return measured.map(Measured::value).orElse(null);
  }

  private static Optional<Measured> measured(Double value, double uncertainty) {
    return Optional.ofNullable(value).map(v -> new Measured(v, uncertainty));
  }

  /** The findings, judged again from what was measured. */
  public IncomingInspection judge(Bearing bearing) {
    return IncomingInspection.of(
        bearing,
        toleranceClass,
        clearance,
        new IncomingInspection.Sizes(
            measured(bore, sizeUncertainty),
            measured(outside, sizeUncertainty),
            measured(width, sizeUncertainty),
            measured(playUm, playUncertaintyUm)));
  }

  public long getItemId() {
    return itemId;
  }

  public String getToleranceClass() {
    return toleranceClass;
  }

  public Double getBore() {
    return bore;
  }

  public Double getOutside() {
    return outside;
  }

  public Double getWidth() {
    return width;
  }

  public String getInstrument() {
    return instrument;
  }

  public Double getCorner() {
    return corner;
  }

  public String getNote() {
    return note;
  }

  public Verdict getVerdict() {
    return verdict;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }
}
