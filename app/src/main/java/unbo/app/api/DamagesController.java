package unbo.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import unbo.core.catalogue.Family;
import unbo.core.damage.Damage;
import unbo.core.damage.DamageClass;
import unbo.core.damage.DamageQuestion;
import unbo.core.damage.DamageTables;

/** {@code /damage-questions} and {@code /damages}: what a bearing died of. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class DamagesController {

  /** What to look at. */
  record QuestionAnswer(String id, String text, String help, List<ChoiceAnswer> answers) {}

  /** What may be seen. */
  record ChoiceAnswer(String id, String label) {}

  /** What lies on the bench. */
  record DamageAsked(
      @Schema(description = "family of the vocabulary; classes are the same for all") String family,
      List<DamageSaid> answers) {}

  /** One answer. */
  record DamageSaid(String question, String answer) {}

  /** What it died of. */
  record DamagesAnswer(
      List<ClassAnswer> classes,
      List<String> besides,
      @Schema(description = "what came first, in words") List<String> order,
      List<AdviceAnswer> advice,
      @Schema(description = "no or inspect; null while nothing was answered") String reuse,
      List<String> alsoLookAt,
      @Schema(description = "the question that tells most next; null where none does")
          String nextQuestion) {}

  /** One class; probability 0 to 1. */
  record ClassAnswer(String id, String label, double probability, List<String> reasons) {}

  /** What a later station is told. */
  record AdviceAnswer(String station, String text) {}

  @GetMapping("/damage-questions")
  @Operation(summary = "What to look at on the parts, in the order of a bench")
  List<QuestionAnswer> questions() {
    return DamageTables.questions().stream()
        .map(
            q ->
                new QuestionAnswer(
                    q.id(),
                    q.text(),
                    q.help(),
                    q.answers().stream().map(a -> new ChoiceAnswer(a.id(), a.label())).toList()))
        .toList();
  }

  @PostMapping(path = "/damages", consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "What a bearing died of, the likeliest first",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = DamageAsked.class))))
  DamagesAnswer post(@RequestBody JsonNode body) {
    Fields fields = new Fields(body);
    String family = fields.text("family", Family.DEEP_GROOVE_BALL.id());
    if (Family.withId(family).isEmpty()) {
      fields.impossible("family", family, "A family of the vocabulary, such as tapered-roller.");
    }
    Map<String, String> answers = new LinkedHashMap<>();
    for (Map.Entry<String, String> said : fields.pairs("answers", "question", "answer")) {
      if (isKnown(said, fields)) {
        answers.put(said.getKey(), said.getValue());
      }
    }
    fields.check();
    return answer(Damage.of(answers));
  }

  private static boolean isKnown(Map.Entry<String, String> said, Fields fields) {
    List<String> questions = DamageTables.questions().stream().map(DamageQuestion::id).toList();
    if (!fields.oneOf("answers", said.getKey(), questions)) {
      return false;
    }
    List<String> words =
        DamageTables.questions().stream()
            .filter(q -> q.id().equals(said.getKey()))
            .flatMap(q -> q.answers().stream())
            .map(DamageQuestion.Answer::id)
            .toList();
    return fields.oneOf("answers", said.getValue(), words);
  }

  private static DamagesAnswer answer(Damage damage) {
    Optional<String> next = damage.next().map(DamageQuestion::id);
    if (!damage.isAnswered()) {
      return new DamagesAnswer(
          List.of(), List.of(), List.of(), List.of(), null, List.of(), next.orElse(null));
    }
    return new DamagesAnswer(
        damage.ranked().stream()
            .map(
                r ->
                    new ClassAnswer(
                        r.damage().id(), r.damage().label(), r.probability(), r.reasons()))
            .toList(),
        damage.besides().stream().map(DamageClass::id).toList(),
        damage.order(),
        damage.advice().stream().map(c -> new AdviceAnswer(c.station(), c.text())).toList(),
        damage.mayBeInspected() ? "inspect" : "no",
        damage.alsoLookAt(),
        next.orElse(null));
  }
}
