package unbo.app.web;

import java.util.Map;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.engine.AttributeName;
import org.thymeleaf.engine.TemplateModel;
import org.thymeleaf.exceptions.TemplateProcessingException;
import org.thymeleaf.model.IProcessableElementTag;
import org.thymeleaf.processor.element.AbstractAttributeTagProcessor;
import org.thymeleaf.processor.element.IElementTagStructureHandler;
import org.thymeleaf.standard.expression.Fragment;
import org.thymeleaf.standard.expression.FragmentSignatureUtils;
import org.thymeleaf.standard.expression.StandardExpressions;
import org.thymeleaf.templatemode.TemplateMode;

/** Puts a kept fragment into its tag, as it is, without looking through it again. */
final class KeptFragmentProcessor extends AbstractAttributeTagProcessor {

  /** Where text stands among a tag's attributes: after conditions, loops and local variables. */
  private static final int AS_TEXT = 1300;

  private final KeptFragments kept;

  KeptFragmentProcessor(String prefix, KeptFragments kept) {
    super(TemplateMode.HTML, prefix, null, false, "kept", true, AS_TEXT, true);
    this.kept = kept;
  }

  @Override
  protected void doProcess(
      ITemplateContext context,
      IProcessableElementTag tag,
      AttributeName attribute,
      String value,
      IElementTagStructureHandler structure) {
    Object named =
        StandardExpressions.getExpressionParser(context.getConfiguration())
            .parseExpression(context, value)
            .execute(context);
    if (!(named instanceof Fragment fragment)) {
      throw new TemplateProcessingException("not a fragment: " + value);
    }
    boolean inch = context.getVariable("view") instanceof ViewPreferences view && view.inch();
    String markup =
        kept.markup(context, fragment.getTemplateModel(), arguments(context, fragment), inch);
    structure.setBody(markup, false);
  }

  /** The arguments by the names that the fragment gives them. */
  private static Map<String, Object> arguments(ITemplateContext context, Fragment fragment) {
    TemplateModel model = fragment.getTemplateModel();
    for (int i = 0; i < model.size(); i++) {
      if (model.get(i) instanceof IProcessableElementTag tag) {
        String signature = tag.getAttributeValue("th:fragment");
        return FragmentSignatureUtils.processParameters(
            FragmentSignatureUtils.parseFragmentSignature(context.getConfiguration(), signature),
            fragment.getParameters(),
            fragment.hasSyntheticParameters());
      }
    }
    throw new TemplateProcessingException("an empty fragment: " + model.getTemplateData());
  }
}
