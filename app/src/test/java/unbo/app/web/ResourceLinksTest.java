package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import unbo.app.PageTest;

/** What every page loads beside itself is kept by the browser, until its content changes. */
class ResourceLinksTest extends PageTest {

  private static final Pattern LOADED =
      Pattern.compile("(?:href|src)=\"(/[^\"]+-[0-9a-f]{32}\\.(?:css|js|svg))\"");
  private static final Pattern FONT = Pattern.compile("url\\((/vendor/fonts/[^)]+)\\)");

  @ParameterizedTest
  @ValueSource(strings = {"/login", "/road", "/jobs/999999", "/yard"})
  void aPageNamesItsPartsByTheirContent(String page) throws Exception {
    List<String> loaded = found(LOADED, page);
    assertThat(loaded).anyMatch(p -> p.endsWith(".css")).anyMatch(p -> p.endsWith(".svg"));
    for (String part : loaded) {
      mvc.perform(get(part))
          .andExpect(status().isOk())
          .andExpect(header().string("Cache-Control", containsString("max-age=2592000")));
    }
  }

  @Test
  void theStyleNamesItsFontsByTheirContent() throws Exception {
    String style =
        found(LOADED, "/login").stream().filter(p -> p.endsWith(".css")).findFirst().orElseThrow();
    List<String> fonts = found(FONT, style);
    assertThat(fonts).hasSizeGreaterThan(4).allMatch(f -> f.matches(".*-[0-9a-f]{32}\\.woff2"));
    for (String font : fonts) {
      mvc.perform(get(font)).andExpect(status().isOk());
    }
  }

  /** A page itself, with a person's records on it, is never kept. */
  @Test
  void pagesAreNotKept() throws Exception {
    mvc.perform(get("/yard").with(as("joren")))
        .andExpect(header().string("Cache-Control", containsString("no-store")));
  }

  private List<String> found(Pattern pattern, String path) throws Exception {
    String text =
        mvc.perform(get(path).with(as("joren"))).andReturn().getResponse().getContentAsString();
    return pattern.matcher(text).results().map(m -> m.group(1)).toList();
  }
}
