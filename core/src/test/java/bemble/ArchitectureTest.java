package bemble;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideOutsideOfPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
  private static final List<String> ANYBODY = List.of("number", "problem", "style", "fact", "help");

  private static final List<String> WORKERS =
      List.of(
          "method",
          "check",
          "demand",
          "help",
          "judge",
          "lines",
          "slip",
          "slate",
          "practice",
          "mistake",
          "diagnosis");

  private static final JavaClasses CORE =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("bemble");

  /** The packages that may look into each. Those not named here may be looked into by any other. */
  private static final Map<String, List<String>> LOOKED_INTO_BY =
      Map.ofEntries(
          Map.entry("ink", List.of()),
          Map.entry("mistake", List.of()),
          Map.entry("slate", List.of("mistake")),
          Map.entry("check", List.of()),
          Map.entry("practice", List.of("diagnosis", "mistake", "progress")),
          Map.entry("progress", List.of()),
          Map.entry("diagnosis", List.of()),
          Map.entry("demand", List.of("practice")),
          Map.entry("ladder", List.of("practice", "mistake", "diagnosis", "progress")),
          Map.entry("recipe", List.of("ladder", "practice", "diagnosis")),
          Map.entry("judge", List.of("slate", "lines", "mistake")),
          Map.entry("lines", List.of()),
          Map.entry(
              "slip",
              List.of("method", "judge", "lines", "slate", "practice", "mistake", "diagnosis")),
          Map.entry(
              "method",
              List.of(
                  "methods",
                  "check",
                  "judge",
                  "lines",
                  "slate",
                  "practice",
                  "mistake",
                  "diagnosis")),
          Map.entry(
              "methods",
              List.of("check", "judge", "lines", "slate", "practice", "mistake", "diagnosis")),
          Map.entry("procedure", with("methods")),
          Map.entry("paper", with("procedure")),
          Map.entry("remark", with("procedure")),
          Map.entry("notation", List.of("method", "check", "lines", "diagnosis")));

  private static List<String> with(String more) {
    return Stream.concat(WORKERS.stream(), Stream.of(more)).toList();
  }

  @Test
  void packagesLookOneWayOnly() {
    LayeredArchitecture layers = layeredArchitecture().consideringOnlyDependenciesInLayers();
    for (String each : Stream.concat(ANYBODY.stream(), LOOKED_INTO_BY.keySet().stream()).toList()) {
      layers = layers.layer(each).definedBy("bemble." + each + "..");
    }
    for (Map.Entry<String, List<String>> each : LOOKED_INTO_BY.entrySet()) {
      LayeredArchitecture.LayerDependencySpecification layer = layers.whereLayer(each.getKey());
      layers =
          each.getValue().isEmpty()
              ? layer.mayNotBeAccessedByAnyLayer()
              : layer.mayOnlyBeAccessedByLayers(each.getValue().toArray(String[]::new));
    }
    layers.check(CORE);
  }

  /** The judge's packages stand on one another: search on reading, report above both. */
  @Test
  void theRoomsOfTheJudgeStandOnOneAnother() {
    layeredArchitecture()
        .consideringOnlyDependenciesInLayers()
        .layer("judge")
        .definedBy("bemble.judge")
        .layer("search")
        .definedBy("bemble.judge.search")
        .layer("reading")
        .definedBy("bemble.judge.reading")
        .layer("report")
        .definedBy("bemble.judge.report")
        .whereLayer("search")
        .mayOnlyBeAccessedByLayers("judge")
        .whereLayer("reading")
        .mayOnlyBeAccessedByLayers("judge", "search")
        .whereLayer("judge")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("report")
        .mayNotAccessAnyLayer()
        .check(CORE);
  }

  @Test
  void packagesFormNoCycle() {
    slices().matching("bemble.(*)..").should().beFreeOfCycles().check(CORE);
    slices().matching("bemble.(**)").should().beFreeOfCycles().check(CORE);
  }

  /** The reader knows nothing of sums, so that no expectation can enter it. */
  @Test
  void inkKnowsNothingOfWhatIsDue() {
    noClasses()
        .that()
        .resideInAPackage("bemble.ink")
        .should()
        .dependOnClassesThat(resideInAPackage("bemble..").and(resideOutsideOfPackage("bemble.ink")))
        .check(CORE);
    noClasses()
        .that()
        .haveSimpleName("FigureReader")
        .or()
        .haveSimpleName("FigureNet")
        .or()
        .haveSimpleName("Ink")
        .or()
        .haveSimpleName("Likelihoods")
        .should()
        .dependOnClassesThat()
        .haveSimpleName("Expectation")
        .check(CORE);
  }

  /** A record with more values is made of smaller ones: nine in a row are easily mixed up. */
  @Test
  void noRecordHasMoreThanEightParts() {
    List<String> larger =
        CORE.stream()
            .filter(JavaClass::isRecord)
            .filter(each -> each.reflect().getRecordComponents().length > 8)
            .map(JavaClass::getName)
            .toList();
    assertEquals(List.of(), larger);
  }
}
