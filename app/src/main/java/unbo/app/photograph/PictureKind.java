package unbo.app.photograph;

import java.nio.charset.StandardCharsets;

/** What a file is by its first bytes, whatever its name says. */
enum PictureKind {
  JPEG(""),
  PNG(""),
  HEIC("Set the phone’s camera to the most compatible format (JPEG), or send it as JPEG."),
  AVIF("Send it as JPEG."),
  WEBP("Send it as JPEG."),
  GIF("Send it as JPEG or PNG."),
  TIFF("Set the camera to JPEG instead of raw or TIFF."),
  BMP("Save it as JPEG or PNG."),
  VIDEO("Take a still picture of what matters."),
  PDF("Take a photograph of the page."),
  UNKNOWN("Send a photograph as JPEG or PNG.");

  private static final int BRAND_AT = 4;

  private final String remedy;

  PictureKind(String remedy) {
    this.remedy = remedy;
  }

  /** What to do with one that is not read. */
  String remedy() {
    return remedy;
  }

  boolean isRead() {
    return this == JPEG || this == PNG;
  }

  /** What it is called in a sentence. */
  String title() {
    return switch (this) {
      case VIDEO -> "a film";
      case UNKNOWN -> "no picture";
      default -> "a " + name() + " file";
    };
  }

  static PictureKind of(byte[] file) {
    String start = new String(file, 0, Math.min(file.length, 16), StandardCharsets.ISO_8859_1);
    if (start.startsWith("\u00FF\u00D8\u00FF")) {
      return JPEG;
    }
    if (start.startsWith("\u0089PNG\r\n\u001A\n")) {
      return PNG;
    }
    if (start.startsWith("GIF8")) {
      return GIF;
    }
    if (start.startsWith("II*\0") || start.startsWith("MM\0*")) {
      return TIFF;
    }
    if (start.startsWith("BM")) {
      return BMP;
    }
    if (start.startsWith("%PDF")) {
      return PDF;
    }
    if (start.startsWith("RIFF") && start.startsWith("WEBP", 8)) {
      return WEBP;
    }
    return start.startsWith("ftyp", BRAND_AT) ? branded(start) : UNKNOWN;
  }

  /** Files of ISO/IEC 14496-12 name their brand after "ftyp". */
  private static PictureKind branded(String start) {
    String brand = start.substring(Math.min(8, start.length()), Math.min(12, start.length()));
    if (brand.startsWith("hei") || brand.startsWith("hev") || brand.equals("mif1")) {
      return HEIC;
    }
    return brand.startsWith("avi") ? AVIF : VIDEO;
  }
}
