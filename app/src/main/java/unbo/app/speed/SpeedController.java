package unbo.app.speed;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One bearing at speed: what its speed does, and which of it governs. Nothing is kept. */
@Controller
class SpeedController {

  private static final int LONGEST = 100;

  @GetMapping("/bench/speed")
  String show(@RequestParam Map<String, String> typed, Model model) {
    Map<String, String> fields = new LinkedHashMap<>();
    typed.forEach((k, v) -> fields.put(k, v.length() > LONGEST ? v.substring(0, LONGEST) : v));
    model.addAttribute("speed", SpeedSheet.of(fields));
    return "speed";
  }
}
