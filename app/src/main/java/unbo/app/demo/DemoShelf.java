package unbo.app.demo;

import java.util.Map;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import unbo.app.shelf.Shelf;
import unbo.app.shelf.ShelfItem;

/** The demo's shelf: invented suppliers, one lot that is right and one that is not. */
@Component
@Profile("demo")
class DemoShelf {

  private static final String QUAY = "Quayside Bearings";
  private static final String NORTH = "Northbank Supply";
  private static final String MARKET = "market stall, no invoice";

  private final Shelf shelf;

  DemoShelf(Shelf shelf) {
    this.shelf = shelf;
  }

  void fill() {
    card("30206", "A1", 4, "9.80", QUAY, "Q-118", "");
    card("30204", "A1", 3, "8.40", QUAY, "Q-118", "");
    card("LM67048/LM67010", "A2", 2, "11.20", QUAY, "Q-102", "for the livestock trailer");
    card("L44649/L44610", "A2", 6, "7.90", QUAY, "Q-121", "");
    card("LM11949/LM11910", "A2", 0, "7.10", QUAY, "Q-102", "order again");
    card("32005 X", "A3", 2, "8.90", NORTH, "N-31", "");
    ShelfItem good = card("6204-2RS C3", "B1", 8, "4.60", NORTH, "N-40", "");
    card("6204 ZZ", "B1", 3, "3.90", NORTH, "N-28", "");
    card("6205-2RS", "B2", 5, "5.20", NORTH, "N-40", "");
    card("NU205 E", "B3", 1, "21.50", QUAY, "Q-096", "for the small sidecar engine");
    card("6302-2RS", "B2", 2, "5.80", NORTH, "N-28", "");
    card("6902-2RS", "C1", 10, "4.10", NORTH, "N-44", "");
    card("61902-V 2RS", "C1", 4, "9.60", NORTH, "N-44", "frame pivots only");
    card("6001-2RS", "C2", 6, "2.80", NORTH, "N-44", "");
    card("608 ZZ", "C2", 20, "0.90", NORTH, "N-44", "");
    card("HK2016", "D1", 4, "3.30", QUAY, "Q-110", "");
    card("GE20 ES-2RS", "D2", 2, "14.00", QUAY, "Q-110", "");
    card("DAC35680037", "E1", 2, "28.00", QUAY, "Q-121", "post vans, front");
    card("DAC39720037", "E1", 1, "31.00", QUAY, "Q-115", "");
    card("30.15x41.8x6.5 45/45", "C3", 3, "7.20", NORTH, "N-39", "headset, upper");
    ShelfItem bare =
        shelf.put(
            Map.of(
                "number", "6204-2RS",
                "place", "Z9",
                "quantity", "6",
                "price", "1.20",
                "supplier", MARKET,
                "lot", "box without a label",
                "note", "came with the van’s tools",
                "unmarked", "yes"),
            DemoYard.APPRENTICE);
    measure(good, "19.995 19.996 19.995", "46.994 46.994 46.993", "13.95", "19");
    measure(good, "19.994", "46.995", "13.94", "21");
    measure(good, "19.996", "46.994", "13.96", "18");
    measure(bare, "20.012 20.014 20.013", "46.990", "13.88", "48");
  }

  private ShelfItem card(
      String number,
      String place,
      int pieces,
      String price,
      String supplier,
      String lot,
      String note) {
    return shelf.put(
        Map.of(
            "number", number,
            "place", place,
            "quantity", String.valueOf(pieces),
            "price", price,
            "supplier", supplier,
            "lot", lot,
            "note", note),
        DemoYard.MECHANIC);
  }

  private void measure(ShelfItem item, String bore, String outside, String width, String play) {
    String group = item.getNumber().endsWith("C3") ? "C3" : "CN";
    shelf.measure(
        item,
        Map.of(
            "bore", bore,
            "outside", outside,
            "width", width,
            "play", play,
            "instrument", "test-dial",
            "cls", "Normal",
            "group", group),
        DemoYard.MECHANIC);
  }
}
