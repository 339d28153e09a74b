package unbo.app.account;

import java.util.List;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The sign-in page; in the demo it shows the demo accounts. */
@Controller
class SignInController {

  private final AccountRepository accounts;
  private final boolean demo;

  SignInController(AccountRepository accounts, Environment environment) {
    this.accounts = accounts;
    this.demo = environment.acceptsProfiles(Profiles.of("demo"));
  }

  @GetMapping("/login")
  String page(Model model) {
    model.addAttribute("demoAccounts", demo ? accounts.findAll() : List.of());
    model.addAttribute("demoPassword", demo ? DemoPassword.VALUE : "");
    model.addAttribute("firstOwner", !demo && accounts.count() == 0);
    return "login";
  }
}
