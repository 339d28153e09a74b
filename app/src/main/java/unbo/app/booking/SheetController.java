package unbo.app.booking;

import java.time.Clock;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.JobSection;
import unbo.app.job.Jobs;
import unbo.app.job.Worksheets;
import unbo.app.photograph.Photograph;
import unbo.app.photograph.Photographs;
import unbo.app.proving.Proofs;
import unbo.app.web.NoSuchPage;
import unbo.app.web.ViewPreferences;

/** The job sheet, on screen and on paper. */
@Controller
@RequestMapping("/jobs/{id}")
class SheetController {

  private final Jobs jobs;
  private final Worksheets worksheets;
  private final Proofs proofs;
  private final Paper paper;
  private final Photographs photographs;
  private final Clock clock;

  SheetController(
      Jobs jobs,
      Worksheets worksheets,
      Proofs proofs,
      Paper paper,
      Photographs photographs,
      Clock clock) {
    this.photographs = photographs;
    this.jobs = jobs;
    this.worksheets = worksheets;
    this.proofs = proofs;
    this.paper = paper;
    this.clock = clock;
  }

  /** The sheet as it is printed. */
  @GetMapping("/sheet")
  String sheet(@PathVariable long id, Model model) {
    Job job = fill(id, model);
    model.addAttribute("photographs", PaperPhotograph.linked(photographs.of(job.getId())));
    return "sheet";
  }

  /** The same as PDF. */
  @GetMapping("/sheet.pdf")
  ResponseEntity<byte[]> pdf(@PathVariable long id, Model model) {
    Job job = fill(id, model);
    model.addAttribute(
        "photographs", PaperPhotograph.embedded(photographs.of(job.getId()), this::small));
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline()
                .filename("unbo-job-" + job.getNumber() + ".pdf")
                .build()
                .toString())
        .body(paper.pdf("sheet-pdf", model.asMap()));
  }

  private byte[] small(Photograph photograph) {
    return photographs
        .picture(photograph.getJobId(), photograph.getId(), true)
        .orElseThrow(() -> new NoSuchPage("This photograph was deleted just now."));
  }

  private Job fill(long id, Model model) {
    Job job = jobs.get(id);
    model.addAttribute("job", job);
    model.addAttribute(
        "drawing",
        JobSection.onPaper(
            job, worksheets.marks(job, null, Form.none()), ViewPreferences.inch(model)));
    model.addAttribute("pictures", worksheets.pictures(job, ViewPreferences.inch(model)));
    model.addAttribute("paragraphs", Paragraph.all(job, worksheets));
    model.addAttribute("prove", proofs.sheet(job));
    model.addAttribute("recheck", proofs.recheck(job));
    model.addAttribute("workings", worksheets.workings(job));
    model.addAttribute("printedAt", clock.instant());
    return job;
  }
}
