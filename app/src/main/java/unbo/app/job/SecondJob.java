package unbo.app.job;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;

/** Asks whether a second job is wanted where one is open; what was typed goes along. */
public final class SecondJob {

  /** The field by which it is wanted. */
  public static final String WANTED = "another";

  private SecondJob() {}

  /**
   * Fills the page and names it.
   *
   * @param address to which the form is sent again
   * @param fields what it held
   */
  public static String ask(
      OpenAlready e,
      String address,
      Map<String, String> fields,
      Model model,
      HttpServletResponse response) {
    response.setStatus(HttpStatus.CONFLICT.value());
    model.addAttribute("open", e.open());
    model.addAttribute("address", address);
    model.addAttribute("fields", fields);
    return "second-job";
  }
}
