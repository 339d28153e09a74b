package unbo.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "unbo.core", importOptions = DoNotIncludeTests.class)
class CoreRulesTest {

  @ArchTest
  static final ArchRule NO_FRAMEWORK =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "org.springframework..", "jakarta..", "org.hibernate..", "org.thymeleaf..");

  @ArchTest
  static final ArchRule NO_CLOCK =
      noClasses()
          .should()
          .dependOnClassesThat()
          .haveFullyQualifiedName("java.time.Clock")
          .orShould()
          .callMethod(System.class, "currentTimeMillis")
          .orShould()
          .callMethod(java.time.Instant.class, "now")
          .orShould()
          .callMethod(java.time.LocalDate.class, "now");

  @ArchTest
  static final ArchRule ONE_WAY = slices().matching("unbo.core.(*)..").should().beFreeOfCycles();
}
