package unbo.app.job;

import jakarta.persistence.Embeddable;
import java.util.Optional;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.designation.BearingFacts;
import unbo.core.designation.DesignationReader;

/** What stands on a ring, and the number that it was read as; empty where no table knows it. */
@Embeddable
public class Marked {

  private String designation;
  private String marking;

  /** What the marking said besides, as a document; null where an older program wrote it. */
  private String facts;

  protected Marked() {}

  private Marked(String designation, String marking, String facts) {
    this.designation = designation;
    this.marking = marking;
    this.facts = facts;
  }

  public static Marked read(String designation, String marking) {
    return new Marked(
        designation, marking, said(designation, marking).map(Documents::write).orElse(null));
  }

  private static Optional<BearingFacts> said(String designation, String marking) {
    return DesignationReader.standard().read(marking).readings().stream()
        .filter(r -> r.bearing().designation().equals(designation))
        .findFirst()
        .map(BearingFacts::of);
  }

  /** What the marking said besides; empty where only a number is known. */
  public Optional<BearingFacts> facts() {
    if (!isRead()) {
      return Optional.empty();
    }
    return facts == null
        ? said(designation, marking)
        : Optional.of(Documents.read(facts, BearingFacts.class));
  }

  /** A number that no table knows, or whose bearing does not belong there, kept as it stands. */
  public static Marked text(String marking) {
    return new Marked("", marking, null);
  }

  /** Whether it is a bearing of the tables; else only its text is known. */
  public boolean isRead() {
    return !designation.isEmpty();
  }

  public String getDesignation() {
    return designation;
  }

  public String getMarking() {
    return marking;
  }

  Bearing bearing() {
    boolean closed = facts().filter(f -> f.closed().isClosed()).isPresent();
    return Catalogue.standard().find(designation, closed).orElseThrow();
  }
}
