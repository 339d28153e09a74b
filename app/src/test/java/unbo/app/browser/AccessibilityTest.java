package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.results.Results;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import unbo.app.AppTest;
import unbo.app.job.Job;
import unbo.app.job.Station;
import unbo.core.arrangement.Arrangements;

/**
 * Every page, at the bench and on a phone, without a finding; and nothing wider than its screen.
 */
class AccessibilityTest extends AppTest {

  @LocalServerPort private int port;

  @ParameterizedTest
  @CsvSource({"1280, 800, light", "390, 844, light", "1280, 800, dark", "390, 844, dark"})
  void noPageHasAFinding(int width, int height, String theme) throws Exception {
    List<String> findings = new ArrayList<>();
    try (Browser browser = new Browser(port, width, height)) {
      browser.theme(theme);
      scan(browser, "/login", width, findings);
      browser.signIn("ilse");
      for (String page : pages(width)) {
        scan(browser, page, width, findings);
      }
      assertThat(browser.complaints().stream().filter(m -> !m.contains("status of 404"))).isEmpty();
    }
    assertThat(findings).isEmpty();
  }

  /** On the phone the arrangements share one page; at the bench each is scanned. */
  private List<String> pages(int width) {
    Job open =
        jobs.open().stream().filter(j -> j.title().contains("Tern")).findFirst().orElseThrow();
    Job closed =
        jobs.lately().stream().filter(j -> j.title().contains("Tern")).findFirst().orElseThrow();
    List<String> pages = new ArrayList<>(List.of("/yard", "/yard?view=list", "/jobs/999999"));
    pages.addAll(List.of("/bench", "/search?q=Tern", "/search?q=zzz", "/keys", "/vehicles/new"));
    pages.addAll(List.of("/vehicles/new?template=sidecar"));
    Arrangements.standard().all().stream()
        .filter(a -> width > 600 || a.id().equals("a11"))
        .forEach(a -> pages.add("/bench/" + a.id()));
    pages.addAll(List.of("/interface", "/people", "/listen", "/listen/car?sound=growl&bend=left"));
    vehicles.findAll().stream()
        .limit(10)
        .filter(v -> width > 600)
        .forEach(v -> pages.add("/vehicles/" + v.getId()));
    pages.add("/vehicles/" + open.getVehicle().getId() + "/positions/axle-1-left/open");
    for (Station station : Station.values()) {
      pages.add("/jobs/" + open.getId() + "?at=" + station.id());
      pages.add("/jobs/" + closed.getId() + "?at=" + station.id());
    }
    for (String part : List.of("hub", "nut", "inboard-cone")) {
      pages.add("/jobs/" + open.getId() + "?at=part&part=" + part);
    }
    pages.add("/jobs/" + open.getId() + "/name?text=6205DD%20QX");
    pages.add("/jobs/" + closed.getId() + "/sheet");
    jobs.open().stream()
        .filter(j -> j.title().contains("Ark") || j.title().contains("Marigold"))
        .limit(2)
        .forEach(j -> pages.add("/jobs/" + j.getId() + "?at=set"));
    return pages;
  }

  private static void scan(Browser browser, String page, int width, List<String> findings) {
    browser.open(page);
    browser.script("document.querySelectorAll('details').forEach(d => d.open = true)");
    Results results = new AxeBuilder().analyze(browser.driver());
    results
        .getViolations()
        .forEach(
            rule ->
                rule.getNodes()
                    .forEach(
                        node ->
                            findings.add(
                                page
                                    + " "
                                    + rule.getId()
                                    + " "
                                    + node.getTarget()
                                    + " "
                                    + node.getHtml())));
    long wide =
        ((Number) browser.script("return document.documentElement.scrollWidth")).longValue();
    if (wide > width) {
      findings.add(page + " is " + wide + " wide on a screen of " + width);
    }
  }
}
