package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import unbo.app.AppTest;
import unbo.app.gauge.GaugeHub;
import unbo.app.job.Job;
import unbo.app.listening.Listening;
import unbo.app.listening.Listenings;
import unbo.core.vehicle.VehicleKind;

/** A reading into the field by one key, past a lost connection; two people at one search. */
@ResourceLock("gauge of joren")
@Order(3)
@Execution(ExecutionMode.CONCURRENT)
class GaugeWalkTest extends AppTest {

  @LocalServerPort private int port;
  @Autowired private GaugeHub hub;
  @Autowired private Listenings listenings;

  @Test
  void aReadingGoesIntoTheField() throws Exception {
    Job job = newJob();
    try (Browser browser = new Browser(port, 1280, 800)) {
      browser.signIn("joren");
      browser.script("localStorage.setItem('gauge', 'on')");
      browser.open("/jobs/" + job.getId() + "?at=set").see("gauge on").type("first1", "0.30");
      browser.click(By.id("first0"));
      hub.publish("joren", "dial", "0.314", "mm");
      browser.see("0.314 mm");
      browser.driver().findElement(By.id("first0")).sendKeys(Keys.F8);
      assertThat(value(browser, "first0")).isEqualTo("0.314");
      browser.script("window.stop()");
      hub.publish("joren", "dial", "0.299", "mm");
      assertThat(value(browser, "first1")).as("what was typed stays").isEqualTo("0.30");
      assertThat(browser.complaints()).isEmpty();
    }
  }

  /** A list of readings grows by one key each; the radius beside it is one number. */
  @Test
  void aListOfReadingsGrows() throws Exception {
    Job job = newJob();
    try (Browser browser = new Browser(port, 1280, 800)) {
      browser.signIn("joren");
      browser.script("localStorage.setItem('gauge', 'on')");
      browser.open("/jobs/" + job.getId() + "?at=rock").see("gauge on");
      for (String reading : List.of("1.9", "1.8")) {
        take(browser, "before-rock", reading);
      }
      assertThat(value(browser, "before-rock")).isEqualTo("1.9 1.8");
      for (String radius : List.of("280", "290")) {
        take(browser, "before-rock-second", radius);
      }
      assertThat(value(browser, "before-rock-second")).isEqualTo("290");
      assertThat(browser.complaints()).isEmpty();
    }
  }

  private void take(Browser browser, String field, String reading) {
    browser.click(By.id(field));
    hub.publish("joren", "dial", reading, "mm");
    browser.see(reading + " mm");
    browser.driver().findElement(By.id(field)).sendKeys(Keys.F8);
  }

  private static String value(Browser browser, String id) {
    return browser.driver().findElement(By.id(id)).getDomProperty("value");
  }

  @Test
  void twoPeopleSeeEachOther() throws Exception {
    Listening listening = listenings.start(VehicleKind.BICYCLE, null, "", "Tester");
    try (Browser one = new Browser(port, 1280, 800);
        Browser other = new Browser(port, 390, 844)) {
      one.signIn("joren").open("/listen/" + listening.getId()).see("Causes");
      other.signIn("tuva").open("/listen/" + listening.getId() + "?test=b-when");
      other.click(By.cssSelector("button[name=answer][value=coast]")).see("Answered");
      one.see("Tuva Lind: When is the noise there? only when coasting").see("Answered");
      one.press("Show the recommended test").see("Answered");
      assertThat(one.complaints()).isEmpty();
    }
  }
}
