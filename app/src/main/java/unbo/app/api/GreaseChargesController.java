package unbo.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import unbo.core.grease.Duty;
import unbo.core.grease.EnvelopeMetal;
import unbo.core.grease.GreaseCharge;
import unbo.core.section.BearingVolume;

/** {@code /grease-charges}: how much grease. */
@RestController
@RequestMapping(path = "/api/v1/grease-charges", produces = MediaType.APPLICATION_JSON_VALUE)
class GreaseChargesController {

  private static final double MOST_MM = 2000;

  /** What is asked. */
  record GreaseQuestion(
      double boreMm,
      double outerMm,
      @Schema(description = "for tapers the assembled width T") double widthMm,
      @Schema(description = "family of the vocabulary, default deep-groove-ball") String family,
      @Schema(description = "high-speed, general, wet-slow, pivot or least-drag; default general")
          String duty,
      @Schema(description = "mass weighed; rules over the estimate") Double massG,
      @Schema(description = "g/cm³, default 0.9") Double greaseDensity,
      CavityQuestion cavity) {}

  /** A hollow between hub and shaft. */
  record CavityQuestion(double outsideMm, double boreMm, double lengthMm) {}

  /** How much; uncertainties at 95 %. */
  record GreaseAnswer(
      double freeVolumeCm3,
      double freeVolumeUncertaintyCm3,
      double chargeGrams,
      double chargeCm3,
      double share,
      double relubricationGrams,
      CavityAnswer cavity,
      List<String> reasons) {}

  /** What goes into the hollow. */
  record CavityAnswer(double volumeCm3, double chargeCm3, double chargeGrams, double share) {}

  @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "Charge of a bearing and of the hollow beside it",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = GreaseQuestion.class))))
  GreaseAnswer post(@RequestBody JsonNode body) {
    Fields fields = new Fields(body);
    double bore = fields.number("boreMm", 0.5, MOST_MM);
    double outer = fields.number("outerMm", 1, MOST_MM);
    double width = fields.number("widthMm", 0.5, MOST_MM);
    String family = fields.text("family", "deep-groove-ball");
    Duty duty = duty(fields);
    OptionalDouble mass = fields.optionalNumber("massG", 0.01, 1e7);
    double density =
        fields.optionalNumber("greaseDensity", 0.7, 2).orElse(GreaseCharge.USUAL_DENSITY);
    if (outer > 0 && bore > 0 && outer <= bore) {
      fields.impossible(
          "outerMm", String.valueOf(outer), "Send more than the bore of " + bore + ".");
    }
    if (!EnvelopeMetal.isFamily(family)) {
      fields.impossible("family", family, "A family of the vocabulary, such as tapered-roller.");
    }
    CavityAnswer cavity = cavity(fields, duty, density);
    OptionalDouble metal = metal(fields, family, mass, bore, outer, width);
    fields.check();
    GreaseCharge charge =
        GreaseCharge.of(bore, outer, width, metal.orElse(0), duty.share(), mass, density);
    return answer(charge, cavity, mass.isPresent());
  }

  private static GreaseAnswer answer(GreaseCharge charge, CavityAnswer cavity, boolean weighed) {
    return new GreaseAnswer(
        charge.freeVolumeCm3().value(),
        charge.freeVolumeCm3().uncertainty(),
        charge.chargeGrams().value(),
        charge.chargeCm3().value(),
        charge.share(),
        charge.relubricationGrams(),
        cavity,
        List.of(
            weighed
                ? "Metal from the mass at 7.85 g/cm³: ± 3 %."
                : "Metal from a listed mass, else from estimated geometry: ± 15 %.",
            "Relubrication is the rule 0.005·D·B."));
  }

  private static Duty duty(Fields fields) {
    String word = fields.text("duty", Duty.GENERAL.id());
    fields.oneOf("duty", word, Arrays.stream(Duty.values()).map(Duty::id).toList());
    return Duty.withId(word).orElse(Duty.GENERAL);
  }

  /** The metal, with the problems of a mass or a family that cannot be. */
  private static OptionalDouble metal(
      Fields fields, String family, OptionalDouble mass, double bore, double outer, double width) {
    if (!(bore > 0 && outer > bore && width > 0) || !EnvelopeMetal.isFamily(family)) {
      return OptionalDouble.empty();
    }
    if (mass.isPresent()) {
      double whole = 7.85 * BearingVolume.annulusCm3(bore, outer, width);
      if (mass.getAsDouble() >= whole) {
        fields.impossible(
            "massG",
            String.valueOf(mass.getAsDouble()),
            "Solid steel of that size weighs " + Math.round(whole) + " g.");
      }
      return OptionalDouble.empty();
    }
    OptionalDouble metal = EnvelopeMetal.cm3(family, bore, outer, width);
    double room = BearingVolume.annulusCm3(bore, outer, width);
    if (metal.isEmpty() || metal.getAsDouble() >= room) {
      fields.impossible(
          "massG", "", "No estimate for this bearing: weigh the bearing and send its mass.");
    }
    return metal;
  }

  private static CavityAnswer cavity(Fields fields, Duty duty, double density) {
    if (!fields.hasObject("cavity")) {
      return null;
    }
    double outside = fields.inner("cavity", "outsideMm", 1, MOST_MM);
    double bore = fields.inner("cavity", "boreMm", 0, MOST_MM);
    double length = fields.inner("cavity", "lengthMm", 0.1, MOST_MM);
    if (outside > 0 && bore >= outside) {
      fields.impossible(
          "cavity.boreMm", String.valueOf(bore), "Send less than the outside diameter.");
    }
    double volume = Math.max(0, BearingVolume.annulusCm3(bore, outside, length));
    double share = duty.cavityShare();
    return new CavityAnswer(volume, volume * share, volume * share * density, share);
  }
}
