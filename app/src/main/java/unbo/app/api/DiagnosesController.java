package unbo.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.DiagnosisModel;
import unbo.core.diagnosis.DiagnosisTest;
import unbo.core.diagnosis.Stop;

/** {@code /tests} and {@code /diagnoses}: from noise, play and feel to a cause. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class DiagnosesController {

  private static final String KINDS = "car, motorcycle, sidecar, bicycle, tricycle or trailer.";

  /** The tests of a kind of vehicle. */
  record TestsAnswer(List<TestAnswer> tests) {}

  /** A test with its possible answers. */
  record TestAnswer(
      String id,
      String question,
      List<Choice> answers,
      double minutes,
      String tools,
      String how,
      String caution) {}

  /** A possible answer. */
  record Choice(String id, String label) {}

  /** What is asked. */
  record DiagnosisQuestion(
      @Schema(description = "car, motorcycle, sidecar, bicycle, tricycle or trailer")
          String vehicleKind,
      @Schema(
              description =
                  "optional: only causes at this position are listed, such as axle-1-left; shares"
                      + " are still of the whole vehicle")
          String position,
      @Schema(description = "optional: a build of the kind, such as front-driven; else any")
          String build,
      @Schema(description = "optional: 1 to 3, for a trailer") Integer axles,
      @Schema(description = "optional: the wheel that the complaint names, such as axle-1-left")
          String wheel,
      List<Given> answers) {}

  /** An answer that was given. */
  record Given(String test, String answer) {}

  /**
   * What it comes to; no next test means that no answer could change what to do, or that a stop
   * stands and only road tests are left. No urgency with no answers.
   */
  record DiagnosisAnswer(
      List<CauseAnswer> causes,
      List<BesideAnswer> besides,
      NextTest nextTest,
      String urgency,
      String urgencyWords,
      List<StopAnswer> stops,
      List<OverruledAnswer> overruled,
      List<String> cautions) {}

  /** A second fault that explains what the first leaves over. */
  record BesideAnswer(String id, String label, String reason) {}

  /** A finding that rules whatever is likely; several count only together. */
  record StopAnswer(String test, String answer, String reason) {}

  /** An answer that does not count, and the test whose answer counts instead. */
  record OverruledAnswer(String test, String by, String reason) {}

  /** A cause with how far each answer moved it, in natural log-odds. */
  record CauseAnswer(
      String id, String label, double probability, String action, List<Moved> moved) {}

  /** What an answer did. */
  record Moved(String test, double logOdds, String reason) {}

  /** The next test worth doing. */
  record NextTest(String id, String question, double expectedBits, double minutes) {}

  @GetMapping("/tests")
  @Operation(summary = "The diagnosis tests of a kind of vehicle")
  TestsAnswer tests(
      @RequestParam(required = false) String vehicleKind,
      @RequestParam(defaultValue = "") String build,
      @Schema(type = "integer") @RequestParam(defaultValue = "") String axles) {
    if (vehicleKind == null) {
      throw new Refusal(
          HttpStatus.BAD_REQUEST,
          "unreadable-input",
          "Some fields cannot be read.",
          List.of(new Refusal.FieldProblem("vehicleKind", "", "Missing: " + KINDS)));
    }
    DiagnosisModel model =
        DiagnosedVehicle.model(vehicleKind, build, DiagnosedVehicle.axles(axles))
            .orElseThrow(
                () ->
                    new Refusal(
                        HttpStatus.UNPROCESSABLE_ENTITY,
                        "impossible-input",
                        "Some values are out of range.",
                        List.of(DiagnosedVehicle.problem(vehicleKind, build, axles, KINDS))));
    return new TestsAnswer(model.tests().stream().map(DiagnosesController::test).toList());
  }

  private static TestAnswer test(DiagnosisTest test) {
    return new TestAnswer(
        test.id(),
        test.question(),
        test.answers().stream().map(a -> new Choice(a.id(), a.label())).toList(),
        test.minutes(),
        test.tools(),
        String.join(" ", test.steps()),
        test.caution());
  }

  @PostMapping(path = "/diagnoses", consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "Ranked causes for the answers so far, and the next test worth doing",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = DiagnosisQuestion.class))))
  DiagnosisAnswer diagnose(@RequestBody JsonNode body) {
    Fields fields = new Fields(body);
    String kind = fields.text("vehicleKind", "");
    if (!fields.has("vehicleKind")) {
      fields.missing("vehicleKind", "Missing: " + KINDS);
    }
    List<Map.Entry<String, String>> given = fields.pairs("answers", "test", "answer");
    String build = fields.text("build", "");
    OptionalInt whole = fields.optionalWhole("axles");
    Integer axles = whole.isPresent() ? whole.getAsInt() : null;
    Optional<DiagnosisModel> model = DiagnosedVehicle.model(kind, build, axles);
    if (model.isEmpty()) {
      Refusal.FieldProblem problem =
          DiagnosedVehicle.problem(kind, build, String.valueOf(axles), KINDS);
      fields.impossible(problem.field(), problem.found(), problem.remedy());
    }
    Map<String, String> answers = new LinkedHashMap<>();
    for (int i = 0; i < given.size() && model.isPresent(); i++) {
      check(model.get(), given.get(i), answers, "answers[" + i + "]", fields);
    }
    String position = fields.text("position", "");
    if (!position.isEmpty() && model.isPresent() && !hasPosition(model.get(), position)) {
      fields.impossible("position", position, "A position of the vehicle, such as axle-1-left.");
    }
    String wheel = fields.text("wheel", "");
    if (!wheel.isEmpty() && model.isPresent() && !hasPosition(model.get(), wheel)) {
      fields.impossible("wheel", wheel, "A wheel of the vehicle, such as axle-1-left.");
    }
    fields.check();
    DiagnosisModel told =
        wheel.isEmpty() ? model.orElseThrow() : model.orElseThrow().accusing(wheel);
    return answer(Diagnosis.of(told, answers), position);
  }

  private static boolean hasPosition(DiagnosisModel model, String position) {
    return model.causes().stream().anyMatch(c -> c.place().position().equals(position));
  }

  private static void check(
      DiagnosisModel model,
      Map.Entry<String, String> given,
      Map<String, String> answers,
      String field,
      Fields fields) {
    Optional<DiagnosisTest> test = model.test(given.getKey());
    if (test.isEmpty()) {
      fields.impossible(field + ".test", given.getKey(), "See /tests for the tests of this kind.");
    } else if (test.get().answer(given.getValue()).isEmpty()) {
      List<String> all = test.get().answers().stream().map(DiagnosisTest.Answer::id).toList();
      fields.oneOf(field + ".answer", given.getValue(), all);
    } else {
      // Of two answers to one test the later is used.
      answers.put(given.getKey(), given.getValue());
    }
  }

  private static DiagnosisAnswer answer(Diagnosis diagnosis, String position) {
    Optional<Diagnosis.NextTest> next = diagnosis.nextTest();
    boolean answered = !diagnosis.answers().isEmpty();
    List<String> cautions = new ArrayList<>();
    next.map(n -> n.test().caution()).filter(c -> !c.isEmpty()).ifPresent(cautions::add);
    cautions.add("The vehicle maker’s instructions and local law come first.");
    return new DiagnosisAnswer(
        diagnosis.ranked().stream()
            .filter(r -> position.isEmpty() || r.cause().place().position().equals(position))
            .map(DiagnosesController::cause)
            .toList(),
        diagnosis.besides().stream()
            .map(
                b ->
                    new BesideAnswer(
                        b.cause().id(),
                        b.cause().label(),
                        "Explains what the likeliest cause leaves over: "
                            + b.explains().question()))
            .toList(),
        next.map(
                n ->
                    new NextTest(
                        n.test().id(), n.test().question(), n.expectedBits(), n.test().minutes()))
            .orElse(null),
        answered ? diagnosis.urgency().id() : null,
        answered ? diagnosis.urgency().words() : null,
        diagnosis.stops().stream().flatMap(DiagnosesController::stops).toList(),
        diagnosis.overruled().stream()
            .map(o -> new OverruledAnswer(o.test().id(), o.by().id(), o.reason()))
            .toList(),
        List.copyOf(cautions));
  }

  private static Stream<StopAnswer> stops(Stop stop) {
    return stop.findings().stream()
        .map(f -> new StopAnswer(f.test().id(), f.answer(), stop.sign().why()));
  }

  private static CauseAnswer cause(Diagnosis.Ranked ranked) {
    return new CauseAnswer(
        ranked.cause().id(),
        ranked.cause().label(),
        ranked.probability(),
        ranked.cause().action(),
        ranked.moves().stream().map(m -> new Moved(m.test(), m.logOdds(), m.reason())).toList());
  }
}
