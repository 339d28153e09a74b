package unbo.app.booking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.OperatorName;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;

@Order(13)
@Execution(ExecutionMode.CONCURRENT)
class PaperTest extends PageTest {

  static List<Arrangement> arrangements() {
    return Arrangements.standard().all();
  }

  private byte[] pdf(long job) throws Exception {
    return mvc.perform(get("/jobs/{id}/sheet.pdf", job).with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(content().contentType("application/pdf"))
        .andReturn()
        .getResponse()
        .getContentAsByteArray();
  }

  private static String text(PDDocument document) throws Exception {
    return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
  }

  @Test
  void theClosedJobReadsBackWhole() throws Exception {
    Job job = closedDemoJob();
    try (PDDocument document = Loader.loadPDF(pdf(job.getId()))) {
      assertThat(document.getNumberOfPages()).isEqualTo(2);
      assertThat(text(document))
          .contains("Launch trailer “Tern”, left hub", job.getNumber(), "yearly round")
          .contains("A1, Taper pair on a fixed spindle")
          .contains("End play 0.083 ± 0.015 mm (95 %): within limits, 0.03 to 0.13 mm.")
          .contains("cone 30206", "renewed", "page 1 of 2")
          .contains("How the figures came about", "Travel of one hole 0.125 mm", "p = P / z")
          .contains("Wheel fixings tightened to the vehicle maker’s torque: 90 Nm");
    }
  }

  /** The section is drawn with lines, not put in as a picture. */
  @Test
  void theSectionIsVectors() throws Exception {
    Job job = newJob();
    try (PDDocument document = Loader.loadPDF(pdf(job.getId()))) {
      PDPage page = document.getPage(0);
      assertThat(page.getResources().getXObjectNames())
          .allSatisfy(n -> assertThat(page.getResources().isImageXObject(n)).isFalse());
      long lines =
          new PDFStreamParser(page)
              .parse().stream()
                  .filter(t -> t.toString().contains("{" + OperatorName.LINE_TO + "}"))
                  .count();
      assertThat(lines).isGreaterThan(300);
    }
  }

  @ParameterizedTest
  @MethodSource("arrangements")
  void everyArrangementHasItsSheet(Arrangement arrangement) throws Exception {
    Job job = newJobOn(arrangement.id());
    try (PDDocument document = Loader.loadPDF(pdf(job.getId()))) {
      String text = text(document);
      assertThat(text).contains(arrangement.title());
      arrangement
          .parts()
          .forEach(p -> assertThat(text).contains(p.title().replaceFirst(".* (cone|cup)$", "$1")));
    }
  }

  @Test
  void wordsFromOutsideStayWords() throws Exception {
    Job job =
        jobs.openAt(newJob().getVehicle(), "axle-1-left", "<b>&amp; \"rocks\"</b> ]]> äöü 轴承", "T");
    try (PDDocument document = Loader.loadPDF(pdf(job.getId()))) {
      assertThat(text(document)).contains("<b>&amp; \"rocks\"</b> ]]> äöü");
    }
  }
}
