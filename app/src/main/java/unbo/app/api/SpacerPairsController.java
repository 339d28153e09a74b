package unbo.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import unbo.core.contact.BallThrust;
import unbo.core.fit.Material;
import unbo.core.setting.SpacerPair;
import unbo.core.setting.SpacerPair.Distribution;

/** {@code /spacer-pairs}: two ball bearings and the tube between them. */
@RestController
@RequestMapping(path = "/api/v1/spacer-pairs", produces = MediaType.APPLICATION_JSON_VALUE)
class SpacerPairsController {

  /** What is asked. */
  record SpacerQuestion(
      double shoulderMm,
      double spacerMm,
      @Schema(description = "mounted, over 0") double radialClearanceUm,
      double elementMm,
      int elements,
      @Schema(description = "both grooves together, default 1.04") Double osculationSum,
      Double clampN,
      SectionQuestion spacerSection,
      @Schema(description = "default aluminium") String hubMaterial,
      @Schema(description = "of both, default 0") Double temperatureRiseK,
      @Schema(description = "what the outer rings’ seats hold") Double seatHoldN,
      @Schema(description = "plus and minus") Double spacerToleranceMm,
      @Schema(description = "uniform (default) or normal") String distribution,
      @Schema(description = "not needed: the chance is worked in closed form") Integer seed) {}

  /** The tube’s section. */
  record SectionQuestion(double outsideMm, double boreMm, String material) {}

  /** What it comes to. */
  record SpacerAnswer(
      double axialClearanceMm,
      double slackMm,
      double preloadMm,
      double preloadN,
      double clampedSpacerMm,
      Double preloadChance,
      String verdict,
      List<String> reasons) {}

  @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary =
          "Whether a spacer tube leaves its two ball bearings free, and what it preloads them by",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = SpacerQuestion.class))))
  SpacerAnswer post(@RequestBody JsonNode body) {
    SpacerPair pair = SpacerPair.of(question(new Fields(body)));
    List<String> reasons = new ArrayList<>(pair.reasons());
    reasons.add("The chance is worked in closed form: no seed is needed.");
    return new SpacerAnswer(
        pair.axialClearanceMm(),
        pair.slackMm(),
        pair.preloadMm(),
        pair.preloadN(),
        pair.clampedMm(),
        pair.chance().isPresent() ? pair.chance().getAsDouble() : null,
        pair.verdict(),
        reasons);
  }

  private static SpacerPair.Question question(Fields fields) {
    double shoulder = fields.number("shoulderMm", 1, 1000);
    double spacer = fields.number("spacerMm", 1, 1000);
    if (shoulder > 0 && spacer > 0 && Math.abs(shoulder - spacer) >= 5) {
      fields.impossible(
          "spacerMm", String.valueOf(spacer), "5 mm or more off the shoulders: another spacer.");
    }
    double um = fields.number("radialClearanceUm", -1000, 1000);
    if (fields.has("radialClearanceUm") && um <= 0) {
      fields.impossible(
          "radialClearanceUm",
          String.valueOf(um),
          "Already preloaded by its fits: no spacer length frees it.");
    }
    double element = fields.number("elementMm", 0.5, 200);
    OptionalInt elements = fields.optionalWhole("elements");
    if (!fields.has("elements")) {
      fields.missing("elements", "Send how many balls there are.");
    } else if (elements.orElse(3) < 3 || elements.orElse(3) > 200) {
      fields.impossible("elements", String.valueOf(elements.orElse(0)), "Send 3 to 200.");
    }
    double osculation = fields.optionalNumber("osculationSum", 1.001, 1.3).orElse(1.04);
    if (element > 0 && um / 1000 >= (osculation - 1) * element) {
      fields.impossible(
          "radialClearanceUm", String.valueOf(um), "More than the grooves leave room for.");
    }
    double clamp = fields.optionalNumber("clampN", 0, 1e6).orElse(0);
    Fields section = fields.object("spacerSection");
    boolean hasSection = fields.has("spacerSection");
    double outside = hasSection ? section.number("outsideMm", 1, 1000) : 0;
    double bore = hasSection ? section.number("boreMm", 0, 1000) : 0;
    if (outside > 0 && bore >= outside) {
      section.impossible("boreMm", String.valueOf(bore), "Send less than the outside.");
    }
    Material tube = section.material("material", "aluminium");
    Material hub = fields.material("hubMaterial", "aluminium");
    double rise = fields.optionalNumber("temperatureRiseK", -80, 250).orElse(0);
    OptionalDouble hold = fields.optionalNumber("seatHoldN", 0, 1e6);
    OptionalDouble tolerance = fields.optionalNumber("spacerToleranceMm", 0.0001, 5);
    String word = fields.text("distribution", "uniform");
    fields.oneOf("distribution", word, List.of("uniform", "normal"));
    fields.check();
    double mm2 = Math.PI / 4 * (outside * outside - bore * bore);
    return new SpacerPair.Question(
        shoulder,
        spacer,
        new BallThrust(element, elements.orElse(3), um / 1000, osculation),
        clamp,
        mm2,
        tube,
        hub,
        rise,
        hold,
        tolerance,
        word.equals("normal") ? Distribution.NORMAL : Distribution.UNIFORM);
  }
}
