package bemble.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaPackage;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** One word for one thing: the glossary is true of core and app. */
class NamesTest {
  /** A row of the glossary: a word, its meaning, its type. */
  private static final Pattern ROW = Pattern.compile("\\| ([a-z ]+) \\| [^|]+ \\| `([\\w.]+)` \\|");

  private static final JavaClasses ALL =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("bemble");

  /** The words of the glossary with the types that they name. */
  private static Map<String, JavaClass> words() throws IOException {
    Map<String, JavaClass> words = new TreeMap<>();
    for (String line : Files.readAllLines(Path.of("../docs/glossary.md"))) {
      Matcher row = ROW.matcher(line);
      if (row.matches()) {
        String type = "bemble." + row.group(2);
        assertTrue(ALL.contain(type), type + " is not there");
        words.put(row.group(1), ALL.get(type));
      }
    }
    assertTrue(words.size() > 40, words + " are too few words");
    return words;
  }

  @Test
  void noTwoTypesShareAName() {
    Map<String, List<String>> types =
        ALL.stream()
            // Classes that an earlier build generated for the start lie among these too.
            .filter(type -> !type.getName().contains("$$"))
            .filter(JavaClass::isTopLevelClass)
            .filter(type -> !type.getSimpleName().equals("package-info"))
            .collect(
                Collectors.groupingBy(
                    JavaClass::getSimpleName,
                    TreeMap::new,
                    Collectors.mapping(JavaClass::getName, Collectors.toList())));
    types.values().removeIf(named -> named.size() == 1);
    assertEquals(Map.of(), types);
  }

  @Test
  void everyWordIsATypeOfThatName() throws IOException {
    words()
        .forEach(
            (word, type) -> {
              String name =
                  Stream.of(word.split(" "))
                      .map(part -> part.substring(0, 1).toUpperCase() + part.substring(1))
                      .collect(Collectors.joining());
              assertEquals(name, type.getSimpleName());
            });
  }

  /** A package with the name of a word holds the type of that word, or works on it. */
  @Test
  void noPackageIsNamedAfterAnotherThing() throws IOException {
    List<String> strangers = new ArrayList<>();
    words()
        .forEach(
            (word, type) -> {
              for (JavaPackage each : packages(ALL.getPackage("bemble"), word)) {
                boolean holds = each.getClasses().contains(type);
                boolean uses =
                    each.getClassDependenciesFromThisPackage().stream()
                        .anyMatch(use -> use.getTargetClass().equals(type));
                if (!holds && !uses) {
                  strangers.add(each.getName() + " does not know " + type.getName());
                }
              }
            });
    assertEquals(List.of(), strangers);
  }

  private static List<JavaPackage> packages(JavaPackage root, String name) {
    return root.getSubpackagesInTree().stream()
        .filter(each -> each.getRelativeName().equals(name))
        .toList();
  }
}
