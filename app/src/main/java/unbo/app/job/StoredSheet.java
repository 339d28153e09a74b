package unbo.app.job;

import jakarta.persistence.Embeddable;

/** A station's sheet as it is kept: one document, and the version of the reader that wrote it. */
@Embeddable
public class StoredSheet {

  private int version;
  private String document;

  protected StoredSheet() {}

  StoredSheet(int version, String document) {
    this.version = version;
    this.document = document;
  }

  int getVersion() {
    return version;
  }

  String getDocument() {
    return document;
  }
}
