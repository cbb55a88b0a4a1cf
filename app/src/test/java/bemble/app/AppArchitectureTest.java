package bemble.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.junit.jupiter.api.Assertions.assertEquals;

import bemble.app.words.PlainName;
import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaAnnotation;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethodCall;
import com.tngtech.archunit.core.domain.JavaPackage;
import com.tngtech.archunit.core.domain.properties.HasAnnotations;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import jakarta.validation.Constraint;
import java.io.IOException;
import java.nio.file.Files;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import org.jspecify.annotations.NullMarked;
import org.junit.jupiter.api.Test;
import org.springframework.stereotype.Component;

class AppArchitectureTest {
  private static final JavaClasses APP =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("bemble.app");

  /** The packages floor by floor, from the ground; each uses only lower floors. */
  private static final List<List<String>> FLOORS =
      List.of(
          List.of("words"),
          List.of("refusal"),
          List.of("json", "guard"),
          List.of("once", "table"),
          List.of("file"),
          List.of("house", "about"),
          List.of("working", "fact"),
          List.of("ladder", "export", "page", "elsewhere"),
          List.of("slate", "mistake"),
          List.of("sets"),
          List.of("runs", "marking"),
          List.of("register", "scan", "room"),
          List.of("plan"),
          List.of("extract", "demo"));

  /** Pages of the past are found by the name that they have. */
  private static final Set<String> LOOKS_UP = Set.of("ClaimRequest");

  @Test
  void packagesLookDownwardsOnly() {
    LayeredArchitecture floors = layeredArchitecture().consideringOnlyDependenciesInLayers();
    List<String> above = FLOORS.stream().flatMap(List::stream).toList();
    for (String each : above) {
      floors = floors.layer(each).definedBy("bemble.app." + each + "..");
    }
    for (List<String> floor : FLOORS) {
      above = above.subList(floor.size(), above.size());
      for (String each : floor) {
        LayeredArchitecture.LayerDependencySpecification layer = floors.whereLayer(each);
        floors =
            above.isEmpty()
                ? layer.mayNotBeAccessedByAnyLayer()
                : layer.mayOnlyBeAccessedByLayers(above.toArray(String[]::new));
      }
    }
    floors.ensureAllClassesAreContainedInArchitectureIgnoring("bemble.app").check(APP);
  }

  @Test
  void packagesFormNoCycle() {
    slices().matching("bemble.app.(*)..").should().beFreeOfCycles().check(APP);
  }

  /** {@code ./bemble picture} draws it anew. */
  @Test
  void thePictureShowsTheCodeAsItIs() throws IOException {
    assertEquals(ArchitecturePicture.drawn(), Files.readString(ArchitecturePicture.FILE));
  }

  /** Rows are plain: they know neither the rules of the job nor the web. */
  @Test
  void rowsKnowNothingOfSumsOrRequests() {
    noClasses()
        .that()
        .haveNameMatching("bemble\\.app\\.\\w+\\.\\w+(Row|Mapper)")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "bemble.method..", "bemble.judge..", "bemble.slate..", "jakarta.servlet..")
        .check(APP);
  }

  /** A row has a part for each of its columns. */
  @Test
  void noRecordButRowsHasMoreThanEightParts() {
    List<String> larger =
        APP.stream()
            .filter(JavaClass::isRecord)
            .filter(each -> each.reflect().getRecordComponents().length > 8)
            .filter(each -> !each.getSimpleName().endsWith("Row"))
            .map(JavaClass::getName)
            .toList();
    assertEquals(List.of(), larger);
  }

  /** Without one, the library's own English would be told. */
  @Test
  void everyConstraintHasASentence() {
    Stream<JavaAnnotation<?>> ofParts =
        APP.stream().flatMap(each -> each.getFields().stream()).flatMap(AppArchitectureTest::all);
    Stream<JavaAnnotation<?>> ofParameters =
        APP.stream()
            .flatMap(each -> each.getMethods().stream())
            .flatMap(method -> method.getParameters().stream())
            .flatMap(AppArchitectureTest::all);
    List<String> without =
        Stream.concat(ofParts, ofParameters)
            .filter(each -> each.getRawType().isAnnotatedWith(Constraint.class))
            .filter(each -> !each.hasExplicitlyDeclaredProperty("message"))
            .filter(each -> !each.getRawType().isEquivalentTo(PlainName.class))
            .map(JavaAnnotation::getDescription)
            .toList();
    assertEquals(List.of(), without);
  }

  private static Stream<? extends JavaAnnotation<?>> all(HasAnnotations<?> place) {
    return place.getAnnotations().stream();
  }

  @Test
  void everyPackageSaysThatNothingIsNull() {
    List<String> without =
        APP.stream()
            .map(JavaClass::getPackage)
            .filter(each -> !each.isAnnotatedWith(NullMarked.class))
            .map(JavaPackage::getName)
            .distinct()
            .toList();
    assertEquals(List.of(), without);
  }

  /** Only controllers, guards and what each request meets know of requests. */
  @Test
  void onlyControllersKnowTheWeb() {
    noClasses()
        .that()
        .haveNameNotMatching(".*(Controller|Guard)")
        .and()
        .resideOutsideOfPackages(
            "bemble.app.refusal",
            "bemble.app.guard",
            "bemble.app.once",
            "bemble.app.json",
            "bemble.app")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("org.springframework.web.bind..", "jakarta.servlet..")
        .check(APP);
  }

  /**
   * A thread that is interrupted while it writes closes the data file: workers end by themselves.
   */
  @Test
  void nobodyInterruptsAWorker() {
    DescribedPredicate<JavaMethodCall> interrupts =
        DescribedPredicate.describe("interrupts a worker", AppArchitectureTest::interrupts);
    noClasses().should().callMethodWhere(interrupts).check(APP);
  }

  private static boolean interrupts(JavaMethodCall call) {
    JavaClass owner = call.getTargetOwner();
    return switch (call.getName()) {
      case "shutdownNow" -> owner.isAssignableTo(ExecutorService.class);
      case "cancel" -> owner.isAssignableTo(Future.class);
      default -> false;
    };
  }

  /** A class that works with more than these is more than one. */
  @Test
  void noComponentWorksWithMoreThanEightOthers() {
    List<String> crowded =
        APP.stream()
            .filter(type -> type.isMetaAnnotatedWith(Component.class))
            .flatMap(type -> type.getConstructors().stream())
            .filter(constructor -> constructor.getRawParameterTypes().size() > 8)
            .map(constructor -> constructor.getOwner().getSimpleName())
            .filter(name -> !name.contains("$$"))
            .toList();
    assertEquals(List.of(), crowded);
  }

  /** Every request reads names and titles by this one rule. */
  @Test
  void everyNameOfARequestIsPlain() {
    List<String> other =
        APP.stream()
            .filter(type -> type.isRecord() && type.getSimpleName().matches(".*(Request|Change)"))
            .filter(type -> !LOOKS_UP.contains(type.getSimpleName()))
            .flatMap(type -> Arrays.stream(type.reflect().getRecordComponents()))
            .filter(part -> Set.of("name", "title", "who").contains(part.getName()))
            .filter(
                part ->
                    part.getType() == String.class && !part.isAnnotationPresent(PlainName.class))
            .map(part -> part.getDeclaringRecord().getSimpleName() + "." + part.getName())
            .toList();
    assertEquals(List.of(), other);
  }
}
