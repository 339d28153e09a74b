package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.thymeleaf.cache.StandardCacheManager;
import org.thymeleaf.spring6.SpringTemplateEngine;
import unbo.app.AppTest;

/** Templates grow; a bound that they outgrow costs a third of every page, unseen. */
class TemplateCachesTest extends AppTest {

  private static final Pattern EXPRESSION =
      Pattern.compile("(?:th|unbo):[a-z-]+=\"([^\"]*)\"|[$*@~]\\{[^}\"]*}");

  @Autowired private SpringTemplateEngine engine;

  @Test
  void everyExpressionHasRoom() throws Exception {
    Set<String> expressions = new HashSet<>();
    Resource[] files =
        new PathMatchingResourcePatternResolver().getResources("classpath:/templates/**/*.html");
    for (Resource file : files) {
      Matcher found = EXPRESSION.matcher(file.getContentAsString(StandardCharsets.UTF_8));
      while (found.find()) {
        expressions.add(found.group());
      }
    }
    StandardCacheManager caches = (StandardCacheManager) engine.getCacheManager();
    // Each is kept as a whole and once more for what is in its braces.
    assertThat(expressions).hasSizeBetween(1000, TemplateCaches.EXPRESSIONS / 2);
    assertThat(caches.getExpressionCacheMaxSize()).isEqualTo(TemplateCaches.EXPRESSIONS);
    assertThat(files.length * 4).isLessThan(caches.getTemplateCacheMaxSize());
  }
}
