package unbo.app.booking;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.List;
import org.springframework.context.annotation.Lazy;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.account.Person;
import unbo.app.job.EndPlayKey;
import unbo.app.job.Job;
import unbo.app.job.JobPage;
import unbo.app.job.JobSection;
import unbo.app.job.Jobs;
import unbo.app.job.NotProved;
import unbo.app.job.SectionResults;
import unbo.app.job.Selection;
import unbo.app.job.StaleStation;
import unbo.app.job.Station;
import unbo.app.job.StationLine;
import unbo.app.job.Worksheet;
import unbo.app.proving.Proofs;
import unbo.app.setting.SettingResults;
import unbo.app.web.Figures;
import unbo.core.arrangement.PartTemplate;

/** The job sheet, on screen and on paper, and the closing of the job. */
@Controller
@RequestMapping("/jobs/{id}")
class BookController implements Worksheet {

  private final Jobs jobs;
  private final JobPage page;
  private final Proofs proofs;
  private final Figures figures;
  private final Paper paper;
  private final Clock clock;

  BookController(
      Jobs jobs, @Lazy JobPage page, Proofs proofs, Figures figures, Paper paper, Clock clock) {
    this.paper = paper;
    this.jobs = jobs;
    this.page = page;
    this.proofs = proofs;
    this.figures = figures;
    this.clock = clock;
  }

  @Override
  public Station station() {
    return Station.BOOK;
  }

  @Override
  public void fill(Model model, Job job, PartTemplate selected) {
    model.addAttribute("prove", proofs.sheet(job));
    model.addAttribute("recheck", proofs.recheck(job));
    model.addAttribute("history", jobs.history(job.getId()));
    model.addAttribute("revision", job.work().revision(Station.BOOK));
  }

  /** The sheet as it is printed. */
  @GetMapping("/sheet")
  String sheet(@PathVariable long id, Model model) {
    fillSheet(id, model);
    return "sheet";
  }

  /** The same as PDF. */
  @GetMapping("/sheet.pdf")
  ResponseEntity<byte[]> pdf(@PathVariable long id, Model model) {
    Job job = fillSheet(id, model);
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

  private Job fillSheet(long id, Model model) {
    Job job = jobs.get(id);
    model.addAttribute("job", job);
    model.addAttribute("drawing", JobSection.onPaper(job, SectionResults.of(job, figures)));
    model.addAttribute("stations", StationLine.of(job, null));
    model.addAttribute("first", job.work().endPlays(EndPlayKey.Stage.FIRST));
    model.addAttribute("pinned", job.work().endPlays(EndPlayKey.Stage.PINNED));
    model.addAttribute("outcome", SettingResults.of(job).orElse(null));
    model.addAttribute("prove", proofs.sheet(job));
    model.addAttribute("recheck", proofs.recheck(job));
    model.addAttribute("history", jobs.history(id));
    model.addAttribute("printedAt", clock.instant());
    return job;
  }

  /** Closes the job, if it is proved. */
  @PostMapping("/book")
  String close(
      @PathVariable long id,
      @RequestParam int revision,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    try {
      Job closed = jobs.close(id, revision, person.getName(), j -> proofs.of(j).isProved());
      return "redirect:" + Selection.at(Station.BOOK, closed).address(closed);
    } catch (NotProved e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("refused", List.of());
    } catch (StaleStation e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      model.addAttribute("stale", e.latest());
    }
    Job job = jobs.get(id);
    return page.show(model, job, Selection.at(Station.BOOK, job));
  }
}
