package unbo.app.web;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.boot.web.servlet.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.RequestMapping;

/** The last answer: what became of a request that no controller answered. */
@Controller
class Failures implements ErrorController {

  private static final Map<Integer, Failure> KNOWN =
      Map.of(
          400, Failure.of(400, "That address cannot be read", "A part of it is missing or wrong."),
          403,
              Failure.of(
                  403,
                  "Not allowed",
                  "The page has expired, or you are not allowed to do this. Go back, reload the"
                      + " page and try again."),
          404, Failure.of(404, "Page not found", "There is no page at this address."),
          405,
              Failure.of(
                  405, "Not done this way", "This address does not answer to that HTTP method."),
          406, Failure.of(406, "No such form of answer", "Answers are of another content type."),
          415,
              Failure.of(
                  415, "Content type not understood", "Send a form, or JSON to the interface."));

  private static final Map<Integer, String> CODES =
      Map.of(
          404, "no-such-call",
          405, "wrong-method",
          406, "not-acceptable",
          408, "too-slow",
          413, "too-large",
          414, "address-too-long",
          415, "unsupported-type",
          421, "wrong-host",
          429, "too-many",
          503, "database-down");

  private final ObjectMapper json;

  Failures(ObjectMapper json) {
    this.json = json;
  }

  @RequestMapping("${server.error.path:/error}")
  String answer(HttpServletRequest request, HttpServletResponse response, Model model)
      throws IOException {
    Failure failure = failure(request);
    response.setStatus(failure.status());
    Object asked = request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI);
    if (String.valueOf(asked).startsWith("/api/")) {
      write(failure, response);
      return null;
    }
    return ErrorPage.of(request, model, failure.title(), failure.text());
  }

  /** Asked for by hand, this address is as good as any that there is not. */
  private static Failure failure(HttpServletRequest request) {
    if (request.getAttribute(Failure.ATTRIBUTE) instanceof Failure told) {
      return told;
    }
    if (request.getAttribute(RequestDispatcher.ERROR_EXCEPTION) instanceof Throwable thrown
        && Outage.isOutage(thrown)) {
      return Outage.FAILURE;
    }
    Object status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
    int code = status instanceof Integer number ? number : HttpStatus.NOT_FOUND.value();
    return KNOWN.getOrDefault(
        code,
        Failure.of(
            code,
            "Something went wrong",
            "Nothing was changed. Go back and try once more; if it fails again, note the time and"
                + " tell the owner."));
  }

  /** Written here, whatever the caller accepts: an answer of another kind would say nothing. */
  private void write(Failure failure, HttpServletResponse response) throws IOException {
    Map<String, Object> body = new LinkedHashMap<>();
    HttpStatus status = HttpStatus.resolve(failure.status());
    body.put("title", status == null ? failure.title() : status.getReasonPhrase());
    body.put("status", failure.status());
    body.put("detail", failure.title() + ". " + failure.text());
    body.put("code", CODES.getOrDefault(failure.status(), "failed"));
    body.put("problems", List.of());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.getOutputStream().write(json.writeValueAsBytes(body));
  }
}
