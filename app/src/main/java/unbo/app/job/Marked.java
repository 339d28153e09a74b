package unbo.app.job;

import jakarta.persistence.Embeddable;
import java.util.Optional;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;

/** A bearing as it stands in the record: its number, and what was read off the ring, if it was. */
@Embeddable
public class Marked {

  private String designation;
  private String marking;

  protected Marked() {}

  private Marked(String designation, String marking) {
    this.designation = designation;
    this.marking = marking;
  }

  /** Nobody has read it yet; it is drawn as assumed. */
  public static Marked assumed(String designation) {
    return new Marked(designation, null);
  }

  public static Marked read(String designation, String marking) {
    return new Marked(designation, marking);
  }

  public String getDesignation() {
    return designation;
  }

  public Optional<String> marking() {
    return Optional.ofNullable(marking);
  }

  public Bearing bearing() {
    return Catalogue.standard().find(designation).orElseThrow();
  }
}
