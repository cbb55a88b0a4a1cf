package bemble.wording;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.report.Finding;
import bemble.method.Method;
import bemble.method.Methods;
import bemble.method.Misfit;
import bemble.problem.Refusal;
import bemble.slip.Slip;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class BundleTest {
  @Test
  void everyRemarkHasItsSentencesAndNoSentenceIsUnused() {
    Set<String> wanted =
        Arrays.stream(RemarkKind.values())
            .flatMap(kind -> kind.lengths().stream().map(way -> kind.key() + "." + way.key()))
            .collect(Collectors.toCollection(TreeSet::new));
    assertEquals(wanted, new TreeSet<>(Bundle.remarks().keys()));
  }

  @Test
  void everyRefusalHasItsSentence() {
    assertEquals(
        keys(Refusal.Code.values(), code -> code.name()),
        new TreeSet<>(Bundle.load("refusals").keys()));
  }

  @Test
  void everySectionAndMethodHasItsLabels() {
    Set<String> labels = Bundle.labels().keys();
    assertEquals(
        keys(Section.Kind.values(), kind -> "section." + kind.name()),
        starting("section.", labels));
    Set<String> methods = new TreeSet<>(Set.of("method.unknown"));
    for (Method<?> method : Methods.all()) {
      String key = "method." + method.operation().id() + "." + method.id();
      methods.add(key + ".name");
      methods.add(key + ".about");
    }
    assertEquals(methods, starting("method.", labels));
    assertEquals(
        keys(Misfit.values(), misfit -> "misfit." + misfit.name()), starting("misfit.", labels));
  }

  @Test
  void everySlipAndFindingHasItsNameAndItsQuestion() {
    Set<String> wanted = new TreeSet<>();
    for (Slip slip : Slip.values()) {
      wanted.add("slip." + slip.named().id() + ".name");
      wanted.add("slip." + slip.named().id() + ".ask");
    }
    assertEquals(wanted, starting("slip.", Bundle.labels().keys()));
    Set<String> found = new TreeSet<>();
    // A known slip is named by itself.
    for (Finding.Kind kind : EnumSet.complementOf(EnumSet.of(Finding.Kind.KNOWN))) {
      String key = "finding." + kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
      found.add(key + ".name");
      found.add(key + ".ask");
    }
    assertEquals(found, starting("finding.", Bundle.labels().keys()));
  }

  private static Set<String> starting(String prefix, Set<String> keys) {
    return keys.stream()
        .filter(key -> key.startsWith(prefix))
        .collect(Collectors.toCollection(TreeSet::new));
  }

  private static <T> Set<String> keys(T[] values, Function<T, String> name) {
    return Arrays.stream(values)
        .map(value -> name.apply(value).toLowerCase(Locale.ROOT).replace('_', '-'))
        .collect(Collectors.toCollection(TreeSet::new));
  }

  /** Of two sentences with one key, the second would be said for both. */
  @Test
  void noKeyStandsTwice() throws IOException {
    try (Stream<Path> files = Files.walk(Path.of("src/main/resources/bemble"))) {
      for (Path file : files.filter(path -> path.toString().endsWith(".properties")).toList()) {
        Set<String> keys = new HashSet<>();
        for (String line : Files.readAllLines(file)) {
          int equals = line.indexOf('=');
          if (equals > 0 && !line.startsWith("#")) {
            assertTrue(keys.add(line.substring(0, equals).strip()), file + ": " + line);
          }
        }
      }
    }
  }
}
