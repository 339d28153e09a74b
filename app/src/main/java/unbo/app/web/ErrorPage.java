package unbo.app.web;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.ui.Model;

/** The page that says plainly what is wrong; handlers of exceptions fill it. */
public final class ErrorPage {

  private ErrorPage() {}

  /** Fills the model and names the template. */
  public static String of(HttpServletRequest request, Model model, String title, String text) {
    // Handlers of exceptions are not given what every other page is.
    model.addAttribute("view", ViewPreferences.of(request));
    model.addAttribute("me", Pages.signedIn(request));
    model.addAttribute("title", title);
    model.addAttribute("text", text);
    return "error";
  }
}
