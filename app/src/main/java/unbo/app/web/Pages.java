package unbo.app.web;

import jakarta.servlet.http.HttpServletRequest;
import java.security.Principal;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.ui.Model;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MultipartException;

/** What every page is given, and what becomes of an address that names nothing. */
@ControllerAdvice
public class Pages {

  private final Figures figures;

  Pages(Figures figures) {
    this.figures = figures;
  }

  @ModelAttribute("figures")
  Figures figures() {
    return figures;
  }

  @ModelAttribute("view")
  ViewPreferences view(HttpServletRequest request) {
    return ViewPreferences.of(request);
  }

  @ModelAttribute("signedInAs")
  String signedInAs(Principal principal) {
    return principal == null ? "" : principal.getName();
  }

  /** Who is signed in, for the menu of every page; nobody is null. */
  @ModelAttribute("me")
  Object me(HttpServletRequest request) {
    return signedIn(request);
  }

  static Object signedIn(HttpServletRequest request) {
    return request.getUserPrincipal() instanceof Authentication a ? a.getPrincipal() : null;
  }

  /** Asking for the token makes sure that its cookie is sent with the first page. */
  @ModelAttribute
  void csrf(HttpServletRequest request, Model model) {
    Object token = request.getAttribute(CsrfToken.class.getName());
    if (token instanceof CsrfToken csrf) {
      csrf.getToken();
    }
  }

  @ExceptionHandler(NoSuchPage.class)
  @ResponseStatus(HttpStatus.NOT_FOUND)
  String missing(NoSuchPage e, HttpServletRequest request, Model model) {
    return ErrorPage.of(request, model, "Page not found", e.getMessage());
  }

  @ExceptionHandler({
    MethodArgumentTypeMismatchException.class,
    MissingServletRequestParameterException.class
  })
  @ResponseStatus(HttpStatus.BAD_REQUEST)
  String unreadable(HttpServletRequest request, Model model) {
    return ErrorPage.of(
        request,
        model,
        "That address cannot be read",
        "A part of it is missing or is not a number.");
  }

  /** The last net under the checks of forms: a text that no column holds, a name that is taken. */
  @ExceptionHandler(DataIntegrityViolationException.class)
  @ResponseStatus(HttpStatus.UNPROCESSABLE_ENTITY)
  String unkeepable(HttpServletRequest request, Model model) {
    return ErrorPage.of(
        request,
        model,
        "Not saved",
        "An entry is longer than the record can keep, or somebody saved the same at the same"
            + " moment. Go back: your entries are still in the form.");
  }

  /** Files whose sending broke off, or that were put together wrongly. */
  @ExceptionHandler(MultipartException.class)
  @ResponseStatus(HttpStatus.BAD_REQUEST)
  String torn(HttpServletRequest request, Model model) {
    return ErrorPage.of(
        request,
        model,
        "The files did not arrive",
        "Nothing was saved: they broke off on their way. Go back and send them again.");
  }

  @ExceptionHandler({
    CannotCreateTransactionException.class,
    DataAccessResourceFailureException.class
  })
  @ResponseStatus(HttpStatus.SERVICE_UNAVAILABLE)
  String databaseDown(HttpServletRequest request, Model model) {
    return ErrorPage.of(request, model, Outage.FAILURE.title(), Outage.FAILURE.text());
  }
}
