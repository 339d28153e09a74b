package unbo.app.account;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import unbo.app.web.FieldProblems;
import unbo.app.web.NoSuchPage;
import unbo.core.verification.Role;

/** The shop's people and everybody's tokens; only an owner comes here. */
@Controller
@RequestMapping("/people")
class PeopleController {

  private final AccountRepository accounts;
  private final PasswordEncoder passwords;
  private final People people;
  private final ApiTokens tokens;

  PeopleController(
      AccountRepository accounts, PasswordEncoder passwords, People people, ApiTokens tokens) {
    this.accounts = accounts;
    this.passwords = passwords;
    this.people = people;
    this.tokens = tokens;
  }

  @GetMapping
  String show(Model model) {
    return page(model, new NewAccount(Map.of("role", Role.MECHANIC.name()), new FieldProblems()));
  }

  @PostMapping
  String add(@RequestParam Map<String, String> fields, Model model, HttpServletResponse response) {
    NewAccount form = new NewAccount(fields, new FieldProblems());
    Role role = role(form.get("role")).orElse(Role.APPRENTICE);
    Optional<Account> account = form.account(role, accounts, passwords);
    if (account.isPresent() && form.save(account.get(), accounts)) {
      return "redirect:/people";
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return page(model, form);
  }

  @PostMapping("/{username}/role")
  String role(@PathVariable String username, @RequestParam String role, RedirectAttributes next) {
    Role wanted = role(role).orElseThrow(() -> new NoSuchPage("There is no such role."));
    Account changed = people.changeRole(username, wanted);
    return done(
        next, changed.getName() + " is now " + wanted.title() + " and has to sign in again.");
  }

  @PostMapping("/{username}/deactivate")
  String deactivate(@PathVariable String username, RedirectAttributes next) {
    Account closed = people.deactivate(username);
    return done(
        next, closed.getName() + " cannot sign in any more. Sessions and tokens have ended.");
  }

  @PostMapping("/{username}/activate")
  String activate(@PathVariable String username, RedirectAttributes next) {
    return done(next, people.activate(username).getName() + " can sign in again.");
  }

  /** Shows the code once; it is not kept in words anywhere. */
  @PostMapping("/{username}/reset")
  String reset(@PathVariable String username, Model model, HttpServletResponse response) {
    model.addAttribute("code", people.allowReset(username));
    model.addAttribute("codeFor", username);
    response.setHeader("Cache-Control", "no-store");
    return show(model);
  }

  @PostMapping("/tokens/{id}/revoke")
  String revoke(@PathVariable long id, RedirectAttributes next) {
    tokens.revokeAnybodys(id);
    return done(next, "The token is revoked.");
  }

  /** The address of a form, asked for as a page. */
  @GetMapping({"/{username}/*", "/tokens/{id}/revoke"})
  String again() {
    return "redirect:/people";
  }

  @ExceptionHandler(People.LastOwner.class)
  String lastOwner(RedirectAttributes next) {
    next.addFlashAttribute("refused", true);
    return "redirect:/people";
  }

  private static String done(RedirectAttributes next, String text) {
    next.addFlashAttribute("done", text);
    return "redirect:/people";
  }

  private static Optional<Role> role(String name) {
    return Arrays.stream(Role.values()).filter(r -> r.name().equals(name)).findFirst();
  }

  private String page(Model model, NewAccount form) {
    model.addAttribute("people", people.all());
    model.addAttribute("tokens", tokens.all());
    model.addAttribute("form", form);
    model.addAttribute("roles", Role.values());
    return "people";
  }
}
