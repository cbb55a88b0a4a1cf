package bemble;

import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
  private final JavaClasses core =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("bemble");

  @Test
  void packagesLookOneWayOnly() {
    layeredArchitecture()
        .consideringOnlyDependenciesInLayers()
        .layer("number")
        .definedBy("bemble.number")
        .layer("problem")
        .definedBy("bemble.problem")
        .layer("paper")
        .definedBy("bemble.paper")
        .layer("style")
        .definedBy("bemble.style")
        .layer("fact")
        .definedBy("bemble.fact")
        .layer("wording")
        .definedBy("bemble.wording")
        .layer("plan")
        .definedBy("bemble.plan")
        .layer("method")
        .definedBy("bemble.method..")
        .layer("check")
        .definedBy("bemble.check")
        .layer("help")
        .definedBy("bemble.help")
        .layer("recipe")
        .definedBy("bemble.recipe")
        .layer("trait")
        .definedBy("bemble.trait")
        .layer("slip")
        .definedBy("bemble.slip")
        .layer("judge")
        .definedBy("bemble.judge")
        .layer("slate")
        .definedBy("bemble.slate")
        .whereLayer("recipe")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("slate")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("judge")
        .mayOnlyBeAccessedByLayers("slate")
        .whereLayer("slip")
        .mayOnlyBeAccessedByLayers("method", "judge", "slate")
        .whereLayer("check")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("trait")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("method")
        .mayOnlyBeAccessedByLayers("check", "judge", "slate")
        .whereLayer("plan")
        .mayOnlyBeAccessedByLayers("method", "check", "trait", "help", "judge", "slip", "slate")
        .whereLayer("paper")
        .mayOnlyBeAccessedByLayers(
            "plan", "method", "check", "trait", "help", "judge", "slip", "slate")
        .whereLayer("wording")
        .mayOnlyBeAccessedByLayers(
            "plan", "method", "check", "trait", "help", "judge", "slip", "slate")
        .check(core);
  }

  @Test
  void packagesFormNoCycle() {
    slices().matching("bemble.(*)..").should().beFreeOfCycles().check(core);
  }
}
