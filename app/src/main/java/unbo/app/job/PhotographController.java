package unbo.app.job;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.http.CacheControl;
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
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.multipart.MultipartFile;
import unbo.app.account.Person;
import unbo.app.photograph.NewPhotograph;
import unbo.app.photograph.Photograph;
import unbo.app.photograph.Photographs;
import unbo.app.web.NoSuchPage;
import unbo.core.units.Problem;

/** Photographs of a job: taken in, shown, deleted by name and reason. */
@Controller
@RequestMapping("/jobs/{id}/photographs")
class PhotographController {

  private static final Duration KEPT = Duration.ofHours(1);
  private static final int LONGEST_REASON = 200;

  private final Jobs jobs;
  private final JobPage page;
  private final JobDiary diary;
  private final Photographs photographs;

  PhotographController(Jobs jobs, JobPage page, JobDiary diary, Photographs photographs) {
    this.jobs = jobs;
    this.page = page;
    this.diary = diary;
    this.photographs = photographs;
  }

  /** What became of the files, for the script that sends them one by one. */
  public record Taken(int taken, List<String> problems) {}

  @GetMapping({"", "/{photograph}/delete"})
  String again(@PathVariable long id) {
    return "redirect:/jobs/" + id;
  }

  @PostMapping(produces = MediaType.APPLICATION_JSON_VALUE)
  @ResponseBody
  Taken addByScript(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String station,
      @RequestParam(defaultValue = "false") boolean good,
      @RequestParam(name = "photograph", required = false) List<MultipartFile> files,
      @AuthenticationPrincipal Person person) {
    Job job = open(id);
    List<Problem> problems = new ArrayList<>();
    int taken = take(job, named(station), good, sent(files), person, problems);
    return new Taken(taken, problems.stream().map(Problem::sentence).toList());
  }

  @PostMapping(produces = MediaType.TEXT_HTML_VALUE)
  String add(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String station,
      @RequestParam(defaultValue = "false") boolean good,
      @RequestParam(name = "photograph", required = false) List<MultipartFile> files,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    Job job = open(id);
    Station at = named(station);
    List<Problem> problems = new ArrayList<>();
    take(job, at, good, sent(files), person, problems);
    if (problems.isEmpty()) {
      return "redirect:" + job.address() + "?at=" + at.id() + "#photographs";
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    model.addAttribute(
        JobPage.PHOTOGRAPHS, PhotographSheet.of(at, photographs.of(id)).refused(problems));
    return page.show(model, job, Selection.at(at, job));
  }

  private static List<MultipartFile> sent(List<MultipartFile> files) {
    return files == null
        ? List.of()
        : files.stream()
            .filter(f -> f.getSize() > 0 || !String.valueOf(f.getOriginalFilename()).isBlank())
            .toList();
  }

  /** Each by itself: one that is broken does not cost the others. */
  private int take(
      Job job,
      Station at,
      boolean good,
      List<MultipartFile> files,
      Person person,
      List<Problem> problems) {
    int taken = 0;
    if (files.isEmpty()) {
      problems.add(new Problem("", "No photograph chosen.", "Choose one, then send."));
    }
    for (int i = 0; i < files.size(); i++) {
      String name = Photographs.named(files.get(i).getOriginalFilename());
      Optional<Problem> problem =
          i < PhotographSheet.AT_ONCE
              ? take(job, at, good, files.get(i), name, person)
              : Optional.of(
                  new Problem(name, "At most 12 at once.", "Send this one in a second go."));
      problem.ifPresent(problems::add);
      taken += problem.isEmpty() ? 1 : 0;
    }
    return taken;
  }

  private Optional<Problem> take(
      Job job, Station at, boolean good, MultipartFile file, String name, Person person) {
    byte[] bytes;
    try {
      bytes = file.getBytes();
    } catch (IOException e) {
      return Optional.of(new Problem(name, "The file did not arrive.", "Send it again."));
    }
    return photographs.add(
        new NewPhotograph(job.getId(), at.id(), name, good, bytes),
        person.getName(),
        () -> diary.line(job.getId(), at, person.getName(), "photograph added: " + name));
  }

  @GetMapping(path = "/{photograph}/picture", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> picture(@PathVariable long id, @PathVariable long photograph) {
    return jpeg(id, photograph, false);
  }

  @GetMapping(path = "/{photograph}/small", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> small(@PathVariable long id, @PathVariable long photograph) {
    return jpeg(id, photograph, true);
  }

  private ResponseEntity<byte[]> jpeg(long id, long photograph, boolean thumbnail) {
    return photographs
        .picture(id, photograph, thumbnail)
        .map(
            bytes ->
                ResponseEntity.ok()
                    .contentType(MediaType.IMAGE_JPEG)
                    .cacheControl(CacheControl.maxAge(KEPT).cachePrivate())
                    .body(bytes))
        .orElseGet(() -> ResponseEntity.notFound().build());
  }

  @PostMapping("/{photograph}/delete")
  String delete(
      @PathVariable long id,
      @PathVariable long photograph,
      @RequestParam(defaultValue = "") String reason,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    Job job = open(id);
    Photograph found =
        photographs
            .find(id, photograph)
            .orElseThrow(() -> new NoSuchPage("There is no such photograph."));
    Station at = named(found.getStation());
    String why = reason.strip();
    Problem problem = reasonProblem(why);
    if (problem != null) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute(
          JobPage.PHOTOGRAPHS,
          PhotographSheet.of(at, photographs.of(id)).unnamed(photograph, problem));
      return page.show(model, job, Selection.at(at, job));
    }
    photographs.delete(
        id,
        photograph,
        person.getName(),
        why,
        p ->
            diary.line(
                id, at, person.getName(), "photograph deleted: " + p.getName() + ", " + why));
    return "redirect:" + job.address() + "?at=" + at.id() + "#photographs";
  }

  private static Problem reasonProblem(String why) {
    if (why.isEmpty()) {
      return new Problem("", "No reason.", "Write why it is deleted; the line stays.");
    }
    return why.length() > LONGEST_REASON
        ? new Problem(why, "Too long.", "Write 200 characters at most.")
        : null;
  }

  private Job open(long id) {
    Job job = jobs.get(id);
    if (job.isClosed()) {
      throw new ClosedJob(job);
    }
    return job;
  }

  private static Station named(String station) {
    return Station.withId(station).orElse(Station.STRIP);
  }
}
