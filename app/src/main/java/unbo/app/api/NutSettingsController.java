package unbo.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import unbo.core.measure.Measured;
import unbo.core.measure.Window;
import unbo.core.setting.NutAdvice;
import unbo.core.setting.NutLock;
import unbo.core.setting.NutSetting;

/** {@code /nut-settings}: at which holes the castle nut can be locked, and what play each gives. */
@RestController
@RequestMapping(path = "/api/v1/nut-settings", produces = MediaType.APPLICATION_JSON_VALUE)
class NutSettingsController {

  /** What is asked: slots and hole lines, or positions per turn. */
  record NutQuestion(
      double pitchMm,
      Integer slots,
      Integer holeLines,
      Integer positionsPerTurn,
      double endPlayMm,
      double uncertaintyMm,
      @Schema(description = "wanted limits, default [0.03, 0.13]") List<Double> windowMm) {}

  /** Where it can be locked. */
  record NutAnswer(int positionsPerTurn, double stepMm, List<Place> reachable, Advice advice) {}

  /** One place; steps positive = tighter. */
  record Place(int steps, double endPlayMm, String inWindow) {}

  /** What to do, and what else would. */
  record Advice(Integer steps, String headline, List<String> remedies) {}

  @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "Castle nut: reachable end plays",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = NutQuestion.class))))
  NutAnswer post(@RequestBody JsonNode body) {
    Fields fields = new Fields(body);
    double pitch = fields.number("pitchMm", 0.25, 6);
    double play = fields.number("endPlayMm", -3, 3);
    double uncertainty = fields.number("uncertaintyMm", 0, 3);
    Window window =
        fields
            .pair("windowMm", -0.5, 3)
            .map(w -> new Window(w[0], w[1]))
            .orElse(NutSetting.DEFAULT_WINDOW_MM);
    Optional<NutLock> lock = lock(fields);
    Measured measured = new Measured(play, uncertainty);
    fields.impossible("endPlayMm", NutSetting.problemWith(measured));
    fields.check();
    NutSetting setting = NutSetting.solve(pitch, lock.orElseThrow(), measured, window);
    return answer(setting, lock.orElseThrow());
  }

  private static Optional<NutLock> lock(Fields fields) {
    OptionalInt positions = fields.optionalWhole("positionsPerTurn");
    OptionalInt slots = fields.optionalWhole("slots");
    OptionalInt lines = fields.optionalWhole("holeLines");
    if (positions.isPresent()) {
      var problem = NutLock.problemWithPositions(positions.getAsInt());
      fields.impossible("positionsPerTurn", problem);
      return problem.isPresent()
          ? Optional.empty()
          : Optional.of(NutLock.retainer(positions.getAsInt()));
    }
    if (!fields.has("slots")) {
      fields.missing("slots", "Send slots and holeLines, or positionsPerTurn.");
    }
    if (!fields.has("holeLines")) {
      fields.missing("holeLines", "Send slots and holeLines, or positionsPerTurn.");
    }
    if (slots.isEmpty() || lines.isEmpty()) {
      return Optional.empty();
    }
    var slotProblem = NutLock.problemWithSlots(slots.getAsInt());
    var lineProblem = NutLock.problemWithLines(lines.getAsInt());
    fields.impossible("slots", slotProblem);
    fields.impossible("holeLines", lineProblem);
    return slotProblem.isPresent() || lineProblem.isPresent()
        ? Optional.empty()
        : Optional.of(NutLock.castle(slots.getAsInt(), lines.getAsInt()));
  }

  private static NutAnswer answer(NutSetting setting, NutLock lock) {
    NutAdvice advice = NutAdvice.of(setting, lock);
    return new NutAnswer(
        lock.positionsPerTurn(),
        setting.stepMm(),
        setting.reachable().stream()
            .map(p -> new Place(p.steps(), p.endPlayMm().value(), word(p.inWindow().name())))
            .toList(),
        new Advice(
            setting.recommended().map(p -> p.steps()).orElse(null),
            advice.headline(),
            advice.remedies()));
  }

  private static String word(String verdict) {
    return verdict.toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
