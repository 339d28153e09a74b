package unbo.app.bench;

import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Angular contact bearings in pairs, on the bench. */
@Controller
class PairController {

  @GetMapping("/bench/pairs")
  String show(@RequestParam Map<String, String> fields, Model model) {
    model.addAttribute("pairs", PairSheet.of(fields));
    return "pairs";
  }
}
