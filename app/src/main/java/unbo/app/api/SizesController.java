package unbo.app.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.enums.ParameterIn;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import unbo.core.arrangement.Arrangement;
import unbo.core.measure.Instrument;
import unbo.core.size.MeasuredSize;
import unbo.core.size.SizeAnswer;
import unbo.core.size.SizeCandidate;
import unbo.core.size.SizeDimension;
import unbo.core.size.SizeSearch;

/** {@code /sizes}: from a measured size to standard bearings. */
@RestController
@RequestMapping(path = "/api/v1/sizes", produces = MediaType.APPLICATION_JSON_VALUE)
class SizesController {

  private static final String USUAL = "caliper";

  private static final Map<SizeDimension, String> FIELDS = fields();

  private static Map<SizeDimension, String> fields() {
    Map<SizeDimension, String> fields = new EnumMap<>(SizeDimension.class);
    fields.put(SizeDimension.BORE, "bore");
    fields.put(SizeDimension.OUTER, "outer");
    fields.put(SizeDimension.WIDTH, "width");
    fields.put(SizeDimension.CONE, "coneWidth");
    fields.put(SizeDimension.CUP, "cupWidth");
    return fields;
  }

  /** Ranked sizes. */
  record SizesAnswer(
      List<CandidateAnswer> candidates, double noneWeight, String advice, List<String> traps) {}

  /** One standard size; misfit and sigma by dimension. */
  record CandidateAnswer(
      String designation,
      String family,
      double boreMm,
      double outerMm,
      double widthMm,
      String note,
      double weight,
      ByDimension misfitUm,
      ByDimension sigma,
      String source,
      String basis) {}

  /** One figure for each dimension that was measured, null for the others. */
  record ByDimension(Double bore, Double outer, Double width, Double coneWidth, Double cupWidth) {
    static ByDimension of(Map<SizeDimension, Double> values) {
      return new ByDimension(
          values.get(SizeDimension.BORE),
          values.get(SizeDimension.OUTER),
          values.get(SizeDimension.WIDTH),
          values.get(SizeDimension.CONE),
          values.get(SizeDimension.CUP));
    }
  }

  @GetMapping
  @Operation(
      summary = "Standard bearings of a measured size, the likeliest first; any subset of sizes",
      parameters = {
        @Parameter(name = "boreMm", in = ParameterIn.QUERY),
        @Parameter(name = "outerMm", in = ParameterIn.QUERY),
        @Parameter(name = "widthMm", in = ParameterIn.QUERY, description = "for tapers T"),
        @Parameter(name = "coneWidthMm", in = ParameterIn.QUERY),
        @Parameter(name = "cupWidthMm", in = ParameterIn.QUERY),
        @Parameter(
            name = "instrument",
            in = ParameterIn.QUERY,
            description = "for all sizes; boreInstrument and so on for one; default caliper"),
        @Parameter(name = "position", in = ParameterIn.QUERY)
      })
  SizesAnswer get(@Parameter(hidden = true) @RequestParam Map<String, String> query) {
    Fields fields = Fields.ofQuery(query);
    Map<SizeDimension, MeasuredSize> measured = new EnumMap<>(SizeDimension.class);
    FIELDS.forEach(
        (dimension, name) ->
            size(query, fields, name).ifPresent(size -> measured.put(dimension, size)));
    Optional<Arrangement> position = Positions.of(query, fields);
    if (FIELDS.values().stream().allMatch(name -> query.getOrDefault(name + "Mm", "").isBlank())) {
      fields.missing(
          "boreMm", "At least one of boreMm, outerMm, widthMm, coneWidthMm, cupWidthMm.");
    }
    MeasuredSize bore = measured.get(SizeDimension.BORE);
    MeasuredSize outer = measured.get(SizeDimension.OUTER);
    if (bore != null && outer != null && outer.millimetres() <= bore.millimetres()) {
      fields.impossible(
          "outerMm",
          String.valueOf(outer.millimetres()),
          "Send more than the bore of " + bore.millimetres() + ".");
    }
    fields.check();
    return answer(SizeSearch.find(measured, position));
  }

  private static Optional<MeasuredSize> size(
      Map<String, String> query, Fields fields, String name) {
    OptionalDouble value = fields.optionalNumber(name + "Mm", 0.5, MeasuredSize.MOST_MM);
    String shared = Fields.word(query, "instrument", USUAL);
    String id = Fields.word(query, name + "Instrument", shared);
    Optional<Instrument> instrument = Instrument.withId(id).filter(Instrument::isForLengths);
    String field = query.containsKey(name + "Instrument") ? name + "Instrument" : "instrument";
    fields.oneOfOnce(
        field,
        id,
        Instrument.all().stream().filter(Instrument::isForLengths).map(Instrument::id).toList());
    return value.isPresent() && instrument.isPresent()
        ? Optional.of(new MeasuredSize(value.getAsDouble(), instrument.get()))
        : Optional.empty();
  }

  private static SizesAnswer answer(SizeAnswer answer) {
    return new SizesAnswer(
        answer.candidates().stream().map(SizesController::candidate).toList(),
        answer.none(),
        answer.advice(),
        answer.traps());
  }

  private static CandidateAnswer candidate(SizeCandidate candidate) {
    var bearing = candidate.bearing();
    return new CandidateAnswer(
        bearing.designation(),
        bearing.family().interfaceWord(),
        bearing.boreMm(),
        bearing.outerMm(),
        candidate.widthMm(),
        candidate.note(),
        candidate.weight(),
        ByDimension.of(candidate.misfitUm()),
        ByDimension.of(candidate.sigma()),
        bearing.source(),
        bearing.basis().word());
  }
}
