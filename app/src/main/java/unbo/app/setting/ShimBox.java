package unbo.app.setting;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;

/**
 * A box of shims of the shop, as it was filled last; what jobs took since then is in their records.
 */
@Entity
public class ShimBox {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;
  private String stock;
  private String person;
  private Instant at;
  private Instant bookedAt;
  @Version private int version;

  protected ShimBox() {}

  ShimBox(String name) {
    this.name = name;
  }

  /** What is in it from now on, as it is written. */
  void fill(String stockText, String by, Instant when) {
    this.stock = stockText;
    this.person = by;
    this.at = when;
  }

  /** Something is taken out: two who take at once are told by the version that this moves. */
  void book(Instant when) {
    this.bookedAt = when;
  }

  public Long getId() {
    return id;
  }

  public String getName() {
    return name;
  }

  /** What lay in it when it was filled. */
  String getStock() {
    return stock;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }
}
