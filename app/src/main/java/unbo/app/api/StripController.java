package unbo.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.enums.ParameterIn;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.PartTemplate;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.DesignationReader;
import unbo.core.strip.Circumstances;
import unbo.core.strip.Circumstances.State;
import unbo.core.strip.Route;
import unbo.core.strip.Routes;
import unbo.core.strip.StripOrder;
import unbo.core.strip.StripStep;
import unbo.core.strip.StripStep.Grip;
import unbo.core.strip.Tool;
import unbo.core.working.Working;

/** {@code /strip-orders} and {@code /routes}: taking an arrangement apart. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class StripController {

  private final DesignationReader reader = DesignationReader.standard();

  /** The order; {@code stays} stands, or cannot leave along the axis. */
  record OrderAnswer(List<StepAnswer> steps, List<String> stays) {}

  /** What comes off in one go. */
  record StepAnswer(List<String> parts, String direction, List<String> frees, boolean needsRoute) {
    static StepAnswer of(StripStep step) {
      return new StepAnswer(step.parts(), step.way().id(), step.frees(), step.needsRoute());
    }
  }

  /** What is asked of a tight ring. */
  record RouteQuestion(
      String arrangement,
      @Schema(description = "the ring, or what it sits on") String part,
      @Schema(description = "press fits that were found; without it the template’s count")
          List<GripQuestion> tight,
      List<StateQuestion> states,
      @Schema(description = "what the shop owns; without it every tool counts")
          List<String> tools) {}

  /** A press fit. */
  record GripQuestion(String part, String on) {}

  /** What became of a contact, named as the template writes it. */
  record StateQuestion(
      @Schema(description = "such as: inboard-cup in hub") String contact,
      @Schema(description = "rusted, seized or left-behind") String state) {}

  /** Ways, the best first. */
  record RoutesAnswer(List<RouteAnswer> routes) {}

  /** One way; temperatures in °C, null where no heat helps. */
  record RouteAnswer(
      String kind,
      String verdict,
      boolean crossesElements,
      String pushesOn,
      String heldBy,
      List<String> path,
      List<String> tools,
      List<String> missing,
      Double heatC,
      Double limitC,
      String why,
      List<String> cautions) {
    static RouteAnswer of(Route r) {
      Optional<Double> heat = r.heat().map(Working::result).map(m -> m.value());
      return new RouteAnswer(
          r.kind().id(),
          r.verdict().id(),
          r.crossesElements(),
          r.pushesOn(),
          r.heldBy(),
          r.path(),
          r.tools().stream().map(Tool::id).toList(),
          r.missing().stream().map(Tool::id).toList(),
          heat.orElse(null),
          heat.map(h -> r.limitC()).orElse(null),
          r.why(),
          r.cautions());
    }
  }

  @GetMapping("/strip-orders")
  @Operation(
      summary = "The order in which the parts of an arrangement come off",
      description = "A bearing’s number may be given by its place, such as inboard=30206.",
      parameters = {
        @Parameter(
            name = "arrangement",
            in = ParameterIn.QUERY,
            required = true,
            description = "a1 to a47")
      })
  OrderAnswer order(@Parameter(hidden = true) @RequestParam Map<String, String> query) {
    Fields fields = Fields.ofQuery(query);
    Optional<Arrangement> arrangement = arrangement(Fields.word(query, "arrangement", ""), fields);
    fields.check();
    Assembly assembly = assembly(arrangement.orElseThrow(), query, fields);
    fields.check();
    StripOrder order = StripOrder.of(assembly);
    return new OrderAnswer(
        order.steps().stream().map(StepAnswer::of).toList(),
        Stream.concat(Stream.of(order.standing()), order.shutIn().keySet().stream().sorted())
            .toList());
  }

  private static Optional<Arrangement> arrangement(String id, Fields fields) {
    Optional<Arrangement> found = Arrangements.standard().find(id);
    if (id.isEmpty()) {
      fields.missing("arrangement", "Send an arrangement id, a1 to a47.");
    } else if (found.isEmpty()) {
      fields.impossible("arrangement", id, "Send an arrangement id, a1 to a47.");
    }
    return found;
  }

  /** With the bearings that are named by place; a place that is not there is refused. */
  private Assembly assembly(Arrangement arrangement, Map<String, String> query, Fields fields) {
    Assembly assembly = Assembly.assumed(arrangement);
    for (Map.Entry<String, String> given : query.entrySet()) {
      if (!given.getKey().equals("arrangement") && !given.getValue().isBlank()) {
        Optional<BearingPlace> place = arrangement.place(given.getKey());
        List<String> places = arrangement.places().stream().map(BearingPlace::id).toList();
        if (place.isEmpty()) {
          fields.oneOf(given.getKey(), given.getKey(), places);
        } else {
          Optional<Bearing> read = bearing(given.getValue(), place.get());
          if (read.isEmpty()) {
            fields.impossible(
                given.getKey(), given.getValue(), "Send a number of a kind that sits there.");
          } else {
            assembly = assembly.with(place.get().id(), read.get());
          }
        }
      }
    }
    return assembly;
  }

  private Optional<Bearing> bearing(String text, BearingPlace place) {
    return reader.read(text).readings().stream()
        .map(r -> r.bearing())
        .filter(place::takes)
        .findFirst();
  }

  @PostMapping(path = "/routes", consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "Ways to get a tight ring off, the best first",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = RouteQuestion.class))))
  RoutesAnswer routes(@RequestBody JsonNode body) {
    Fields fields = new Fields(body);
    Optional<Arrangement> arrangement = arrangement(fields.text("arrangement", ""), fields);
    String part = fields.text("part", "");
    Circumstances found = circumstances(fields, arrangement, body);
    arrangement.ifPresent(a -> known("part", part, a, fields));
    fields.check();
    List<Route> routes = Routes.of(Assembly.assumed(arrangement.orElseThrow()), part, found);
    return new RoutesAnswer(routes.stream().map(RouteAnswer::of).toList());
  }

  private static boolean known(String field, String part, Arrangement arrangement, Fields fields) {
    return fields.oneOf(field, part, arrangement.parts().stream().map(PartTemplate::id).toList());
  }

  private static Circumstances circumstances(
      Fields fields, Optional<Arrangement> arrangement, JsonNode body) {
    Set<Grip> tight = new HashSet<>();
    fields
        .pairs("tight", "part", "on")
        .forEach(p -> grip(p, arrangement, fields).ifPresent(tight::add));
    Map<String, State> states = new HashMap<>();
    fields.pairs("states", "contact", "state").forEach(p -> state(p, arrangement, fields, states));
    Optional<Set<Tool>> tools = tools(body.get("tools"), fields);
    return new Circumstances(
        body.hasNonNull("tight") ? Optional.of(tight) : Optional.empty(), states, tools);
  }

  private static Optional<Grip> grip(
      Map.Entry<String, String> pair, Optional<Arrangement> arrangement, Fields fields) {
    boolean parts =
        arrangement.isPresent()
            && known("tight", pair.getKey(), arrangement.get(), fields)
            && known("tight", pair.getValue(), arrangement.get(), fields);
    if (!parts) {
      return Optional.empty();
    }
    Grip asSaid = new Grip(pair.getKey(), pair.getValue());
    Grip other = new Grip(pair.getValue(), pair.getKey());
    List<Grip> contacts =
        arrangement.get().contacts().stream().map(c -> new Grip(c.part(), c.other())).toList();
    if (!contacts.contains(asSaid) && !contacts.contains(other)) {
      fields.impossible(
          "tight", pair.getKey() + " on " + pair.getValue(), "These two do not touch here.");
    }
    return Optional.of(contacts.contains(asSaid) ? asSaid : other);
  }

  private static void state(
      Map.Entry<String, String> pair,
      Optional<Arrangement> arrangement,
      Fields fields,
      Map<String, State> states) {
    List<String> contacts =
        arrangement.stream().flatMap(a -> a.contacts().stream()).map(Circumstances::name).toList();
    Optional<State> state = State.withId(pair.getValue());
    boolean word =
        fields.oneOf(
            "states", pair.getValue(), Arrays.stream(State.values()).map(State::id).toList());
    if (arrangement.isPresent() && fields.oneOf("states", pair.getKey(), contacts) && word) {
      states.put(pair.getKey(), state.orElseThrow());
    }
  }

  private static Optional<Set<Tool>> tools(JsonNode list, Fields fields) {
    if (list == null || list.isNull()) {
      return Optional.empty();
    }
    Set<Tool> tools = new HashSet<>();
    if (!list.isArray()) {
      fields.missing("tools", "Send a list of tools.");
      return Optional.empty();
    }
    List<String> words = Arrays.stream(Tool.values()).map(Tool::id).toList();
    for (JsonNode tool : list) {
      if (fields.oneOf("tools", tool.asText(), words)) {
        tools.add(Tool.withId(tool.asText()).orElseThrow());
      }
    }
    return Optional.of(tools);
  }
}
