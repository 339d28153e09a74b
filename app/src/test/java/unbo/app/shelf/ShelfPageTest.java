package unbo.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.transaction.annotation.Transactional;
import unbo.app.AtOnce;
import unbo.app.PageTest;
import unbo.core.measure.Verdict;

class ShelfPageTest extends PageTest {

  @Autowired private Shelf shelf;

  private ShelfItem put(String number, int pieces, String lot) {
    return shelf.put(
        Map.of("number", number, "place", "T1", "quantity", "" + pieces, "lot", lot), "Tester");
  }

  private MockHttpServletRequestBuilder post(String path, String... pairs) {
    MockHttpServletRequestBuilder request =
        org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post(path)
            .with(as("joren"))
            .with(csrf());
    for (int i = 0; i < pairs.length; i += 2) {
      request.param(pairs[i], pairs[i + 1]);
    }
    return request;
  }

  private String page(String path) throws Exception {
    return mvc.perform(get(path).with(as("joren")))
        .andExpect(status().isOk())
        .andReturn()
        .getResponse()
        .getContentAsString();
  }

  @Test
  void aCardIsPutChangedAndCounted() throws Exception {
    String address =
        mvc.perform(post("/shelf/new", "number", "6303 2RS", "place", "T2", "quantity", "3"))
            .andExpect(status().is3xxRedirection())
            .andReturn()
            .getResponse()
            .getRedirectedUrl();
    assertThat(page(address)).contains("6303 2RS", "17 × 47 × 14 mm", "added to the shelf");
    long id = Long.parseLong(address.substring(address.lastIndexOf('/') + 1));
    mvc.perform(post(address + "/move", "pieces", "-1")).andExpect(status().is3xxRedirection());
    assertThat(shelf.get(id).getQuantity()).isEqualTo(2);
    mvc.perform(post(address + "/move", "pieces", "-5"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Only 2 pieces are in stock")));
    int version = shelf.get(id).getVersion();
    mvc.perform(post(address + "/edit", "version", "" + version, "number", "6303", "quantity", "9"))
        .andExpect(status().is3xxRedirection());
    assertThat(page(address)).contains("counted", "+7");
    mvc.perform(post(address + "/edit", "version", "0", "number", "6302 mine"))
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString("6302 mine")))
        .andExpect(content().string(containsString("Someone changed this stock item")));
    assertThat(shelf.get(id).getNumber()).isEqualTo("6303");
  }

  @Test
  void badEntriesAreAnsweredAtTheirFields() throws Exception {
    mvc.perform(post("/shelf/new", "number", "", "quantity", "many", "price", "1,2,3"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("The number is missing.")))
        .andExpect(content().string(containsString("Not a number that can be read")))
        .andExpect(content().string(containsString("Not a price.")))
        .andExpect(content().string(containsString("value=\"many\"")));
    mvc.perform(get("/shelf/999999").with(as("joren"))).andExpect(status().isNotFound());
  }

  @Test
  void whatSuitsIsAnsweredFromTheShelf() throws Exception {
    put("6007-2RS", 2, "L1");
    put("6007", 2, "L2");
    put("NU1007", 1, "L3");
    String page = page("/shelf?q=6007-2RS&position=a4");
    assertThat(page).contains("suitable", "fits, but not suitable", "another kind");
    assertThat(page.indexOf("6007-2RS</a>")).isLessThan(page.indexOf("NU1007</a>"));
    assertThat(page("/shelf?q=6315&position=a4")).contains("Not in stock, nor another bearing");
    assertThat(page("/shelf?q=zzz")).contains("No match");
  }

  @Test
  void anUnmarkedPartIsUnprovedUntilMeasured() throws Exception {
    ShelfItem item =
        shelf.put(Map.of("number", "6206", "quantity", "2", "unmarked", "yes"), "Tester");
    assertThat(page("/shelf/" + item.getId())).contains("not proved until measured");
    mvc.perform(
            post(
                "/shelf/" + item.getId() + "/inspections",
                "bore",
                "29.995",
                "outside",
                "61.994",
                "width",
                "15.95",
                "instrument",
                "test-dial",
                "cls",
                "Normal",
                "group",
                "CN",
                "play",
                "12"))
        .andExpect(status().is3xxRedirection());
    assertThat(shelf.proof(item)).isEqualTo(Verdict.YES);
    assertThat(page("/shelf/" + item.getId())).contains("measured, passed");
    mvc.perform(
            post(
                "/shelf/" + item.getId() + "/inspections",
                "bore",
                "30.03",
                "instrument",
                "micrometer",
                "cls",
                "Normal"))
        .andExpect(status().is3xxRedirection());
    assertThat(page("/shelf/" + item.getId())).contains("FAILED measurement: do not fit");
    mvc.perform(post("/shelf/" + item.getId() + "/inspections", "bore", "wide"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("value=\"wide\"")));
    mvc.perform(post("/shelf/" + item.getId() + "/inspections"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Nothing was measured.")));
  }

  @Test
  void lotsStandSideBySide() throws Exception {
    ShelfItem item = put("6209", 4, "LOT-SIX");
    for (String bore : List.of("44.990", "44.992", "44.994")) {
      shelf.measure(
          item, Map.of("bore", bore, "instrument", "test-dial", "cls", "Normal"), "Tester");
    }
    assertThat(page("/shelf/lots")).contains("LOT-SIX", "−8.0 µm");
  }

  @Test
  void anImportIsAllOrNothing() throws Exception {
    String csv = "Part number;Bin;Qty;Cost\n6210;T5;4;5,10\n;T5;x;2\n";
    mvc.perform(post("/shelf/import", "csv", csv, "confirm", "true"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("1 line is wrong of 2")))
        .andExpect(content().string(containsString("The number is missing.")))
        .andExpect(content().string(containsString("6210;T5;4;5,10")));
    assertThat(shelf.search("6210", 500)).isEmpty();
    String right = "Part number;Bin;Qty;Cost\n6210;T5;4;5,10\n6211 C3;T5;2;\n";
    mvc.perform(post("/shelf/import", "csv", right))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("Import 2 lines")));
    assertThat(shelf.search("6210", 500)).isEmpty();
    mvc.perform(post("/shelf/import", "csv", right, "confirm", "true"))
        .andExpect(status().is3xxRedirection());
    assertThat(shelf.search("6210", 500)).hasSize(1);
    assertThat(shelf.search("6211 C3", 500).get(0).getQuantity()).isEqualTo(2);
  }

  @Test
  void theMappingCanBeSaidByHand() throws Exception {
    String csv = "what,where\n6212,T6\n";
    mvc.perform(post("/shelf/import", "csv", csv))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("No column for the number.")));
    mvc.perform(
            post("/shelf/import", "csv", csv, "confirm", "true").param("column", "number", "place"))
        .andExpect(status().is3xxRedirection());
    assertThat(shelf.search("6212", 1).get(0).getPlace()).isEqualTo("T6");
    for (String bad : List.of("", "a\u0000b", "\"open", "number\n")) {
      mvc.perform(post("/shelf/import", "csv", bad)).andExpect(status().isUnprocessableEntity());
    }
  }

  /** What goes out comes in again; a cell that a spreadsheet would run is guarded. */
  @Test
  void theExportIsReadBack() throws Exception {
    shelf.put(Map.of("number", "6213", "note", "=1+1", "place", "T,7", "price", "3.5"), "Tester");
    String csv = page("/shelf/export.csv");
    assertThat(csv).contains("'=1+1", "\"T,7\"").startsWith("number,place,quantity");
    CsvImport read = CsvImport.of(csv, List.of());
    assertThat(read.isReady()).isTrue();
    assertThat(read.lines())
        .anySatisfy(
            l -> {
              assertThat(l.entry().orElseThrow().number()).isEqualTo("6213");
              assertThat(l.entry().orElseThrow().note()).isEqualTo("=1+1");
              assertThat(l.entry().orElseThrow().place()).isEqualTo("T,7");
            });
  }

  /** A page shows the first ones and says so; what goes out is all, however many there are. */
  @Test
  @Transactional
  void theExportLeavesNothingOut() throws Exception {
    List<ShelfEntry> many =
        IntStream.range(0, 600)
            .mapToObj(i -> new ShelfEntry("6215", "Z" + i, 1, null, "all", "", "", false))
            .toList();
    shelf.addAll(many, "Tester");
    assertThat(page("/shelf/export.csv").lines().filter(l -> l.contains("6215,Z"))).hasSize(600);
    assertThat(page("/shelf"))
        .contains("The first 500 by bin are shown")
        .contains(shelf.count() + " items");
    assertThat(page("/shelf/lots")).contains(">600<");
  }

  /** The label's squares are read back by a decoder. */
  @Test
  void theLabelOpensItsCard() throws Exception {
    ShelfItem item = put("6214", 1, "L");
    String page = page("/shelf/" + item.getId() + "/label");
    Matcher size = Pattern.compile("viewBox=\"0 0 (\\d+) ").matcher(page);
    Matcher path = Pattern.compile("class=\"label-dark\" d=\"([^\"]+)\"").matcher(page);
    if (!path.find()) {
      path = Pattern.compile("d=\"(M\\d+ \\d+h1v1[^\"]+)\"").matcher(page);
      assertThat(path.find()).isTrue();
    }
    assertThat(size.find()).isTrue();
    assertThat(decoded(Integer.parseInt(size.group(1)), path.group(1)))
        .endsWith("/shelf/" + item.getId());
  }

  private static String decoded(int modules, String path) throws Exception {
    int scale = 4;
    int side = modules * scale;
    int[] pixels = new int[side * side];
    java.util.Arrays.fill(pixels, 0xffffff);
    Matcher square = Pattern.compile("M(\\d+) (\\d+)").matcher(path);
    while (square.find()) {
      int x = Integer.parseInt(square.group(1)) * scale;
      int y = Integer.parseInt(square.group(2)) * scale;
      for (int i = 0; i < scale * scale; i++) {
        pixels[(y + i / scale) * side + x + i % scale] = 0;
      }
    }
    BinaryBitmap bitmap =
        new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(side, side, pixels)));
    return new QRCodeReader().decode(bitmap).getText();
  }

  @Test
  void nothingIsChangedWithoutTheToken() throws Exception {
    ShelfItem item = put("6215", 3, "L");
    mvc.perform(
            org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post(
                    "/shelf/" + item.getId() + "/move")
                .param("pieces", "-1")
                .with(as("joren")))
        .andExpect(status().isForbidden());
    assertThat(shelf.get(item.getId()).getQuantity()).isEqualTo(3);
    mvc.perform(get("/shelf")).andExpect(status().is3xxRedirection());
    mvc.perform(get("/shelf?q=<b>x").with(as("joren")))
        .andExpect(content().string(not(containsString("<b>x"))));
  }

  @Test
  void theFormBeginsWithTheNumberOneCameFrom() throws Exception {
    assertThat(page("/shelf/new?number=6204-2RS")).contains("value=\"6204-2RS\"", "value=\"1\"");
    assertThat(page("/shelf/new?number=" + "6".repeat(900))).doesNotContain("value=\"666");
  }

  /** What lies there stands in the form of its card; the whole shelf is listed without a word. */
  @Test
  void aCardIsChangedFromWhatItSays() throws Exception {
    ShelfItem item = put("6305-2Z", 4, "L 77");
    assertThat(page("/shelf/" + item.getId() + "/edit"))
        .contains("value=\"6305-2Z\"", "value=\"4\"", "value=\"L 77\"", "value=\"T1\"");
    assertThat(page("/shelf")).contains("6305-2Z");
  }

  @Test
  void measuresThatNoBearingHasAreRefusedAtTheField() throws Exception {
    ShelfItem item = put("6306", 2, "");
    String path = "/shelf/" + item.getId() + "/inspections";
    mvc.perform(post(path, "bore", "9000"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Out of range.")))
        .andExpect(content().string(containsString("9000")));
    mvc.perform(post(path, "bore", "0 30", "cls", "Normal"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("A size of 0 is not a measurement.")));
    mvc.perform(post(path, "bore", "30", "cls", "Better than P2")).andExpect(status().isNotFound());
    mvc.perform(post(path, "bore", "30", "cls", "Normal", "group", "C99"))
        .andExpect(status().isNotFound());
    assertThat(shelf.inspections(item.getId())).isEmpty();
    mvc.perform(post(path, "bore", "30 ".repeat(13)))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Enter twelve at most.")));
    mvc.perform(post(path, "note", "x".repeat(301)))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("300 characters.")));
  }

  /** Eight people take a piece each of six: six get one, and the count is right. */
  @Test
  void piecesTakenInTheSameInstantAreAllCounted() throws Exception {
    ShelfItem item = put("6307", 6, "");
    List<Boolean> taken = AtOnce.all(8, i -> shelf.move(item.getId(), -1, "taken", "Person " + i));
    assertThat(taken).filteredOn(t -> t).hasSize(6);
    assertThat(shelf.get(item.getId()).getQuantity()).isZero();
    assertThat(shelf.moves(item.getId())).hasSize(7);
  }
}
