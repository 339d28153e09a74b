package unbo.app.packing;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import unbo.core.lubricant.BushLubricant;

/** What goes into bushes and joints, and what never. */
@Controller
class BushController {

  @GetMapping("/bench/bushes")
  String show(Model model) {
    model.addAttribute("bushes", BushLubricant.all());
    return "bushes";
  }
}
