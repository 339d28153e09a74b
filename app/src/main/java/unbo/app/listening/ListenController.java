package unbo.app.listening;

import jakarta.servlet.http.HttpServletResponse;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import unbo.app.account.Person;
import unbo.app.web.NoSuchPage;
import unbo.core.diagnosis.Complaint;
import unbo.core.diagnosis.DiagnosisTest;
import unbo.core.diagnosis.Occasion;
import unbo.core.units.Problem;

/** Asks one test after the other; every answer can be struck out, every test answered any time. */
@Controller
@RequestMapping("/listen/{id}")
class ListenController {

  private static final int LONGEST_WORDS = 400;

  private final Listenings listenings;
  private final ListenPage page;

  ListenController(Listenings listenings, ListenPage page) {
    this.listenings = listenings;
    this.page = page;
  }

  @GetMapping
  String show(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String at,
      @RequestParam(defaultValue = "") String test,
      Model model) {
    return page.show(model, id, at, test);
  }

  /**
   * What came in since a page was filled: nothing (204) while nothing did, else the page, of which
   * the script takes the parts that nobody types into.
   *
   * @param seen the stamp of the page
   * @param lines how many lines it knew
   */
  @GetMapping("/since")
  String since(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String seen,
      @RequestParam(defaultValue = "0") int lines,
      Model model,
      HttpServletResponse response) {
    Listening listening = listenings.get(id);
    Answers answers = listenings.answers(listening);
    if (Listenings.stamp(answers).equals(seen) && !listening.isEnded()) {
      response.setStatus(HttpStatus.NO_CONTENT.value());
      return null;
    }
    model.addAttribute("news", page.news(listening, answers, lines));
    return page.show(model, id, "", "");
  }

  /** The address of a form, asked for as a page: somebody loaded an answer again. */
  @GetMapping({"/answers", "/words", "/bars", "/lines/{line}", "/job", "/recheck", "/drop"})
  String again(@PathVariable long id) {
    return "redirect:/listen/" + id;
  }

  /** What the figures of a measured test come to, while they are typed. */
  @PostMapping("/gauge")
  String gauge(@PathVariable long id, @RequestParam Map<String, String> form, Model model) {
    Listening listening = listenings.get(id);
    DiagnosisTest test = test(listening, form.get("test"));
    model.addAttribute("gauged", page.gauged(listening, test, form));
    return page.show(model, id, "", test.id());
  }

  @PostMapping("/answers")
  String answer(
      @PathVariable long id,
      @RequestParam String test,
      @RequestParam(defaultValue = "") String answer,
      @RequestParam Map<String, String> form,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    Listening listening = listenings.goingOn(id);
    Gauged gauged = page.gauged(listening, test(listening, test), form);
    if (!gauged.problems().isEmpty() && !answer.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("gauged", gauged);
      return page.show(model, id, "", test);
    }
    listenings.answer(id, test, answer, answer.isEmpty() ? "" : gauged.stored(), person.getName());
    return "redirect:/listen/" + id;
  }

  private static DiagnosisTest test(Listening listening, String id) {
    return listening
        .model()
        .test(id)
        .orElseThrow(() -> new NoSuchPage("There is no such test for this vehicle."));
  }

  @PostMapping("/lines/{line}")
  String strike(
      @PathVariable long id,
      @PathVariable long line,
      @RequestParam(name = "do", defaultValue = "strike") String what,
      @AuthenticationPrincipal Person person) {
    listenings.strike(id, line, !what.equals("put-back"), person.getName());
    return "redirect:/listen/" + id;
  }

  @PostMapping("/words")
  String words(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String words,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response,
      RedirectAttributes next) {
    listenings.goingOn(id);
    Problem problem = words.isBlank() || words.length() > LONGEST_WORDS ? problemWith(words) : null;
    if (problem == null) {
      try {
        Complaint heard = listenings.addWords(id, words.strip(), person.getName());
        next.addFlashAttribute("heard", HeardWords.of(heard, listenings.get(id).model()));
        return "redirect:/listen/" + id;
      } catch (TooManyWords e) {
        problem =
            new Problem(
                "",
                "This search holds no more words.",
                "Answer the questions instead, or end it and start another.");
      }
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    model.addAttribute("words", words);
    model.addAttribute("wordsProblem", problem);
    return page.show(model, id, "", "");
  }

  static Problem problemWith(String words) {
    return words.isBlank()
        ? new Problem("", "Nothing entered.", "Enter what you hear, feel, see or smell, and where.")
        : new Problem(
            words.substring(0, 40) + "…",
            "Too long.",
            "Enter at most " + LONGEST_WORDS + " characters.");
  }

  /** Sets what cannot be done here. */
  @PostMapping("/bars")
  String bars(@PathVariable long id, @RequestParam(required = false) List<String> barred) {
    Set<Occasion> occasions = EnumSet.noneOf(Occasion.class);
    for (Occasion occasion : Occasion.values()) {
      if (barred != null && barred.contains(occasion.id())) {
        occasions.add(occasion);
      }
    }
    listenings.bar(id, occasions);
    return "redirect:/listen/" + id;
  }
}
