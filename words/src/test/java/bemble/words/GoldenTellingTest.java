package bemble.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.check.Checks;
import bemble.method.Method;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.problem.Limits;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.procedure.Step;
import bemble.remark.Length;
import bemble.remark.Remark;
import bemble.style.Choice;
import bemble.style.RoundMove;
import bemble.style.RoundMoves;
import bemble.style.Setting;
import bemble.style.Style;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * All sentences of two hundred workings, in every length, as somebody has read them aloud. A
 * sentence that changes shows as a difference; run with {@code -Dpages=renew} to write the files
 * anew, and read them aloud before they are kept. The sums stand in {@code told/sums.txt}.
 */
class GoldenTellingTest {
  private static final Path FOLDER = Path.of("src", "test", "resources", "told");

  private static final String ROUND = "ROUND:";

  /** One line of the file of sums. */
  private record Told(Method<?> method, Style style, String choices, List<String> lines) {}

  private static List<Told> all() throws IOException {
    return Files.readAllLines(FOLDER.resolve("sums.txt")).stream()
        .filter(line -> !line.startsWith("#"))
        .map(GoldenTellingTest::read)
        .toList();
  }

  private static Told read(String line) {
    String[] parts = line.split("\\|");
    String[] names = parts[0].strip().split(" ");
    Operation operation = Operation.valueOf(names[0].toUpperCase(Locale.ROOT));
    Method<?> method = Methods.find(operation, names[1]).orElseThrow();
    String choices = parts[1].strip();
    Style style = Style.STANDARD;
    for (String choice : choices.isEmpty() ? new String[0] : choices.split(" ")) {
      style =
          choice.startsWith(ROUND)
              ? style.calling(round(choice.substring(ROUND.length())))
              : style.with(choice(choice));
    }
    return new Told(method, style, choices, Arrays.asList(parts[2].strip().split("; ")));
  }

  /** The moves of a round by their names. */
  private static RoundMoves round(String moves) {
    return new RoundMoves(Arrays.stream(moves.split(",")).map(RoundMove::valueOf).toList());
  }

  /** A choice by its name, or by the setting and its name where two settings have the name. */
  private static Choice choice(String named) {
    String[] parts = named.split(":");
    List<Choice> found =
        Arrays.stream(Setting.values())
            .filter(setting -> parts.length == 1 || setting.name().equals(parts[0]))
            .flatMap(setting -> setting.choices().stream())
            .filter(choice -> choice.name().equals(parts[parts.length - 1]))
            .toList();
    assertEquals(1, found.size(), named);
    return found.get(0);
  }

  static List<String> methods() {
    return Methods.all().stream().map(GoldenTellingTest::name).toList();
  }

  private static String name(Method<?> method) {
    return method.operation().id() + "-" + method.id();
  }

  @ParameterizedTest
  @MethodSource("methods")
  void isToldAsItWasReadAloud(String name) throws IOException {
    String told =
        all().stream()
            .filter(each -> name(each.method()).equals(name))
            .map(GoldenTellingTest::told)
            .collect(Collectors.joining("\n"));
    Path file = FOLDER.resolve(name + ".txt");
    if ("renew".equals(System.getProperty("pages"))) {
      Files.writeString(file, told);
    }
    assertEquals(Files.readString(file), told);
  }

  @Test
  void tellsOfTwoHundredWorkings() throws IOException {
    Map<String, Integer> sums = new LinkedHashMap<>();
    all().forEach(told -> sums.merge(name(told.method()), told.lines().size(), Integer::sum));
    assertEquals(methods(), List.copyOf(sums.keySet()));
    int count = sums.values().stream().mapToInt(Integer::intValue).sum();
    assertTrue(count >= 200, "only " + count);
  }

  private static String told(Told told) {
    return told.lines().stream()
        .map(
            line -> {
              Problem problem =
                  ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem();
              Sum sum = new Sum(problem, told.method(), told.style());
              return "## " + (line + " " + told.choices()).strip() + "\n" + told(sum);
            })
        .collect(Collectors.joining("\n"));
  }

  private static String told(Sum sum) {
    Wording wording = new Wording(sum.style());
    List<Step> check = Checks.of(sum.work(), sum.style()).working().steps();
    return sum.work().steps().stream()
            .map(step -> told(wording, step))
            .collect(Collectors.joining())
        + "= "
        + told(wording, check.get(check.size() - 1));
  }

  /** The sentence, and beneath it the same in few words, the question and the reason. */
  private static String told(Wording wording, Step step) {
    Remark remark = step.remark();
    return wording.say(remark)
        + "\n    "
        + List.of(Length.BRIEF, Length.ASK, Length.WHY).stream()
            .map(length -> wording.told(length, remark))
            .collect(Collectors.joining(" | "))
        + "\n";
  }
}
