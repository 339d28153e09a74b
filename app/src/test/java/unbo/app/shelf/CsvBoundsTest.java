package unbo.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import unbo.app.PageTest;

/** Tables that are larger than a shelf, and cells that a spreadsheet would run. */
class CsvBoundsTest extends PageTest {

  @Autowired private Shelf shelf;

  @Test
  void aHundredThousandColumnsAreRefusedInASentence() {
    CsvImport read = CsvImport.of("number" + ",x".repeat(100_000) + "\n6204", List.of());
    assertThat(read.isReady()).isFalse();
    assertThat(read.problem().sentence()).contains("Too many columns", "40");
    assertThat(read.headers()).isEmpty();
    assertThat(read.lines()).isEmpty();
  }

  @Test
  void theFiveThousandLinesThatArePromisedComeInAndOneMoreDoesNot() {
    String line = "\n6204-2RS,B3,4,5.20,L-2026-11,Harbour Supply,kept dry in its wrap,no";
    String head = "number,place,quantity,price,lot,supplier,note,unmarked";
    CsvImport all = CsvImport.of(head + line.repeat(CsvImport.MOST_LINES), List.of());
    assertThat(all.isReady()).isTrue();
    String typed = java.net.URLEncoder.encode(all.text(), java.nio.charset.StandardCharsets.UTF_8);
    assertThat(typed.length()).as("fits the form's bound").isLessThan(2 * 1024 * 1024);
    assertThat(CsvImport.of(head + line.repeat(CsvImport.MOST_LINES + 1), List.of()).problem())
        .isNotNull();
  }

  @ParameterizedTest
  @ValueSource(strings = {"=1+1", "=1\n+cmd|' /C calc'!A0", "+49 1", "-x\ny", "@SUM(A1)", "-"})
  void aCellThatASpreadsheetWouldRunIsExportedAsText(String note) throws Exception {
    shelf.put(Map.of("number", "6204", "quantity", "1", "note", note), "T");
    String csv =
        mvc.perform(get("/shelf/export.csv").with(as("joren")))
            .andReturn()
            .getResponse()
            .getContentAsString();
    String kept = note.strip();
    assertThat(csv).contains("'" + kept);
    assertThat(csv).doesNotContain(",\"" + kept).doesNotContain("," + kept + ",");
    CsvImport again = CsvImport.of(csv, List.of());
    assertThat(again.lines().stream().flatMap(l -> l.entry().stream()).map(ShelfEntry::note))
        .as("and comes in again as it was")
        .contains(kept);
  }
}
