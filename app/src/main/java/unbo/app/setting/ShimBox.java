package unbo.app.setting;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;

/** A box of shims of the shop. */
@Entity
public class ShimBox {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;
  private String stock;
  private String person;
  private Instant at;
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

  public Long getId() {
    return id;
  }

  public String getName() {
    return name;
  }

  public String getStock() {
    return stock;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }
}
