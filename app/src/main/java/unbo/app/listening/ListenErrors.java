package unbo.app.listening;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import unbo.app.web.ErrorPage;

/** What a page says when a search cannot be changed at all. */
@ControllerAdvice
class ListenErrors {

  @ExceptionHandler(EndedListening.class)
  @ResponseStatus(HttpStatus.CONFLICT)
  String ended(EndedListening e, HttpServletRequest request, Model model) {
    return ErrorPage.of(request, model, "This search has ended", e.getMessage());
  }
}
