package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import unbo.app.AppTest;
import unbo.app.job.Job;
import unbo.app.photograph.Photographs;
import unbo.app.photograph.Pictures;

/** Photographs from a phone: several at once, one of them broken; a ring unrolled by two taps. */
@Execution(ExecutionMode.CONCURRENT)
class PhotographWalkTest extends AppTest {

  @LocalServerPort private int port;
  @Autowired private Photographs photographs;
  @TempDir private Path folder;

  @Test
  void sentFromThePhoneAndUnrolledByTwoTaps() throws Exception {
    Job job = newJob();
    Path ring = Files.write(folder.resolve("ring.jpg"), Pictures.ring(800, 9));
    Path other = Files.write(folder.resolve("label.png"), Pictures.file(640, 480, "png"));
    Path broken =
        Files.write(folder.resolve("torn.jpg"), new byte[] {(byte) 0xFF, (byte) 0xD8, -1});
    try (Browser browser = new Browser(port, 390, 844)) {
      browser.signIn("tuva").open("/jobs/" + job.getId() + "?at=read").see("None here yet");
      browser
          .driver()
          .findElement(By.id("photograph"))
          .sendKeys(String.join("\n", ring.toString(), broken.toString(), other.toString()));
      browser.press("Send").see("The picture is broken.").see("label.png");
      browser.until(
          "both kept", d -> d.findElements(By.cssSelector(".photograph-list a")).size() == 2);
      assertThat(photographs.of(job.getId()))
          .extracting("name")
          .containsExactly("ring.jpg", "label.png");
      browser.click(By.cssSelector(".photograph-list a")).see("Ring unrolled");
      tap(browser, 0, 0);
      browser.until("centre", d -> !value(browser, "centre").isEmpty());
      WebElement picture = browser.driver().findElement(By.id("ring-picture"));
      tap(browser, picture.getSize().height * 2 / 5, 0);
      browser.until("strip", d -> loaded(browser));
      assertThat(value(browser, "centre")).matches("(39|40)\\d, (39|40)\\d");
      assertThat(browser.complaints()).isEmpty();
    }
  }

  private static boolean loaded(Browser browser) {
    return Boolean.TRUE.equals(
        browser.script(
            "const s = document.querySelector('.ring-strip');"
                + "return !!s && s.complete && s.naturalWidth > 500;"));
  }

  private static void tap(Browser browser, int right, int down) {
    WebElement picture = browser.driver().findElement(By.id("ring-picture"));
    new Actions(browser.driver()).moveToElement(picture, right, down).click().perform();
  }

  private static String value(Browser browser, String id) {
    return browser.driver().findElement(By.id(id)).getDomProperty("value");
  }
}
