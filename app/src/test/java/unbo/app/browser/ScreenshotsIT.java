package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.openqa.selenium.By;
import org.springframework.boot.test.web.server.LocalServerPort;
import unbo.app.AppTest;
import unbo.app.job.Job;

/** Takes the pictures of the README from the demo data: {@code ./unbo shots}. */
@EnabledIfSystemProperty(named = "unbo.shots", matches = ".+")
class ScreenshotsIT extends AppTest {

  @LocalServerPort private int port;
  private Path folder;

  @Test
  void take() throws Exception {
    folder = Path.of(System.getProperty("unbo.shots"));
    Job job =
        jobLists.open().stream().filter(j -> j.title().contains("Tern")).findFirst().orElseThrow();
    String page = "/jobs/" + job.getId();
    try (Browser browser = new Browser(port, 1280, 800)) {
      shot(browser.signIn("joren"), "yard");
      browser.open(page + "?at=name&part=inboard-cone").type("text", "30206 J2").see("Use 30206");
      shot(browser, "name");
      browser
          .press("Use 30206")
          .waitFor(By.cssSelector("input[name=part][value=outboard-cone]"))
          .type("text", "30204")
          .see("Use 30204")
          .press("Use 30204")
          .see("Next: ");
      for (String station : List.of("strip", "read", "fit")) {
        browser
            .open(page + "?at=" + station)
            .type("note", "Done at the bench, in the old book.")
            .press("Save as done (note)")
            .see("done, see note");
      }
      browser
          .open(page + "?at=pack")
          .click(By.cssSelector("input[value='general']"))
          .see("g in all");
      browser.script("window.scrollTo(0, 0)");
      shot(browser, "pack");
      browser.press("Save as packed").waitFor(By.id("first0"));
      set(browser, page);
      shot(browser, "set");
      browser.press("Save result").see("Next: Prove");
      prove(browser, page);
      shot(browser, "prove");
      shot(browser.open(page + "?at=book").see("History"), "book");
      shot(browser.open("/bench/a4/fit?" + FIT).see("Clearance running"), "fit");
      shot(browser.open("/bench"), "bench");
      shot(browser.open("/bench/a2/strip?part=wheel-flange").see("Ways to get it off"), "strip");
      shot(browser.open("/vehicles/" + vehicle("Plover")), "vehicle");
      shot(browser.open(photograph()).see("Ring unrolled"), "photograph");
      shot(browser.open("/name?q=25+x+52+x+15&over=NU205&over=6305"), "find");
      shot(browser.open("/shelf?q=6204-2RS&position=a4"), "shelf");
      shot(browser.open("/rounds/3"), "round");
      listening(browser);
      browser.theme("dark");
      shot(browser.open(page + "?at=set"), "night");
      browser.theme("light");
      browser.resize(1000, 1380);
      shot(browser.open(page + "/sheet"), "job-sheet");
      browser.resize(390, 844);
      browser.open(page + "?at=pack").click(By.cssSelector("#pack-answer td .worked"));
      shot(browser, "phone");
    }
    try (var files = Files.list(folder)) {
      assertThat(files.filter(f -> f.toString().endsWith(".png")).count()).isBetween(9L, 19L);
    }
  }

  /** The search that runs in the demo yard, and a run-out measured within it. */
  private void listening(Browser browser) throws Exception {
    browser.open("/listen").click(By.partialLinkText("Marigold")).see("Causes");
    shot(browser, "listen");
    browser.click(By.cssSelector("details.out-of-turn > summary"));
    browser.click(By.xpath("//a[contains(.,'Dial indicator on the flange')]"));
    browser.type("dial-readings", "0 0.03 0.05 0.04 0.02 -0.03 -0.01 -0.02").see("High spot at");
    browser.script("window.scrollTo(0, 330)");
    shot(browser, "run-out");
  }

  private static void set(Browser browser, String page) {
    browser
        .open(page + "?at=set")
        .type("first0", "0.31")
        .type("first1", "12 thou")
        .type("first2", "0,32")
        .type("thread", "M18x1.5")
        .type("slots", "6")
        .type("lines", "2")
        .see("Two holes tighter");
    browser.click(By.cssSelector("button[value='take:2']")).waitFor(By.id("again0"));
    browser
        .type("again0", "0.06")
        .type("again1", "0.07")
        .type("again2", "0.06")
        .see("End play 0.063");
    browser.script("window.scrollTo(0, 0)");
  }

  private static void prove(Browser browser, String page) {
    browser.open(page + "?at=prove");
    String[][] typed = {
      {"after-rock", "0.35"},
      {"after-rock-second", "290"},
      {"after-drag", "5"},
      {"after-drag-second", "290"},
      {"after-heat", "31"},
      {"after-heat-second", "27"},
      {"detail-wheel-nuts", "90"},
      {"recheckKm", "500"}
    };
    for (String[] field : typed) {
      browser.type(field[0], field[1]);
    }
    for (String stop : List.of("split-pin", "faces", "wheel-nuts", "brake", "pulled")) {
      browser.click(By.name("stop-" + stop));
    }
    browser.press("Save tests").see("Proved");
    browser.open(page + "?at=prove");
  }

  private static final String FIT =
      "shaft-zone=j6&housing-readings=46.978+46.977+46.979+46.978+46.977+46.978"
          + "&housing-material=aluminium&group=C3&housing-hot=45&shaft-hot=45";

  private String photograph() {
    long job =
        jobLists.open().stream()
            .filter(j -> j.title().contains("Swift"))
            .findFirst()
            .orElseThrow()
            .getId();
    return "/jobs/"
        + job
        + "/photographs/1?centre=800,600&edge=1320,600&damage=overload&rollers=17";
  }

  private long vehicle(String name) {
    return vehicles.findAll().stream()
        .filter(v -> v.getName().contains(name))
        .findFirst()
        .orElseThrow()
        .getId();
  }

  private void shot(Browser browser, String name) throws Exception {
    browser.picture(folder.resolve(name + ".png"));
  }
}
