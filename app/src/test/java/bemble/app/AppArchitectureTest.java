package bemble.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class AppArchitectureTest {
  private final JavaClasses app =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("bemble.app");

  @Test
  void packagesLookDownwardsOnly() {
    layeredArchitecture()
        .consideringOnlyDependenciesInLayers()
        .layer("ground")
        .definedBy("bemble.app.http", "bemble.app.store", "bemble.app.file")
        .layer("house")
        .definedBy("bemble.app.house")
        .layer("working")
        .definedBy("bemble.app.working")
        .layer("ladder")
        .definedBy("bemble.app.ladder")
        .layer("features")
        .definedBy(
            "bemble.app.elsewhere",
            "bemble.app.export",
            "bemble.app.fact",
            "bemble.app.marking",
            "bemble.app.page",
            "bemble.app.plan",
            "bemble.app.register",
            "bemble.app.runs",
            "bemble.app.sets",
            "bemble.app.slate")
        .layer("extract")
        .definedBy("bemble.app.extract")
        .layer("demo")
        .definedBy("bemble.app.demo")
        .whereLayer("demo")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("extract")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("features")
        .mayOnlyBeAccessedByLayers("extract", "demo")
        .whereLayer("ladder")
        .mayOnlyBeAccessedByLayers("features", "extract", "demo")
        .whereLayer("working")
        .mayOnlyBeAccessedByLayers("ladder", "features", "extract", "demo")
        .whereLayer("house")
        .mayOnlyBeAccessedByLayers("working", "ladder", "features", "extract", "demo")
        .check(app);
  }

  @Test
  void packagesFormNoCycle() {
    slices().matching("bemble.app.(*)..").should().beFreeOfCycles().check(app);
  }

  /** What is kept is plain rows: it knows neither the rules of the job nor the web. */
  @Test
  void theStoreKnowsNothingOfSumsOrRequests() {
    noClasses()
        .that()
        .resideInAPackage("bemble.app.store")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "bemble.method..", "bemble.judge..", "bemble.slate..", "jakarta.servlet..")
        .check(app);
  }

  /** Only controllers and what belongs to HTTP itself know of requests. */
  @Test
  void onlyControllersKnowTheWeb() {
    noClasses()
        .that()
        .haveSimpleNameNotEndingWith("Controller")
        .and()
        .resideOutsideOfPackages("bemble.app.http", "bemble.app")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("org.springframework.web.bind..", "jakarta.servlet..")
        .check(app);
  }
}
