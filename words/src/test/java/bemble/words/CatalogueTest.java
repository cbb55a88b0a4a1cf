package bemble.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.report.Finding;
import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.method.Method;
import bemble.method.Misfit;
import bemble.methods.Methods;
import bemble.problem.Refusal;
import bemble.procedure.Section;
import bemble.remark.RemarkKind;
import bemble.slip.Slip;
import bemble.slip.Slips;
import bemble.style.Style;
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

class CatalogueTest {
  @Test
  void everyRemarkHasItsSentencesAndNoSentenceIsUnused() {
    Set<String> wanted =
        Arrays.stream(RemarkKind.values())
            .flatMap(kind -> kind.lengths().stream().map(way -> kind.key() + "." + way.key()))
            .collect(Collectors.toCollection(TreeSet::new));
    assertEquals(wanted, new TreeSet<>(Lexicon.remarks(Style.ENGLISH).keys()));
  }

  @Test
  void everyRefusalHasItsSentence() {
    assertEquals(
        keys(Refusal.Code.values(), code -> "refusal." + code.name()),
        starting("refusal.", Lexicon.labels(Style.ENGLISH).keys()));
  }

  @Test
  void everySectionAndMethodHasItsLabels() {
    Set<String> labels = Lexicon.labels(Style.ENGLISH).keys();
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
    for (Slip slip : Slips.all()) {
      wanted.add("slip." + slip.named().id() + ".name");
      wanted.add("slip." + slip.named().id() + ".ask");
    }
    assertEquals(wanted, starting("slip.", Lexicon.labels(Style.ENGLISH).keys()));
    Set<String> found = new TreeSet<>();
    // A known slip is named by itself.
    for (Finding.Kind kind : EnumSet.complementOf(EnumSet.of(Finding.Kind.KNOWN))) {
      String key = "finding." + kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
      found.add(key + ".name");
      found.add(key + ".ask");
    }
    assertEquals(found, starting("finding.", Lexicon.labels(Style.ENGLISH).keys()));
  }

  @Test
  void everyRemarkOfWhichAClassMayHaveItsOwnSentenceHasAName() {
    Set<String> wanted =
        OwnSentence.all()
            .map(place -> "remark." + place.kind().key())
            .collect(Collectors.toCollection(TreeSet::new));
    assertEquals(wanted, starting("remark.", Lexicon.labels(Style.ENGLISH).keys()));
  }

  @Test
  void everyRungHasANameAndSaysWhatIsNew() {
    Set<String> wanted = new TreeSet<>();
    for (Rung rung : Ladder.STANDARD.all()) {
      wanted.add("rung." + rung.id() + ".name");
      wanted.add("rung." + rung.id() + ".new");
    }
    assertEquals(wanted, starting("rung.", Lexicon.labels(Style.ENGLISH).keys()));
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
