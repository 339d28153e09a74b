package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import javax.xml.parsers.DocumentBuilderFactory;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.xml.sax.InputSource;

class CleanTextTest {

  @Test
  void whatCanBeKeptIsKept() {
    String text = "0.31 mm ± 5 µm, “grit”\n\ttab, 轴承 😀";
    assertThat(CleanText.of(text)).isSameAs(text);
    assertThat(CleanText.of("a\u0000b\u0008c\ufffed\uD800e")).isEqualTo("abcde");
  }

  /** An XML reader of its own takes whatever is left. */
  @Property(tries = 300)
  void whatIsLeftGoesIntoADocument(@ForAll @StringLength(max = 40) String any) throws Exception {
    String clean = CleanText.of(any);
    String document =
        "<a>" + clean.replace("&", "&amp;").replace("<", "&lt;").replace("]]>", "]]&gt;") + "</a>";
    DocumentBuilderFactory.newInstance()
        .newDocumentBuilder()
        .parse(new InputSource(new java.io.StringReader(document)));
    assertThat(CleanText.of(clean)).isEqualTo(clean);
  }
}
