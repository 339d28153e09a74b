package unbo.app.api;

import java.util.List;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import unbo.app.api.Refusal.FieldProblem;
import unbo.app.web.Outage;

/** Every refusal of the interface as a problem detail (RFC 9457), never a page. */
@RestControllerAdvice(basePackageClasses = ApiProblems.class)
@Order(Ordered.HIGHEST_PRECEDENCE)
class ApiProblems {

  /** A list of a thousand things is read by nobody. */
  private static final int MOST_PROBLEMS = 50;

  @ExceptionHandler(Refusal.class)
  ResponseEntity<ProblemDetail> refused(Refusal e) {
    return problem(e.status(), e.code(), e.getMessage(), e.problems());
  }

  @ExceptionHandler(HttpMessageNotReadableException.class)
  ResponseEntity<ProblemDetail> unreadable() {
    return problem(
        HttpStatus.BAD_REQUEST,
        "unreadable-json",
        "The body is not JSON.",
        List.of(new FieldProblem("", "", "Send a JSON object.")));
  }

  @ExceptionHandler(HttpMediaTypeNotSupportedException.class)
  ResponseEntity<ProblemDetail> otherType(HttpMediaTypeNotSupportedException e) {
    return problem(
        HttpStatus.UNSUPPORTED_MEDIA_TYPE,
        "unsupported-type",
        "Send Content-Type: application/json.",
        List.of());
  }

  @ExceptionHandler(HttpMediaTypeNotAcceptableException.class)
  ResponseEntity<ProblemDetail> otherAnswer() {
    return problem(
        HttpStatus.NOT_ACCEPTABLE, "not-acceptable", "Answers are JSON only.", List.of());
  }

  @ExceptionHandler({
    CannotCreateTransactionException.class,
    DataAccessResourceFailureException.class
  })
  ResponseEntity<ProblemDetail> databaseDown() {
    return problem(
        HttpStatus.SERVICE_UNAVAILABLE, "database-down", Outage.FAILURE.title() + ".", List.of());
  }

  static ResponseEntity<ProblemDetail> problem(
      HttpStatus status, String code, String detail, List<FieldProblem> problems) {
    ProblemDetail body = ProblemDetail.forStatusAndDetail(status, detail);
    body.setTitle(status.getReasonPhrase());
    body.setProperty("code", code);
    body.setProperty("problems", problems.stream().limit(MOST_PROBLEMS).toList());
    return ResponseEntity.status(status).contentType(MediaType.APPLICATION_PROBLEM_JSON).body(body);
  }

  /** A call with the wrong method falls to the page's handlers otherwise. */
  @ExceptionHandler(HttpRequestMethodNotSupportedException.class)
  ResponseEntity<ProblemDetail> method(HttpRequestMethodNotSupportedException e) {
    return problem(HttpStatus.METHOD_NOT_ALLOWED, "wrong-method", e.getMessage() + ".", List.of());
  }
}
