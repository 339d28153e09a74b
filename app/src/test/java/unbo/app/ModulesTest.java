package unbo.app;

import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModules;

class ModulesTest {

  /** No cycles between features, and none reaches into another's insides. */
  @Test
  void featuresDependOneWay() {
    ApplicationModules.of(UnboApplication.class).verify();
  }
}
