package unbo.app.booking;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.PageSizeUnits;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;
import unbo.app.web.CleanText;

/** Turns a template into a PDF of A4 pages; its own fonts go into the file, nothing is fetched. */
@Component
class Paper {

  private static final float A4_WIDTH_MM = 210;
  private static final float A4_HEIGHT_MM = 297;

  private final SpringTemplateEngine templates;
  private final String style;
  private final String drawingStyle;

  Paper(SpringTemplateEngine templates) {
    this.templates = templates;
    String fonts =
        font("Paper Text", 400, "text-400")
            + font("Paper Text", 600, "text-600")
            + font("Paper Figure", 400, "figure-400")
            + font("Paper Figure", 700, "figure-700")
            + font("Paper Greek", 400, "greek-400");
    this.style = fonts + read("paper/sheet.css");
    this.drawingStyle = read("paper/drawing.css");
    XRLog.setLoggingEnabled(false);
  }

  /** The PDF of a template; the template must be well-formed XML. */
  byte[] pdf(String template, Map<String, Object> model) {
    Map<String, Object> all = new HashMap<>(model);
    all.put("paperStyle", style);
    all.put("drawingStyle", drawingStyle);
    String html = templates.process(template, new Context(Locale.UK, all));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (BatikSVGDrawer drawer = new BatikSVGDrawer()) {
      PdfRendererBuilder builder = new PdfRendererBuilder();
      builder.useFastMode();
      builder.useSVGDrawer(drawer);
      builder.useDefaultPageSize(A4_WIDTH_MM, A4_HEIGHT_MM, PageSizeUnits.MM);
      builder.useUriResolver((base, uri) -> uri.startsWith("data:") ? uri : null);
      builder.withHtmlContent(CleanText.of(inGlyphs(html)), null);
      builder.toStream(out);
      builder.run();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  /** The paper's fonts have no arrow, no root and no lowered signs. */
  private static String inGlyphs(String html) {
    String text = html.replace("→", "to").replace("√", "root");
    return text.replace("₀", "0").replace("₁", "1").replace("₂", "2").replace("ₛ", "s");
  }

  private static String font(String family, int weight, String file) {
    return "@font-face{font-family:'"
        + family
        + "';font-weight:"
        + weight
        + ";src:url(data:font/truetype;base64,"
        + Base64.getEncoder().encodeToString(bytes("fonts/" + file + ".ttf"))
        + ");-fs-pdf-font-embed:embed;-fs-pdf-font-encoding:Identity-H}";
  }

  private static String read(String path) {
    return new String(bytes(path), java.nio.charset.StandardCharsets.UTF_8);
  }

  private static byte[] bytes(String path) {
    try (InputStream in = new ClassPathResource(path).getInputStream()) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(path, e);
    }
  }
}
