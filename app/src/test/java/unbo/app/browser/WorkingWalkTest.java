package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.springframework.boot.test.web.server.LocalServerPort;
import unbo.app.AppTest;
import unbo.app.job.Job;

/** A figure shows its working by click, touch and key, while typing and on a closed sheet. */
@Execution(ExecutionMode.CONCURRENT)
class WorkingWalkTest extends AppTest {

  private static final By FIGURE = By.cssSelector("#set-answer .worked");
  private static final By OPEN = By.cssSelector(".slip:popover-open");

  @LocalServerPort private int port;

  @ParameterizedTest
  @CsvSource({"1280, 800", "390, 844"})
  void aFigureOpensAndCloses(int width, int height) throws Exception {
    Job job = newJob();
    try (Browser browser = new Browser(port, width, height)) {
      browser.signIn("joren").open("/jobs/" + job.getId() + "?at=set");
      browser.type("first0", "0.31").type("first1", "0.30").type("first2", "0.32");
      browser.see("Enter thread").click(FIGURE).waitFor(OPEN);
      assertThat(browser.text(OPEN))
          .contains("End play, as found", "mean of 3 readings", "typed here, not saved yet")
          .contains("JCGM 100:2008");
      browser.click(By.cssSelector(".slip:popover-open .slip-head button"));
      browser.until("closed", d -> d.findElements(OPEN).isEmpty());
      browser.driver().findElement(FIGURE).sendKeys(Keys.ENTER);
      browser.waitFor(OPEN);
      browser.driver().switchTo().activeElement().sendKeys(Keys.ESCAPE);
      browser.until("closed by key", d -> d.findElements(OPEN).isEmpty());
      assertThat(browser.complaints()).isEmpty();
    }
  }
}
