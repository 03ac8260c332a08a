package roadbreeze.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.Entity;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;

/** The house: server leans on core and never the other way; entities stay inside their feature. */
class ArchitectureTest {
  private static final JavaClasses ALL =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .withImportOption(location -> !location.contains("-tests.jar"))
          .importPackages("roadbreeze");

  @Test
  void coreKnowsNoFramework() {
    noClasses()
        .that()
        .resideInAPackage("roadbreeze.core..")
        .should()
        .dependOnClassesThat()
        .resideOutsideOfPackages(
            "roadbreeze.core..", "java..", "org.hipparchus..", "org.locationtech.jts..")
        .check(ALL);
  }

  @Test
  void conceptsOfTheCoreDoNotGoInCircles() {
    slices().matching("roadbreeze.core.(*)..").should().beFreeOfCycles().check(ALL);
  }

  @Test
  void featuresOfTheServerDoNotGoInCircles() {
    slices().matching("roadbreeze.server.(*)..").should().beFreeOfCycles().check(ALL);
  }

  @Test
  void entitiesAndRepositoriesStayInside() {
    noClasses().that().areAnnotatedWith(Entity.class).should().bePublic().check(ALL);
    noClasses().that().areAssignableTo(Repository.class).should().bePublic().check(ALL);
  }

  @Test
  void theGaugeIsAProgramOfItsOwn() {
    noClasses()
        .that()
        .resideInAPackage("roadbreeze.server..")
        .should()
        .dependOnClassesThat()
        .resideInAPackage("roadbreeze.gauge..")
        .because("the server knows nothing of a gauge but its lines")
        .check(ALL);
    noClasses()
        .that()
        .resideInAPackage("roadbreeze.gauge..")
        .should()
        .dependOnClassesThat()
        .resideInAPackage("org.springframework..")
        .check(ALL);
  }
}
