package unbo.app.tin;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.account.Person;
import unbo.app.job.Job;
import unbo.app.job.JobRepository;
import unbo.app.web.FieldProblems;
import unbo.app.web.NumberField;
import unbo.core.units.Problem;

/** A month's use of the tins, by tin and job, with what was thrown away. */
@Controller
@RequestMapping("/tins")
class TinUseController {

  private static final int LONGEST = 200;

  private final GreaseTinRepository tins;
  private final TinStock stock;
  private final TinWasteRepository waste;
  private final JobRepository jobs;
  private final Clock clock;

  TinUseController(
      GreaseTinRepository tins,
      TinStock stock,
      TinWasteRepository waste,
      JobRepository jobs,
      Clock clock) {
    this.tins = tins;
    this.stock = stock;
    this.waste = waste;
    this.jobs = jobs;
    this.clock = clock;
  }

  @GetMapping("/use")
  String use(@RequestParam(defaultValue = "") String month, Model model) {
    return show(month, Map.of(), new FieldProblems(), model);
  }

  private String show(
      String month, Map<String, String> fields, FieldProblems problems, Model model) {
    List<GreaseTakings.Use> uses = stock.uses();
    Map<Long, Job> byId =
        jobs.named(uses.stream().map(GreaseTakings.Use::jobId).distinct().toList()).stream()
            .collect(Collectors.toMap(Job::getId, Function.identity()));
    model.addAttribute(
        "use",
        new TinUse(month(month), clock.getZone(), tins.findAll(), uses, stock.wasted(), byId)
            .page());
    model.addAttribute("standing", tins.findByUsedUpFalseOrderByName());
    model.addAttribute("fields", fields);
    model.addAttribute("problems", problems);
    return "tin-use";
  }

  /** The month as typed; this one when that is none of this century. */
  private YearMonth month(String typed) {
    try {
      YearMonth month = YearMonth.parse(typed);
      return month.getYear() / 100 == 20 ? month : YearMonth.now(clock);
    } catch (DateTimeException e) {
      return YearMonth.now(clock);
    }
  }

  @PostMapping("/use")
  String waste(
      @RequestParam Map<String, String> fields,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    FieldProblems problems = new FieldProblems();
    Optional<Double> grams =
        NumberField.read("grams", fields.getOrDefault("grams", ""), 0.1, 200_000, problems);
    String words = fields.getOrDefault("words", "").strip();
    Optional<GreaseTin> tin = tin(fields.getOrDefault("tin", ""));
    if (grams.isEmpty() && problems.at("grams") == null) {
      problems.add("grams", new Problem("", "How much?", "Weigh it, or enter about how much."));
    }
    if (tin.isEmpty()) {
      problems.add(
          "tin",
          new Problem(
              fields.getOrDefault("tin", ""), "Out of which tin?", "Choose one of the list."));
    }
    if (words.isEmpty() || words.length() > LONGEST) {
      problems.add(
          "words",
          new Problem(
              words, "No reason.", "Write why, 200 characters at most: spilt, dirty, dry."));
    }
    if (!problems.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return show("", fields, problems, model);
    }
    waste.save(
        new TinWaste(tin.get().getId(), grams.get(), words, person.getName(), clock.instant()));
    return "redirect:/tins/use";
  }

  private Optional<GreaseTin> tin(String id) {
    return id.matches("\\d{1,18}") ? tins.findById(Long.valueOf(id)) : Optional.empty();
  }

  @GetMapping("/waste/{id}/remove")
  String again(@PathVariable long id) {
    return "redirect:/tins/use";
  }

  /** A line that was written by mistake. */
  @PostMapping("/waste/{id}/remove")
  String remove(@PathVariable long id) {
    waste.findById(id).ifPresent(waste::delete);
    return "redirect:/tins/use";
  }
}
