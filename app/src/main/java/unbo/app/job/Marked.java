package unbo.app.job;

import jakarta.persistence.Embeddable;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;

/** A bearing that somebody read: its number, and what stands on the ring. */
@Embeddable
public class Marked {

  private String designation;
  private String marking;

  protected Marked() {}

  private Marked(String designation, String marking) {
    this.designation = designation;
    this.marking = marking;
  }

  public static Marked read(String designation, String marking) {
    return new Marked(designation, marking);
  }

  public String getDesignation() {
    return designation;
  }

  public String getMarking() {
    return marking;
  }

  Bearing bearing() {
    return Catalogue.standard().find(designation).orElseThrow();
  }
}
