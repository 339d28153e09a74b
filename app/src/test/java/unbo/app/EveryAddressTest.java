package unbo.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.net.URI;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Walks every address that the application answers, as the dispatcher itself lists them: a page
 * that is added tomorrow is in the net without being named here. What stands for a variable of its
 * path must be said below, or the test fails.
 */
class EveryAddressTest extends PageTest {

  private static final Pattern VARIABLE = Pattern.compile("\\{(\\w+)(?::[^}]*)?}");

  /** Open to anybody on the workshop's network, by design (docs/security.md). */
  private static final Set<String> OPEN =
      Set.of(
          "/login",
          "/first-owner",
          "/reset",
          "/view/units",
          "/view/theme",
          "/keys",
          "/road",
          "/road/event",
          "/error");

  /** Readings come for as long as the page is open. */
  private static final Set<String> ENDLESS = Set.of("/gauge/stream");

  /** What stands for the first variable behind each beginning, and for the others by name. */
  private static final Map<String, String> FIRST =
      Map.of(
          "bench", "a1",
          "listen", "1",
          "shelf", "1",
          "rounds", "1",
          "people", "1",
          "vehicles", "1",
          "interface", "1",
          "tins", "1",
          "runs", "1",
          "api", "1");

  private static final Map<String, String> OTHERS =
      Map.ofEntries(
          Map.entry("station", "pack"),
          Map.entry("action", "preview"),
          Map.entry("what", "split-pin"),
          Map.entry("part", "hub"),
          Map.entry("place", "hub"),
          Map.entry("position", "axle-1-left"),
          Map.entry("code", "axle-1-left"),
          Map.entry("line", "1"),
          Map.entry("lineId", "1"),
          Map.entry("lot", "1"),
          Map.entry("photograph", "1"),
          Map.entry("token", "1"),
          Map.entry("test", "dial"));

  private static final List<String> HOSTILE =
      List.of("999999999", "-1", "x'\"<script>alert(1)</script>", "..;", "😀", "x".repeat(400));

  private static final int MOST_QUESTIONS = 30;

  @Autowired
  @Qualifier("requestMappingHandlerMapping")
  private RequestMappingHandlerMapping mappings;

  /** Patterns by method; a mapping without a method answers GET. */
  private Map<String, Set<String>> patterns() {
    Map<String, Set<String>> all = new TreeMap<>();
    mappings
        .getHandlerMethods()
        .forEach(
            (info, handler) -> {
              Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
              for (String pattern : info.getPatternValues()) {
                if (methods.isEmpty()) {
                  all.computeIfAbsent("GET", m -> new TreeSet<>()).add(pattern);
                }
                methods.forEach(
                    m -> all.computeIfAbsent(m.name(), n -> new TreeSet<>()).add(pattern));
              }
            });
    return all;
  }

  private static String filled(String pattern, String job) {
    Matcher variable = VARIABLE.matcher(pattern);
    StringBuilder path = new StringBuilder();
    for (boolean first = true; variable.find(); first = false) {
      variable.appendReplacement(path, value(pattern, variable.group(1), first, job));
    }
    return variable.appendTail(path).toString();
  }

  private static String value(String pattern, String name, boolean first, String job) {
    String beginning = pattern.split("/")[1];
    String value =
        first && beginning.equals("jobs")
            ? job
            : first && FIRST.containsKey(beginning) ? FIRST.get(beginning) : OTHERS.get(name);
    assertThat(value).as("what stands for {%s} in %s", name, pattern).isNotNull();
    return value;
  }

  private MockHttpServletResponse answer(String method, String path, boolean signedIn)
      throws Exception {
    var request = request(HttpMethod.valueOf(method), URI.create(path));
    request.with(EveryAddressTest::fromTheNetwork);
    return mvc.perform(signedIn ? request.with(as("ilse")).with(csrf()) : request)
        .andReturn()
        .getResponse();
  }

  /** The demo answers its own machine's programs without a token; others it does not. */
  private static MockHttpServletRequest fromTheNetwork(MockHttpServletRequest request) {
    request.setRemoteAddr("192.0.2.7");
    return request;
  }

  @Test
  void nothingButWhatIsOpenIsShownBeforeSigningIn() throws Exception {
    String job = "" + newJob().getId();
    for (var method : patterns().entrySet()) {
      for (String pattern : method.getValue()) {
        if (OPEN.contains(pattern)) {
          continue;
        }
        MockHttpServletResponse answer = answer(method.getKey(), filled(pattern, job), false);
        boolean toSignIn =
            answer.getStatus() == 302 && answer.getRedirectedUrl().endsWith("/login");
        assertThat(toSignIn || Set.of(401, 403).contains(answer.getStatus()))
            .as("%s %s: %s", method.getKey(), pattern, answer.getStatus())
            .isTrue();
      }
    }
  }

  @Test
  void everyPageAnswersAndAsksTheDatabaseLittle() throws Exception {
    String job = "" + newJob().getId();
    int pages = 0;
    long all = 0;
    for (String pattern : patterns().get("GET")) {
      if (ENDLESS.contains(pattern)) {
        continue;
      }
      MockHttpServletResponse answer = answer("GET", filled(pattern, job), true);
      assertThat(answer.getStatus()).as(pattern).isLessThan(500);
      long asked = questions(filled(pattern, job));
      assertThat(asked).as("questions of %s", pattern).isLessThan(MOST_QUESTIONS);
      all += asked;
      pages += answer.getStatus() == 200 ? 1 : 0;
    }
    assertThat(pages).as("pages that could be shown").isGreaterThan(30);
    assertThat(all).as("questions of all pages").isGreaterThan(pages);
  }

  private long questions(String path) throws Exception {
    CountedStatements.clear();
    answer("GET", path, true);
    return CountedStatements.asked();
  }

  /**
   * Whatever stands in the address, it is answered, never with a fault or with markup of its own.
   */
  @Test
  void hostilePathsAreAnswered() throws Exception {
    for (String pattern : patterns().get("GET")) {
      if (!ENDLESS.contains(pattern)) {
        for (String hostile : hostile(pattern)) {
          var answer = mvc.perform(get(URI.create(hostile)).with(as("ilse"))).andReturn();
          assertThat(answer.getResponse().getStatus()).as(hostile).isLessThan(500);
          assertThat(answer.getResponse().getContentAsString(StandardCharsets.UTF_8))
              .as(hostile)
              .doesNotContain("<script>alert");
        }
      }
    }
  }

  private static List<String> hostile(String pattern) {
    List<String> paths = new ArrayList<>();
    if (VARIABLE.matcher(pattern).find()) {
      for (String text : HOSTILE) {
        String safe = URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
        paths.add(VARIABLE.matcher(pattern).replaceAll(Matcher.quoteReplacement(safe)));
      }
    }
    return paths;
  }

  /** A change needs the form's token; tokens of the interface are looked at elsewhere. */
  @Test
  void noChangeWithoutTheFormsToken() throws Exception {
    String job = "" + newJob().getId();
    for (String pattern : patterns().get("POST")) {
      if (pattern.startsWith("/api")) {
        continue;
      }
      int status =
          mvc.perform(request(HttpMethod.POST, URI.create(filled(pattern, job))).with(as("ilse")))
              .andReturn()
              .getResponse()
              .getStatus();
      assertThat(status).as(pattern).isEqualTo(403);
    }
  }
}
