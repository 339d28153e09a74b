package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.springframework.boot.test.web.server.LocalServerPort;
import unbo.app.AppTest;
import unbo.app.job.Job;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;

/**
 * On a phone the field that is to be filled stands in the first screen; the section opens by touch.
 */
class FirstFieldTest extends AppTest {

  private static final int HEIGHT = 844;

  @LocalServerPort private int port;

  @Test
  void theFirstFieldOfEveryWorksheetStandsInTheFirstScreen() throws Exception {
    try (Browser browser = new Browser(port, 390, HEIGHT)) {
      browser.signIn("tuva");
      SoftAssertions softly = new SoftAssertions();
      for (Arrangement arrangement : Arrangements.standard().all()) {
        Job job = newJobOn(arrangement.id());
        for (String station : List.of("name", "rock", "pack", "set", "fit")) {
          browser.open("/jobs/" + job.getId() + "?at=" + station);
          softly
              .assertThat(firstField(browser))
              .as("%s %s", arrangement.id(), station)
              .isBetween(0.0, HEIGHT - 44.0);
        }
      }
      softly.assertAll();
      assertThat(browser.complaints()).isEmpty();
    }
  }

  @Test
  void theSectionOpensByTouchAndStaysOpenOnTheNextStation() throws Exception {
    By drawing = By.cssSelector(".for-phone .section-drawing");
    try (Browser browser = new Browser(port, 390, HEIGHT)) {
      browser.signIn("tuva").open("/jobs/" + newJob().getId() + "?at=set");
      assertThat(browser.driver().findElement(drawing).isDisplayed()).isFalse();
      browser.click(By.cssSelector(".fold")).see("fold section");
      assertThat(browser.driver().findElement(drawing).isDisplayed()).isTrue();
      browser.click(By.cssSelector(".stations a[href*='at=pack']")).see("Save as packed");
      assertThat(browser.driver().findElement(drawing).isDisplayed()).isTrue();
      browser.click(By.cssSelector(".fold")).see("show section");
      assertThat(browser.driver().findElement(drawing).isDisplayed()).isFalse();
      assertThat(browser.complaints()).isEmpty();
    }
  }

  /** How far down the first field begins, in pixels; far below where there is none. */
  private static double firstField(Browser browser) {
    Object top =
        browser.script(
            "const f = Array.from(document.querySelectorAll('#worksheet input, #worksheet textarea,"
                + " #worksheet select')).find(e => e.type !== 'hidden' && e.offsetParent);"
                + "return f ? f.getBoundingClientRect().top + scrollY : 9999");
    return ((Number) top).doubleValue();
  }
}
