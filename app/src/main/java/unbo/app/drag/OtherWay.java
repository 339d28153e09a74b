package unbo.app.drag;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/** Another way to spend for a watt, as the shop wrote it down: tyres, a fairing, a lighter gear. */
@Entity
public class OtherWay {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String words;
  private double watts;
  private double price;
  private String person;
  private Instant at;

  protected OtherWay() {}

  public OtherWay(String words, double watts, double price, String person, Instant at) {
    this.words = words;
    this.watts = watts;
    this.price = price;
    this.person = person;
    this.at = at;
  }

  /** Its price for a watt. */
  Working perWatt() {
    return Working.of(
        Formula.of(
            "Price for a watt: " + words,
            "",
            "c = p/P",
            v -> v.get("p") / v.get("P"),
            "The shop’s own figures.",
            "As it was when it was written down; in the shop’s money."),
        List.of(
            Input.exact("p", "price", price, "", Origin.entered(person)),
            Input.of("P", "saves", watts, 0.3 * watts, "W", Origin.entered(person + ", ± 30 %"))));
  }

  public Long getId() {
    return id;
  }

  public String getWords() {
    return words;
  }

  public double getWatts() {
    return watts;
  }

  public Instant getAt() {
    return at;
  }
}
