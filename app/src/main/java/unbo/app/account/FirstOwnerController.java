package unbo.app.account;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import org.springframework.context.annotation.Profile;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.web.FieldProblems;
import unbo.app.web.NoSuchPage;
import unbo.core.units.Problem;
import unbo.core.verification.Role;

/** Makes the first owner with the code that was printed at the start. */
@Controller
@Profile("!demo")
@RequestMapping("/first-owner")
class FirstOwnerController {

  private final FirstOwner first;
  private final AccountRepository accounts;
  private final PasswordEncoder passwords;

  FirstOwnerController(FirstOwner first, AccountRepository accounts, PasswordEncoder passwords) {
    this.first = first;
    this.accounts = accounts;
    this.passwords = passwords;
  }

  @GetMapping
  String ask(Model model) {
    requireWanted();
    model.addAttribute("form", new NewAccount(Map.of(), new FieldProblems()));
    return "first-owner";
  }

  @PostMapping
  synchronized String make(
      @RequestParam Map<String, String> fields, Model model, HttpServletResponse response) {
    requireWanted();
    NewAccount form = new NewAccount(fields, new FieldProblems());
    Optional<Account> account = form.account(Role.OWNER, accounts, passwords);
    if (account.isPresent() && !first.accepts(form.get("code"))) {
      form.problems()
          .add(
              "code",
              new Problem(
                  form.get("code"),
                  "That is not the code.",
                  first.isWornOut()
                      ? "Too many tries: start the application again for a new one."
                      : "It was printed where the application was started, and counts once."));
    }
    if (form.problems().isEmpty() && form.save(account.orElseThrow(), accounts)) {
      first.used();
      return "redirect:/login";
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    model.addAttribute("form", form);
    return "first-owner";
  }

  private void requireWanted() {
    if (!first.isWanted()) {
      throw new NoSuchPage("There is an owner already: sign in.");
    }
  }
}
