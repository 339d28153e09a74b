package unbo.app;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Keeps why a page failed, for a browser's test to tell: the page itself says nothing of it, and
 * what the application logs stands elsewhere.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public class FailedRequests extends OncePerRequestFilter {

  private static final List<String> ALL = new CopyOnWriteArrayList<>();

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    try {
      chain.doFilter(request, response);
    } catch (ServletException | IOException | RuntimeException | Error e) {
      ALL.add(request.getMethod() + " " + request.getRequestURI() + ": " + trace(e));
      throw e;
    }
  }

  private static String trace(Throwable e) {
    StringWriter text = new StringWriter();
    e.printStackTrace(new PrintWriter(text));
    return text.toString();
  }

  /** What went up through all filters of any application of this process, with its trace. */
  public static List<String> all() {
    return List.copyOf(ALL);
  }
}
