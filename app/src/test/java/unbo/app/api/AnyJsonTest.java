package unbo.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import unbo.app.PageTest;

/**
 * The calls of the JSON interface with bodies and queries made up at random from good fields and
 * bad values: every answer is 200 or a problem detail, none a 5xx. The same at every run; {@code
 * ./unbo fuzz} tries more of them with another seed.
 */
class AnyJsonTest extends PageTest {

  private static final ObjectMapper JSON = new ObjectMapper();
  private static final int TRIES = Integer.getInteger("unbo.fuzz.json", 4000);

  private static final Map<String, List<String>> BODIES =
      Map.of(
          "nut-settings",
              List.of(
                  "pitchMm",
                  "slots",
                  "holeLines",
                  "positionsPerTurn",
                  "endPlayMm",
                  "uncertaintyMm",
                  "windowMm"),
          "grease-charges",
              List.of("boreMm", "outerMm", "widthMm", "family", "duty", "massG", "cavity"),
          "diagnoses", List.of("vehicleKind", "build", "axles", "wheel", "answers"),
          "gauge-readings", List.of("gauge", "value", "person"),
          "damages", List.of("family", "answers"),
          "routes", List.of("arrangement", "part", "tight", "states", "tools"),
          "fits",
              List.of(
                  "boreMm",
                  "outerMm",
                  "widthMm",
                  "family",
                  "clearance",
                  "loadShare",
                  "shaft",
                  "housing",
                  "turningLoadOn"),
          "heats",
              List.of(
                  "boreMm",
                  "outerMm",
                  "widthMm",
                  "interferenceUm",
                  "heated",
                  "material",
                  "chilledPartC",
                  "construction",
                  "stabilised"),
          "readings", List.of("text", "position"));

  private static final Map<String, List<String>> QUERIES =
      Map.of(
          "readings", List.of("text", "position"),
          "strip-orders", List.of("arrangement", "inboard", "outboard", "left"),
          "sizes", List.of("boreMm", "outerMm", "widthMm", "instrument", "position"),
          "comparisons", List.of("old", "fresh", "position"),
          "ring-tolerances", List.of("toleranceClass", "boreMm", "outerMm", "family"),
          "tolerances", List.of("zone", "diameterMm"),
          "mixings", List.of("a", "b"),
          "clearances", List.of("kind", "boreMm", "group"),
          "tests", List.of("vehicleKind", "build", "axles"));

  private static final List<String> TEXTS =
      List.of(
          "",
          "6205",
          "car",
          "tapered-roller",
          "general",
          "dial",
          "joren",
          "a1",
          "axle-1-left",
          "K5",
          "P6",
          "Normal",
          "C3",
          "\u0000",
          "?????",
          "30206 / 30204\n????",
          "😀",
          "'; drop",
          "-1",
          "1e999",
          "NaN",
          "0x10",
          "٣",
          "..",
          "%",
          "1,5",
          "x".repeat(300));

  private final Random random = new Random(Long.getLong("unbo.fuzz.seed", 20261127L));

  @Test
  void everyAnswerIsAnAnswer() throws Exception {
    int good = 0;
    for (int i = 0; i < TRIES; i++) {
      boolean body = random.nextBoolean();
      MockHttpServletRequestBuilder request = body ? withBody() : withQuery();
      MockHttpServletResponse answer = mvc.perform(request).andReturn().getResponse();
      assertThat(answer.getStatus()).as("try " + i + ": " + last).isLessThan(500);
      if (answer.getStatus() == 200) {
        good++;
      } else {
        assertThat(answer.getContentType()).as(last).contains("problem+json");
        assertThat(JSON.readTree(answer.getContentAsString()).path("problems").isArray())
            .as(last)
            .isTrue();
      }
    }
    assertThat(good).as("not everything is refused at the door").isGreaterThan(TRIES / 50);
  }

  private String last = "";

  /** In one order: that of a map is another at every run, and so would be what is tried. */
  private static List<String> names(Map<String, List<String>> calls) {
    return calls.keySet().stream().sorted().toList();
  }

  private MockHttpServletRequestBuilder withBody() {
    String call = names(BODIES).get(random.nextInt(BODIES.size()));
    String body = random.nextInt(20) == 0 ? broken() : object(BODIES.get(call)).toString();
    last = "POST " + call + " " + body;
    return post("/api/v1/" + call).contentType(MediaType.APPLICATION_JSON).content(body);
  }

  private MockHttpServletRequestBuilder withQuery() {
    String call = names(QUERIES).get(random.nextInt(QUERIES.size()));
    MockHttpServletRequestBuilder request = get("/api/v1/" + call);
    StringBuilder said = new StringBuilder("GET " + call);
    for (String field : QUERIES.get(call)) {
      if (random.nextInt(4) > 0) {
        String value = random.nextBoolean() ? text() : String.valueOf(number());
        request.param(field, value);
        said.append(' ').append(field).append('=').append(value);
      }
    }
    last = said.toString();
    return request;
  }

  private String broken() {
    return List.of(
            "", "{", "[]", "null", "1", "\"x\"", "{\"a\":", "[".repeat(2000), "{}}", "\u0000")
        .get(random.nextInt(10));
  }

  private ObjectNode object(List<String> fields) {
    ObjectNode object = JSON.createObjectNode();
    for (String field : fields) {
      put(object, field);
    }
    if (random.nextInt(10) == 0) {
      put(object, "unheardOf");
    }
    return object;
  }

  private void put(ObjectNode object, String field) {
    switch (random.nextInt(9)) {
      case 0 -> object.remove(field);
      case 1 -> object.putNull(field);
      case 2, 3 -> object.put(field, text());
      case 4 -> object.set(field, list());
      case 5 -> object.set(field, random.nextBoolean() ? cavity() : seat());
      default -> object.put(field, number());
    }
  }

  private ObjectNode seat() {
    ObjectNode seat = JSON.createObjectNode();
    seat.put("zone", random.nextBoolean() ? "k5" : text()).put("outsideMm", number());
    return seat.put("material", text()).put("runningC", number());
  }

  private ObjectNode cavity() {
    ObjectNode cavity = JSON.createObjectNode();
    cavity.put("outsideMm", number()).put("boreMm", number()).put("lengthMm", number());
    return cavity;
  }

  private ArrayNode list() {
    ArrayNode list = JSON.createArrayNode();
    int count = random.nextInt(4);
    for (int i = 0; i < count; i++) {
      if (random.nextBoolean()) {
        list.add(number());
      } else {
        list.add(JSON.createObjectNode().put("test", text()).put("answer", text()));
      }
    }
    return list;
  }

  private double number() {
    return switch (random.nextInt(9)) {
      case 0 -> 0;
      case 1 -> -random.nextInt(100);
      case 2 -> Double.MAX_VALUE;
      case 3 -> Double.MIN_VALUE;
      case 4 -> random.nextInt(8);
      case 5 -> random.nextInt(1_000_000_000);
      default -> Math.round(random.nextDouble() * 1000) / 10.0;
    };
  }

  private String text() {
    return TEXTS.get(random.nextInt(TEXTS.size()));
  }
}
