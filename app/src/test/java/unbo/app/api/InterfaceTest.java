package unbo.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import unbo.app.AppTest;

/** The interface over real HTTP, as a program would call it: no session, no token in the demo. */
class InterfaceTest extends AppTest {

  private static final ObjectMapper JSON = new ObjectMapper();

  @LocalServerPort private int port;
  private final HttpClient client = HttpClient.newHttpClient();

  private record Answer(int status, String type, JsonNode body) {}

  private Answer get(String path) throws Exception {
    return send(HttpRequest.newBuilder(uri(path)).build());
  }

  private Answer post(String call, String body) throws Exception {
    return send(
        HttpRequest.newBuilder(uri("/api/v1/" + call))
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(body))
            .build());
  }

  private URI uri(String path) {
    return URI.create("http://127.0.0.1:" + port + path);
  }

  private Answer send(HttpRequest request) throws Exception {
    HttpResponse<String> response = client.send(request, HttpResponse.BodyHandlers.ofString());
    String type = response.headers().firstValue("Content-Type").orElse("");
    return new Answer(response.statusCode(), type, JSON.readTree(response.body()));
  }

  private Answer readings(String text) throws Exception {
    return get("/api/v1/readings?text=" + URLEncoder.encode(text, StandardCharsets.UTF_8));
  }

  @Test
  void readingsAreThoseOfThePages() throws Exception {
    JsonNode best = readings("6205-2RS C3 xq").body().path("readings").path(0);
    assertThat(best.path("designation").asText()).isEqualTo("6205");
    assertThat(best.path("family").asText()).isEqualTo("deep-groove-ball");
    assertThat(best.path("seals").path("left").asText()).isEqualTo("contact");
    assertThat(best.path("clearance").asText()).isEqualTo("C3");
    assertThat(best.path("outerMm").asDouble()).isEqualTo(52);
    assertThat(best.path("unread").path(0).asText()).isEqualTo("xq");
    assertThat(best.path("contactAngleDeg").isNull()).isTrue();
    assertThat(readings("LM67048/10").body().path("readings").path(0).path("role").asText())
        .isEqualTo("set");
    JsonNode warned = get("/api/v1/readings?text=6205&position=a1").body();
    assertThat(warned.path("warnings").path(0).asText()).contains("No place of arrangement a1");
    assertThat(post("readings", "{\"text\":\"30206\"}").body().path("items").size()).isEqualTo(1);
  }

  /** Pitch 1.5, 6 slots, 2 lines: 12 places, 0.125 mm each; two tighter leave 0.060. */
  @Test
  void theNutIsSolved() throws Exception {
    Answer answer =
        post(
            "nut-settings",
            "{\"pitchMm\":1.5,\"slots\":6,\"holeLines\":2,\"endPlayMm\":0.31,\"uncertaintyMm\":0.025}");
    assertThat(answer.status()).isEqualTo(200);
    assertThat(answer.body().path("positionsPerTurn").asInt()).isEqualTo(12);
    assertThat(answer.body().path("stepMm").asDouble()).isEqualTo(0.125);
    assertThat(answer.body().path("advice").path("steps").asInt()).isEqualTo(2);
    assertThat(answer.body().path("reachable").findValuesAsText("inWindow"))
        .containsOnlyOnce("yes");
  }

  @Test
  void greaseIsCharged() throws Exception {
    Answer answer =
        post(
            "grease-charges",
            "{\"boreMm\":30,\"outerMm\":62,\"widthMm\":17.25,\"family\":\"tapered-roller\","
                + "\"massG\":230,\"cavity\":{\"outsideMm\":50,\"boreMm\":30,\"lengthMm\":40}}");
    assertThat(answer.body().path("freeVolumeCm3").asDouble()).isCloseTo(10.59, within(0.01));
    assertThat(answer.body().path("chargeGrams").asDouble()).isCloseTo(3.81, within(0.01));
    assertThat(answer.body().path("share").asDouble()).isEqualTo(0.4);
    assertThat(answer.body().path("cavity").path("volumeCm3").asDouble())
        .isCloseTo(Math.PI / 4 * 40 * 1600 / 1000, within(1e-6));
    Answer alone = post("grease-charges", "{\"boreMm\":20,\"outerMm\":47,\"widthMm\":14}");
    assertThat(alone.body().path("cavity").isNull()).isTrue();
  }

  @Test
  void sizesAndComparisonsAndTolerances() throws Exception {
    JsonNode size = get("/api/v1/sizes?boreMm=24.99&outerMm=51.99&widthMm=14.97").body();
    assertThat(size.path("candidates").path(0).path("designation").asText()).isEqualTo("6205");
    assertThat(size.at("/candidates/0/misfitUm/bore").asDouble()).isCloseTo(-10, within(1e-6));
    JsonNode verdict = get("/api/v1/comparisons?old=6204-2RS&fresh=6204-V&position=a4").body();
    assertThat(verdict.path("verdict").asText()).isEqualTo("fits-but-unsuitable");
    assertThat(verdict.path("differences").findValuesAsText("aspect")).contains("full complement");
    JsonNode ring = get("/api/v1/ring-tolerances?outerMm=62&family=metric-taper").body();
    assertThat(ring.path("lowerUm").asDouble()).isEqualTo(-16);
    JsonNode inch = get("/api/v1/ring-tolerances?boreMm=31.75&family=inch-taper").body();
    assertThat(inch.path("upperUm").asDouble()).isEqualTo(13);
    JsonNode clearance =
        get("/api/v1/clearances?kind=cylindrical-roller&boreMm=50&group=C3").body();
    assertThat(clearance.path("maxUm").asDouble()).isEqualTo(80);
    JsonNode two = readings("3205").body().path("readings").path(0);
    assertThat(two.path("family").asText()).isEqualTo("angular-contact-ball");
    assertThat(two.path("rows").asInt()).isEqualTo(2);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "sizes | 400 | 1",
        "sizes?boreMm=x&outerMm=y | 400 | 2",
        "sizes?boreMm=25&outerMm=20&instrument=stick&position=a99 | 422 | 2",
        "sizes?boreMm=-1 | 422 | 1",
        "sizes?boreMm=1e400 | 400 | 1",
        "comparisons | 400 | 2",
        "comparisons?old=6205&fresh=hello | 422 | 1",
        "ring-tolerances | 400 | 1",
        "ring-tolerances?boreMm=25&toleranceClass=P9&family=gum | 422 | 2",
        "ring-tolerances?boreMm=25&outerMm=52 | 422 | 1",
        "ring-tolerances?boreMm=1900 | 422 | 1",
        "clearances?group=C9&kind=needle&boreMm=25 | 422 | 2",
        "clearances | 400 | 1"
      })
  void queriesAreRefusedPlainly(String call, int status, int problems) throws Exception {
    Answer answer = get("/api/v1/" + call);
    assertThat(answer.status()).as(answer.body().toString()).isEqualTo(status);
    assertThat(answer.body().path("problems")).hasSize(problems);
    assertThat(answer.body().toString()).doesNotContain("Exception", "\tat ");
  }

  /** A growl, loud in left bends, rough and hot at the front right: that wheel's bearing. */
  @Test
  void aDiagnosisIsRanked() throws Exception {
    JsonNode answer =
        post(
                "diagnoses",
                "{\"vehicleKind\":\"car\",\"answers\":[{\"test\":\"sound\",\"answer\":\"growl\"},"
                    + "{\"test\":\"bend\",\"answer\":\"left\"},{\"test\":\"spin\",\"answer\":\"axle-1-right\"}]}")
            .body();
    JsonNode first = answer.path("causes").path(0);
    assertThat(first.path("label").asText()).startsWith("front right wheel bearing");
    assertThat(first.path("moved")).hasSize(3);
    assertThat(answer.path("urgency").asText()).isEqualTo("bench-only");
    JsonNode open = post("diagnoses", "{\"vehicleKind\":\"trailer\"}").body();
    assertThat(open.path("nextTest").path("minutes").asDouble()).isPositive();
    assertThat(open.path("nextTest").path("expectedBits").asDouble()).isPositive();
    double sum = 0;
    for (JsonNode cause : answer.path("causes")) {
      sum += cause.path("probability").asDouble();
    }
    assertThat(sum).isCloseTo(1, within(1e-9));
    assertThat(answer.toString()).doesNotContainIgnoringCase("safe");
    assertThat(get("/api/v1/tests?vehicleKind=car").body().path("tests").size()).isEqualTo(64);
    assertThat(get("/api/v1/tests?vehicleKind=car&build=rear-driven").body().path("tests").size())
        .isLessThan(64);
    assertThat(get("/api/v1/tests?vehicleKind=car&build=tracked").status()).isEqualTo(422);
    assertThat(get("/api/v1/tests?vehicleKind=rocket").status()).isEqualTo(422);
    assertThat(get("/api/v1/tests").status()).isEqualTo(400);
  }

  private JsonNode diagnosed(String fields) throws Exception {
    return post("diagnoses", "{\"vehicleKind\":\"car\"," + fields + "}").body();
  }

  /** A seen crack rules beside a growl; both are named, and nothing is asked on the road. */
  @Test
  void aStopFindingRulesAndASecondFaultIsNamed() throws Exception {
    JsonNode answer =
        diagnosed(
            "\"build\":\"front-driven\",\"answers\":[{\"test\":\"flange-look\",\"answer\":\"axle-1-left\"},"
                + "{\"test\":\"spin\",\"answer\":\"axle-1-right\"},{\"test\":\"sound\",\"answer\":\"growl\"}]");
    assertThat(answer.path("urgency").asText()).isEqualTo("stop");
    assertThat(answer.path("stops").path(0).path("test").asText()).isEqualTo("flange-look");
    assertThat(answer.path("stops").path(0).path("reason").asText()).isNotBlank();
    assertThat(answer.path("besides").path(0).path("id").asText())
        .isEqualTo("cracked-flange-axle-1-left");
    assertThat(answer.path("causes").path(0).path("id").asText()).endsWith("axle-1-right");
  }

  /** With nothing answered nothing is claimed; of two answers to one test the later is used. */
  @Test
  void nothingIsClaimedOfNothingAndTheLaterAnswerCounts() throws Exception {
    JsonNode nothing = diagnosed("\"answers\":[]");
    assertThat(nothing.path("urgency").isNull()).isTrue();
    assertThat(nothing.path("stops")).isEmpty();
    JsonNode twice =
        diagnosed(
            "\"answers\":[{\"test\":\"nuts\",\"answer\":\"axle-1-left\"},{\"test\":\"nuts\",\"answer\":\"none\"}]");
    assertThat(twice.path("stops")).isEmpty();
  }

  /** Heard at one corner, felt by hand at another: what is nearer the part counts. */
  @Test
  void whatIsNearerThePartCountsInsteadAndIsSaid() throws Exception {
    JsonNode answer =
        diagnosed(
            "\"answers\":[{\"test\":\"stethoscope\",\"answer\":\"axle-1-left\"},"
                + "{\"test\":\"spin\",\"answer\":\"axle-1-right\"}]");
    assertThat(answer.path("overruled").path(0).path("test").asText()).isEqualTo("spin");
    assertThat(answer.path("overruled").path(0).path("by").asText()).isEqualTo("stethoscope");
    JsonNode wheel =
        diagnosed(
            "\"wheel\":\"axle-1-left\",\"answers\":[{\"test\":\"sound\",\"answer\":\"growl\"}]");
    assertThat(wheel.path("causes").path(0).path("id").asText()).endsWith("axle-1-left");
  }

  /** Every kind of wrong input: the right status, all problems at once, never a stack trace. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "nut-settings | {bad | 400 | unreadable-json | 1",
        "nut-settings | [] | 400 | not-an-object | 1",
        "nut-settings | {} | 400 | unreadable-input | 5",
        "nut-settings | {\"pitchMm\":\"x\",\"slots\":6.5,\"endPlayMm\":0.3,\"uncertaintyMm\":0.01} | 400 | unreadable-input | 3",
        "nut-settings | {\"pitchMm\":1.5,\"slots\":7,\"holeLines\":9,\"endPlayMm\":0,\"uncertaintyMm\":0.02} | 422 | impossible-input | 3",
        "nut-settings | {\"pitchMm\":1e99,\"positionsPerTurn\":12,\"endPlayMm\":0.3,\"uncertaintyMm\":0.01} | 422 | impossible-input | 1",
        "nut-settings | {\"pitchMm\":1.5,\"positionsPerTurn\":12,\"endPlayMm\":0.3,\"uncertaintyMm\":0.01,\"windowMm\":[0.2,0.1]} | 422 | impossible-input | 1",
        "nut-settings | {\"pitchMm\":1.5,\"positionsPerTurn\":12,\"endPlayMm\":0.3,\"uncertaintyMm\":0.01,\"windowMm\":0.1} | 400 | unreadable-input | 1",
        "nut-settings | {\"pitchMm\":1.5,\"positionsPerTurn\":12,\"endPlayMm\":0.3,\"uncertaintyMm\":0.01,\"windowMm\":[0.1,\"x\"]} | 400 | unreadable-input | 1",
        "diagnoses | {\"vehicleKind\":\"car\",\"answers\":\"bend\"} | 400 | unreadable-input | 1",
        "grease-charges | {\"boreMm\":62,\"outerMm\":30,\"widthMm\":17,\"duty\":\"fast\",\"family\":\"gum\"} | 422 | impossible-input | 3",
        "grease-charges | {\"boreMm\":30,\"outerMm\":62,\"widthMm\":17,\"massG\":4000} | 422 | impossible-input | 1",
        "grease-charges | {\"boreMm\":30,\"outerMm\":62,\"widthMm\":17,\"family\":\"spherical-roller\"} | 422 | impossible-input | 1",
        "grease-charges | {\"boreMm\":30,\"outerMm\":62,\"widthMm\":17,\"cavity\":7} | 400 | unreadable-input | 1",
        "readings | {\"text\":7} | 400 | unreadable-input | 1",
        "readings | {\"text\":\"6205\",\"position\":\"a99\"} | 422 | impossible-input | 1",
        "diagnoses | {} | 400 | unreadable-input | 1",
        "diagnoses | {\"vehicleKind\":\"trailer\",\"axles\":2.5} | 400 | unreadable-input | 1",
        "diagnoses | {\"vehicleKind\":\"trailer\",\"axles\":9} | 422 | impossible-input | 1",
        "diagnoses | {\"vehicleKind\":\"rocket\"} | 422 | impossible-input | 1",
        "diagnoses | {\"vehicleKind\":\"car\",\"answers\":[{\"test\":\"x\",\"answer\":\"y\"},{\"test\":\"speed\",\"answer\":\"warp\"},{\"test\":\"nuts\",\"answer\":\"none\"},{\"test\":\"nuts\",\"answer\":\"axle-1-left\"}]} | 422 | impossible-input | 2",
        "diagnoses | {\"vehicleKind\":\"car\",\"answers\":[7]} | 400 | unreadable-input | 1",
        "gauge-readings | {\"gauge\":\"ruler\",\"value\":1} | 422 | impossible-input | 2",
        "gauge-readings | {\"gauge\":\"dial\"} | 400 | unreadable-input | 1",
        "nothing | {} | 404 | no-such-call | 0",
      })
  void refusalsAreProblemDetails(String call, String body, int status, String code, int problems)
      throws Exception {
    Answer answer = post(call, body);
    assertThat(answer.status()).isEqualTo(status);
    assertThat(answer.type()).startsWith("application/problem+json");
    assertThat(answer.body().path("code").asText()).isEqualTo(code);
    assertThat(answer.body().path("problems")).hasSize(problems);
    assertThat(answer.body().toString()).doesNotContain("Exception", "\tat ");
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "\u0000\u0001", "\u202e30206", "Z\u0351\u0352a", "{}", "🛞"})
  void hostileTextIsAnswered(String text) throws Exception {
    assertThat(readings(text).status()).isEqualTo(200);
  }

  @Test
  void aMissingOrEndlessTextIsRefused() throws Exception {
    assertThat(get("/api/v1/readings").status()).isEqualTo(400);
    String endless = "3".repeat(60_000);
    Answer answer = post("readings", "{\"text\":\"" + endless + "\"}");
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.body().toString()).hasSizeLessThan(1000);
  }

  /** The document against real answers: every field named, every type right, none unnamed. */
  @Test
  @ResourceLock("gauge of joren")
  void theDescriptionAgreesWithTheAnswers() throws Exception {
    JsonNode api = get("/v3/api-docs").body();
    assertThat(api.path("info").path("title").asText()).isEqualTo("Unbo");
    List<String> faults = new ArrayList<>();
    check(api, "/api/v1/readings", "get", readings("6205DD; L68149 ?").body(), faults);
    check(
        api,
        "/api/v1/nut-settings",
        "post",
        post(
                "nut-settings",
                "{\"pitchMm\":1.5,\"positionsPerTurn\":12,\"endPlayMm\":0.3,\"uncertaintyMm\":0.01}")
            .body(),
        faults);
    check(
        api,
        "/api/v1/grease-charges",
        "post",
        post(
                "grease-charges",
                "{\"boreMm\":30,\"outerMm\":62,\"widthMm\":17,\"cavity\":{\"outsideMm\":50,\"boreMm\":30,\"lengthMm\":4}}")
            .body(),
        faults);
    check(
        api,
        "/api/v1/diagnoses",
        "post",
        post(
                "diagnoses",
                "{\"vehicleKind\":\"car\",\"answers\":[{\"test\":\"sound\",\"answer\":\"growl\"}]}")
            .body(),
        faults);
    check(api, "/api/v1/tests", "get", get("/api/v1/tests?vehicleKind=trailer").body(), faults);
    check(
        api,
        "/api/v1/gauge-readings",
        "post",
        post("gauge-readings", "{\"gauge\":\"dial\",\"value\":0.31,\"person\":\"joren\"}").body(),
        faults);
    for (String call :
        List.of(
            "sizes?boreMm=25&outerMm=52&coneWidthMm=15",
            "sizes?boreMm=25&outerMm=52&instrument=rule&position=a4",
            "comparisons?old=6205-2RS&fresh=NU205&position=a9",
            "ring-tolerances?boreMm=25&toleranceClass=P6",
            "strip-orders?arrangement=a4&left=6205",
            "tolerances?zone=k5&diameterMm=25",
            "mixings?a=lithium&b=clay",
            "clearances?boreMm=25&group=C3")) {
      String path = "/api/v1/" + call.substring(0, call.indexOf('?'));
      check(api, path, "get", get("/api/v1/" + call).body(), faults);
    }
    String ring = "{\"arrangement\":\"a1\",\"part\":\"outboard-cup\",\"tools\":[\"drift\"]}";
    check(api, "/api/v1/routes", "post", post("routes", ring).body(), faults);
    String seat = "{\"boreMm\":25,\"outerMm\":52,\"widthMm\":15,";
    String seats = seat + "\"shaft\":{\"zone\":\"n6\"},\"housing\":{\"zone\":\"H7\"}}";
    check(api, "/api/v1/fits", "post", post("fits", seats).body(), faults);
    String oil = "{\"rpm\":900,\"meanDiameterMm\":40,\"oil\":{\"v40\":46,\"v100\":7},";
    String film = oil + "\"operatingC\":60}";
    check(api, "/api/v1/viscosities", "post", post("viscosities", film).body(), faults);
    String drag = "{\"boreMm\":25,\"outerMm\":52,\"rpm\":600,\"viscosityMm2s\":100}";
    check(api, "/api/v1/frictions", "post", post("frictions", drag).body(), faults);
    String stock = "{\"targetMm\":0.5,\"toleranceMm\":0.01,\"stock\":[";
    String shims = stock + "{\"thicknessMm\":0.5,\"count\":1}]}";
    check(api, "/api/v1/shim-stacks", "post", post("shim-stacks", shims).body(), faults);
    String life = "{\"ratingN\":14000,\"loadN\":1400}";
    check(api, "/api/v1/lives", "post", post("lives", life).body(), faults);
    String hot = seat + "\"interferenceUm\":12}";
    check(api, "/api/v1/heats", "post", post("heats", hot).body(), faults);
    String seen = "{\"answers\":[{\"question\":\"mark\",\"answer\":\"flakes\"}]}";
    check(api, "/api/v1/damages", "post", post("damages", seen).body(), faults);
    check(api, "/api/v1/damage-questions", "get", get("/api/v1/damage-questions").body(), faults);
    JsonNode refusal = api.at("/components/schemas/ProblemAnswer");
    conforms(api, refusal, post("nut-settings", "{}").body(), "refusal", faults);
    assertThat(faults).isEmpty();
    assertThat(api.path("paths")).hasSize(26);
  }

  private static void check(
      JsonNode api, String path, String method, JsonNode answer, List<String> faults) {
    JsonNode schema =
        api.path("paths")
            .path(path)
            .path(method)
            .at("/responses/200/content/application~1json/schema");
    if (schema.isMissingNode()) {
      faults.add(path + " has no schema of its answer");
    }
    conforms(api, schema, answer, path, faults);
  }

  private static void conforms(
      JsonNode api, JsonNode given, JsonNode value, String where, List<String> faults) {
    JsonNode schema = given.has("$ref") ? api.at(given.path("$ref").asText().substring(1)) : given;
    if (value.isNull()) {
      return;
    }
    String type = schema.path("type").asText();
    boolean right =
        switch (type) {
          case "object" -> value.isObject();
          case "array" -> value.isArray();
          case "string" -> value.isTextual();
          case "integer" -> value.isIntegralNumber();
          case "number" -> value.isNumber();
          case "boolean" -> value.isBoolean();
          default -> false;
        };
    if (!right) {
      faults.add(where + " is no " + type + ": " + value);
    }
    if (value.isArray()) {
      value.forEach(v -> conforms(api, schema.path("items"), v, where + "[]", faults));
    }
    if (value.isObject()) {
      value
          .fieldNames()
          .forEachRemaining(
              name -> {
                if (!schema.path("properties").has(name)) {
                  faults.add(where + "." + name + " is not described");
                }
              });
      schema
          .path("properties")
          .fields()
          .forEachRemaining(
              e -> {
                if (!value.has(e.getKey())) {
                  faults.add(where + "." + e.getKey() + " is described and not answered");
                } else {
                  conforms(
                      api, e.getValue(), value.get(e.getKey()), where + "." + e.getKey(), faults);
                }
              });
    }
  }

  /** A window of one's own is taken in place of the usual one. */
  @Test
  void theNutIsSolvedForAWindowOfOnesOwn() throws Exception {
    String nut =
        "\"pitchMm\":1.5,\"slots\":6,\"holeLines\":2,\"endPlayMm\":0.31,\"uncertaintyMm\":0.005";
    JsonNode wide = post("nut-settings", "{" + nut + ",\"windowMm\":[0.15,0.2]}").body();
    assertThat(wide.path("advice").path("steps").asInt()).isEqualTo(1);
    assertThat(post("nut-settings", "{" + nut + "}").body().path("advice").path("steps").asInt())
        .isEqualTo(2);
  }
}
