package unbo.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.enums.ParameterIn;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import unbo.core.lubricant.Film;
import unbo.core.lubricant.Mixing;
import unbo.core.lubricant.Oil;

/**
 * {@code /viscosities} and {@code /mixings}: whether an oil parts the surfaces, and what may meet.
 */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class LubricationController {

  /** What is asked. */
  record FilmQuestion(
      double rpm,
      double meanDiameterMm,
      OilQuestion oil,
      @Schema(description = "−20 to 150") double operatingC) {}

  /** Viscosity at 40 and 100 °C, mm²/s. */
  record OilQuestion(double v40, double v100) {}

  /** What it comes to. */
  record FilmAnswer(
      double requiredMm2s,
      double actualMm2s,
      double kappa,
      double kappaUncertainty,
      double ndm,
      String verdict,
      List<String> reasons) {}

  /** Whether two thickeners may meet. */
  record MixingAnswer(String verdict, String reason) {}

  @PostMapping(path = "/viscosities", consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "Film of an oil at a speed and a temperature (ISO 281)",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = FilmQuestion.class))))
  FilmAnswer film(@RequestBody JsonNode body) {
    Fields fields = new Fields(body);
    double rpm = fields.number("rpm", 0.001, 1e6);
    double mean = fields.number("meanDiameterMm", 1, 2000);
    double celsius = fields.number("operatingC", Oil.COLDEST_C, Oil.HOTTEST_C);
    if (!fields.has("oil")) {
      fields.missing("oil", "Send an object with v40 and v100.");
    }
    Fields oil = fields.object("oil");
    double v40 = oil.number("v40", 1, 1e5);
    double v100 = oil.number("v100", 1, 1e4);
    if (v40 > 0 && v100 >= v40) {
      oil.impossible("v100", String.valueOf(v100), "Send less than v40: oil thins with heat.");
    }
    fields.check();
    Film film = Film.of(new Oil(v40, v100), rpm, mean, celsius);
    return new FilmAnswer(
        film.required().result().value(),
        film.actual(),
        film.kappa().result().value(),
        film.kappa().result().uncertainty(),
        film.ndm(),
        film.says().id(),
        List.of(
            "Mineral base oil assumed; viscosity by Walther, ISO 281 for what is required.",
            "The oil’s own spread at work is taken as 15 %."));
  }

  @GetMapping("/mixings")
  @Operation(
      summary = "Whether two thickeners may meet",
      parameters = {
        @Parameter(
            name = "a",
            in = ParameterIn.QUERY,
            required = true,
            description = "such as lithium-complex; a word that is none of ours is unknown"),
        @Parameter(name = "b", in = ParameterIn.QUERY, required = true)
      })
  MixingAnswer mixing(@Parameter(hidden = true) @RequestParam Map<String, String> query) {
    Fields fields = Fields.ofQuery(query);
    String a = Fields.word(query, "a", "");
    String b = Fields.word(query, "b", "");
    if (a.isEmpty()) {
      fields.missing("a", "Send a thickener, such as lithium.");
    }
    if (b.isEmpty()) {
      fields.missing("b", "Send a thickener, such as lithium.");
    }
    fields.check();
    Mixing mixing = Mixing.of(a, b);
    return new MixingAnswer(mixing.verdict().id(), mixing.reason());
  }
}
