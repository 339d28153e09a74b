package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import unbo.app.AppTest;
import unbo.app.gauge.GaugeHub;
import unbo.app.vehicle.Vehicle;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;

/** A round with one thumb: begun at the vehicle, a gauge's reading taken, walked to its end. */
@Order(5)
@Execution(ExecutionMode.CONCURRENT)
class RoundWalkTest extends AppTest {

  /** The least height and width that a gloved finger hits: 44 of CSS's pixels (WCAG 2.1, 2.5.5). */
  private static final long THUMB_PX = 44;

  @LocalServerPort private int port;
  @Autowired private GaugeHub hub;
  private Vehicle vehicle;

  @BeforeEach
  void trailer() {
    vehicle =
        vehicles.save(
            new Vehicle("Trailer “Dunlin”", VehicleKind.TRAILER, "for the walk", "FW 901")
                .withLayout(
                    new VehicleLayout(VehicleKind.TRAILER, "taper-pair", 1, 1300, 0, 3000)));
  }

  @Test
  void twoHubsOneThumb() throws Exception {
    try (Browser phone = new Browser(port, 390, 844)) {
      phone.signIn("joren");
      phone.open("/vehicles/" + vehicle.getId()).click(By.linkText("Walkaround check"));
      phone
          .see("No walkaround check yet")
          .press("Start check")
          .see("0 of 2 checked")
          .see("Left hub");
      phone.click(By.cssSelector("label:has(input[value=rough])")).press("Save, next position");
      phone.see("1 of 2 checked").see("feels rough").see("Right hub");
      phone.click(By.cssSelector("label:has(input[value=smooth])")).press("Save, next position");
      phone.until("the walk is done", d -> d.findElements(By.id("play")).isEmpty());
      phone.press("End the check").see("ended by Joren Maak");
      assertThat(phone.complaints()).isEmpty();
    }
  }

  @Test
  void theGaugesReadingGoesIntoTheRound() throws Exception {
    try (Browser phone = new Browser(port, 390, 844)) {
      phone.signIn("tuva");
      phone.script("localStorage.setItem('gauge', 'on')");
      phone.open("/vehicles/" + vehicle.getId() + "/rounds").press("Start check").see("gauge on");
      phone.click(By.id("play"));
      hub.publish("tuva", "dial", "0.314", "mm");
      phone.see("0.314 mm").driver().findElement(By.id("play")).sendKeys(Keys.F8);
      phone.press("Save, next position").see("1 of 2 checked");
      assertThat(phone.text(By.cssSelector(".walk-figures"))).contains("0.314 mm", "first time");
    }
  }

  /** Printed before the walk it is a sheet to write on: no form, no button, the caution stays. */
  @Test
  void onPaperThereIsRoomToWrite() throws Exception {
    try (Browser bench = new Browser(port, 1280, 800)) {
      bench.signIn("joren").open("/vehicles/" + vehicle.getId() + "/rounds").press("Start check");
      bench.see("0 of 2 checked").onPaper();
      String paper = bench.text(By.tagName("body"));
      assertThat(paper)
          .contains("Support the vehicle on axle stands")
          .contains("play at the rim ............ mm");
      assertThat(paper.split("smooth · rough", -1)).hasSize(3);
      assertThat(bench.driver().findElements(By.tagName("button")))
          .noneMatch(WebElement::isDisplayed);
    }
  }

  @Test
  void aWrongValueStaysInItsField() throws Exception {
    try (Browser phone = new Browser(port, 390, 844)) {
      phone.signIn("joren").open("/vehicles/" + vehicle.getId() + "/rounds").press("Start check");
      phone.see("0 of 2 checked").type("play", "a lot").type("note", "lip torn");
      phone.press("Save, next position").see("No number found");
      assertThat(phone.driver().findElement(By.id("play")).getDomProperty("value"))
          .isEqualTo("a lot");
      assertThat(phone.driver().findElement(By.id("note")).getDomProperty("value"))
          .isEqualTo("lip torn");
    }
  }

  @Test
  void aThumbHitsEverything() throws Exception {
    try (Browser phone = new Browser(port, 390, 844)) {
      phone.signIn("joren").open("/vehicles/" + vehicle.getId() + "/rounds").press("Start check");
      phone.see("0 of 2 checked");
      Object small =
          phone.script(
              "return [...document.querySelectorAll('.round-board button, .round-board .choices"
                  + " label, .round-board .field-box, .walk-rows a')].filter(e =>"
                  + " e.getBoundingClientRect().height < arguments[0]).map(e => e.outerHTML)",
              THUMB_PX);
      assertThat(small).asInstanceOf(org.assertj.core.api.InstanceOfAssertFactories.LIST).isEmpty();
    }
  }
}
