package unbo.app.shelf;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.Instant;

/** A number that lies in one place of the shelf, of one lot. */
@Entity
public class ShelfItem {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String number;
  private String designation;
  private String place;
  private int quantity;
  private BigDecimal price;
  private String lot;
  private String supplier;
  private String note;
  private boolean unmarked;
  private String person;
  private Instant at;
  @Version private int version;

  protected ShelfItem() {}

  ShelfItem(ShelfEntry entry, String designation, String person, Instant at) {
    this.quantity = entry.quantity();
    write(entry, designation, person, at);
  }

  /** Everything but the quantity, which moves by {@link ShelfMove}. */
  final void write(ShelfEntry entry, String itsDesignation, String who, Instant when) {
    this.number = entry.number();
    this.designation = itsDesignation;
    this.place = entry.place();
    this.price = entry.price();
    this.lot = entry.lot();
    this.supplier = entry.supplier();
    this.note = entry.note();
    this.unmarked = entry.unmarked();
    this.person = who;
    this.at = when;
  }

  void move(int pieces) {
    if (quantity + pieces < 0) {
      throw new IllegalArgumentException("Only " + quantity + " in stock");
    }
    quantity += pieces;
  }

  public Long getId() {
    return id;
  }

  /** As it stands on ring or box. */
  public String getNumber() {
    return number;
  }

  /** The catalogue row that the number was read as; empty when it was not read. */
  public String getDesignation() {
    return designation;
  }

  public String getPlace() {
    return place;
  }

  public int getQuantity() {
    return quantity;
  }

  /** What one costs in the shop's money; null when nobody wrote it down. */
  public BigDecimal getPrice() {
    return price;
  }

  public String getLot() {
    return lot;
  }

  public String getSupplier() {
    return supplier;
  }

  public String getNote() {
    return note;
  }

  /** Whether its rings carry no mark: unproved until measured. */
  public boolean isUnmarked() {
    return unmarked;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }

  public int getVersion() {
    return version;
  }
}
