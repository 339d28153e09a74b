package unbo.app.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.enums.ParameterIn;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import unbo.core.fit.IsoZone;
import unbo.core.tolerance.InternalClearances;
import unbo.core.tolerance.InternalClearances.Clearance;
import unbo.core.tolerance.Limits;
import unbo.core.tolerance.RingKind;
import unbo.core.tolerance.RingTolerances;
import unbo.core.tolerance.RingTolerances.Dimension;

/** {@code /ring-tolerances} and {@code /clearances}: what a ring may measure, how loose it is. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class TolerancesController {

  private static final double MOST_MM = 2000;

  /** Limits off the nominal size, micrometres. */
  record RingAnswer(double upperUm, double lowerUm, String dimension, String source) {}

  /** Radial internal clearance, unmounted, micrometres. */
  record ClearanceAnswer(double minUm, double maxUm, String source) {}

  @GetMapping("/ring-tolerances")
  @Operation(
      summary = "Limits of a ring’s bore or outside by class (ISO 492, ABMA 19.2)",
      parameters = {
        @Parameter(name = "toleranceClass", in = ParameterIn.QUERY, description = "default Normal"),
        @Parameter(name = "boreMm", in = ParameterIn.QUERY, description = "or outerMm"),
        @Parameter(name = "outerMm", in = ParameterIn.QUERY),
        @Parameter(
            name = "family",
            in = ParameterIn.QUERY,
            description = "radial (default), metric-taper or inch-taper")
      })
  RingAnswer ring(@Parameter(hidden = true) @RequestParam Map<String, String> query) {
    Fields fields = Fields.ofQuery(query);
    OptionalDouble bore = fields.optionalNumber("boreMm", 0.1, MOST_MM);
    OptionalDouble outer = fields.optionalNumber("outerMm", 0.1, MOST_MM);
    boolean none = query.getOrDefault("boreMm", "").isBlank();
    if (none && query.getOrDefault("outerMm", "").isBlank()) {
      fields.missing("boreMm", "Missing: boreMm, or outerMm for the outside.");
    }
    if (bore.isPresent() && outer.isPresent()) {
      fields.impossible("outerMm", query.get("outerMm"), "One of boreMm and outerMm at a time.");
    }
    RingKind kind = kind(query, fields);
    String cls = Fields.word(query, "toleranceClass", kind.usualClass());
    List<String> classes = RingTolerances.classes(kind);
    if (!classes.contains(cls)) {
      fields.impossible(
          "toleranceClass", cls, "For " + kind.id() + ": " + String.join(", ", classes) + ".");
    }
    fields.check();
    Dimension dimension = bore.isPresent() ? Dimension.BORE : Dimension.OUTSIDE;
    double size = bore.isPresent() ? bore.getAsDouble() : outer.getAsDouble();
    Optional<Limits> limits = RingTolerances.of(kind, dimension, cls, size);
    if (limits.isEmpty()) {
      fields.impossible(
          dimension == Dimension.BORE ? "boreMm" : "outerMm",
          String.valueOf(size),
          "The table of class " + cls + " ends before this size.");
      fields.check();
    }
    Limits found = limits.orElseThrow();
    return new RingAnswer(found.upperUm(), found.lowerUm(), dimension.id(), found.source());
  }

  private static RingKind kind(Map<String, String> query, Fields fields) {
    String word = Fields.word(query, "family", RingKind.RADIAL.id());
    fields.oneOf(
        "family",
        word,
        Arrays.stream(RingKind.values())
            .filter(k -> k != RingKind.NOT_KNOWN)
            .map(RingKind::id)
            .toList());
    return RingKind.withId(word).orElse(RingKind.RADIAL);
  }

  /** Limits of a zone, micrometres off the nominal size. */
  record ZoneAnswer(
      double upperUm, double lowerUm, double toleranceUm, String source, String basis) {}

  @GetMapping("/tolerances")
  @Operation(
      summary = "Limits of a zone of ISO 286 for a nominal size of 1 to 500 mm",
      parameters = {
        @Parameter(
            name = "zone",
            in = ParameterIn.QUERY,
            required = true,
            description = "such as k5 for a shaft or N7 for a hole: the case matters"),
        @Parameter(name = "diameterMm", in = ParameterIn.QUERY, required = true)
      })
  ZoneAnswer zone(@Parameter(hidden = true) @RequestParam Map<String, String> query) {
    Fields fields = Fields.ofQuery(query);
    double d = fields.number("diameterMm", IsoZone.LEAST_MM, IsoZone.MOST_MM);
    String word = Fields.word(query, "zone", "");
    Optional<IsoZone> zone = IsoZone.parse(word);
    if (word.isEmpty()) {
      fields.missing("zone", "Send a zone, such as k5 or N7.");
    } else if (zone.isEmpty()) {
      fields.impossible("zone", word, "There is no such zone. Send one such as k5 or N7.");
    }
    Optional<Limits> limits = d > 0 ? zone.flatMap(z -> z.at(d)) : Optional.empty();
    if (zone.isPresent() && d > 0 && limits.isEmpty()) {
      fields.impossible("zone", word, "This zone is not made for a size of " + d + " mm.");
    }
    fields.check();
    Limits found = limits.orElseThrow();
    return new ZoneAnswer(
        found.upperUm(),
        found.lowerUm(),
        found.widthUm(),
        found.source(),
        zone.orElseThrow().basis());
  }

  @GetMapping("/clearances")
  @Operation(
      summary =
          "Internal clearance by group: radial (ISO 5753-1), axial of four-point and double-row angular contact balls",
      parameters = {
        @Parameter(
            name = "kind",
            in = ParameterIn.QUERY,
            description = "deep-groove-ball (default) or cylindrical-roller"),
        @Parameter(name = "boreMm", in = ParameterIn.QUERY, required = true),
        @Parameter(name = "group", in = ParameterIn.QUERY, description = "C2, CN (default) to C5")
      })
  ClearanceAnswer clearance(@Parameter(hidden = true) @RequestParam Map<String, String> query) {
    Fields fields = Fields.ofQuery(query);
    double bore = fields.number("boreMm", 0.1, MOST_MM);
    String kind = Fields.word(query, "kind", "deep-groove-ball");
    String group = Fields.word(query, "group", "CN");
    fields.oneOf("kind", kind, InternalClearances.kinds());
    fields.oneOf("group", group, InternalClearances.GROUPS);
    fields.check();
    Optional<Clearance> found = InternalClearances.of(kind, group, bore);
    if (found.isEmpty()) {
      fields.impossible(
          "boreMm", String.valueOf(bore), "The table of " + group + " does not reach this bore.");
      fields.check();
    }
    Clearance clearance = found.orElseThrow();
    return new ClearanceAnswer(clearance.minUm(), clearance.maxUm(), clearance.source());
  }
}
