package unbo.app.shelf;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** A label for a bin: number, place, and a QR code that opens the item's card. */
@Controller
@RequestMapping("/shelf/{id}/label")
class LabelController {

  private final Shelf shelf;

  LabelController(Shelf shelf) {
    this.shelf = shelf;
  }

  @GetMapping
  String label(@PathVariable long id, Model model) {
    ShelfItem item = shelf.get(id);
    String address =
        ServletUriComponentsBuilder.fromCurrentContextPath().path("/shelf/" + id).toUriString();
    BitMatrix code = code(address);
    model.addAttribute("item", item);
    model.addAttribute("address", address);
    model.addAttribute("path", path(code));
    model.addAttribute("modules", code.getWidth());
    return "shelf-label";
  }

  private static BitMatrix code(String text) {
    try {
      return new QRCodeWriter()
          .encode(
              text,
              BarcodeFormat.QR_CODE,
              1,
              1,
              Map.of(
                  EncodeHintType.ERROR_CORRECTION,
                  ErrorCorrectionLevel.M,
                  EncodeHintType.MARGIN,
                  4));
    } catch (WriterException e) {
      throw new IllegalStateException(e);
    }
  }

  /** One square for each dark module. */
  private static String path(BitMatrix code) {
    StringBuilder path = new StringBuilder();
    for (int y = 0; y < code.getHeight(); y++) {
      for (int x = 0; x < code.getWidth(); x++) {
        if (code.get(x, y)) {
          path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
        }
      }
    }
    return path.toString();
  }
}
