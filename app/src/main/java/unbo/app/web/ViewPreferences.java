package unbo.app.web;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.List;
import org.springframework.ui.Model;
import org.springframework.web.util.WebUtils;

/**
 * How this device wants its pages: units and theme, kept in two cookies. Nothing stored changes by
 * them.
 *
 * @param inch whether lengths are shown in inches
 * @param chosen the theme that was switched to
 * @param address the page's own address, to come back to
 */
public record ViewPreferences(boolean inch, Theme chosen, String address) {

  static final String UNITS = "units";
  static final String THEME = "theme";

  /** Day, night, or whatever the system says. */
  public enum Theme {
    SYSTEM("As the system"),
    LIGHT("Day"),
    DARK("Night");

    private final String title;

    Theme(String title) {
      this.title = title;
    }

    public String id() {
      return name().toLowerCase(java.util.Locale.ROOT);
    }

    public String title() {
      return title;
    }

    static Theme withId(String id) {
      return Arrays.stream(values()).filter(t -> t.id().equals(id)).findFirst().orElse(SYSTEM);
    }
  }

  /** The preferences that a request carries. */
  public static ViewPreferences of(HttpServletRequest request) {
    String query = request.getQueryString();
    boolean page = request.getMethod().equals("GET");
    return new ViewPreferences(
        "inch".equals(value(request, UNITS)),
        Theme.withId(value(request, THEME)),
        page ? request.getRequestURI() + (query == null ? "" : "?" + query) : "");
  }

  /** Whether the page that is being filled is shown in inches. */
  public static boolean inch(Model model) {
    return model.getAttribute("view") instanceof ViewPreferences view && view.inch();
  }

  private static String value(HttpServletRequest request, String name) {
    Cookie cookie = WebUtils.getCookie(request, name);
    return cookie == null ? "" : cookie.getValue();
  }

  /** What the page's root carries; null leaves it to the system. */
  public String theme() {
    return chosen == Theme.SYSTEM ? null : chosen.id();
  }

  public List<Theme> otherThemes() {
    return Arrays.stream(Theme.values()).filter(t -> t != chosen).toList();
  }

  /** What the key switches to. */
  public String nextTheme() {
    return (chosen == Theme.DARK ? Theme.LIGHT : Theme.DARK).id();
  }
}
