package unbo.app.guard;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.Collections;
import java.util.Locale;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import unbo.app.web.Failure;
import unbo.app.web.Outage;

/** The first filter: refuses what is too large, too much or too slow, before anything is read. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class RequestGuard extends OncePerRequestFilter {

  private final HostNames hosts;
  private final UnderWay underWay = new UnderWay(Bounds.UNDER_WAY);
  private final UnderWay bodies = new UnderWay(Bounds.BODIES_ON_THEIR_WAY);

  private final UnderWay pictures = new UnderWay(Bounds.PICTURES_ON_THEIR_WAY);

  RequestGuard(HostNames hosts) {
    this.hosts = hosts;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String address = request.getRemoteAddr();
    if (!underWay.enter(address)) {
      tooMany(request, response);
      return;
    }
    try {
      answer(request, response, chain);
    } finally {
      underWay.leave(address);
    }
  }

  private void answer(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!hosts.contains(request.getServerName())) {
      Failure.of(421, "Wrong host name", "This server does not answer to that host name.")
          .send(request, response);
    } else if (addressLength(request) > Bounds.ADDRESS) {
      Failure.of(
              414,
              "Entry too long",
              "The entry is over 8 KB: shorten it. Programs send longer texts by POST.")
          .send(request, response);
    } else if (headersLength(request) > Bounds.HEADERS) {
      Failure.of(431, "Headers too large", "All header lines together: 16 KB at most.")
          .send(request, response);
    } else if (Bounds.takesPictures(request) && isSignedIn(request)) {
      withPictures(request, response, chain);
    } else {
      withBody(request, response, chain);
    }
  }

  /** Only somebody who has signed in may send more than a form holds. */
  private static boolean isSignedIn(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    return session != null
        && session.getAttribute(HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY)
            != null;
  }

  /** Photographs go to the disk by the server's own reader, not into memory. */
  private void withPictures(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    long length = request.getContentLengthLong();
    boolean chunked = request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
    if (chunked || length > Bounds.PICTURES_BODY) {
      response.setHeader(HttpHeaders.CONNECTION, "close");
      Failure.of(
              413,
              "Too large",
              "Nothing was saved. Photographs: 12 at once, 8 MB each, with their length.")
          .send(request, response);
      return;
    }
    String address = request.getRemoteAddr();
    if (!pictures.enter(address)) {
      tooMany(request, response);
      return;
    }
    try {
      pass(GuardedRequest.unread(request), response, chain);
    } finally {
      pictures.leave(address);
    }
  }

  private void withBody(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    GuardedRequest guarded;
    try {
      guarded = new GuardedRequest(request, new BodyReader(request, bodies).read());
    } catch (BodyReader.Refused e) {
      if (e.failure().status() == 429) {
        tooMany(request, response);
      } else {
        e.failure().send(request, response);
      }
      return;
    }
    pass(guarded, response, chain);
  }

  private static void pass(GuardedRequest guarded, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (guarded.hasTooManyFields()) {
      Failure.of(400, "Too many fields", "A form has fewer fields than this, each with one value.")
          .send(guarded, response);
      return;
    }
    try {
      chain.doFilter(guarded, response);
    } catch (ServletException | RuntimeException e) {
      if (!Outage.isOutage(e) || response.isCommitted()) {
        throw e;
      }
      Outage.FAILURE.send(guarded, response);
    }
  }

  private static void tooMany(HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    response.setHeader(HttpHeaders.RETRY_AFTER, "2");
    Failure.of(429, "Too many requests at once", "Nothing was saved. Wait two seconds, try again.")
        .send(request, response);
  }

  private static int addressLength(HttpServletRequest request) {
    String query = request.getQueryString();
    return request.getRequestURI().length() + (query == null ? 0 : query.length() + 1);
  }

  private static int headersLength(HttpServletRequest request) {
    int length = 0;
    for (String name : Collections.list(request.getHeaderNames())) {
      for (String value : Collections.list(request.getHeaders(name.toLowerCase(Locale.ROOT)))) {
        length += name.length() + value.length() + 4;
      }
    }
    return length;
  }
}
