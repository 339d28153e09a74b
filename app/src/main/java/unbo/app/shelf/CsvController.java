package unbo.app.shelf;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.account.Person;

/** Import and export of the shelf as CSV. */
@Controller
@RequestMapping("/shelf")
class CsvController {

  private final Shelf shelf;

  CsvController(Shelf shelf) {
    this.shelf = shelf;
  }

  @GetMapping("/import")
  String ask() {
    return "shelf-import";
  }

  /**
   * Shows what would come in, or brings it in.
   *
   * @param column the field of each column in order; missing on the first look
   * @param confirm whether to write
   */
  @PostMapping("/import")
  String take(
      @RequestParam(defaultValue = "") String csv,
      @RequestParam(required = false) List<String> column,
      @RequestParam(defaultValue = "false") boolean confirm,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    CsvImport read = CsvImport.of(csv, column == null ? List.of() : column);
    if (confirm && read.isReady()) {
      int count =
          shelf
              .addAll(
                  read.lines().stream().map(l -> l.entry().orElseThrow()).toList(),
                  person.getName())
              .size();
      return "redirect:/shelf?imported=" + count;
    }
    if (!read.isReady()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    }
    model.addAttribute("read", read);
    return "shelf-import";
  }

  @GetMapping("/export.csv")
  ResponseEntity<byte[]> export() throws IOException {
    StringBuilder text = new StringBuilder();
    try (CSVPrinter printer =
        CSVFormat.DEFAULT
            .builder()
            .setHeader(CsvImport.FIELDS.toArray(String[]::new))
            .get()
            .print(text)) {
      for (ShelfItem i : shelf.all()) {
        printer.printRecord(
            guarded(i.getNumber()),
            guarded(i.getPlace()),
            i.getQuantity(),
            i.getPrice() == null ? "" : i.getPrice().toPlainString(),
            guarded(i.getLot()),
            guarded(i.getSupplier()),
            guarded(i.getNote()),
            i.isUnmarked() ? "yes" : "");
      }
    }
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"shelf.csv\"")
        .body(text.toString().getBytes(StandardCharsets.UTF_8));
  }

  /** A cell that a spreadsheet would run as a formula gets a quote before it. */
  private static String guarded(String cell) {
    return CsvImport.isFormula(cell) ? "'" + cell : cell;
  }
}
