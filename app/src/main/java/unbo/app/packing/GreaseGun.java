package unbo.app.packing;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** One calibration of the shop's gun: so many strokes weighed so much. The newest one counts. */
@Entity
public class GreaseGun {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private double gramsPerStroke;
  private int strokes;
  private double grams;
  private String person;
  private Instant at;

  protected GreaseGun() {}

  GreaseGun(int strokes, double grams, String person, Instant at) {
    this.strokes = strokes;
    this.grams = grams;
    this.gramsPerStroke = grams / strokes;
    this.person = person;
    this.at = at;
  }

  public double getGramsPerStroke() {
    return gramsPerStroke;
  }

  public int getStrokes() {
    return strokes;
  }

  public double getGrams() {
    return grams;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }
}
