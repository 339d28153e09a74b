package unbo.app.api;

import java.util.List;
import org.springframework.http.HttpStatus;

/** Thrown when a request is not answered; becomes a problem detail (RFC 9457). */
final class Refusal extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient HttpStatus status;
  private final String code;
  private final transient List<FieldProblem> problems;

  /**
   * One thing that is wrong.
   *
   * @param field where, such as {@code windowMm[1]}; empty for the whole body
   * @param found what was read there
   * @param remedy what would do
   */
  record FieldProblem(String field, String found, String remedy) {}

  Refusal(HttpStatus status, String code, String detail, List<FieldProblem> problems) {
    super(detail);
    this.status = status;
    this.code = code;
    this.problems = List.copyOf(problems);
  }

  HttpStatus status() {
    return status;
  }

  String code() {
    return code;
  }

  List<FieldProblem> problems() {
    return problems;
  }
}
