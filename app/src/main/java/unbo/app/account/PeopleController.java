package unbo.app.account;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.web.FieldProblems;
import unbo.core.verification.Role;

/** The shop's people; only an owner comes here. */
@Controller
@RequestMapping("/people")
class PeopleController {

  private final AccountRepository accounts;
  private final PasswordEncoder passwords;

  PeopleController(AccountRepository accounts, PasswordEncoder passwords) {
    this.accounts = accounts;
    this.passwords = passwords;
  }

  @GetMapping
  String show(Model model) {
    return page(model, new NewAccount(Map.of("role", Role.MECHANIC.name()), new FieldProblems()));
  }

  @PostMapping
  String add(@RequestParam Map<String, String> fields, Model model, HttpServletResponse response) {
    NewAccount form = new NewAccount(fields, new FieldProblems());
    Role role =
        Arrays.stream(Role.values())
            .filter(r -> r.name().equals(form.get("role")))
            .findFirst()
            .orElse(Role.APPRENTICE);
    Optional<Account> account = form.account(role, accounts, passwords);
    if (account.isPresent()) {
      accounts.save(account.get());
      return "redirect:/people";
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return page(model, form);
  }

  private String page(Model model, NewAccount form) {
    model.addAttribute("people", accounts.findAll());
    model.addAttribute("form", form);
    model.addAttribute("roles", Role.values());
    return "people";
  }
}
