package unbo.app.web;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.StringWriter;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.TemplateSpec;
import org.thymeleaf.context.Context;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.engine.TemplateModel;
import org.thymeleaf.templatemode.TemplateMode;

/**
 * The markup of fragments, kept by what it was written from. A drawing of some hundred elements
 * costs more to write than the rest of its page, and is the same until its job changes. Nothing
 * kept can be out of date: a fragment sees its arguments and nothing else of the page, and the
 * arguments are what it is found by.
 */
@Component
class KeptFragments {

  /** In characters of markup; the drawings of some three hundred pages. */
  private static final long MOST_KEPT = 12_000_000;

  private final Cache<Key, String> kept =
      Caffeine.newBuilder()
          .maximumWeight(MOST_KEPT)
          .weigher((Key key, String markup) -> markup.length())
          .build();

  private record Key(
      String template, Set<String> fragment, Map<String, Object> arguments, boolean inch) {}

  /**
   * The markup of a fragment.
   *
   * @param arguments values only: records, numbers, words, none of which can change
   * @param inch whether lengths are shown in inches
   * @throws IllegalArgumentException when an argument is something that can change unseen
   */
  String markup(
      ITemplateContext page, TemplateModel fragment, Map<String, Object> arguments, boolean inch) {
    arguments.forEach(KeptFragments::requireValue);
    Key key =
        new Key(
            fragment.getTemplateData().getTemplate(),
            fragment.getTemplateData().getTemplateSelectors(),
            arguments,
            inch);
    // Not computed inside the cache: a kept fragment may hold others, and two that are written at
    // the same time are alike.
    String known = kept.getIfPresent(key);
    if (known != null) {
      return known;
    }
    String written = write(page, key);
    kept.put(key, written);
    return written;
  }

  private static void requireValue(String name, Object value) {
    boolean fixed =
        value == null
            || value instanceof Record
            || value instanceof CharSequence
            || value instanceof Number
            || value instanceof Boolean
            || value instanceof Enum;
    if (!fixed) {
      throw new IllegalArgumentException(name + " can change while its markup is kept");
    }
  }

  /** Written as a page of its own, so that it goes through everything that a page does. */
  private static String write(ITemplateContext page, Key key) {
    Map<String, Object> variables = new HashMap<>(key.arguments());
    variables.put("view", new ViewPreferences(key.inch(), ViewPreferences.Theme.SYSTEM, ""));
    TemplateSpec fragment =
        new TemplateSpec(key.template(), key.fragment(), TemplateMode.HTML, Map.of());
    StringWriter markup = new StringWriter();
    page.getConfiguration()
        .getTemplateManager()
        .parseAndProcess(fragment, new Context(page.getLocale(), variables), markup);
    return markup.toString();
  }
}
