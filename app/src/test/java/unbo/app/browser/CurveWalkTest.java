package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.openqa.selenium.By;
import org.springframework.boot.test.web.server.LocalServerPort;
import unbo.app.AppTest;

/** A finger on the curve of life shows the rollers at that setting. */
@Execution(ExecutionMode.CONCURRENT)
class CurveWalkTest extends AppTest {

  @LocalServerPort private int port;

  @Test
  void aPressOnTheCurveShowsItsRollers() throws Exception {
    try (Browser browser = new Browser(port, 1280, 800)) {
      browser.signIn("tuva").open("/bench/a1/set?life-kg=400");
      browser.waitFor(By.cssSelector("svg[data-picks]"));
      browser.script("document.querySelector('svg[data-picks]').scrollIntoView()");
      browser.script(
          "const s = document.querySelector('svg[data-picks]'), b = s.getBoundingClientRect();"
              + " s.dispatchEvent(new MouseEvent('click', {bubbles: true,"
              + " clientX: b.left + b.width * (34 + 0.6 * 262) / 340, clientY: b.top + 40}));");
      browser.see("carry at 0.20 mm");
      assertThat(browser.driver().findElement(By.id("life-at")).getDomProperty("value"))
          .isEqualTo("0.20");
      assertThat(browser.complaints()).isEmpty();
    }
  }
}
