package unbo.app.web;

import java.util.regex.Pattern;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Lazy;
import org.springframework.web.servlet.resource.ResourceUrlEncodingFilter;
import org.springframework.web.servlet.resource.ResourceUrlProvider;
import org.thymeleaf.context.IExpressionContext;
import org.thymeleaf.linkbuilder.StandardLinkBuilder;
import org.thymeleaf.spring6.SpringTemplateEngine;

/**
 * Style, script and fonts are kept by browsers under addresses that carry their content's hash. The
 * usual filter would look for a file behind every link of a page, which took a tenth of the time of
 * a job's; here only names that are files are looked up.
 */
@Configuration(proxyBeanMethods = false)
@Lazy(false) // nobody asks for it: it goes to the template engine by itself
class ResourceLinks extends StandardLinkBuilder {

  private static final Pattern FILE = Pattern.compile("/(vendor/)?[\\w.-]+\\.(css|js|svg)");

  private final ResourceUrlProvider files;

  ResourceLinks(SpringTemplateEngine engine, ResourceUrlProvider files) {
    this.files = files;
    engine.setLinkBuilder(this);
  }

  @Override
  protected String processLink(IExpressionContext context, String link) {
    String kept = FILE.matcher(link).matches() ? files.getForLookupPath(link) : null;
    return kept == null ? super.processLink(context, link) : kept;
  }

  @Bean
  static FilterRegistrationBean<ResourceUrlEncodingFilter> noFilterOverEveryLink() {
    FilterRegistrationBean<ResourceUrlEncodingFilter> none =
        new FilterRegistrationBean<>(new ResourceUrlEncodingFilter());
    none.setEnabled(false);
    return none;
  }
}
