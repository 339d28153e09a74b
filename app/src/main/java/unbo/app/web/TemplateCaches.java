package unbo.app.web;

import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Lazy;
import org.thymeleaf.cache.StandardCacheManager;
import org.thymeleaf.spring6.SpringTemplateEngine;

/**
 * Room for every expression of every template. The engine’s own bound is 500, and the templates
 * have some three thousand: the oldest were read and compiled anew at each page, which took a third
 * of its time.
 */
@Configuration(proxyBeanMethods = false)
@Lazy(false) // nobody asks for it: it goes to the template engine by itself
class TemplateCaches {

  /** Several times what the templates have; each takes about a kilobyte. */
  static final int EXPRESSIONS = 12_000;

  /** Files and their fragments, and what of them is shown. */
  static final int TEMPLATES = 1_000;

  TemplateCaches(SpringTemplateEngine engine) {
    StandardCacheManager caches = new StandardCacheManager();
    caches.setExpressionCacheMaxSize(EXPRESSIONS);
    caches.setTemplateCacheMaxSize(TEMPLATES);
    engine.setCacheManager(caches);
  }
}
