package bemble.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.method.Method;
import bemble.method.PageText;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.problem.Limits;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.style.Style;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * One page of every method with all its sentences, as somebody has looked it over. A page that
 * changes shows as a difference in its file; run with {@code -Dpages=renew} to write the files
 * anew, and read them before they are kept.
 */
class GoldenPagesTest {
  private static final Path FOLDER = Path.of("src", "test", "resources", "pages");

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "378 + 56 + 208 | column",
        "58 + 67 + 94   | in-pairs",
        "364 + 228      | left-to-right",
        "145 + 138      | blocks",
        "46 + 37        | dot-frames",
        "6,203 − 1,487  | exchange",
        "4,006 − 1,528  | add-to-both",
        "623 − 187      | expanded",
        "312 − 264      | count-up",
        "403 − 17       | count-back",
        "243 − 128      | blocks",
        "306 × 204      | column",
        "57 × 38        | area",
        "32 × 14        | crosswise",
        "46 × 73        | lattice",
        "4,236 ÷ 7      | long",
        "6,125 ÷ 12     | short",
        "876 ÷ 24       | partial-quotients",
        "26 ÷ 6         | groups",
        "√94,249        | digit-pairs"
      })
  void isAsItWasLookedOver(String line, String id) throws IOException {
    Problem problem =
        ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem();
    Operation operation = problem.operation();
    Sum sum = new Sum(problem, Methods.find(operation, id).orElseThrow(), Style.STANDARD);
    String page = line + "\n\n" + told(sum.work());
    Path file = FOLDER.resolve(operation.id() + "-" + id + ".txt");
    if ("renew".equals(System.getProperty("pages"))) {
      Files.writeString(file, page);
    }
    assertEquals(Files.readString(file), page);
  }

  private static String told(Working working) {
    Wording wording = new Wording(Style.STANDARD);
    String said =
        working.steps().stream()
            .map(Step::remark)
            .map(remark -> wording.say(remark) + "\n")
            .collect(Collectors.joining());
    return PageText.of(working) + "\n" + said;
  }

  @Test
  void everyMethodHasItsPage() {
    for (Method<?> method : Methods.all()) {
      Path file = FOLDER.resolve(method.operation().id() + "-" + method.id() + ".txt");
      assertTrue(Files.exists(file), file::toString);
    }
  }
}
