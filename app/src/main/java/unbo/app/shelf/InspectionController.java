package unbo.app.shelf;

import jakarta.servlet.http.HttpServletResponse;
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
import unbo.app.web.NoSuchPage;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;

/** Incoming inspection: a bought piece measured against its class, suppliers and lots compared. */
@Controller
@RequestMapping("/shelf")
class InspectionController {

  private final Shelf shelf;

  InspectionController(Shelf shelf) {
    this.shelf = shelf;
  }

  @PostMapping("/{id}/inspections")
  String inspect(
      @PathVariable long id,
      @RequestParam Map<String, String> fields,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    ShelfItem item = shelf.get(id);
    Optional<Bearing> bearing = Catalogue.standard().find(item.getDesignation());
    InspectionForm form = InspectionForm.of(fields);
    if (bearing.isPresent() && form.problems().isEmpty()) {
      if (!form.isOfAKnownClass(bearing.get())) {
        throw new NoSuchPage("There is no such class or clearance for this bearing.");
      }
      shelf.inspect(id, form, bearing.get(), person.getName());
      return "redirect:/shelf/" + id + "#inspections";
    }
    if (bearing.isEmpty()) {
      throw new NoSuchPage("The number was not read, so there is no class to compare with.");
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    model.addAttribute("form", form);
    return ShelfCard.show(model, shelf, item);
  }

  @GetMapping("/lots")
  String lots(Model model) {
    model.addAttribute("lots", Lots.of(shelf.all(), shelf.inspections()));
    return "shelf-lots";
  }
}
