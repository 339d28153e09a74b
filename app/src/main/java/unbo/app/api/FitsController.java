package unbo.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import unbo.core.fit.Fit;
import unbo.core.fit.FitInput;
import unbo.core.fit.Recommendation;
import unbo.core.fit.Spread;

/** {@code /fits}: a mounted bearing. */
@RestController
@RequestMapping(path = "/api/v1/fits", produces = MediaType.APPLICATION_JSON_VALUE)
class FitsController {

  /** What is asked. */
  record FitQuestion(
      @Schema(description = "default deep-groove-ball") String family,
      double boreMm,
      double outerMm,
      double widthMm,
      @Schema(description = "C2, CN (default) to C5") String clearance,
      @Schema(description = "default Normal") String toleranceClass,
      @Schema(description = "else estimated") Double innerRacewayMm,
      Double outerRacewayMm,
      @Schema(description = "of what is set after fitting, degrees") Double contactAngleDeg,
      @Schema(description = "inner (default), outer or both") String turningLoadOn,
      @Schema(description = "light, normal (default), heavy, or the share P/C") Object loadShare,
      @Schema(description = "default 20") Double roomC,
      @Schema(description = "default 0.12") Double friction,
      SeatQuestion shaft,
      SeatQuestion housing) {}

  /** A seat: by its zone, or as measured. */
  record SeatQuestion(
      String zone,
      Double measuredMm,
      Double uncertaintyMm,
      @Schema(description = "steel (default), aluminium, wrought-aluminium, grey-iron, magnesium")
          String material,
      @Schema(description = "of a hollow shaft") Double boreMm,
      @Schema(description = "of the housing, default half again the ring’s") Double outsideMm,
      @Schema(description = "ground (default) or turned") String surface,
      @Schema(description = "of the ring on it, default roomC") Double runningC) {}

  /** A ring on its seat; interference in micrometres, negative is a gap. */
  record FittedRing(
      double leastUm,
      double likelyUm,
      double mostUm,
      double tightProbability,
      double hotLikelyUm,
      double pressureMpa,
      double pressForceN,
      double pullForceN,
      double hoopMpa) {
    static FittedRing of(Fit.Ring ring) {
      return new FittedRing(
          ring.cold().least(),
          ring.cold().likely(),
          ring.cold().most(),
          ring.tightChance(),
          ring.hot().likely(),
          ring.pressureMpa(),
          ring.pressForceN(),
          ring.pullForceN(),
          ring.hoopMpa());
    }
  }

  /** Least, likely and most, micrometres. */
  record Band(double min, double likely, double max) {
    static Band of(Spread spread) {
      return new Band(spread.least(), spread.likely(), spread.most());
    }
  }

  /** Internal clearance from the shelf to the running bearing. */
  record LadderAnswer(Band unmounted, Band mounted, Band running) {
    static LadderAnswer of(Fit.Ladder ladder) {
      return new LadderAnswer(
          Band.of(ladder.unmounted()), Band.of(ladder.mounted()), Band.of(ladder.running()));
    }
  }

  /** Zones for the position. */
  record Recommended(String shaft, String housing, List<String> why) {
    static Recommended of(Recommendation r) {
      return new Recommended(r.shaft(), r.housing(), r.why());
    }
  }

  /** What the fit comes to; clearance and verdict are null for what is set after fitting. */
  record FitAnswer(
      FittedRing inner,
      FittedRing outer,
      LadderAnswer clearanceUm,
      String verdict,
      Double endPlayChangeUm,
      String rightGroup,
      Recommended recommended,
      List<String> reasons) {}

  @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "Interference, pressure, force and the clearance that is left mounted and hot",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = FitQuestion.class))))
  FitAnswer post(@RequestBody JsonNode body) {
    FitFields fields = new FitFields(new Fields(body));
    String turning = fields.turning();
    String load = fields.load();
    FitInput input = fields.read();
    Fit fit = Fit.of(input);
    List<String> reasons = new ArrayList<>(fit.reasons(turning));
    if (fields.isHousingAssumed()) {
      reasons.add("The housing’s outside is assumed at half again the ring’s.");
    }
    Optional<Recommendation> zones =
        Recommendation.of(turning, load, input.boreMm(), input.housing().material(), false);
    return new FitAnswer(
        FittedRing.of(fit.inner()),
        FittedRing.of(fit.outer()),
        fit.clearance().map(LadderAnswer::of).orElse(null),
        fit.verdict().map(Fit.Verdict::id).orElse(null),
        fit.endPlayChangeUm().orElse(null),
        fit.rightGroup().orElse(null),
        zones.map(Recommended::of).orElse(null),
        reasons);
  }
}
