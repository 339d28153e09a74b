package unbo.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import unbo.core.life.Cleanliness;
import unbo.core.life.Life;

/** {@code /lives}: fatigue life by ISO 281, for comparing. */
@RestController
@RequestMapping(path = "/api/v1/lives", produces = MediaType.APPLICATION_JSON_VALUE)
class LivesController {

  private static final List<String> FAMILIES =
      List.of(
          "deep-groove-ball",
          "angular-contact-ball",
          "self-aligning-ball",
          "cylindrical-roller",
          "spherical-roller",
          "tapered-roller",
          "needle-roller",
          "thrust-ball",
          "thrust-roller",
          "wheel-unit-angular-ball",
          "headset-angular-ball");

  /** What is asked. */
  record LifeQuestion(
      @Schema(description = "default deep-groove-ball") String family,
      @Schema(description = "C") double ratingN,
      @Schema(description = "C0, for the fatigue limit") Double staticRatingN,
      @Schema(description = "equivalent load P") double loadN,
      Double kappa,
      @Schema(description = "e_C, 0 to 1") Double contaminationFactor,
      @Schema(description = "C_u, else from C0") Double fatigueLimitN,
      Double rpm,
      Double tyreDiameterMm,
      Double meanDiameterMm,
      @Schema(
              description =
                  "in place of e_C: high, normal, slight-to-typical, severe or very-severe; needs"
                      + " meanDiameterMm and kappa")
          String cleanliness) {}

  /** Lives; hours and km of the modified life when it is known. */
  record LifeAnswer(
      double l10Mrev,
      Double l10mMrev,
      Double hours,
      Double km,
      Double aIso,
      Double contaminationFactor,
      List<String> reasons) {}

  @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "Fatigue life by ISO 281",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = LifeQuestion.class))))
  LifeAnswer post(@RequestBody JsonNode body) {
    Fields fields = new Fields(body);
    String family = fields.text("family", "deep-groove-ball");
    fields.oneOf("family", family, FAMILIES);
    Life.Kind kind = kind(family);
    double rating = fields.number("ratingN", 1, 1e9);
    double load = fields.number("loadN", 1e-3, 1e9);
    OptionalDouble kappa = fields.optionalNumber("kappa", 0, 1000);
    OptionalDouble mean = fields.optionalNumber("meanDiameterMm", 1, 5000);
    OptionalDouble dirt = contamination(fields, kappa, mean);
    OptionalDouble rpm = fields.optionalNumber("rpm", 1e-3, 1e6);
    OptionalDouble tyre = fields.optionalNumber("tyreDiameterMm", 10, 5000);
    OptionalDouble limit = limit(fields, kind, mean);
    fields.check();
    Life life = Life.of(kind, rating, load, kappa, dirt, limit);
    boolean known = life.aIso().isPresent();
    return new LifeAnswer(
        life.l10Mrev(),
        known ? life.mrev() : null,
        rpm.isPresent() ? life.hours(rpm.getAsDouble()) : null,
        tyre.isPresent() ? life.km(tyre.getAsDouble()) : null,
        known ? life.aIso().getAsDouble() : null,
        dirt.isPresent() ? dirt.getAsDouble() : null,
        reasons(kappa, dirt, limit, known));
  }

  private static Life.Kind kind(String family) {
    return switch (family) {
      case "thrust-ball" -> Life.Kind.THRUST_BALL;
      case "thrust-roller" -> Life.Kind.THRUST_ROLLER;
      default -> family.contains("roller") ? Life.Kind.ROLLER : Life.Kind.BALL;
    };
  }

  private static OptionalDouble contamination(
      Fields fields, OptionalDouble kappa, OptionalDouble mean) {
    OptionalDouble given = fields.optionalNumber("contaminationFactor", 0, 1);
    if (!fields.has("cleanliness")) {
      return given;
    }
    String word = fields.text("cleanliness", "");
    if (fields.has("contaminationFactor")) {
      fields.impossible("cleanliness", word, "Send it or the contaminationFactor, not both.");
    }
    Optional<Cleanliness> clean = Cleanliness.withId(word);
    if (clean.isEmpty()) {
      fields.oneOf("cleanliness", word, Cleanliness.all().stream().map(Cleanliness::id).toList());
    }
    if (mean.isEmpty() || kappa.isEmpty()) {
      fields.impossible("cleanliness", word, "Send kappa and meanDiameterMm with it.");
      return given;
    }
    return clean
        .map(c -> OptionalDouble.of(c.factor(kappa.getAsDouble(), mean.getAsDouble())))
        .orElse(given);
  }

  private static OptionalDouble limit(Fields fields, Life.Kind kind, OptionalDouble mean) {
    OptionalDouble given = fields.optionalNumber("fatigueLimitN", 0, 1e9);
    OptionalDouble c0 = fields.optionalNumber("staticRatingN", 1, 1e9);
    return given.isPresent() || c0.isEmpty()
        ? given
        : OptionalDouble.of(Life.fatigueLimit(kind, c0.getAsDouble(), mean.orElse(50)));
  }

  private static List<String> reasons(
      OptionalDouble kappa, OptionalDouble dirt, OptionalDouble limit, boolean known) {
    List<String> reasons = new ArrayList<>();
    reasons.add("For comparing, never a promise: seals, dirt and fitting end most bearings first.");
    if (!known) {
      reasons.add(
          kappa.isPresent() && kappa.getAsDouble() < 0.1
              ? "ISO 281 has no answer for so thin a film."
              : kappa.isEmpty()
                  ? "Without the film only the basic life is known."
                  : dirt.isEmpty()
                      ? "Without the contamination only the basic life is known."
                      : limit.isEmpty()
                          ? "Without the fatigue limit or the static rating only the basic life is known."
                          : "Only the basic life is known.");
    }
    return reasons;
  }
}
