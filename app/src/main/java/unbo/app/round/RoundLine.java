package unbo.app.round;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.OptionalDouble;
import unbo.core.round.RoundMeasure;

/** What was found at a position: measures that could be had, a feel, a note. */
@Entity
public class RoundLine {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long roundId;
  private String position;
  private Double play;
  private Double runOut;
  private Double heat;
  private Double grip;
  private String feel;
  private String note;
  private String person;
  private Instant at;

  protected RoundLine() {}

  RoundLine(long roundId, String position, RoundForm form, String person, Instant at) {
    this.roundId = roundId;
    this.position = position;
    this.play = form.value(RoundMeasure.PLAY);
    this.runOut = form.value(RoundMeasure.RUN_OUT);
    this.heat = form.value(RoundMeasure.HEAT);
    this.grip = form.value(RoundMeasure.GRIP);
    this.feel = form.feel();
    this.note = form.note();
    this.person = person;
    this.at = at;
  }

  OptionalDouble value(RoundMeasure measure) {
    Double value =
        switch (measure) {
          case PLAY -> play;
          case RUN_OUT -> runOut;
          case HEAT -> heat;
          case GRIP -> grip;
        };
    return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
  }

  public long getRoundId() {
    return roundId;
  }

  public String getPosition() {
    return position;
  }

  public String getFeel() {
    return feel;
  }

  public String getNote() {
    return note;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }
}
