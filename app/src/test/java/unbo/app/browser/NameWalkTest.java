package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import unbo.app.AppTest;
import unbo.app.job.Job;
import unbo.app.shelf.Shelf;

/** From a size to a bearing in a job's place, and a list onto the shelf, in a browser. */
@Order(9)
@Execution(ExecutionMode.CONCURRENT)
class NameWalkTest extends AppTest {

  @LocalServerPort private int port;
  @Autowired private Shelf shelf;

  @ParameterizedTest
  @CsvSource({"1280, 800", "390, 844"})
  void fromASizeIntoAJob(int width, int height) throws Exception {
    Job job = newJobOn("a4");
    String place = job.arrangement().namedPlaces().get(0).id();
    try (Browser browser = new Browser(port, width, height)) {
      browser.signIn("joren").open("/yard");
      browser.script(
          "document.body.dispatchEvent(new KeyboardEvent('keydown', {key: 'n', bubbles: true}))");
      browser.waitFor(By.id("q")).type("q", "20 x 47 x 14").see("Read as a size");
      browser.see("6204").click(By.cssSelector("a[aria-label='Overlay 7204']"));
      browser.see("the same envelope").press("enlarge").see("whole section");
      browser.open("/name?q=6204-2RS").see("contact seals on both sides");
      browser.open("/jobs/" + job.getId() + "/name?text=6204-2RS").press("Use 6204");
      browser.until("the name", d -> reload(job).work().bearingAt(place).isPresent());
      assertThat(reload(job).work().bearingAt(place).orElseThrow().getDesignation())
          .isEqualTo("6204");
      browser.open("/name/which").click(By.cssSelector(".which-answers button"));
      browser.see("Seen so far");
      assertThat(browser.complaints()).isEmpty();
    }
  }

  /** What the one line finds also comes without script: the form is plain. */
  @Test
  void aListGoesOntoTheShelfByAFile(@TempDir Path folder) throws Exception {
    Path file = folder.resolve("stock.csv");
    Files.writeString(file, "number,place,qty\n6308-2RS,W1,3\n6309,W2,x\n");
    try (Browser browser = new Browser(port, 1280, 800)) {
      browser.signIn("joren").open("/shelf/import");
      browser.driver().findElement(By.id("csv-file")).sendKeys(file.toString());
      browser.until(
          "the file", d -> d.findElement(By.id("csv")).getDomProperty("value").contains("6308"));
      browser.press("Check the list").see("1 line is wrong of 2");
      browser.type("csv", "number,place,qty\n6308-2RS,W1,3\n6309,W2,1\n").press("Check the list");
      browser.see("Every line can be imported.").press("Import 2 lines").see("2 items imported.");
      assertThat(shelf.search("6308-2RS", 500)).hasSize(1);
      browser.open("/shelf?q=6308").click(By.linkText("6308-2RS")).press("Take 1 out");
      browser.until("the piece", d -> shelf.search("6308-2RS", 500).get(0).getQuantity() == 2);
      assertThat(browser.complaints()).isEmpty();
    }
  }

  /** What was read, and whether it suits, is in sight on a phone; the drawing comes behind it. */
  @Test
  void onAPhoneTheAnswerStandsUnderTheField() throws Exception {
    try (Browser browser = new Browser(port, 390, 844)) {
      browser.signIn("tuva");
      for (String page : List.of("?q=6204-16", "/instead?old=6204-2RS&fresh=6204&position=a4")) {
        browser.open("/name" + page);
        List<?> at =
            (List<?>)
                browser.script(
                    "const top = s => document.querySelector(s).getBoundingClientRect().top;"
                        + "return [top('.worksheet .answer, .worksheet .verdict'),"
                        + " top('.drawing-frame'), innerHeight]");
        double answer = ((Number) at.get(0)).doubleValue();
        assertThat(answer).as(page).isLessThan(((Number) at.get(2)).doubleValue() - 100);
        assertThat(answer).as(page).isLessThan(((Number) at.get(1)).doubleValue());
      }
      browser.open("/name/buy?text=6205&position=a13");
      assertThat(
              browser.script(
                  "return document.getElementById('shopping-line')"
                      + ".getBoundingClientRect().bottom < innerHeight"))
          .isEqualTo(true);
      assertThat(browser.complaints()).isEmpty();
    }
  }

  /** What can only be pressed is of no use there. */
  @Test
  void onPaperTheQuestionAndTheAnswerAreLeft() throws Exception {
    try (Browser browser = new Browser(port, 1280, 800)) {
      browser.signIn("tuva").onPaper();
      for (String page :
          List.of(
              "?q=6204-16",
              "/instead?old=6204-2RS&fresh=6204&position=a4",
              "/buy?text=6205&position=a13")) {
        browser.open("/name" + page);
        assertThat(
                browser.script(
                    "return [...document.querySelectorAll('main nav, main button, main .actions a')]"
                        + ".filter(e => e.getClientRects().length && !e.closest('p, dd, li'))"
                        + ".map(e => e.outerHTML)"))
            .as(page)
            .isEqualTo(List.of());
        assertThat(browser.driver().findElement(By.cssSelector("main input")).isDisplayed())
            .as(page)
            .isTrue();
      }
      assertThat(browser.complaints()).isEmpty();
    }
  }
}
