package unbo.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;

/**
 * Why a request as a whole is not answered. Sent from where no page can be made yet; {@link
 * Failures} turns it into a page, or under {@code /api} into a problem detail.
 *
 * @param status of HTTP, 400 or above
 * @param title what is wrong, in a few words
 * @param text what was or was not saved, and what to do
 */
public record Failure(int status, String title, String text) {

  static final String ATTRIBUTE = Failure.class.getName();

  public static Failure of(int status, String title, String text) {
    return new Failure(status, title, text);
  }

  /** Ends the answer with this. */
  public void send(HttpServletRequest request, HttpServletResponse response) throws IOException {
    request.setAttribute(ATTRIBUTE, this);
    response.sendError(status);
  }
}
