package unbo.app.job;

import org.springframework.http.HttpStatus;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;

/** What a page says when a job cannot be changed at all. */
@ControllerAdvice
class JobErrors {

  @ExceptionHandler(ClosedJob.class)
  @ResponseStatus(HttpStatus.CONFLICT)
  String closed(ClosedJob e, Model model) {
    model.addAttribute("title", "The job is closed");
    model.addAttribute("text", e.getMessage());
    return "error";
  }

  /** Two people pressed the button in the same instant; the second one is asked to press again. */
  @ExceptionHandler(ObjectOptimisticLockingFailureException.class)
  @ResponseStatus(HttpStatus.CONFLICT)
  String sameInstant(Model model) {
    model.addAttribute("title", "Somebody saved in the same instant");
    model.addAttribute(
        "text",
        "Nothing of yours was written. Go back, your entries are still there, and save again.");
    return "error";
  }
}
