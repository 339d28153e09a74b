package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.WindowType;
import org.springframework.boot.test.web.server.LocalServerPort;
import unbo.app.AppTest;
import unbo.app.job.Job;
import unbo.app.proving.ProveRecord;
import unbo.app.proving.TestRecord;
import unbo.core.verification.AccusingTest;

/**
 * A new user's walk from signing in to the closed job, in a real browser, at the bench and on a
 * phone.
 */
@Order(4)
@Execution(ExecutionMode.CONCURRENT)
class WalkTest extends AppTest {

  @LocalServerPort private int port;

  @ParameterizedTest
  @CsvSource({"1280, 800", "390, 844"})
  void fromTheYardToTheClosedJob(int width, int height) throws Exception {
    Job job = accusedJob();
    String page = "/jobs/" + job.getId();
    try (Browser browser = new Browser(port, width, height)) {
      browser
          .signIn("joren")
          .see("Launch trailer “Tern”")
          .click(By.cssSelector("a.bay-job[href='" + page + "']"))
          .see("rocks");
      selectParts(browser, width);
      note(browser, page, "listen");
      note(browser, page, "rock");
      name(browser, page);
      for (String station : List.of("strip", "read", "fit")) {
        note(browser, page, station);
      }
      pack(browser, page, width);
      set(browser, page, width);
      prove(browser, page);
      book(browser, page);
      assertThat(browser.complaints()).isEmpty();
    }
    assertThat(reload(job).isClosed()).isTrue();
    assertThat(reload(job).getClosedBy()).isEqualTo("Joren Maak");
  }

  private Job accusedJob() {
    Job job = newJob();
    job.work()
        .write(
            ProveRecord.TYPE,
            job.work()
                .sheet(ProveRecord.TYPE)
                .with(AccusingTest.ROCK, new TestRecord(1.9, 290.0))
                .with(AccusingTest.END_PLAY, new TestRecord(0.48, null)));
    return jobRepository.save(job);
  }

  /** By finger or mouse on the drawing, on the parts row, and by keyboard. */
  private static void selectParts(Browser browser, int width) {
    String drawing = width > 600 ? ".for-bench" : ".for-phone";
    if (width < 600) {
      browser.click(By.cssSelector(".fold"));
    }
    browser
        .click(By.cssSelector(drawing + " a.balloon[href$='part=hub'] text"))
        .waitFor(By.cssSelector("#worksheet input[id='hub.shoulder-distance']"));
    browser
        .click(By.cssSelector(".parts-row a[href*='part=seal']"))
        .waitFor(By.cssSelector("#worksheet input[id='seal.width']"));
    if (width > 600) {
      browser
          .click(By.cssSelector(drawing + " a.balloon[href$='part=washer'] path.touch"))
          .waitFor(By.cssSelector(drawing + " a.balloon.is-selected[href$='part=washer']"));
    }
    WebElement nut =
        browser.driver().findElement(By.cssSelector(drawing + " a.balloon[href$='part=nut']"));
    browser.script("arguments[0].focus()", nut);
    nut.sendKeys(Keys.ENTER);
    browser.waitFor(By.id("first0"));
  }

  /** What the section says; a phone's is opened for it. */
  private static String sectionText(Browser browser, int width) {
    if (width < 600) {
      browser.click(By.cssSelector(".fold")).see("fold section");
    }
    return browser.text(By.id("section"));
  }

  private static void note(Browser browser, String page, String station) {
    browser
        .open(page + "?at=" + station)
        .type("note", "Done at the other bench.")
        .press("Save as done (note)")
        .see("done, see note");
  }

  private static void name(Browser browser, String page) {
    browser
        .open(page + "?at=name&part=inboard-cone")
        .type("text", "32206 J2")
        .see("Use 32206")
        .see("pressed steel cage");
    assertThat(browser.text(By.id("readings"))).contains("30 × 62 × 21.25 mm");
    browser.press("Use 32206").waitFor(By.cssSelector("a.balloon[aria-label^='3, cone 32206']"));
    browser
        .waitFor(By.cssSelector("input[name=part][value=outboard-cone]"))
        .type("text", "30204")
        .see("Use 30204")
        .press("Use 30204")
        .see("Next: ");
  }

  /** The charge is shown before it is kept, and the level moves in the section. */
  private static void pack(Browser browser, String page, int width) {
    browser.open(page + "?at=pack").click(By.cssSelector("input[value='general']")).see("g in all");
    String general = browser.attribute(By.cssSelector(".grease-body"), "d");
    browser
        .click(By.cssSelector("input[value='wet-slow']"))
        .waitFor(By.cssSelector(".grease-body:not([d='" + general + "'])"));
    browser.see("Not saved yet").press("Save as packed").waitFor(By.id("first0"));
    assertThat(sectionText(browser, width)).contains("grease ");
  }

  private static void set(Browser browser, String page, int width) {
    browser
        .open(page + "?at=set")
        .type("first0", "0.31")
        .type("first1", "12 thou")
        .type("first2", "0,32")
        .type("thread", "M18x1.5")
        .type("slots", "7")
        .see("none is opposite another");
    browser
        .type("slots", "6")
        .type("lines", "2")
        .see("Two holes tighter: 0.062 mm expected, within limits");
    assertThat(sectionText(browser, width)).contains("play 0.312 ± 0.020 mm");
    browser.open(page + "?at=name").open(page + "?at=set").see("Two holes tighter");
    assertThat(browser.driver().findElement(By.id("first1")).getDomProperty("value"))
        .as("what was typed waits in the tab")
        .isEqualTo("12 thou");
    browser.click(By.cssSelector("button[value='take:2']")).waitFor(By.id("again0"));
    browser
        .type("again0", "0.06")
        .type("again1", "0.07")
        .type("again2", "0.06")
        .see("End play 0.063 ± 0.015 mm (95 %): within limits");
    browser.press("Save result").see("Next: Prove");
  }

  private static void prove(Browser browser, String page) {
    browser
        .open(page + "?at=prove")
        .see("was not repeated")
        .type("after-rock", "0.35")
        .type("after-rock-second", "290")
        .type("detail-wheel-nuts", "90")
        .type("recheckKm", "500");
    for (String stop : List.of("split-pin", "faces", "wheel-nuts", "brake", "pulled")) {
      browser.click(By.name("stop-" + stop));
    }
    browser.press("Save tests").see("Proved");
  }

  private void book(Browser browser, String page) {
    browser.open(page + "?at=book").press("Close job").see("The record stays as it is");
    browser
        .open(page + "/sheet")
        .see("End play 0.063 ± 0.015 mm (95 %)")
        .see("cone 32206")
        .see("after 500 km");
    List<String> notes = new ArrayList<>();
    browser
        .driver()
        .findElements(By.cssSelector(".paper-sheet td"))
        .forEach(td -> notes.add(td.getText()));
    assertThat(notes).anyMatch(n -> n.startsWith("Done at the other bench."));
  }

  /** The other one's entry is shown, the own one is kept, in two windows of a real browser. */
  @org.junit.jupiter.api.Test
  void twoPeopleEditOneJob() throws Exception {
    String page = "/jobs/" + newJob().getId() + "?at=set";
    try (Browser browser = new Browser(port, 1280, 800)) {
      browser
          .signIn("joren")
          .open(page)
          .type("first0", "0.31")
          .type("first1", "0.30")
          .type("first2", "0.32");
      String first = browser.driver().getWindowHandle();
      browser.driver().switchTo().newWindow(WindowType.TAB);
      browser
          .open(page)
          .type("first0", "0.40")
          .press("Save readings")
          .waitFor(By.cssSelector("li.worked-on.is-now"));
      browser.driver().switchTo().window(first);
      browser
          .press("Save readings")
          .see("changed this station on")
          .see("Saved now: readings [0.40");
      assertThat(browser.driver().findElement(By.id("first0")).getDomProperty("value"))
          .isEqualTo("0.31");
      browser.press("Save readings").waitFor(By.cssSelector("#worksheet:not(:has(.stale))"));
      browser.open(page).waitFor(By.id("first0"));
      assertThat(browser.driver().findElement(By.id("first0")).getDomProperty("value"))
          .isEqualTo("0.31");
    }
  }

  @org.junit.jupiter.api.Test
  void aVeryLongTextIsAnsweredAtItsField() throws Exception {
    String page = "/jobs/" + newJob().getId() + "?at=name";
    try (Browser browser = new Browser(port, 1280, 800)) {
      browser.signIn("tuva").open(page).waitFor(By.id("text"));
      browser.script(
          "const f = document.getElementById('text'); f.value = 'é'.repeat(900);"
              + " f.dispatchEvent(new Event('input', {bubbles: true}))");
      browser.see("no ring carries this much text").see("(900 characters)");
      assertThat(browser.complaints()).isEmpty();
      browser.script(
          "const f = document.getElementById('text'); f.value = 'é'.repeat(10000);"
              + " f.dispatchEvent(new Event('input', {bubbles: true}))");
      browser.see("The entry is over 8 KB: shorten it.");
      assertThat(browser.script("return document.getElementById('text').value.length"))
          .as("nothing typed is lost")
          .isEqualTo(10_000L);
    }
  }

  /** Signed out in mid work: nothing typed is lost, and the page says what to do. */
  @org.junit.jupiter.api.Test
  void signedOutInMidWork() throws Exception {
    String page = "/jobs/" + newJob().getId() + "?at=strip";
    try (Browser browser = new Browser(port, 1280, 800)) {
      browser.signIn("tuva").open(page).type("note", "a long note about grease");
      browser.driver().manage().deleteCookieNamed("unbo");
      browser.press("Save as done (note)").see("You are signed out: nothing was saved");
      assertThat(browser.driver().findElement(By.id("note")).getDomProperty("value"))
          .isEqualTo("a long note about grease");
    }
  }
}
