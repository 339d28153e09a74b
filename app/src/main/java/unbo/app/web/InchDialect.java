package unbo.app.web;

import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.dialect.AbstractDialect;
import org.thymeleaf.dialect.IPostProcessorDialect;
import org.thymeleaf.engine.AbstractTemplateHandler;
import org.thymeleaf.model.ICloseElementTag;
import org.thymeleaf.model.IOpenElementTag;
import org.thymeleaf.model.IText;
import org.thymeleaf.postprocessor.IPostProcessor;
import org.thymeleaf.postprocessor.PostProcessor;
import org.thymeleaf.templatemode.TemplateMode;

/**
 * Shows a page's lengths in inches when the device asks for it. Works on the finished page's text
 * alone: fields keep what was typed, and whatever is marked {@code translate="no"}, a person's own
 * words, stays as written.
 */
@Component
class InchDialect extends AbstractDialect implements IPostProcessorDialect {

  InchDialect() {
    super("inch");
  }

  @Override
  public int getDialectPostProcessorPrecedence() {
    return 1000;
  }

  @Override
  public Set<IPostProcessor> getPostProcessors() {
    return Set.of(new PostProcessor(TemplateMode.HTML, Handler.class, 1000));
  }

  /** Rewrites text events; made anew for each page by the template engine. */
  public static final class Handler extends AbstractTemplateHandler {

    private boolean inch;
    private int asWritten;

    @Override
    public void setContext(ITemplateContext context) {
      super.setContext(context);
      inch = context.getVariable("view") instanceof ViewPreferences view && view.inch();
    }

    @Override
    public void handleOpenElement(IOpenElementTag tag) {
      if (inch && (asWritten > 0 || isAsWritten(tag))) {
        asWritten++;
      }
      super.handleOpenElement(tag);
    }

    @Override
    public void handleCloseElement(ICloseElementTag tag) {
      if (asWritten > 0) {
        asWritten--;
      }
      super.handleCloseElement(tag);
    }

    private static boolean isAsWritten(IOpenElementTag tag) {
      return "no".equals(tag.getAttributeValue("translate"))
          || "textarea".equals(tag.getElementCompleteName());
    }

    /**
     * Finished markup that was kept went through here when it was written; text has no bare &lt;.
     */
    private static boolean isMarkup(IText text) {
      return text.length() > 0 && text.charAt(0) == '<';
    }

    private static boolean isConverted(String text) {
      return text.contains("mm") || text.contains("°C");
    }

    @Override
    public void handleText(IText text) {
      if (!inch || asWritten > 0 || isMarkup(text) || !isConverted(text.getText())) {
        super.handleText(text);
        return;
      }
      String converted = InchText.of(text.getText());
      super.handleText(getContext().getModelFactory().createText(converted));
    }
  }
}
