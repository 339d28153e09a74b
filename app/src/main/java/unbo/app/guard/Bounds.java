package unbo.app.guard;

import jakarta.servlet.http.HttpServletRequest;
import java.util.regex.Pattern;

/**
 * How large and how many a request may be. Our own choice: generous for people, small beside the
 * memory and the threads of the server. docs/security.md says what each protects.
 */
final class Bounds {

  /** Address with its query, in characters; longer texts go by POST. */
  static final int ADDRESS = 8 * 1024;

  /** All header lines together, in characters. */
  static final int HEADERS = 16 * 1024;

  /** Body of a call of the JSON interface, in bytes. */
  static final int JSON_BODY = 64 * 1024;

  /** Body of a form, in bytes. */
  static final int FORM_BODY = 256 * 1024;

  /** Body of the shelf's import, in bytes: its 5,000 lines with room. */
  static final int IMPORT_BODY = 2 * 1024 * 1024;

  /** Photographs sent at once, in bytes: twelve of 8 MB with room. Not held in memory. */
  static final int PICTURES_BODY = 100 * 1024 * 1024;

  /** Sendings of photographs of one address that are on their way. */
  static final int PICTURES_ON_THEIR_WAY = 3;

  /** Fields of one form, and values of one field. */
  static final int FIELDS = 500;

  static final int VALUES = 64;

  /** Requests of one address that are being answered; the server has 200 threads. */
  static final int UNDER_WAY = 100;

  /** Bodies of one address that are still on their way after {@link #PROMPT_MS}. */
  static final int BODIES_ON_THEIR_WAY = 24;

  /** So long a body may take without counting as slow, in milliseconds. */
  static final int PROMPT_MS = 300;

  static final int LOOK_AGAIN_MS = 4;

  /** A body has to be here within this time, in milliseconds. */
  static final int BODY_MS = 10_000;

  /**
   * What is too large is read and thrown away up to here, so that the answer reaches its sender.
   */
  static final int DISCARDED = 32 * 1024 * 1024;

  private static final Pattern PICTURES = Pattern.compile("/jobs/\\d{1,18}/photographs");

  private Bounds() {}

  /** The largest body that an address takes, in bytes. */
  static int body(String path) {
    if (isInterface(path)) {
      return JSON_BODY;
    }
    return path.equals("/shelf/import") ? IMPORT_BODY : FORM_BODY;
  }

  /** Whether photographs are sent here. */
  static boolean takesPictures(HttpServletRequest request) {
    return request.getMethod().equals("POST")
        && PICTURES.matcher(request.getRequestURI()).matches()
        && String.valueOf(request.getContentType()).startsWith("multipart/form-data");
  }

  static boolean isInterface(String path) {
    return path.equals("/api") || path.startsWith("/api/");
  }
}
