package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.selenium.AxeBuilder;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import unbo.app.AppTest;
import unbo.app.job.Job;
import unbo.app.job.Station;
import unbo.app.listening.Listening;
import unbo.app.listening.Listenings;
import unbo.core.arrangement.Arrangements;

/**
 * Every page, at the bench and on a phone, without a finding; and nothing wider than its screen.
 */
@Order(2)
@Execution(ExecutionMode.CONCURRENT)
class AccessibilityTest extends AppTest {

  private static final int BENCH = 1280;
  private static final int PHONE = 390;

  private static final String EVERY_RULE = "rules: {}";
  private static final String NO_COLOUR =
      "rules: {'color-contrast': {enabled: false}, 'link-in-text-block': {enabled: false}}";
  private static final String RULES_OF_COLOUR = "runOnly: ['color-contrast', 'link-in-text-block']";

  /** A taper pair, loose balls, the most parts, the fewest, a number kept as text. */
  private static final Set<String> SCANNED = Set.of("a1", "a5", "a11", "a17", "a26");

  /** A closed job shows the same without its buttons: some stations stand for all. */
  private static final Set<Station> CLOSED = EnumSet.of(Station.SET, Station.PROVE, Station.BOOK);

  @LocalServerPort private int port;
  @Autowired private Listenings listenings;

  @Autowired
  @Qualifier("requestMappingHandlerMapping")
  private RequestMappingHandlerMapping mappings;

  /** Two halves beside each other. */
  @ParameterizedTest
  @ValueSource(ints = {0, 1})
  void noPageHasAFinding(int half) throws Exception {
    List<String> findings = new ArrayList<>();
    try (Browser browser = new Browser(port, BENCH, 800)) {
      browser.onEveryPage(axe());
      scan(browser, "/login", findings);
      browser.theme("light").signIn("ilse");
      List<String> pages = pages();
      for (int i = half; i < pages.size(); i += 2) {
        scan(browser, pages.get(i), findings);
      }
      assertThat(browser.complaints().stream().filter(m -> !m.contains("status of 404"))).isEmpty();
    }
    assertThat(findings).isEmpty();
  }

  /**
   * A table that scrolls would have to take the keyboard's focus, and has nothing to be focused.
   */
  @Test
  void aNameOfAnyLengthBreaksInTheListOfAccounts() throws IOException {
    try (Browser browser = new Browser(port, PHONE, 844)) {
      browser.open("/login");
      Object beyond =
          browser.script(
              "const table = document.querySelector('.demo-accounts table');"
                  + "for (const cell of table.querySelectorAll('td')) {"
                  + " cell.textContent = 'm'.repeat(60); }"
                  + "return table.scrollWidth - table.clientWidth");
      assertThat(((Number) beyond).intValue()).isZero();
    }
  }

  private static String axe() throws IOException {
    try (InputStream script = AxeBuilder.class.getResourceAsStream("/axe.min.js")) {
      return new String(script.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  /**
   * Arrangements and vehicles share a template each, and differ in their drawing alone: some stand
   * for all.
   */
  private List<String> pages() {
    Job open =
        jobLists.open().stream().filter(j -> j.title().contains("Tern")).findFirst().orElseThrow();
    Job closed = closedDemoJob();
    List<String> pages = new ArrayList<>(List.of("/yard", "/yard?view=list", "/jobs/999999"));
    pages.addAll(List.of("/bench", "/search?q=Tern", "/search?q=zzz", "/keys", "/vehicles/new"));
    pages.addAll(List.of("/vehicles/new?template=sidecar"));
    Arrangements.standard().all().stream()
        .filter(a -> SCANNED.contains(a.id()))
        .forEach(a -> pages.add("/bench/" + a.id()));
    pages.addAll(List.of("/interface", "/people", "/password", "/reset", "/listen"));
    pages.addAll(
        List.of(
            "/name",
            "/name?q=6205DD%20QX&over=NU205",
            "/name?q=25.2%20bore&instrument=rule",
            "/name?q=hello%20there",
            "/name/bearing?text=6205-2RS%20C3",
            "/name/bearing?text=30206",
            "/name/instead?old=6204-2RS&fresh=6204-V&position=a4",
            "/name/buy?text=6205&position=a13",
            "/name/which?vehicle=car&centre=plain-cap",
            "/road?sign=smoke",
            "/road/event?sign=hunt",
            "/gauge?practice=true"));
    pages.addAll(
        List.of(
            "/shelf",
            "/shelf?q=6204-2RS&position=a4",
            "/shelf/new",
            "/shelf/1",
            "/shelf/1/label",
            "/shelf/1/edit",
            "/shelf/21",
            "/shelf/lots",
            "/shelf/import"));
    for (Listening search : listenings.standing()) {
      if (search.subject().contains("Marigold") || search.subject().contains("Oyster")) {
        pages.add("/listen/" + search.getId());
        pages.add("/listen/" + search.getId() + "?test=dial");
      }
    }
    vehicles.findAll().stream().limit(3).forEach(v -> pages.add("/vehicles/" + v.getId()));
    pages.addAll(List.of("/vehicles/3/rounds", "/rounds/2", "/rounds/3"));
    pages.add("/vehicles/" + open.getVehicle().getId() + "/positions/axle-1-left/open");
    pages.add("/vehicles/" + open.getVehicle().getId() + "/positions/new");
    for (Station station : Station.values()) {
      pages.add("/jobs/" + open.getId() + "?at=" + station.id());
      if (CLOSED.contains(station)) {
        pages.add("/jobs/" + closed.getId() + "?at=" + station.id());
      }
    }
    for (String part : List.of("hub", "nut", "inboard-cone")) {
      pages.add("/jobs/" + open.getId() + "?at=part&part=" + part);
    }
    pages.add("/jobs/" + open.getId() + "/name?text=6205DD%20QX");
    pages.add("/bench/a1/pack?duty=general&inboard=30206");
    pages.add("/bench/a1/prove?before-rock=1.9&before-rock-second=290");
    pages.add("/bench/a10/set?shim-readings=0.032&shim-from=0.03&shim-to=0.07");
    pages.add("/bench/a4/strip");
    pages.addAll(
        List.of(
            "/causes",
            "/bench/pairs?number=7205B&tilts=true",
            "/bench/a2/build?step=4",
            "/bench/bushes",
            "/bench/speed?bearing=6205&rpm=6000&load=500&ndm=500000",
            "/runs",
            "/vehicles/1/drag?kmh=80&kg=900",
            "/tins",
            "/tins/use",
            "/bench/a1/pack?tin-rpm=700&tin-hot=50&tin-water=salt"));
    pages.add("/bench/a4/fit?shaft-zone=j6&housing-zone=N7&housing-material=aluminium");
    pages.add("/bench/a4/read?path-turning=full&path-standing=part&reuse-nail=bad");
    pages.add(
        "/bench/a1/strip?step=seal&seal-room=12&seal-seat=11&seal-width=8&seal-depth=0.5&seal-groove=1");
    jobLists.open().stream()
        .filter(j -> j.title().contains("Swift"))
        .limit(1)
        .forEach(j -> pages.addAll(photographed(j)));
    pages.add("/jobs/" + closed.getId() + "/sheet");
    jobLists.open().stream()
        .filter(j -> j.title().contains("Ark") || j.title().contains("Marigold"))
        .limit(2)
        .forEach(j -> pages.add("/jobs/" + j.getId() + "?at=set"));
    return pages;
  }

  private static List<String> photographed(Job job) {
    String ring = "/photographs/1?centre=800,600&edge=1320,600&damage=overload&rollers=17";
    return List.of("/jobs/" + job.getId() + ring, "/jobs/" + job.getId() + "?at=read");
  }

  /** What is no page: files, streams, answers for programs, and the way back after a press. */
  private static final Pattern NO_PAGE =
      Pattern.compile(
          "/|/login|/tins/.*|/runs/.+|/vehicles/.*/ways|/api/.*|/error|.*\\.(csv|pdf|svg|json)|/gauge/stream|/actuator.*|/v3/.*"
              + "|/jobs/\\{id}/(looked|take-back|photographs|photographs/.*/.*|parts/.*|stations/.*|\\{station.*)"
              + "|/listen/\\{id}/.*|/people/.+");

  /** A page that is added tomorrow must be scanned too. */
  @Test
  void everyPageIsAmongThem() {
    List<String> scanned = pages().stream().map(page -> page.replaceFirst("\\?.*", "")).toList();
    List<String> missed =
        mappings.getHandlerMethods().keySet().stream()
            .filter(info -> answersGet(info.getMethodsCondition().getMethods()))
            .flatMap(info -> info.getPatternValues().stream())
            .filter(pattern -> !NO_PAGE.matcher(pattern).matches())
            .filter(pattern -> scanned.stream().noneMatch(page -> isOf(pattern, page)))
            .sorted()
            .toList();
    assertThat(missed).isEmpty();
  }

  private static boolean answersGet(Set<RequestMethod> methods) {
    return methods.isEmpty() || methods.contains(RequestMethod.GET);
  }

  private static boolean isOf(String pattern, String page) {
    return page.matches(pattern.replaceAll("\\{[^}]*}", "[^/]+"));
  }

  /**
   * At the bench by day with every rule; by night, on one page of each template, with those about
   * colour, which is all that a theme changes; on the phone, there too, with all others, since no
   * width changes a colour; its width is measured on every page and both screens.
   */
  private static void scan(Browser browser, String page, List<String> findings) {
    boolean standsForItsTemplate = !page.contains("?") || page.contains("?at=");
    browser.resize(BENCH, 800);
    browser.theme("light").open(page);
    browser.script(
        "document.querySelectorAll('details').forEach(d => d.open = true);"
            + "document.querySelectorAll('.is-folded .fold').forEach(b => b.click())");
    findings.addAll(found(browser, page + " by day", EVERY_RULE));
    findings.addAll(tooWide(browser, page, BENCH));
    if (standsForItsTemplate) {
      browser.theme("dark");
      findings.addAll(found(browser, page + " by night", RULES_OF_COLOUR));
    }
    browser.resize(PHONE, 844);
    findings.addAll(tooWide(browser, page, PHONE));
    if (standsForItsTemplate) {
      findings.addAll(found(browser, page + " on the phone", NO_COLOUR));
    }
  }

  private static List<String> tooWide(Browser browser, String page, int width) {
    Number wide = (Number) browser.script("return document.documentElement.scrollWidth");
    return wide.intValue() <= width
        ? List.of()
        : List.of(page + " is " + wide + " wide on a screen of " + width);
  }

  /** The nodes that a rule of axe finds fault with. */
  private static List<String> found(Browser browser, String page, String options) {
    List<?> nodes =
        (List<?>)
            browser.outcome(
                "axe.run(document, {resultTypes: ['violations'], preload: false, "
                    + options
                    + "}).then(r => r.violations.flatMap(v => v.nodes.map("
                    + "n => v.id + ' ' + n.target + ' ' + n.html)))");
    return nodes.stream().map(node -> page + " " + node).toList();
  }
}
