package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import unbo.app.AppTest;
import unbo.app.job.Job;
import unbo.app.listening.Listening;
import unbo.app.listening.Listenings;

/** From a complaint to the job at its wheel, and past the gate before Set, in a browser. */
@Order(10)
@Execution(ExecutionMode.CONCURRENT)
class ListenWalkTest extends AppTest {

  private static final By PASS_OVER = By.cssSelector(".ask button.pass-over");

  @LocalServerPort private int port;
  @Autowired private Listenings listenings;

  @ParameterizedTest
  @CsvSource({"1280, 800", "390, 844"})
  void fromAGrowlToTheWheel(int width, int height) throws Exception {
    Job other = newJob();
    try (Browser browser = new Browser(port, width, height)) {
      browser.signIn("joren").open("/listen");
      browser
          .click(By.cssSelector("input[value='vehicle-" + other.getVehicle().getId() + "']"))
          .click(By.cssSelector("input[value='growl']"))
          .type("words", "left hub runs hot")
          .press("Start search")
          .see("“runs hot”")
          .see("Answered");
      rockMeasured(browser);
      strikeOutAndPutBack(browser);
      settle(browser);
      browser.press("Open the job at left hub").see("Name");
      Job job = jobOf(browser);
      assertThat(job.getPosition()).isEqualTo("axle-1-left");
      browser.open("/jobs/" + job.getId() + "?at=set").see("Locked: inspect the parts first.");
      browser.type("seen", "Raceways clean and bright.").press("Save inspection and unlock Set");
      browser.until("the gate", d -> !d.getPageSource().contains("Locked: inspect"));
      browser.open("/jobs/" + job.getId() + "?at=prove").see("Found before the work");
      assertThat(browser.complaints()).isEmpty();
    }
  }

  /** Out of turn, measured while it is typed; the figures name the wheel. */
  private static void rockMeasured(Browser browser) {
    browser.click(By.cssSelector("details.out-of-turn > summary"));
    browser
        .click(By.xpath("//ul[@class='other-tests']//a[contains(.,'12 and 6')]"))
        .waitFor(By.id("t-rock-rim"))
        .type("t-rock-rim", "75 thou")
        .type("t-rock-radius", "290")
        .click(By.cssSelector("#t-rock-wheel option[value='axle-1-left']"))
        .see("Tilt 6.57 ±")
        .see("Result: left hub.");
    browser.click(By.cssSelector(".ask button[value='axle-1-left']"));
    browser.until(
        "the answer", d -> d.getPageSource().contains("Cross out: Rock each wheel at 12"));
  }

  private static void strikeOutAndPutBack(Browser browser) {
    String before = browser.text(By.cssSelector(".cause-rows summary b"));
    browser.click(By.cssSelector("button[aria-label^='Cross out: Rock each wheel at 12']"));
    browser.waitFor(By.cssSelector("button[aria-label^='Restore: Rock each wheel at 12']"));
    assertThat(browser.text(By.cssSelector(".cause-rows summary b"))).isNotEqualTo(before);
    browser.click(By.cssSelector("button[aria-label^='Restore: Rock each wheel at 12']"));
    browser.waitFor(By.cssSelector("button[aria-label^='Cross out: Rock each wheel at 12']"));
    assertThat(browser.text(By.cssSelector(".cause-rows summary b"))).isEqualTo(before);
  }

  /** Answers what accuses the left wheel by key until there is nothing left to ask. */
  private static void settle(Browser browser) {
    for (int i = 0; i < 12 && !browser.driver().findElements(PASS_OVER).isEmpty(); i++) {
      String asked = browser.text(By.cssSelector(".ask h2"));
      String left = ".ask button[value='axle-1-left']";
      boolean wheel = !browser.driver().findElements(By.cssSelector(left)).isEmpty();
      browser.click(wheel ? By.cssSelector(left) : PASS_OVER);
      browser.until(
          "the next question",
          d ->
              d.getPageSource().contains("Enough tests.")
                  || !d.findElements(By.cssSelector(".ask h2")).isEmpty()
                      && !d.findElement(By.cssSelector(".ask h2")).getText().equals(asked));
    }
    browser.see("Enough tests.");
  }

  private Job jobOf(Browser browser) {
    String address = browser.driver().getCurrentUrl();
    Job job = jobs.get(Long.parseLong(address.replaceAll(".*/jobs/(\\d+).*", "$1")));
    assertThat(listenings.running()).extracting(Listening::getJobId).containsOnlyNulls();
    return job;
  }
}
