package unbo.app.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.enums.ParameterIn;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import unbo.core.arrangement.Arrangement;
import unbo.core.comparison.Comparison;
import unbo.core.comparison.Difference;
import unbo.core.comparison.PositionDuty;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.Reading;

/** {@code /comparisons}: may one bearing take another's place? */
@RestController
@RequestMapping(path = "/api/v1/comparisons", produces = MediaType.APPLICATION_JSON_VALUE)
class ComparisonsController {

  private final DesignationReader reader = DesignationReader.standard();

  /** The verdict with every difference, the heaviest first. */
  record ComparisonAnswer(
      String verdict, String old, String fresh, List<DifferenceAnswer> differences) {}

  /** One difference; severity gain, note, cannot-tell, matters, unsuitable or impossible. */
  record DifferenceAnswer(
      String aspect, String old, String fresh, String severity, String reason) {}

  @GetMapping
  @Operation(
      summary = "Whether one bearing can replace another, at a position if one is given",
      parameters = {
        @Parameter(name = "old", in = ParameterIn.QUERY, required = true),
        @Parameter(name = "fresh", in = ParameterIn.QUERY, required = true),
        @Parameter(name = "position", in = ParameterIn.QUERY)
      })
  ComparisonAnswer get(@Parameter(hidden = true) @RequestParam Map<String, String> query) {
    Fields fields = Fields.ofQuery(query);
    Optional<Reading> old = read(query, fields, "old");
    Optional<Reading> fresh = read(query, fields, "fresh");
    Optional<Arrangement> position = Positions.of(query, fields);
    fields.check();
    return answer(
        Comparison.of(
            old.orElseThrow(),
            fresh.orElseThrow(),
            position.flatMap(a -> PositionDuty.at(a.id()))));
  }

  private Optional<Reading> read(Map<String, String> query, Fields fields, String field) {
    String text = Fields.word(query, field, "");
    if (text.isEmpty()) {
      fields.missing(field, "Missing: a part number such as 6205-2RS.");
      return Optional.empty();
    }
    Optional<Reading> best = reader.read(text).readings().stream().findFirst();
    if (best.isEmpty()) {
      String shown = text.length() > 60 ? text.substring(0, 60) + "…" : text;
      fields.impossible(field, shown, "No bearing number is read here; a worn character is a ?.");
    }
    return best;
  }

  private static ComparisonAnswer answer(Comparison comparison) {
    return new ComparisonAnswer(
        comparison.verdict().id(),
        comparison.old().bearing().designation(),
        comparison.fresh().bearing().designation(),
        comparison.differences().stream().map(ComparisonsController::difference).toList());
  }

  private static DifferenceAnswer difference(Difference d) {
    return new DifferenceAnswer(d.aspect(), d.old(), d.fresh(), d.severity().id(), d.reason());
  }
}
