package unbo.app.photograph;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

/** The bytes of a photograph, apart from what is said of it, so that a list loads none. */
@Entity
class PhotographFile {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long photographId;
  private boolean thumbnail;
  private byte[] content;

  protected PhotographFile() {}

  PhotographFile(Long photographId, boolean thumbnail, byte[] content) {
    this.photographId = photographId;
    this.thumbnail = thumbnail;
    this.content = content;
  }

  byte[] content() {
    return content;
  }
}
