package unbo.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.designation.DesignationReader;
import unbo.core.units.Problem;

/** {@code /readings}: part numbers as read. */
@RestController
@RequestMapping(path = "/api/v1/readings", produces = MediaType.APPLICATION_JSON_VALUE)
class ReadingsController {

  private final DesignationReader reader = DesignationReader.standard();

  /** What is asked. */
  record ReadingsQuestion(
      @Schema(description = "the number as marked on the ring; ? for a worn character") String text,
      @Schema(description = "arrangement id such as a1, to be warned of a wrong family")
          String position) {}

  @GetMapping
  @Operation(summary = "Reads part numbers; every plausible reading, the likeliest first")
  ReadingsAnswer get(
      @RequestParam(required = false) String text,
      @RequestParam(required = false) String position) {
    if (text == null) {
      throw missing();
    }
    return answer(text, position == null ? "" : position);
  }

  @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "The same for long texts",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = ReadingsQuestion.class))))
  ReadingsAnswer post(@RequestBody JsonNode body) {
    Fields fields = new Fields(body);
    String text = fields.text("text", "");
    String position = fields.text("position", "");
    if (!fields.has("text")) {
      fields.missing("text", "Missing: the number as marked on the ring.");
    }
    fields.check();
    return answer(text, position);
  }

  private ReadingsAnswer answer(String text, String position) {
    if (text.length() > DesignationReader.LONGEST) {
      Problem problem = reader.read(text).problem().orElseThrow();
      throw impossible(
          "text", text.substring(0, 60) + "…", problem.wrong() + " " + problem.remedy());
    }
    return ReadingsAnswer.of(reader.read(text), arrangement(position));
  }

  private static Arrangement arrangement(String position) {
    if (position.isEmpty()) {
      return null;
    }
    return Arrangements.standard()
        .find(position)
        .orElseThrow(() -> impossible("position", position, "Send an arrangement id, a1 to a47."));
  }

  private static Refusal missing() {
    return new Refusal(
        HttpStatus.BAD_REQUEST,
        "unreadable-input",
        "Some fields cannot be read.",
        List.of(
            new Refusal.FieldProblem("text", "", "Missing: the number as marked on the ring.")));
  }

  private static Refusal impossible(String field, String found, String remedy) {
    return new Refusal(
        HttpStatus.UNPROCESSABLE_ENTITY,
        "impossible-input",
        "Some values are out of range.",
        List.of(new Refusal.FieldProblem(field, found, remedy)));
  }
}
