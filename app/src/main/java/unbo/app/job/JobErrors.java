package unbo.app.job;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import unbo.app.web.ErrorPage;

/** What a page says when a job cannot be changed at all. */
@ControllerAdvice
class JobErrors {

  @ExceptionHandler(ClosedJob.class)
  @ResponseStatus(HttpStatus.CONFLICT)
  String closed(ClosedJob e, HttpServletRequest request, Model model) {
    return ErrorPage.of(request, model, "The job is closed", e.getMessage());
  }

  @ExceptionHandler(LookFirst.class)
  @ResponseStatus(HttpStatus.CONFLICT)
  String lookFirst(LookFirst e, HttpServletRequest request, Model model) {
    return ErrorPage.of(request, model, "Inspect the parts first", e.getMessage());
  }

  @ExceptionHandler(NotYours.class)
  @ResponseStatus(HttpStatus.FORBIDDEN)
  String notYours(NotYours e, HttpServletRequest request, Model model) {
    return ErrorPage.of(request, model, "Not allowed", e.getMessage());
  }

  /** Two people pressed the button in the same instant; the second one is asked to press again. */
  @ExceptionHandler(ConcurrencyFailureException.class)
  @ResponseStatus(HttpStatus.CONFLICT)
  String sameInstant(HttpServletRequest request, Model model) {
    return ErrorPage.of(
        request,
        model,
        "Not saved: someone else saved at the same moment",
        "Go back. Your entry is still in the form: check it against theirs, then save again.");
  }
}
