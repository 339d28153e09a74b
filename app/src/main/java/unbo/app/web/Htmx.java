package unbo.app.web;

import jakarta.servlet.http.HttpServletRequest;

/** The words of htmx's protocol, in one place. */
public final class Htmx {

  /** Set by htmx on every request of its own. */
  public static final String REQUEST = "HX-Request";

  private Htmx() {}

  /** Whether a fragment is wanted rather than a page. */
  public static boolean asks(HttpServletRequest request) {
    return "true".equals(request.getHeader(REQUEST));
  }
}
