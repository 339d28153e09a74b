package unbo.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import unbo.app.OneStart;
import unbo.app.UnboApplication;
import unbo.app.vehicle.VehicleRepository;

/** The application as a shop runs it: an empty database of its own, nobody known. */
class ServeTest {

  private static final Pattern CODE = Pattern.compile("One-time code for /first-owner: (\\S+)");
  private static final Pattern CSRF = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");
  private static final Pattern TOKEN = Pattern.compile("unbo_[\\w-]{30,}");

  private final HttpClient client =
      HttpClient.newBuilder()
          .cookieHandler(new CookieManager())
          .followRedirects(HttpClient.Redirect.NORMAL)
          .build();
  private String root;

  private String get(String path) throws Exception {
    return send(HttpRequest.newBuilder(URI.create(root + path)).build()).body();
  }

  private HttpResponse<String> send(HttpRequest request) throws Exception {
    return client.send(request, HttpResponse.BodyHandlers.ofString());
  }

  private HttpResponse<String> submit(String page, String action, Map<String, String> fields)
      throws Exception {
    Matcher csrf = CSRF.matcher(get(page));
    assertThat(csrf.find()).isTrue();
    String form =
        fields.entrySet().stream()
            .map(e -> e.getKey() + "=" + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
            .collect(Collectors.joining("&", "_csrf=" + csrf.group(1) + "&", ""));
    return send(
        HttpRequest.newBuilder(URI.create(root + action))
            .header("Content-Type", "application/x-www-form-urlencoded")
            .POST(HttpRequest.BodyPublishers.ofString(form))
            .build());
  }

  private int readings(String token) throws Exception {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(root + "/api/v1/readings?text=30206"));
    if (token != null) {
      request.header("Authorization", "Bearer " + token);
    }
    return send(request.build()).statusCode();
  }

  private static String first(Pattern pattern, String text) {
    Matcher matcher = pattern.matcher(text);
    assertThat(matcher.find()).as(pattern.pattern()).isTrue();
    return matcher.groupCount() > 0 ? matcher.group(1) : matcher.group();
  }

  @Test
  void theFirstOwnerIsMadeByTheCodeAndTokensOpenTheInterface() throws Exception {
    String url = System.getenv("UNBO_DB_URL").replaceFirst("/unbo$", "/unbo_serve");
    ByteArrayOutputStream printed = new ByteArrayOutputStream();
    try (ConfigurableApplicationContext app =
        OneStart.heard(
            printed,
            new SpringApplicationBuilder(UnboApplication.class).profiles("serve"),
            "--server.port=0",
            "--spring.datasource.url=" + url + "?createDatabaseIfNotExist=true")) {
      root = "http://127.0.0.1:" + app.getEnvironment().getProperty("local.server.port");
      assertThat(app.getBean(VehicleRepository.class).count()).as("no demo data").isZero();
      assertThat(app.getBean(AccountRepository.class).count()).as("nobody known").isZero();
      firstOwner(first(CODE, printed.toString(StandardCharsets.UTF_8)));
      tokens();
      people();
    }
  }

  private Map<String, String> owner(String code, String password) {
    return Map.of(
        "code",
        code,
        "username",
        "rana",
        "name",
        "Rana Holm",
        "password",
        password,
        "again",
        password);
  }

  private void firstOwner(String code) throws Exception {
    assertThat(get("/login")).contains("Make the first owner").doesNotContain("cone-and-cup");
    assertThat(submit("/first-owner", "/first-owner", owner("AAAA-BBBB-CCCC", "three good words")))
        .extracting(HttpResponse::statusCode)
        .isEqualTo(422);
    HttpResponse<String> weak = submit("/first-owner", "/first-owner", owner(code, "short"));
    assertThat(weak.body()).contains("Too short").doesNotContain("value=\"short\"");
    String slow = code.toLowerCase(java.util.Locale.ROOT).replace("-", " ");
    submit("/first-owner", "/first-owner", owner(slow, "three good words"));
    assertThat(get("/first-owner")).as("the code counts once").contains("There is an owner");
    submit("/login", "/login", Map.of("username", "rana", "password", "three good words"));
    assertThat(get("/yard")).contains("No vehicles yet");
  }

  private void tokens() throws Exception {
    assertThat(readings(null)).isEqualTo(401);
    assertThat(readings("unbo_wrong")).isEqualTo(401);
    String page = submit("/interface", "/interface/tokens", Map.of("name", "gauge bridge")).body();
    String token = first(TOKEN, page);
    assertThat(readings(token)).isEqualTo(200);
    assertThat(get("/interface")).contains("gauge bridge").doesNotContain(token);
    String revoke = first(Pattern.compile("/interface/tokens/\\d+/revoke"), get("/interface"));
    submit("/interface", revoke, Map.of());
    assertThat(readings(token)).as("revoked").isEqualTo(401);
    assertThat(submit("/interface", "/interface/tokens", Map.of("name", " ")).statusCode())
        .isEqualTo(422);
  }

  private void people() throws Exception {
    Map<String, String> mechanic =
        Map.of(
            "username",
            "odd",
            "name",
            "Odd Vik",
            "role",
            "MECHANIC",
            "password",
            "quiet round bearings",
            "again",
            "quiet round bearings");
    submit("/people", "/people", mechanic);
    assertThat(get("/people")).contains("Odd Vik");
    assertThat(submit("/people", "/people", mechanic).body()).contains("is taken");
    submit("/people", "/logout", Map.of());
    submit("/login", "/login", Map.of("username", "odd", "password", "quiet round bearings"));
    assertThat(send(HttpRequest.newBuilder(URI.create(root + "/people")).build()).statusCode())
        .as("owners only")
        .isEqualTo(403);
  }
}
