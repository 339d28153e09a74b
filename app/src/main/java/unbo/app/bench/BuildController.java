package unbo.app.bench;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.web.NoSuchPage;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;

/** An arrangement built up part by part; what is left out and ticked stands in the address. */
@Controller
class BuildController {

  @GetMapping("/bench/{id}/build")
  String show(
      @PathVariable String id, @RequestParam MultiValueMap<String, String> fields, Model model) {
    Arrangement arrangement =
        Arrangements.standard()
            .find(id)
            .orElseThrow(() -> new NoSuchPage("There is no arrangement " + id + "."));
    Map<String, String> single = fields.toSingleValueMap();
    BenchForm facts = BenchForm.of(arrangement, single);
    model.addAttribute("arrangement", arrangement);
    model.addAttribute("facts", facts.typed());
    model.addAttribute("base", facts.base());
    model.addAttribute(
        "build",
        BuildSheet.of(
            facts.assembly(),
            number(single.getOrDefault("step", "")),
            new LinkedHashSet<>(fields.getOrDefault("without", List.of())),
            new LinkedHashSet<>(fields.getOrDefault("free", List.of()))));
    return "build";
  }

  private static int number(String text) {
    return Optional.of(text).filter(t -> t.matches("\\d{1,3}")).map(Integer::parseInt).orElse(0);
  }
}
