package unbo.app.shelf;

import jakarta.servlet.http.HttpServletResponse;
import java.util.HashMap;
import java.util.List;
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
import unbo.core.arrangement.Arrangements;
import unbo.core.comparison.PositionDuty;
import unbo.core.designation.Reading;

/** The shelf: looking for a number or what suits, cards, pieces taken and put. */
@Controller
@RequestMapping("/shelf")
class ShelfController {

  private static final int MOST_TYPED = 100;

  /** More rows than this are no page to read; the export has them all. */
  private static final int MOST_LISTED = 500;

  private final Shelf shelf;

  ShelfController(Shelf shelf) {
    this.shelf = shelf;
  }

  /** Everything, or what answers a number or a word; suiting ones for a number. */
  @GetMapping
  String list(
      @RequestParam(defaultValue = "") String q,
      @RequestParam(defaultValue = "") String position,
      Model model) {
    String text = q.strip().length() > MOST_TYPED ? q.strip().substring(0, MOST_TYPED) : q.strip();
    Optional<Reading> wanted = text.isEmpty() ? Optional.empty() : shelf.read(text);
    PositionDuty duty = PositionDuty.at(position).orElse(null);
    List<Shelf.Suiting> suiting = wanted.map(w -> shelf.suiting(w, duty)).orElseGet(List::of);
    List<Long> suitingIds = suiting.stream().map(s -> s.item().getId()).toList();
    List<ShelfItem> items =
        text.isEmpty()
            ? shelf.first(MOST_LISTED)
            : shelf.search(text, MOST_LISTED).stream()
                .filter(i -> !suitingIds.contains(i.getId()))
                .toList();
    model.addAttribute("q", q);
    model.addAttribute("wanted", wanted.orElse(null));
    model.addAttribute("at", Arrangements.standard().find(position).orElse(null));
    model.addAttribute("suiting", suiting);
    model.addAttribute("items", items);
    model.addAttribute("all", shelf.count());
    model.addAttribute("most", MOST_LISTED);
    return "shelf";
  }

  @GetMapping("/new")
  String ask(@RequestParam(defaultValue = "") String number, Model model) {
    Map<String, String> fields = new HashMap<>();
    fields.put("number", number.length() > MOST_TYPED ? "" : number);
    fields.put("quantity", "1");
    return form(model, null, fields, new FieldProblems());
  }

  @PostMapping("/new")
  String add(
      @RequestParam Map<String, String> fields,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    FieldProblems problems = new FieldProblems();
    Optional<ShelfEntry> entry = ShelfEntry.of(fields, problems);
    if (entry.isPresent()) {
      return "redirect:/shelf/" + shelf.add(entry.get(), person.getName()).getId();
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return form(model, null, fields, problems);
  }

  @GetMapping("/{id}")
  String card(@PathVariable long id, Model model) {
    return ShelfCard.show(model, shelf, shelf.get(id));
  }

  @GetMapping("/{id}/edit")
  String edit(@PathVariable long id, Model model) {
    ShelfItem item = shelf.get(id);
    return form(model, item, ShelfCard.fields(item), new FieldProblems());
  }

  @PostMapping("/{id}/edit")
  String write(
      @PathVariable long id,
      @RequestParam int version,
      @RequestParam Map<String, String> fields,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    FieldProblems problems = new FieldProblems();
    Optional<ShelfEntry> entry = ShelfEntry.of(fields, problems);
    if (entry.isPresent() && shelf.write(id, version, entry.get(), person.getName())) {
      return "redirect:/shelf/" + id;
    }
    boolean stale = entry.isPresent();
    model.addAttribute("stale", stale);
    response.setStatus((stale ? HttpStatus.CONFLICT : HttpStatus.UNPROCESSABLE_ENTITY).value());
    return form(model, shelf.get(id), fields, problems);
  }

  /** Takes or puts pieces, one unless more are named. */
  @PostMapping("/{id}/move")
  String move(
      @PathVariable long id,
      @RequestParam int pieces,
      @RequestParam(defaultValue = "") String reason,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    String why = reason.isBlank() ? (pieces < 0 ? "taken" : "put") : reason.strip();
    String kept = why.length() > 120 ? why.substring(0, 120) : why;
    boolean possible = Math.abs((long) pieces) <= 10_000;
    if (possible && shelf.move(id, pieces, kept, person.getName())) {
      return "redirect:/shelf/" + id;
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    ShelfItem item = shelf.get(id);
    model.addAttribute(
        "refused",
        "Only "
            + item.getQuantity()
            + (item.getQuantity() == 1 ? " piece is" : " pieces are")
            + " in stock. Nothing was changed.");
    return ShelfCard.show(model, shelf, item);
  }

  private String form(
      Model model, ShelfItem item, Map<String, String> fields, FieldProblems problems) {
    model.addAttribute("item", item);
    model.addAttribute("fields", fields);
    model.addAttribute("problems", problems);
    return "shelf-form";
  }
}
