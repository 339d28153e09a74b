package unbo.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import unbo.core.shim.ShimStack;
import unbo.core.shim.ShimStack.Shims;
import unbo.core.shim.ShimSum;
import unbo.core.shim.ShimSum.Depth;

/** {@code /shim-sums} and {@code /shim-stacks}: what a stack needs, and which shims come to it. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class ShimsController {

  private static final int MOST_DEPTHS = 30;
  private static final int MOST_KINDS = 60;

  /** What is asked of a sum; one of preload and play, or neither. */
  record SumQuestion(
      List<DepthQuestion> depths,
      @Schema(description = "1 where a thicker shim closes the gap, −1 where it opens it")
          int shimCloses,
      Double wantedPreloadMm,
      Double wantedPlayMm) {}

  /** A depth; sign 1 asks for more shim, −1 for less. */
  record DepthQuestion(String label, double valueMm, Double uncertaintyMm, int sign) {}

  /** The shim that is needed; verdict says whether one is at all. */
  record SumAnswer(double neededMm, double uncertaintyMm, String verdict, List<String> reasons) {}

  /** What is asked of a stock. */
  record StackQuestion(
      double targetMm,
      double toleranceMm,
      @Schema(description = "default 6") Integer mostShims,
      List<ShimsQuestion> stock) {}

  /** Shims of one thickness. */
  record ShimsQuestion(double thicknessMm, int count) {}

  /** Shims of one thickness in a stack. */
  record ShimsAnswer(double thicknessMm, int count) {
    static List<ShimsAnswer> of(ShimStack stack) {
      return stack.shims().stream().map(s -> new ShimsAnswer(s.thicknessMm(), s.count())).toList();
    }
  }

  /** Another stack within the tolerance. */
  record Alternative(List<ShimsAnswer> shims, double totalMm, double errorMm) {}

  /** The stack of the fewest shims, then of the least error. */
  record StackAnswer(
      List<ShimsAnswer> best,
      double totalMm,
      double errorMm,
      List<Alternative> alternatives,
      List<String> reasons) {}

  @PostMapping(path = "/shim-sums", consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "Shim that a stack of depths needs",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = SumQuestion.class))))
  SumAnswer sum(@RequestBody JsonNode body) {
    Fields fields = new Fields(body);
    List<Fields> asked = fields.objects("depths", MOST_DEPTHS);
    if (asked.isEmpty()) {
      fields.missing("depths", "Send a list of depths, each with valueMm and sign.");
    }
    List<Depth> depths = new ArrayList<>();
    for (Fields one : asked) {
      String label = one.text("label", "");
      double value = one.number("valueMm", -10_000, 10_000);
      double u95 = one.optionalNumber("uncertaintyMm", 0, 10).orElse(0);
      depths.add(new Depth(label, value, u95, sign(one, "sign")));
    }
    int closes = sign(fields, "shimCloses");
    if (fields.has("wantedPreloadMm") && fields.has("wantedPlayMm")) {
      fields.impossible("wantedPlayMm", "", "Send preload or play, not both.");
    }
    double wanted =
        fields.optionalNumber("wantedPreloadMm", 0, 5).orElse(0)
            - fields.optionalNumber("wantedPlayMm", 0, 5).orElse(0);
    fields.check();
    ShimSum sum = ShimSum.of(depths, closes, wanted);
    String said =
        switch (sum.says()) {
          case YES -> "A shim is needed.";
          case NO -> "Less than no shim: the stack is too long already, or a sign is wrong.";
          case CANNOT_TELL -> "Within the doubt of the depths: a finer gauge settles it.";
        };
    return new SumAnswer(
        sum.needed().result().value(),
        sum.needed().result().uncertainty(),
        sum.says().id(),
        List.of(said));
  }

  private static int sign(Fields fields, String field) {
    OptionalInt sign = fields.optionalWhole(field);
    if (!fields.has(field)) {
      fields.missing(field, "Send 1 or −1.");
    } else if (sign.isPresent() && Math.abs(sign.getAsInt()) != 1) {
      fields.impossible(field, String.valueOf(sign.getAsInt()), "Send 1 or −1.");
    }
    return sign.isPresent() && sign.getAsInt() < 0 ? -1 : 1;
  }

  @PostMapping(path = "/shim-stacks", consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "Shims of a stock that come to a thickness, the fewest first",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = StackQuestion.class))))
  StackAnswer stack(@RequestBody JsonNode body) {
    Fields fields = new Fields(body);
    double target = fields.number("targetMm", 0, 100);
    double tolerance = fields.number("toleranceMm", 0, 5);
    int most = fields.optionalWhole("mostShims").orElse(6);
    if (most < 1 || most > 8) {
      fields.impossible("mostShims", String.valueOf(most), "Send 1 to 8.");
    }
    List<Shims> stock = new ArrayList<>();
    for (Fields one : fields.objects("stock", MOST_KINDS)) {
      double thickness = one.number("thicknessMm", 0.001, 50);
      OptionalInt count = one.optionalWhole("count");
      if (!one.has("count")) {
        one.missing("count", "Send how many there are.");
      } else if (count.isPresent() && (count.getAsInt() < 0 || count.getAsInt() > 1000)) {
        one.impossible("count", String.valueOf(count.getAsInt()), "Send 0 to 1000.");
      }
      stock.add(new Shims(thickness, count.orElse(0)));
    }
    if (stock.isEmpty()) {
      fields.missing("stock", "Send a list of shims, each with thicknessMm and count.");
    }
    fields.check();
    return answer(fields, target, found(fields, target, tolerance, most, stock));
  }

  private static ShimStack.Found found(
      Fields fields, double target, double tolerance, int most, List<Shims> stock) {
    try {
      ShimStack.Found found = ShimStack.search(target, tolerance, most, stock);
      if (found.best().isEmpty()) {
        double nearest = found.nearest().totalMm();
        fields.impossible(
            "targetMm",
            String.valueOf(target),
            "No stack comes within the tolerance; the nearest is " + nearest + " mm.");
      }
      fields.check();
      return found;
    } catch (IllegalArgumentException e) {
      fields.impossible(
          "stock", "", e.getMessage() + ": send fewer kinds, or fewer shims at most.");
      fields.check();
      throw e;
    }
  }

  private static StackAnswer answer(Fields fields, double target, ShimStack.Found found) {
    ShimStack best = found.best().orElseThrow();
    List<String> reasons = new ArrayList<>(List.of("Thin shims lie between thick ones."));
    if (best.count() > ShimStack.WARN_OVER) {
      reasons.add("More than three shims creep and spring: one thicker is better.");
    }
    return new StackAnswer(
        ShimsAnswer.of(best),
        best.totalMm(),
        best.errorMm(target),
        found.alternatives().stream()
            .map(s -> new Alternative(ShimsAnswer.of(s), s.totalMm(), s.errorMm(target)))
            .toList(),
        reasons);
  }
}
