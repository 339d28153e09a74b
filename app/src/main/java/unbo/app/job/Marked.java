package unbo.app.job;

import jakarta.persistence.Embeddable;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;

/** What stands on a ring, and the number that it was read as; empty where no table knows it. */
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

  /** A number that no table knows, kept as it stands. */
  static Marked text(String marking) {
    return new Marked("", marking);
  }

  /** Whether it is a bearing of the tables; else only its text is known. */
  boolean isRead() {
    return !designation.isEmpty();
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
