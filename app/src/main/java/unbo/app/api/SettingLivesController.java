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
import unbo.core.setting.PairRow;
import unbo.core.setting.SettingLife;
import unbo.core.setting.SettingLife.Hub;
import unbo.core.setting.SettingLife.Mounting;
import unbo.core.setting.SettingLife.Point;

/** {@code /setting-lives}: life and tilt stiffness of a set pair against its setting. */
@RestController
@RequestMapping(path = "/api/v1/setting-lives", produces = MediaType.APPLICATION_JSON_VALUE)
class SettingLivesController {

  /** What is asked. */
  record SettingLifeQuestion(
      @Schema(description = "two; the first at x = 0") List<RowQuestion> rows,
      @Schema(description = "between the raceways’ middles") double spanMm,
      @Schema(description = "of the radial load, from the first row; default the middle")
          Double loadPlaneMm,
      double radialN,
      @Schema(description = "positive pushes the hub towards the second row") Double axialN,
      @Schema(description = "two numbers, marked in the answer") List<Double> windowMm,
      @Schema(description = "default −0.1, preload") Double fromMm,
      @Schema(description = "default 0.4, play") Double toMm,
      @Schema(description = "2 to 201, default 51") Integer points,
      @Schema(description = "back-to-back (default) or face-to-face") String mounting,
      @Schema(description = "for the secant, default a twentieth of the load times the span")
          Double momentNm,
      @Schema(description = "with a ratingN in both rows gives life10h") Double rpm) {}

  /** A row. */
  record RowQuestion(
      int elements,
      double elementMm,
      @Schema(description = "of rollers") Double lengthMm,
      double contactAngleDeg,
      double meanDiameterMm,
      @Schema(description = "roller (default) or ball") String kind,
      @Schema(description = "dynamic rating C of the row") Double ratingN) {}

  /** A setting; positive is play. */
  record CurvePoint(
      double settingMm,
      double relativeLife,
      @Schema(description = "hours; null without rpm and both ratings") Double life10h,
      double tiltNmPerMrad,
      double loadZone,
      Boolean inWindow) {}

  /** The curve; its peak is never advice. */
  record SettingLifeAnswer(List<CurvePoint> curve, List<String> reasons) {}

  @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "Relative life and tilt stiffness of a set pair against its setting",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = SettingLifeQuestion.class))))
  SettingLifeAnswer post(@RequestBody JsonNode body) {
    Fields fields = new Fields(body);
    List<PairRow> rows = rows(fields);
    double span = fields.number("spanMm", 1, 1000);
    double plane = fields.optionalNumber("loadPlaneMm", -1000, 2000).orElse(span / 2);
    double radial = fields.number("radialN", 1, 1e6);
    double axial = fields.optionalNumber("axialN", -1e6, 1e6).orElse(0);
    double[] window = fields.pair("windowMm", -1, 2).orElse(null);
    double from = fields.optionalNumber("fromMm", -0.5, 2).orElse(-0.1);
    double to = fields.optionalNumber("toMm", -0.5, 2).orElse(0.4);
    if (from >= to) {
      fields.impossible("toMm", String.valueOf(to), "Send more than fromMm.");
    }
    OptionalInt points = fields.optionalWhole("points");
    if (points.orElse(51) < 2 || points.orElse(51) > 201) {
      fields.impossible("points", String.valueOf(points.orElse(0)), "Send 2 to 201.");
    }
    String word = fields.text("mounting", "back-to-back");
    fields.oneOf("mounting", word, List.of("back-to-back", "face-to-face"));
    double moment =
        fields.optionalNumber("momentNm", 0.001, 1e5).orElse(0.05 * radial * span / 1000);
    OptionalDouble rpm = fields.optionalNumber("rpm", 0.01, 1e5);
    List<OptionalDouble> ratings = ratings(fields);
    fields.check();
    Mounting mounting = word.equals("face-to-face") ? Mounting.FACE_TO_FACE : Mounting.BACK_TO_BACK;
    Hub hub = new Hub(rows.get(0), rows.get(1), span, plane, radial, axial, mounting, moment);
    List<Point> curve = SettingLife.curve(hub, from, to, points.orElse(51));
    return new SettingLifeAnswer(
        curve.stream()
            .map(p -> point(p, window, hours(p, rpm, ratings, rows.get(0).isRoller())))
            .toList(),
        List.of(
            "The peak lies in light preload right beside the cliff: it is never a target.",
            "Stiff rings, no film and no dirt: settings of one hub compared, not a promise."));
  }

  private static List<OptionalDouble> ratings(Fields fields) {
    return fields.objects("rows", 2).stream()
        .map(row -> row.optionalNumber("ratingN", 1, 1e8))
        .toList();
  }

  /** Basic rating life in hours; null where a rating or the speed is not given. */
  private static Double hours(
      Point p, OptionalDouble rpm, List<OptionalDouble> ratings, boolean rollers) {
    if (rpm.isEmpty() || ratings.stream().anyMatch(OptionalDouble::isEmpty)) {
      return null;
    }
    double turns =
        p.millionTurns(ratings.get(0).getAsDouble(), ratings.get(1).getAsDouble(), rollers);
    return turns * 1e6 / (60 * rpm.getAsDouble());
  }

  private static CurvePoint point(Point p, double[] window, Double hours) {
    Boolean in = window == null ? null : p.settingMm() >= window[0] && p.settingMm() <= window[1];
    return new CurvePoint(
        p.settingMm(), p.relativeLife(), hours, p.tiltNmPerMrad(), p.loadZone(), in);
  }

  private static List<PairRow> rows(Fields fields) {
    List<Fields> asked = fields.objects("rows", 2);
    if (asked.size() != 2) {
      fields.missing("rows", "Send two rows.");
    }
    List<PairRow> rows = new ArrayList<>();
    for (Fields one : asked) {
      OptionalInt elements = one.optionalWhole("elements");
      if (!one.has("elements")) {
        one.missing("elements", "Send how many there are.");
      } else if (elements.orElse(3) < 3 || elements.orElse(3) > 200) {
        one.impossible("elements", String.valueOf(elements.orElse(0)), "Send 3 to 200.");
      }
      double element = one.number("elementMm", 0.5, 200);
      String kind = one.text("kind", one.has("lengthMm") ? "roller" : "ball");
      one.oneOf("kind", kind, List.of("roller", "ball"));
      double length = kind.equals("roller") ? one.number("lengthMm", 0.5, 500) : 0;
      double angle = one.number("contactAngleDeg", 1, 80);
      double mean = one.number("meanDiameterMm", 2, 1000);
      if (element > 0 && mean > 0 && element >= mean) {
        one.impossible("elementMm", String.valueOf(element), "Send less than the mean diameter.");
      } else if (element > 0 && mean > 0 && angle > 0) {
        rows.add(new PairRow(Math.max(3, elements.orElse(3)), element, length, angle, mean));
      }
    }
    return rows;
  }
}
