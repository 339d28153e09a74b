package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Base64;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.openqa.selenium.print.PrintOptions;
import org.springframework.boot.test.web.server.LocalServerPort;
import unbo.app.AppTest;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.SizeTemplate;

/** Every arrangement opened, changed, drawn and printed by a real browser. */
@Order(6)
@Execution(ExecutionMode.CONCURRENT)
class ArrangementWalkTest extends AppTest {

  private static final List<Arrangement> ALL = Arrangements.standard().all();

  /** The phone draws by the same code from the same sections: every fourth stands for all. */
  private static final List<Arrangement> ON_THE_PHONE =
      IntStream.range(0, ALL.size()).filter(i -> i % 4 == 0).mapToObj(ALL::get).toList();

  @LocalServerPort private int port;

  @ParameterizedTest
  @CsvSource({"1280, 800", "390, 844"})
  void everyArrangementFollowsItsSizes(int width, int height) throws Exception {
    try (Browser browser = new Browser(port, width, height)) {
      browser.signIn("tuva");
      for (Arrangement arrangement : width > 600 ? ALL : ON_THE_PHONE) {
        change(browser, arrangement, width > 600 ? ".for-bench" : ".for-phone");
        if (width > 600) {
          print(browser, arrangement);
        }
      }
      assertThat(browser.complaints()).isEmpty();
    }
  }

  /** Types another size into the first field that has one: the drawing changes as one types. */
  private static void change(Browser browser, Arrangement arrangement, String drawing) {
    SizeTemplate size =
        arrangement.sizes().stream()
            .filter(s -> !s.id().contains("flange") && !s.given())
            .findFirst()
            .orElseThrow();
    browser.open("/bench/" + arrangement.id() + "?part=" + size.part());
    By outlines = By.cssSelector(drawing + " .section-drawing");
    String before = shapes(browser, outlines);
    double other = Assembly.assumed(arrangement).value(size) * 0.9;
    browser.type(size.id(), String.format(java.util.Locale.ROOT, "%.2f", other));
    browser.until(
        arrangement.id() + " " + size.id(), d -> !shapes(browser, outlines).equals(before));
    browser.see("as entered");
  }

  private static String shapes(Browser browser, By drawing) {
    return String.valueOf(
        browser.script(
            "return Array.from(arguments[0].querySelectorAll('.ground'))"
                + ".map(p => p.getAttribute('d')).join()",
            browser.driver().findElement(drawing)));
  }

  private static void print(Browser browser, Arrangement arrangement) throws Exception {
    byte[] pdf =
        Base64.getDecoder().decode(browser.driver().print(new PrintOptions()).getContent());
    try (PDDocument document = Loader.loadPDF(pdf)) {
      String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
      assertThat(document.getNumberOfPages()).as(arrangement.id()).isLessThanOrEqualTo(2);
      assertThat(text).contains(arrangement.title(), "10 mm");
    }
  }

  /** What a driver carries is one sheet of paper. */
  @Test
  void theRoadCardsArePrintedOnOnePage() throws Exception {
    try (Browser browser = new Browser(port, 1280, 800)) {
      for (String card : List.of("/road", "/road/event")) {
        browser.open(card);
        byte[] pdf =
            Base64.getDecoder().decode(browser.driver().print(new PrintOptions()).getContent());
        try (PDDocument document = Loader.loadPDF(pdf)) {
          assertThat(document.getNumberOfPages()).as(card).isEqualTo(1);
        }
      }
    }
  }
}
