package unbo.app.shelf;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** Pieces put (positive) or taken (negative); a line is never changed, only answered by another. */
@Entity
public class ShelfMove {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long itemId;
  private int pieces;
  private String reason;
  private String person;
  private Instant at;

  protected ShelfMove() {}

  ShelfMove(long itemId, int pieces, String reason, String person, Instant at) {
    this.itemId = itemId;
    this.pieces = pieces;
    this.reason = reason;
    this.person = person;
    this.at = at;
  }

  public int getPieces() {
    return pieces;
  }

  public String getReason() {
    return reason;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }
}
