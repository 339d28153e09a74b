package unbo.app.booking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import jakarta.servlet.http.Cookie;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.job.Station;

/** The job sheet is one paper: what the page says, the PDF says, in millimetres or in inches. */
class OnePaperTest extends PageTest {

  private static MockHttpServletRequestBuilder with(
      MockHttpServletRequestBuilder request, boolean inch) {
    return inch ? request.cookie(new Cookie("units", "inch")) : request;
  }

  private Document page(Job job, boolean inch) throws Exception {
    var request = with(get("/jobs/{id}/sheet", job.getId()).with(as("tuva")), inch);
    return Jsoup.parse(
        mvc.perform(request).andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8));
  }

  private String pdf(Job job, boolean inch) throws Exception {
    var request = with(get("/jobs/{id}/sheet.pdf", job.getId()).with(as("tuva")), inch);
    byte[] bytes = mvc.perform(request).andReturn().getResponse().getContentAsByteArray();
    try (PDDocument document = Loader.loadPDF(bytes)) {
      return words(new PDFTextStripper().getText(document));
    }
  }

  /** Letters and figures alone: fonts without an arrow or a root write them as words. */
  private static String words(String text) {
    return text.replaceAll("[^\\p{L}\\d.]+", " ");
  }

  @Test
  void everyParagraphOfThePageStandsInThePdf() throws Exception {
    Job job = closedDemoJob();
    String pdf = pdf(job, false).replace(" ", "");
    List<String> lines = page(job, false).select(".stations-paper td p").eachText();
    assertThat(lines).hasSizeGreaterThan(15);
    for (String line : lines) {
      assertThat(pdf).contains(words(line.replace("→", "to")).replace(" ", ""));
    }
  }

  @Test
  void everyStationHasItsParagraph() throws Exception {
    List<String> titles = page(closedDemoJob(), false).select(".stations-paper th b").eachText();
    assertThat(titles)
        .containsExactly(
            java.util.Arrays.stream(Station.values()).map(Station::title).toArray(String[]::new));
  }

  /** A met check says so in a word: no font and no printer can turn it into another. */
  @Test
  void aMetCheckIsMetInThePdfToo() throws Exception {
    assertThat(pdf(closedDemoJob(), false)).contains("Done New split pin", "Verdict Proved");
  }

  /** Inches in the drawing and in what we say; what was typed stays as it was typed. */
  @Test
  void inchesInDrawingAndTextButNotInWhatWasTyped() throws Exception {
    Document page = page(closedDemoJob(), true);
    assertThat(page.select(".dimension text").eachText())
        .contains("0.6791")
        .doesNotContain("17.25");
    assertThat(page.text()).contains("End play 0.0033 ± 0.0006 in", "0.08 · 0.09 · 0.08");
    // The drawing's own letters are outlines in the PDF; its text is looked at on the page.
    assertThat(pdf(closedDemoJob(), true)).contains("End play 0.0033 0.0006 in", "0.08 0.09 0.08");
  }
}
