package unbo.app.stripping;

import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import unbo.core.strip.PressForce;
import unbo.core.strip.Tool;

/** The workshop's press, as far as somebody wrote its force beside it. */
@Component
public class ShopPress {

  private final ShopToolRepository tools;

  ShopPress(ShopToolRepository tools) {
    this.tools = tools;
  }

  /** Its force in kN; empty without a press, or with no force named. */
  public OptionalDouble kilonewtons() {
    return tools
        .findById(Tool.PRESS.id())
        .map(t -> PressForce.kilonewtons(t.getDetail()))
        .orElse(OptionalDouble.empty());
  }
}
