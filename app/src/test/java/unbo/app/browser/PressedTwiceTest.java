package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.springframework.boot.test.web.server.LocalServerPort;
import unbo.app.AppTest;
import unbo.app.vehicle.Vehicle;

/** A gloved finger presses twice: what is made is made once. */
@Execution(ExecutionMode.CONCURRENT)
class PressedTwiceTest extends AppTest {

  private static final String NAME = "Pressed twice";

  @LocalServerPort private int port;

  private static void pressTwice(Browser browser) {
    WebElement button = browser.driver().findElement(By.cssSelector("main button.do"));
    browser.script("document.querySelector('main button.do').scrollIntoView({block: 'center'})");
    new Actions(browser.driver()).doubleClick(button).perform();
  }

  @Test
  void oneVehicleAndOneJobComeOfIt() throws Exception {
    try (Browser browser = new Browser(port, 1280, 800)) {
      browser.signIn("joren").open("/vehicles/new?template=trailer-1").type("name", NAME);
      pressTwice(browser);
      browser.until("its page", d -> d.getCurrentUrl().matches(".*/vehicles/\\d+"));
      assertThat(vehicles.findAll()).extracting(Vehicle::getName).containsOnlyOnce(NAME);
      Vehicle made =
          vehicles.findAll().stream()
              .filter(v -> v.getName().equals(NAME))
              .findFirst()
              .orElseThrow();
      browser.open("/vehicles/" + made.getId() + "/positions/axle-1-left/open");
      browser.type("complaint", "hums");
      pressTwice(browser);
      browser.until("its page", d -> d.getCurrentUrl().contains("/jobs/"));
      assertThat(jobLists.of(made)).hasSize(1);
      assertThat(browser.complaints()).isEmpty();
    }
  }

  /** What was refused is mended and sent at once. */
  @Test
  void whatWasRefusedIsSentAgain() throws Exception {
    try (Browser browser = new Browser(port, 1280, 800)) {
      browser.signIn("joren").open("/vehicles/new?template=trailer-1").type("name", "");
      pressTwice(browser);
      browser.see("The name is missing").type("name", "Sent again");
      pressTwice(browser);
      browser.until("its page", d -> d.getCurrentUrl().matches(".*/vehicles/\\d+"));
      assertThat(vehicles.findAll()).extracting(Vehicle::getName).containsOnlyOnce("Sent again");
    }
  }
}
