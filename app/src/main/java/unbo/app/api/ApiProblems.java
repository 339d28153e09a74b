package unbo.app.api;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import unbo.app.api.Refusal.FieldProblem;

/** Every refusal of the interface as a problem detail (RFC 9457), never a page. */
@RestControllerAdvice(basePackageClasses = ApiProblems.class)
@Order(Ordered.HIGHEST_PRECEDENCE)
class ApiProblems {

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

  static ResponseEntity<ProblemDetail> problem(
      HttpStatus status, String code, String detail, List<FieldProblem> problems) {
    ProblemDetail body = ProblemDetail.forStatusAndDetail(status, detail);
    body.setTitle(status.getReasonPhrase());
    body.setProperty("code", code);
    body.setProperty("problems", problems);
    return ResponseEntity.status(status).contentType(MediaType.APPLICATION_PROBLEM_JSON).body(body);
  }

  /** What no other controller answers under the interface's address. */
  @RestController
  @io.swagger.v3.oas.annotations.Hidden
  static class Elsewhere {

    @RequestMapping("/api/**")
    ResponseEntity<ProblemDetail> nothing(HttpServletRequest request) {
      return problem(
          HttpStatus.NOT_FOUND,
          "no-such-call",
          "There is no call " + request.getMethod() + " " + request.getRequestURI() + ".",
          List.of());
    }
  }

  /** A call with the wrong method falls to the page's handlers otherwise. */
  @ExceptionHandler(HttpRequestMethodNotSupportedException.class)
  ResponseEntity<ProblemDetail> method(HttpRequestMethodNotSupportedException e) {
    return problem(HttpStatus.METHOD_NOT_ALLOWED, "wrong-method", e.getMessage() + ".", List.of());
  }
}
