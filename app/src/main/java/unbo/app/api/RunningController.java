package unbo.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import unbo.core.fit.Material;
import unbo.core.friction.Friction;
import unbo.core.friction.Friction.Seal;
import unbo.core.speed.ElementSpeeds;

/** {@code /frictions} and {@code /element-speeds}: what a running bearing costs and does. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class RunningController {

  private static final double MOST_MM = 2000;

  /** What is asked of the drag. */
  record FrictionQuestion(
      @Schema(description = "default deep-groove-ball; also cylindrical-full") String family,
      double boreMm,
      double outerMm,
      double rpm,
      Double radialN,
      Double axialN,
      double viscosityMm2s,
      @Schema(description = "share of the free volume, default 0.3") Double fill,
      Boolean fresh,
      @Schema(description = "open (default), shield, non-contact, light-contact or contact")
          String seal,
      @Schema(description = "default 2") Integer sealedSides,
      Double sealLipMm,
      Boolean hybrid,
      @Schema(description = "else estimated") Double staticRatingN,
      Double contactAngleDeg,
      @Schema(description = "1 (default) or 2") Integer rows,
      @Schema(description = "grease (default) or oil-bath") String lubrication,
      Double widthMm,
      @Schema(description = "default 20") Double roomC) {}

  /** Torques in Nmm. */
  record Torques(double noLoad, double load, double seal, double total) {}

  /** What the drag costs. */
  record FrictionAnswer(
      Torques torqueNmm,
      double watts,
      double uncertaintyPercent,
      Double runningC,
      List<String> reasons) {}

  /** What is asked of the speeds. */
  record SpeedQuestion(
      double meanDiameterMm,
      double elementMm,
      @Schema(description = "of rollers; balls without it") Double lengthMm,
      @Schema(description = "steel (default) or ceramic") String elementMaterial,
      Double contactAngleDeg,
      double rpm,
      @Schema(description = "inner (default) or outer") String rotating) {}

  /** Speeds, and the pull on one element. */
  record SpeedAnswer(double cageRpm, double elementRpm, double ndm, double centrifugalN) {}

  @PostMapping(path = "/frictions", consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "Drag of a bearing in torque and watts",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = FrictionQuestion.class))))
  FrictionAnswer friction(@RequestBody JsonNode body) {
    Friction f = Friction.of(question(new Fields(body)));
    return new FrictionAnswer(
        new Torques(f.noLoadNmm(), f.loadNmm(), f.sealNmm(), f.totalNmm()),
        f.watts(),
        f.uncertaintyPercent(),
        f.runningC().isPresent() ? f.runningC().getAsDouble() : null,
        f.reasons());
  }

  private static Friction.Question question(Fields fields) {
    String family = fields.text("family", "deep-groove-ball");
    fields.oneOf("family", family, Friction.families());
    double bore = fields.number("boreMm", 0.5, MOST_MM);
    double outer = fields.number("outerMm", 1, MOST_MM);
    if (bore > 0 && outer > 0 && outer <= bore) {
      fields.impossible(
          "outerMm", String.valueOf(outer), "Send more than the bore of " + bore + ".");
    }
    double rpm = fields.number("rpm", 0.001, 1e6);
    double radial = fields.optionalNumber("radialN", 0, 1e7).orElse(0);
    double axial = fields.optionalNumber("axialN", 0, 1e7).orElse(0);
    double viscosity = fields.number("viscosityMm2s", 0.5, 1e6);
    double fill = fields.optionalNumber("fill", 0, 1).orElse(0.3);
    boolean fresh = fields.flag("fresh", false);
    boolean hybrid = fields.flag("hybrid", false);
    String seal = fields.text("seal", Seal.OPEN.id());
    fields.oneOf("seal", seal, Arrays.stream(Seal.values()).map(Seal::id).toList());
    int sides = whole(fields, "sealedSides", 2, 0, 2);
    int rows = whole(fields, "rows", 1, 1, 2);
    OptionalDouble lip = fields.optionalNumber("sealLipMm", 1, MOST_MM);
    OptionalDouble rating = fields.optionalNumber("staticRatingN", 1, 1e8);
    double angle = fields.optionalNumber("contactAngleDeg", 0, 89).orElse(0);
    String by = fields.text("lubrication", "grease");
    fields.oneOf("lubrication", by, List.of("grease", "oil-bath"));
    OptionalDouble width = fields.optionalNumber("widthMm", 0.5, MOST_MM);
    double room = fields.optionalNumber("roomC", -60, 100).orElse(20);
    fields.check();
    return new Friction.Question(
        family,
        bore,
        outer,
        width,
        rpm,
        radial,
        axial,
        viscosity,
        fill,
        fresh,
        by.equals("oil-bath"),
        named(seal),
        sides,
        lip,
        hybrid,
        rating,
        angle,
        rows,
        room);
  }

  private static Seal named(String word) {
    return Arrays.stream(Seal.values()).filter(s -> s.id().equals(word)).findFirst().orElseThrow();
  }

  private static int whole(Fields fields, String field, int usual, int least, int most) {
    OptionalInt value = fields.optionalWhole(field);
    int given = value.orElse(usual);
    if (given < least || given > most) {
      fields.impossible(field, String.valueOf(given), "Send " + least + " to " + most + ".");
      return usual;
    }
    return given;
  }

  @PostMapping(path = "/element-speeds", consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "Speeds of cage and elements, and the pull on one element",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = SpeedQuestion.class))))
  SpeedAnswer speeds(@RequestBody JsonNode body) {
    Fields fields = new Fields(body);
    double mean = fields.number("meanDiameterMm", 1, MOST_MM);
    double element = fields.number("elementMm", 0.1, MOST_MM);
    OptionalDouble length = fields.optionalNumber("lengthMm", 0.1, MOST_MM);
    double angle = fields.optionalNumber("contactAngleDeg", 0, 89).orElse(0);
    double rpm = fields.number("rpm", 0, 1e6);
    String word = fields.text("elementMaterial", "steel");
    fields.oneOf("elementMaterial", word, List.of("steel", "ceramic"));
    String turns = fields.text("rotating", "inner");
    fields.oneOf("rotating", turns, List.of("inner", "outer"));
    if (element > 0 && mean > 0 && element >= mean) {
      fields.impossible("elementMm", String.valueOf(element), "Send less than the mean diameter.");
    }
    fields.check();
    Optional<Material> material = Material.withId(word.equals("steel") ? "ring" : word);
    ElementSpeeds s =
        ElementSpeeds.of(
            mean,
            element,
            length,
            material.orElse(Material.RING).density(),
            angle,
            rpm,
            turns.equals("inner"));
    return new SpeedAnswer(s.cageRpm(), s.elementRpm(), s.ndm(), s.centrifugalN());
  }
}
