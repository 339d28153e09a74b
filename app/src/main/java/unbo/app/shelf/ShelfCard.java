package unbo.app.shelf;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.ui.Model;
import unbo.app.web.FieldProblems;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.designation.Reading;
import unbo.core.measure.Instrument;
import unbo.core.tolerance.CornerRadius;
import unbo.core.tolerance.IncomingInspection;
import unbo.core.tolerance.InternalClearances;
import unbo.core.tolerance.RingKind;
import unbo.core.tolerance.RingTolerances;

/** Fills the page of one shelf item. */
final class ShelfCard {

  /** One inspection with its findings judged. */
  record Inspected(ShelfInspection inspection, IncomingInspection judged) {}

  private static final List<String> INSTRUMENTS =
      List.of("test-dial", "micrometer", "bore-gauge", "caliper", "vernier");

  private ShelfCard() {}

  static String show(Model model, Shelf shelf, ShelfItem item) {
    if (!model.containsAttribute("form")) {
      model.addAttribute("form", new InspectionForm(new HashMap<>(), new FieldProblems()));
    }
    Optional<Bearing> bearing = Catalogue.standard().find(item.getDesignation());
    model.addAttribute("item", item);
    model.addAttribute("bearing", bearing.orElse(null));
    model.addAttribute("corner", bearing.flatMap(CornerRadius::of).orElse(null));
    model.addAttribute("moves", shelf.moves(item.getId()));
    model.addAttribute("proof", shelf.proof(item));
    model.addAttribute(
        "inspected",
        bearing
            .map(
                b ->
                    shelf.inspections(item.getId()).stream()
                        .map(i -> new Inspected(i, i.judge(b)))
                        .toList())
            .orElseGet(List::of));
    bearing.ifPresent(b -> choices(model, shelf, item, b));
    return "shelf-item";
  }

  private static void choices(Model model, Shelf shelf, ShelfItem item, Bearing bearing) {
    RingKind kind = RingKind.of(bearing);
    Optional<Reading> reading = shelf.read(item.getNumber());
    model.addAttribute("classes", RingTolerances.classes(kind));
    model.addAttribute(
        "usualClass",
        reading
            .map(Reading::tolerance)
            .filter(RingTolerances.classes(kind)::contains)
            .orElse(kind.usualClass()));
    model.addAttribute("usualGroup", reading.map(Reading::clearance).orElse("CN"));
    model.addAttribute(
        "groups",
        InternalClearances.kindOf(bearing).isPresent() ? InternalClearances.GROUPS : List.of());
    model.addAttribute(
        "instruments", INSTRUMENTS.stream().map(i -> Instrument.withId(i).orElseThrow()).toList());
  }

  /** The fields of a card as they would be typed. */
  static Map<String, String> fields(ShelfItem item) {
    Map<String, String> fields = new HashMap<>();
    fields.put("number", item.getNumber());
    fields.put("place", item.getPlace());
    fields.put("quantity", String.valueOf(item.getQuantity()));
    fields.put("price", item.getPrice() == null ? "" : item.getPrice().toPlainString());
    fields.put("lot", item.getLot());
    fields.put("supplier", item.getSupplier());
    fields.put("note", item.getNote());
    fields.put("unmarked", item.isUnmarked() ? "yes" : "");
    return fields;
  }
}
