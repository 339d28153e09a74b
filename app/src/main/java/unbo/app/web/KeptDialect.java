package unbo.app.web;

import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.dialect.AbstractProcessorDialect;
import org.thymeleaf.processor.IProcessor;
import org.thymeleaf.standard.StandardDialect;

/**
 * Gives templates {@code unbo:kept="~{file :: fragment(arguments)}"}: the fragment in the tag,
 * written once for the same arguments. See {@link KeptFragments}.
 */
@Component
class KeptDialect extends AbstractProcessorDialect {

  private final KeptFragments kept;

  KeptDialect(KeptFragments kept) {
    super("kept", "unbo", StandardDialect.PROCESSOR_PRECEDENCE);
    this.kept = kept;
  }

  @Override
  public Set<IProcessor> getProcessors(String prefix) {
    return Set.of(new KeptFragmentProcessor(prefix, kept));
  }
}
