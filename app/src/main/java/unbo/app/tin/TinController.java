package unbo.app.tin;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.Map;
import java.util.Optional;
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
import unbo.app.web.FieldProblems;
import unbo.core.lubricant.Mixing;
import unbo.core.lubricant.Tin;

/** The shop's greases: typed in from their data sheets, and what may meet. */
@Controller
@RequestMapping("/tins")
class TinController {

  private final GreaseTinRepository tins;
  private final TinStock stock;
  private final Clock clock;

  TinController(GreaseTinRepository tins, TinStock stock, Clock clock) {
    this.tins = tins;
    this.stock = stock;
    this.clock = clock;
  }

  @GetMapping
  String list(Model model) {
    return show(model, new TinForm(Map.of(), new FieldProblems()));
  }

  private String show(Model model, TinForm form) {
    model.addAttribute("tins", stock.standing());
    model.addAttribute("gone", tins.findByUsedUpTrueOrderByName());
    model.addAttribute("form", form);
    model.addAttribute("thickeners", Mixing.THICKENERS);
    model.addAttribute("touches", TinForm.TOUCHES);
    model.addAttribute("grid", MixingGrid.rows());
    return "tins";
  }

  @PostMapping
  String add(
      @RequestParam Map<String, String> fields,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    TinForm form = new TinForm(fields, new FieldProblems());
    Optional<Tin> tin = form.read();
    if (tin.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return show(model, form);
    }
    tins.save(
        new GreaseTin(
                tin.get(), form.get("place"), form.get("opened"), person.getName(), clock.instant())
            .holding(form.content()));
    return "redirect:/tins";
  }

  @GetMapping("/sheets")
  String sheetsAgain() {
    return "redirect:/tins";
  }

  /** Several data sheets at once; all of them or none. */
  @PostMapping("/sheets")
  String sheets(
      @RequestParam(defaultValue = "") String sheets,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    FieldProblems problems = new FieldProblems();
    TinSheets read = TinSheets.read(sheets, problems);
    if (!problems.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return show(model, new TinForm(Map.of("sheets", sheets), problems));
    }
    tins.saveAll(
        read.tins().stream()
            .map(
                r ->
                    new GreaseTin(r.tin(), r.place(), r.opened(), person.getName(), clock.instant())
                        .holding(r.content()))
            .toList());
    return "redirect:/tins";
  }

  @GetMapping("/{id}/empty")
  String again(@PathVariable long id) {
    return "redirect:/tins";
  }

  /** It is used up; pressed again, it is there after all. */
  @PostMapping("/{id}/empty")
  String empty(@PathVariable long id) {
    tins.findById(id)
        .ifPresent(
            tin -> {
              tin.turn();
              tins.save(tin);
            });
    return "redirect:/tins";
  }
}
