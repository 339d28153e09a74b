package unbo.app.guard;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import unbo.app.AppTest;
import unbo.app.account.DemoPassword;

/**
 * What the real server does with requests that are too long, too large, too slow or misdirected.
 */
class GuardTest extends AppTest {

  private static final ObjectMapper JSON = new ObjectMapper();

  @LocalServerPort private int port;
  private final HttpClient client = HttpClient.newHttpClient();

  private HttpResponse<String> get(String path) throws Exception {
    return send(HttpRequest.newBuilder(uri(path)));
  }

  private URI uri(String path) {
    return URI.create("http://127.0.0.1:" + port + path);
  }

  private HttpResponse<String> send(HttpRequest.Builder request) throws Exception {
    return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
  }

  private HttpResponse<String> post(String path, String type, String body) throws Exception {
    return send(
        HttpRequest.newBuilder(uri(path))
            .header("Content-Type", type)
            .POST(HttpRequest.BodyPublishers.ofString(body)));
  }

  /** What a request as written here is answered with; the first line is what it is about. */
  private String raw(String request) throws IOException {
    try (Socket socket = new Socket("127.0.0.1", port)) {
      socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
      socket.getOutputStream().flush();
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"/yard", "/jobs/1?at=set", "/login", "/road", "/reset", "/nothing"})
  void nobodyWhoHasNotSignedInTakesMemory(String page) throws Exception {
    HttpResponse<String> answer =
        send(
            HttpRequest.newBuilder(uri(page))
                .header("Accept", "text/html")
                .header("X-Long", "x".repeat(9000)));
    assertThat(answer.headers().allValues("Set-Cookie"))
        .noneMatch(c -> c.startsWith("unbo="))
        .allMatch(c -> c.length() < 4000);
  }

  @ParameterizedTest
  @ValueSource(ints = {9_000, 40_000, 200_000})
  void anAddressThatIsTooLongIs414(int length) throws Exception {
    String text = "6".repeat(length);
    JsonNode problem = JSON.readTree(getBody("/api/v1/readings?text=" + text, 414));
    assertThat(problem.path("status").asInt()).isEqualTo(414);
    assertThat(problem.path("problems").isArray()).isTrue();
    assertThat(getBody("/search?q=" + text, 414)).contains("too long");
  }

  private String getBody(String path, int status) throws IOException {
    String answer =
        raw("GET " + path + " HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n");
    assertThat(answer).startsWith("HTTP/1.1 " + status);
    String body = answer.substring(answer.indexOf("\r\n\r\n") + 4);
    int start = body.indexOf('{');
    return path.startsWith("/api") ? body.substring(start, body.lastIndexOf('}') + 1) : body;
  }

  @Test
  void headersHaveABound() throws Exception {
    assertThat(send(HttpRequest.newBuilder(uri("/login")).header("X-A", "x".repeat(20_000))))
        .extracting(HttpResponse::statusCode)
        .isEqualTo(431);
    assertThat(
            raw(
                "GET /login HTTP/1.1\r\nHost: localhost\r\nX-A: "
                    + "x".repeat(150_000)
                    + "\r\nConnection: close\r\n\r\n"))
        .startsWith("HTTP/1.1 400")
        .contains("unreadable-request");
  }

  @ParameterizedTest
  @CsvSource({
    "localhost,200",
    "127.0.0.1,200",
    "LOCALHOST,200",
    "evil.example,421",
    "localhost.evil.example,421",
    "'',421"
  })
  void onlyItsOwnNamesAreAnswered(String host, int status) throws Exception {
    String name = host.isEmpty() ? host : host + ":" + port;
    for (String path : List.of("/login", "/api/v1/readings?text=30206")) {
      String answer =
          raw("GET " + path + " HTTP/1.1\r\nHost: " + name + "\r\nConnection: close\r\n\r\n");
      assertThat(answer.substring(9, 12)).isIn(String.valueOf(status), host.isEmpty() ? "200" : "");
    }
  }

  @ParameterizedTest
  @CsvSource({
    "/api/v1/nut-settings,application/json,70000,413",
    "/api/v1/nut-settings,application/json,12000000,413",
    "/login,application/x-www-form-urlencoded,200000,302",
    "/login,application/x-www-form-urlencoded,300000,413",
    "/shelf/import,application/x-www-form-urlencoded,1900000,403",
    "/shelf/import,application/x-www-form-urlencoded,2200000,413"
  })
  void bodiesHaveABoundByAddress(String path, String type, int length, int status)
      throws Exception {
    HttpResponse<String> answer = post(path, type, "username=" + "x".repeat(length));
    boolean form = status == 302 || status == 403;
    assertThat(answer.statusCode()).isIn(status, form ? 403 : status);
    if (status == 413) {
      assertThat(answer.body()).contains("Nothing was saved");
    }
  }

  @Test
  void otherMethodsTypesAndAnswersAreSaidForWhatTheyAre() throws Exception {
    assertThat(get("/api/v1/nut-settings").statusCode()).isEqualTo(405);
    assertThat(JSON.readTree(get("/api/v1/nut-settings").body()).path("code").asText())
        .isEqualTo("wrong-method");
    assertThat(post("/api/v1/nut-settings", "text/plain", "{}").statusCode()).isEqualTo(415);
    assertThat(
            send(
                HttpRequest.newBuilder(uri("/api/v1/readings?text=6205"))
                    .header("Accept", "image/png")))
        .satisfies(a -> assertThat(a.statusCode()).isEqualTo(406))
        .satisfies(
            a ->
                assertThat(JSON.readTree(a.body()).path("code").asText())
                    .isEqualTo("not-acceptable"));
    assertThat(JSON.readTree(get("/api/v1/nothing").body()).path("code").asText())
        .isEqualTo("no-such-call");
    assertThat(get("/error").statusCode()).as("no page to sign in for").isEqualTo(302);
  }

  @Test
  void manyProblemsAreListedUpToFifty() throws Exception {
    StringBuilder answers = new StringBuilder("{\"vehicleKind\":\"car\",\"answers\":[1");
    for (int i = 0; i < 300; i++) {
      answers.append(",1");
    }
    HttpResponse<String> refused =
        post("/api/v1/diagnoses", "application/json", answers.append("]}").toString());
    assertThat(refused.statusCode()).isEqualTo(400);
    assertThat(JSON.readTree(refused.body()).path("problems")).hasSize(50);
  }

  /** A form is a body; one that never comes to its end must not hold up the one beside it. */
  @Test
  void slowBodiesOfOneAddressLeaveRoomForOthers() throws Exception {
    List<Socket> slow = new ArrayList<>();
    try {
      for (int i = 0; i < 150; i++) {
        Socket socket = new Socket("127.0.0.1", port);
        slow.add(socket);
        socket
            .getOutputStream()
            .write(
                ("POST /login HTTP/1.1\r\nHost: localhost\r\nContent-Type:"
                        + " application/x-www-form-urlencoded\r\nContent-Length: 5000\r\n\r\nuser")
                    .getBytes(StandardCharsets.ISO_8859_1));
      }
      assertThat(refused(slow)).as("most are sent away").isGreaterThan(100);
      assertThat(get("/login").statusCode()).isEqualTo(200);
      assertThat(post("/api/v1/nut-settings", "application/json", "{\"pitchMm\":1.5}").statusCode())
          .as("a body that comes whole needs no place")
          .isEqualTo(400);
    } finally {
      for (Socket socket : slow) {
        socket.close();
      }
    }
  }

  private static int refused(List<Socket> sockets) throws IOException {
    int refused = 0;
    for (Socket socket : sockets) {
      socket.setSoTimeout(60);
      InputStream in = socket.getInputStream();
      byte[] first = new byte[12];
      try {
        refused += in.read(first) == 12 && new String(first, 9, 3).equals("429") ? 1 : 0;
      } catch (java.net.SocketTimeoutException e) {
        // Still waiting for its body.
      }
    }
    return refused;
  }

  /** Photographs are more than a form, and only somebody who has signed in may send them. */
  @Test
  void manyBytesAreTakenFromTheSignedInOnly() throws Exception {
    String large = "x".repeat(400_000);
    assertThat(post("/jobs/1/photographs", "multipart/form-data; boundary=b", large).statusCode())
        .isEqualTo(413);
    CookieManager cookies = new CookieManager();
    HttpClient signedIn = HttpClient.newBuilder().cookieHandler(cookies).build();
    signedIn.send(
        HttpRequest.newBuilder(uri("/login")).build(), HttpResponse.BodyHandlers.ofString());
    String form = "username=tuva&password=" + DemoPassword.VALUE + "&_csrf=" + token(cookies);
    signedIn.send(
        HttpRequest.newBuilder(uri("/login"))
            .header("Content-Type", "application/x-www-form-urlencoded")
            .POST(HttpRequest.BodyPublishers.ofString(form))
            .build(),
        HttpResponse.BodyHandlers.ofString());
    signedIn.send(
        HttpRequest.newBuilder(uri("/yard")).build(), HttpResponse.BodyHandlers.ofString());
    HttpResponse<String> torn =
        photographs(signedIn, cookies, HttpRequest.BodyPublishers.ofString(large));
    assertThat(torn.statusCode()).as("parts that are none").isBetween(400, 499);
    assertThat(torn.body()).doesNotContain("Exception");
    byte[] bytes = large.getBytes(StandardCharsets.UTF_8);
    HttpResponse<String> endless =
        photographs(
            signedIn,
            cookies,
            HttpRequest.BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(bytes)));
    assertThat(endless.statusCode()).as("without its length").isEqualTo(413);
  }

  private HttpResponse<String> photographs(
      HttpClient signedIn, CookieManager cookies, HttpRequest.BodyPublisher body) throws Exception {
    return signedIn.send(
        HttpRequest.newBuilder(uri("/jobs/1/photographs"))
            .header("Content-Type", "multipart/form-data; boundary=b")
            .header("X-XSRF-TOKEN", token(cookies))
            .POST(body)
            .build(),
        HttpResponse.BodyHandlers.ofString());
  }

  private static String token(CookieManager cookies) {
    return cookies.getCookieStore().getCookies().stream()
        .filter(c -> c.getName().equals("XSRF-TOKEN"))
        .map(HttpCookie::getValue)
        .findFirst()
        .orElse("");
  }
}
