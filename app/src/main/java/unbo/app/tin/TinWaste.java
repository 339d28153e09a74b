package unbo.app.tin;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** Grease that left a tin without a job: dirty, spilt, dried out. */
@Entity
public class TinWaste {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long tinId;
  private double grams;
  private String words;
  private String person;
  private Instant at;

  protected TinWaste() {}

  public TinWaste(long tinId, double grams, String words, String person, Instant at) {
    this.tinId = tinId;
    this.grams = grams;
    this.words = words;
    this.person = person;
    this.at = at;
  }

  public Long getId() {
    return id;
  }

  public long getTinId() {
    return tinId;
  }

  public double getGrams() {
    return grams;
  }

  public String getWords() {
    return words;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }
}
