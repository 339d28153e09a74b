package unbo.app.account;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.core.units.Problem;

/** Explains the JSON interface with examples that run, and keeps a person's tokens. */
@Controller
@RequestMapping("/interface")
class InterfaceController {

  private static final int LONGEST_NAME = 80;

  private final ApiTokens tokens;
  private final boolean demo;

  InterfaceController(ApiTokens tokens, Environment environment) {
    this.tokens = tokens;
    this.demo = environment.acceptsProfiles(Profiles.of("demo"));
  }

  @GetMapping
  String show(@AuthenticationPrincipal Person person, Model model) {
    return page(model, person, "", null, null);
  }

  @PostMapping("/tokens")
  String make(
      @RequestParam(defaultValue = "") String name,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    if (name.isBlank() || name.strip().length() > LONGEST_NAME) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      Problem problem =
          new Problem(
              name,
              name.isBlank() ? "The name is missing." : "That is too long.",
              "Say in a few words which program it is for, so that the right one can be revoked.");
      return page(model, person, name, null, problem);
    }
    String token = tokens.make(person.getUsername(), name.strip());
    response.setHeader("Cache-Control", "no-store");
    return page(model, person, "", token, null);
  }

  @PostMapping("/tokens/{id}/revoke")
  String revoke(@PathVariable long id, @AuthenticationPrincipal Person person) {
    tokens.revoke(person.getUsername(), id);
    return "redirect:/interface";
  }

  private String page(Model model, Person person, String name, String token, Problem problem) {
    model.addAttribute("tokens", tokens.of(person.getUsername()));
    model.addAttribute("name", name);
    model.addAttribute("made", token);
    model.addAttribute("problem", problem);
    model.addAttribute("demo", demo);
    return "interface";
  }
}
