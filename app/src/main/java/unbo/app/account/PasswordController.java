package unbo.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.web.FieldProblems;
import unbo.core.units.Problem;

/** A person's own password: changed with the old one, or by an owner's one-time code. */
@Controller
class PasswordController {

  private static final Problem PAUSED =
      new Problem("", "Too many tries.", "Wait a minute, then try again.");

  private final People people;
  private final SignInAttempts attempts;

  PasswordController(People people, SignInAttempts attempts) {
    this.people = people;
    this.attempts = attempts;
  }

  @GetMapping("/password")
  String ask(Model model) {
    return page(model, "password", "", new FieldProblems());
  }

  @PostMapping("/password")
  String change(
      @RequestParam(defaultValue = "") String old,
      @RequestParam(defaultValue = "") String password,
      @RequestParam(defaultValue = "") String again,
      @AuthenticationPrincipal Person person,
      HttpServletRequest request,
      HttpServletResponse response,
      Model model) {
    FieldProblems problems = new FieldProblems();
    new NewPassword(password, again).check(person.getUsername(), person.getName(), problems);
    String address = Addresses.of(request);
    if (problems.isEmpty() && !attempts.mayTry(person.getUsername(), address)) {
      problems.add("old", PAUSED);
    }
    if (problems.isEmpty()) {
      String session = request.getSession().getId();
      if (people.changePassword(person.getUsername(), old, password, session)) {
        attempts.succeeded(person.getUsername(), address);
        model.addAttribute("changed", true);
        return page(model, "password", "", problems);
      }
      problems.add("old", new Problem("", "Wrong password.", "Enter the one you sign in with."));
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return page(model, "password", "", problems);
  }

  @GetMapping("/reset")
  String askForCode(Model model) {
    return page(model, "reset", "", new FieldProblems());
  }

  @PostMapping("/reset")
  String reset(
      @RequestParam(defaultValue = "") String username,
      @RequestParam(defaultValue = "") String code,
      @RequestParam(defaultValue = "") String password,
      @RequestParam(defaultValue = "") String again,
      HttpServletRequest request,
      HttpServletResponse response,
      Model model) {
    FieldProblems problems = new FieldProblems();
    String name = UserName.normal(username);
    new NewPassword(password, again).check(name, "", problems);
    String address = Addresses.of(request);
    if (problems.isEmpty() && !attempts.mayTry(name, address)) {
      problems.add("code", PAUSED);
    }
    if (problems.isEmpty()) {
      if (people.reset(name, code, password)) {
        attempts.succeeded(name, address);
        return "redirect:/login?reset";
      }
      problems.add(
          "code",
          new Problem(
              code,
              "Not the code of this user name, or it has ended.",
              "Ask an owner for a new one: People, Reset password."));
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return page(model, "reset", username, problems);
  }

  private static String page(Model model, String page, String username, FieldProblems problems) {
    model.addAttribute("username", username);
    model.addAttribute("problems", problems);
    model.addAttribute("advice", PasswordRule.ADVICE);
    return page;
  }
}
