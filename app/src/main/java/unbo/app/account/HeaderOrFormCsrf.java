package unbo.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.function.Supplier;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import org.springframework.security.web.csrf.CsrfTokenRequestHandler;
import org.springframework.security.web.csrf.XorCsrfTokenRequestAttributeHandler;

/**
 * The token comes masked in a form's hidden field (so that compression does not leak it) and plain
 * in the header that the script copies from the cookie.
 */
final class HeaderOrFormCsrf implements CsrfTokenRequestHandler {

  private final CsrfTokenRequestHandler plain = new CsrfTokenRequestAttributeHandler();
  private final CsrfTokenRequestHandler masked = new XorCsrfTokenRequestAttributeHandler();

  @Override
  public void handle(
      HttpServletRequest request, HttpServletResponse response, Supplier<CsrfToken> token) {
    masked.handle(request, response, token);
  }

  @Override
  public String resolveCsrfTokenValue(HttpServletRequest request, CsrfToken token) {
    String header = request.getHeader(token.getHeaderName());
    return header == null || header.isBlank()
        ? masked.resolveCsrfTokenValue(request, token)
        : plain.resolveCsrfTokenValue(request, token);
  }
}
