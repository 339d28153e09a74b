package unbo.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Switches units and theme on this device, and lists the keys. */
@Controller
class ViewController {

  private static final Duration KEPT = Duration.ofDays(400);

  @PostMapping("/view/units")
  String units(
      @RequestParam String to,
      @RequestParam(defaultValue = "") String back,
      HttpServletRequest request,
      HttpServletResponse response) {
    keep(ViewPreferences.UNITS, to.equals("inch") ? "inch" : "mm", request, response);
    return back(back);
  }

  @PostMapping("/view/theme")
  String theme(
      @RequestParam String to,
      @RequestParam(defaultValue = "") String back,
      HttpServletRequest request,
      HttpServletResponse response) {
    keep(ViewPreferences.THEME, ViewPreferences.Theme.withId(to).id(), request, response);
    return back(back);
  }

  @GetMapping("/keys")
  String keys() {
    return "keys";
  }

  private static void keep(
      String name, String value, HttpServletRequest request, HttpServletResponse response) {
    ResponseCookie cookie =
        ResponseCookie.from(name, value)
            .path("/")
            .maxAge(KEPT)
            .httpOnly(true)
            .secure(request.isSecure())
            .sameSite("Lax")
            .build();
    response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
  }

  /** Back to the page, if it is one of ours; a line break or another host never gets through. */
  private static String back(String address) {
    boolean ours = address.matches("/(?![/\\\\])[\\x21-\\x7e]*");
    return "redirect:" + (ours ? address.replace("{", "%7B").replace("}", "%7D") : "/yard");
  }
}
