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
import unbo.core.fit.Material;
import unbo.core.heat.HeatPlan;
import unbo.core.heat.HeatPlan.Construction;
import unbo.core.heat.HeatPlan.Heated;
import unbo.core.heat.LooseningHeat;
import unbo.core.working.Origin;

/** {@code /heats}: how warm a ring or a housing is made. */
@RestController
@RequestMapping(path = "/api/v1/heats", produces = MediaType.APPLICATION_JSON_VALUE)
class HeatsController {

  private static final double MOST_MM = 500;
  private static final double COLDEST_C = -196;

  /** What is asked. */
  record HeatQuestion(
      double boreMm,
      double outerMm,
      double widthMm,
      @Schema(description = "greatest") double interferenceUm,
      @Schema(description = "to slide, default by diameter") Double clearanceUm,
      @Schema(description = "ring (default) or housing") String heated,
      @Schema(description = "of a heated housing, default aluminium; a ring is bearing steel")
          String material,
      @Schema(description = "of the shaft, default steel") String otherMaterial,
      @Schema(description = "default 20") Double roomC,
      @Schema(description = "of the other part, default roomC") Double chilledPartC,
      @Schema(description = "open (default), sealed or bare-ring") String construction,
      @Schema(description = "none (default), S0, S1, S2 or S3") String stabilised,
      @Schema(description = "of the heated ring, else estimated") Double massG) {}

  /** How warm, for how long, how it goes. */
  record HeatAnswer(
      double partC,
      double limitC,
      double refuseC,
      String withinLimit,
      Double secondsInAir,
      double secondsOnSeat,
      int[] secondsOnSeatRange,
      String verdict,
      List<String> steps,
      List<String> reasons) {}

  @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "Temperature at which the other part drops in, against the limit by construction",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = HeatQuestion.class))))
  HeatAnswer post(@RequestBody JsonNode body) {
    HeatPlan plan = HeatPlan.of(question(new Fields(body)));
    OptionalDouble air = plan.secondsInAir();
    return new HeatAnswer(
        plan.partC().result().value(),
        plan.limit().limitC(),
        plan.limit().refuseC(),
        plan.within().id(),
        air.isPresent() ? air.getAsDouble() : null,
        (HeatPlan.LEAST_ON_SEAT_S + HeatPlan.MOST_ON_SEAT_S) / 2.0,
        new int[] {HeatPlan.LEAST_ON_SEAT_S, HeatPlan.MOST_ON_SEAT_S},
        plan.verdict().id(),
        plan.steps(),
        List.of(
            "Limit by " + plan.limit().why() + "; the maker’s figure comes first.",
            "Seconds in air: still air, 12 W/(m²·K); on the seat: a rule of thumb."));
  }

  private static HeatPlan.Question question(Fields fields) {
    double bore = fields.number("boreMm", 1, MOST_MM);
    double outer = fields.number("outerMm", 1, MOST_MM);
    double width = fields.number("widthMm", 0.5, MOST_MM);
    double um = fields.number("interferenceUm", 0, 1000);
    if (bore > 0 && outer > 0 && outer <= bore) {
      fields.impossible(
          "outerMm", String.valueOf(outer), "Send more than the bore of " + bore + ".");
    }
    String heated = fields.text("heated", "ring");
    fields.oneOf("heated", heated, List.of("ring", "housing"));
    Heated what = heated.equals("housing") ? Heated.HOUSING : Heated.RING;
    double seat = what == Heated.RING ? bore : outer;
    double room =
        fields
            .optionalNumber("clearanceUm", 0.1, 500)
            .orElse(1000 * LooseningHeat.slidingRoomMm(seat));
    Material material = fields.material("material", what == Heated.RING ? "steel" : "aluminium");
    Material other = fields.material("otherMaterial", "steel");
    double roomC = fields.optionalNumber("roomC", -40, 60).orElse(20);
    double chilled = fields.optionalNumber("chilledPartC", COLDEST_C, 60).orElse(roomC);
    if (chilled > roomC) {
      fields.impossible(
          "chilledPartC", String.valueOf(chilled), "Send no more than the room’s " + roomC + ".");
    }
    Construction built = construction(fields);
    boolean stated = stabilised(fields);
    OptionalDouble mass = fields.optionalNumber("massG", 0.1, 1e6);
    fields.check();
    return new HeatPlan.Question(
        bore,
        outer,
        width,
        um / 1000,
        Origin.entered("as sent"),
        room / 1000,
        what,
        material,
        other,
        roomC,
        chilled,
        built,
        stated,
        mass);
  }

  private static Construction construction(Fields fields) {
    String word = fields.text("construction", Construction.OPEN.id());
    fields.oneOf(
        "construction", word, Arrays.stream(Construction.values()).map(Construction::id).toList());
    return Arrays.stream(Construction.values())
        .filter(c -> c.id().equals(word))
        .findFirst()
        .orElse(Construction.OPEN);
  }

  private static boolean stabilised(Fields fields) {
    String word = fields.text("stabilised", "none");
    return fields.oneOf("stabilised", word, List.of("none", "S0", "S1", "S2", "S3"))
        && !word.equals("none");
  }
}
