package unbo.app.tin;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import unbo.core.lubricant.Oil;
import unbo.core.lubricant.Tin;

/** A tin of grease in the shop. */
@Entity
public class GreaseTin {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;
  private String thickener;

  @Column(name = "v40")
  private Double v40;

  @Column(name = "v100")
  private Double v100;

  @Column(name = "least_c")
  private double leastC;

  @Column(name = "most_c")
  private double mostC;

  private Double ndmLimit;
  private Double washOutPercent;
  private boolean extremePressure;
  private double density;
  private String refuses;
  private String place;
  private String opened;
  private boolean usedUp;
  private String person;
  private Instant at;

  @Column(name = "content_g")
  private Double contentG;

  protected GreaseTin() {}

  public GreaseTin(Tin tin, String place, String opened, String person, Instant at) {
    this.name = tin.name();
    this.thickener = tin.thickener();
    this.v40 = tin.oil().map(Oil::v40).orElse(null);
    this.v100 = tin.oil().map(Oil::v100).orElse(null);
    this.leastC = tin.leastC();
    this.mostC = tin.mostC();
    this.ndmLimit = tin.ndmLimit().isPresent() ? tin.ndmLimit().getAsDouble() : null;
    this.washOutPercent =
        tin.washOutPercent().isPresent() ? tin.washOutPercent().getAsDouble() : null;
    this.extremePressure = tin.extremePressure();
    this.density = tin.density();
    this.refuses = tin.refuses().stream().sorted().collect(Collectors.joining(" "));
    this.place = place;
    this.opened = opened;
    this.person = person;
    this.at = at;
  }

  /** As its data sheet has it. */
  public Tin tin() {
    return new Tin(
        name,
        thickener,
        v40 == null || v100 == null ? Optional.empty() : Optional.of(new Oil(v40, v100)),
        leastC,
        mostC,
        ndmLimit == null ? OptionalDouble.empty() : OptionalDouble.of(ndmLimit),
        washOutPercent == null ? OptionalDouble.empty() : OptionalDouble.of(washOutPercent),
        extremePressure,
        density,
        refuses.isBlank()
            ? Set.of()
            : Arrays.stream(refuses.split(" ")).collect(Collectors.toSet()));
  }

  /** How much was in it when it was opened, g; empty where nobody said. */
  Optional<Double> content() {
    return Optional.ofNullable(contentG);
  }

  /** With so much in it, g; null where nobody said. */
  public GreaseTin holding(Double grams) {
    this.contentG = grams;
    return this;
  }

  /** It is used up, or was not after all. */
  void turn() {
    usedUp = !usedUp;
  }

  public boolean isUsedUp() {
    return usedUp;
  }

  public Long getId() {
    return id;
  }

  public String getName() {
    return name;
  }

  public String getPlace() {
    return place;
  }

  public String getOpened() {
    return opened;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }
}
