package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.By;
import org.springframework.boot.test.web.server.LocalServerPort;
import unbo.app.AppTest;
import unbo.app.job.Job;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.TestPlaces;

/**
 * A job on every arrangement, walked through Name, Rock and Prove on the bench and on the phone.
 * Wherever it stops, the field to be filled, the verdict and the next action are in sight.
 */
@Order(1)
@Execution(ExecutionMode.CONCURRENT)
class StationsWalkTest extends AppTest {

  /** Room that a finger needs to hit a field. */
  private static final int FINGER = 44;

  /** Measured at these alone, whose sheets are the longest and the shortest of their kind. */
  private static final List<String> OTHERS = List.of("pack", "set");

  private static final Set<String> SAMPLES =
      Set.of("a1", "a4", "a5", "a7", "a10", "a11", "a17", "a22", "a26", "a31", "a35", "a44");

  @LocalServerPort private int port;

  private final SoftAssertions softly = new SoftAssertions();

  /**
   * Every arrangement on both screens: a station is opened on the one, its boxes are measured, it
   * is turned to the other, measured again, and gone on with there, so that the next one begins
   * there. Every second arrangement begins on the phone. Two halves beside each other.
   */
  @ParameterizedTest
  @ValueSource(ints = {0, 1})
  void everyArrangementFromNameToProof(int half) throws Exception {
    try (Browser browser = new Browser(port, 1280, 800)) {
      browser.signIn("tuva");
      List<Arrangement> all = Arrangements.standard().all();
      for (int i = half; i < all.size(); i += 2) {
        walk(turned(browser, i / 2 % 2 == 0), all.get(i));
      }
      softly.assertAll();
      assertThat(browser.complaints()).isEmpty();
    }
  }

  private void walk(Browser browser, Arrangement arrangement) {
    Job job = newJobOn(arrangement.id());
    name(browser, job);
    rock(browser, job, arrangement);
    prove(browser, job, arrangement);
    for (String station : SAMPLES.contains(arrangement.id()) ? OTHERS : List.<String>of()) {
      browser.open("/jobs/" + job.getId() + "?at=" + station);
      requireInSight(browser, arrangement.id() + " " + station, true);
    }
  }

  private static Browser turned(Browser browser, boolean toTheBench) {
    browser.resize(toTheBench ? 1280 : 390, toTheBench ? 800 : 844);
    return browser;
  }

  private void name(Browser browser, Job job) {
    Optional<String> number =
        job.arrangement().readablePlaces().stream()
            .filter(p -> p.assumed().isPresent())
            .findFirst()
            .flatMap(p -> p.assumed());
    if (number.isEmpty()) {
      return;
    }
    String place = job.arrangement().namedPlaces().get(0).id();
    String part = job.arrangement().partsOf(place).get(0).id();
    browser.open("/jobs/" + job.getId() + "?at=name&part=" + part);
    browser.type("text", number.get()).see("Use " + number.get());
    requireInSight(browser, job.arrangement().id() + " name", false);
    browser.press("Use " + number.get());
    browser.until(
        job.arrangement().id() + " takes " + number.get(),
        d -> !reload(job).assembly().read().isEmpty());
  }

  private void rock(Browser browser, Job job, Arrangement arrangement) {
    AccusingTest test = firstTest(job, arrangement);
    browser.open("/jobs/" + job.getId() + "?at=rock");
    requireInSight(browser, arrangement.id() + " rock", true);
    type(browser, "before-" + test.id(), test, "9");
    browser.see("One test measured.").press("Save tests");
    browser.until(arrangement.id() + " keeps " + test, d -> !tests(job).isEmpty());
  }

  private void prove(Browser browser, Job job, Arrangement arrangement) {
    AccusingTest test = firstTest(job, arrangement);
    browser.open("/jobs/" + job.getId() + "?at=prove");
    requireInSight(browser, arrangement.id() + " prove", true);
    type(browser, "after-" + test.id(), test, "2");
    browser.press("Save tests").see(test.moreIsBetter() ? "Worse" : "Better");
  }

  private static AccusingTest firstTest(Job job, Arrangement arrangement) {
    return TestPlaces.of(arrangement, Optional.of(job.place())).get(0);
  }

  private Map<AccusingTest, ?> tests(Job job) {
    return reload(job).work().sheet(unbo.app.proving.ProveRecord.TYPE).tests();
  }

  private static void type(Browser browser, String field, AccusingTest test, String value) {
    browser.type(field, value);
    if (!test.second().isEmpty()) {
      String second = test.secondUnit().equals("mm") ? "290" : "1";
      browser.type(field + "-second", second);
    }
  }

  /** On both screens; the second stays. A phone folds the drawing. */
  private void requireInSight(Browser browser, String where, boolean withDrawing) {
    requireBoxes(browser, where, withDrawing && browser.isWide());
    turned(browser, !browser.isWide());
    requireBoxes(browser, where, withDrawing && browser.isWide());
  }

  /** Measures boxes: the first field free of the bar, the bar on the screen, the drawing begun. */
  private void requireBoxes(Browser browser, String station, boolean withDrawing) {
    String where = station + (browser.isWide() ? " at the bench" : " on the phone");
    browser.script("scrollTo(0, 0)");
    List<?> boxes =
        (List<?>)
            browser.script(
                "const box = e => e ? e.getBoundingClientRect() : {top: -1, bottom: -1};"
                    + "const f = Array.from(document.querySelectorAll('#worksheet input,"
                    + " #worksheet textarea, #worksheet select')).find(e => e.type !== 'hidden' &&"
                    + " e.offsetParent);"
                    + "const s = document.querySelector('#worksheet .sight');"
                    + "const d = Array.from(document.querySelectorAll('#section svg'))"
                    + ".find(e => e.checkVisibility());"
                    + "return [f ? box(f).top : 9999, s ? box(s).top : innerHeight, s ?"
                    + " box(s).bottom : innerHeight, innerHeight, box(d).bottom]");
    List<Double> at = boxes.stream().map(b -> ((Number) b).doubleValue()).toList();
    double field = at.get(0);
    softly.assertThat(field).as("%s: first field", where).isBetween(0.0, at.get(3) - FINGER);
    softly
        .assertThat(field + FINGER <= at.get(1) || field >= at.get(2))
        .as("%s: first field at %s, bar at %s to %s", where, field, at.get(1), at.get(2))
        .isTrue();
    softly.assertThat(at.get(2)).as("%s: verdict and action", where).isLessThan(at.get(3) + 1);
    if (withDrawing) {
      softly.assertThat(at.get(4)).as("%s: drawing", where).isBetween(1.0, at.get(3));
    }
  }

  @Test
  void theSectionOpensByTouchAndStaysOpenOnTheNextStation() throws Exception {
    By drawing = By.cssSelector(".for-phone .section-drawing");
    try (Browser browser = new Browser(port, 390, 844)) {
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
}
