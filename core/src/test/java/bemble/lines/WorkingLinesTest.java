package bemble.lines;

import static org.junit.jupiter.api.Assertions.assertEquals;

import bemble.check.Calculator;
import bemble.method.Method;
import bemble.method.RandomSums;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.number.Numeral;
import bemble.paper.Role;
import bemble.problem.Addition;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.procedure.Answer;
import bemble.procedure.Working;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class WorkingLinesTest {
  static List<Method<?>> writtenMethods() {
    return Methods.all().stream()
        .filter(method -> !List.of("blocks", "dot-frames", "groups").contains(method.id()))
        .toList();
  }

  @ParameterizedTest
  @MethodSource("writtenMethods")
  void findsTheOneLineThatIsNotSo(Method<?> method) {
    new RandomSums(7)
        .fitting(method, 24)
        .forEach(
            sum -> {
              WorkingLines lines = new WorkingLines(new Sum(sum, method, Style.STANDARD));
              Map<WorkingLine, Numeral> right = truth(lines);
              assertEquals(Optional.empty(), lines.firstWrong(right), sum::toString);
              for (WorkingLine line : right.keySet()) {
                if (line.role() == Role.COUNT) {
                  continue; // Another count that fits is as good.
                }
                Map<WorkingLine, Numeral> wrong = new HashMap<>(right);
                wrong.put(line, other(right.get(line)));
                WorkingLines.WrongLine finding = lines.firstWrong(wrong).orElseThrow();
                assertEquals(line, finding.line(), () -> sum + " with " + line);
                assertEquals(right.get(line), finding.due());
              }
            });
  }

  /** A single line that is certainly wrong has a finding with the right number. */
  private static Map<WorkingLine, Numeral> truth(WorkingLines lines) {
    Map<WorkingLine, Numeral> truth = new HashMap<>();
    for (WorkingLine line : lines.all()) {
      Numeral impossible = Numeral.of(BigInteger.TEN.pow(80));
      truth.put(line, lines.firstWrong(Map.of(line, impossible)).orElseThrow().due());
    }
    return truth;
  }

  private static Numeral other(Numeral number) {
    return Numeral.of(number.unscaled().add(BigInteger.ONE), number.scale());
  }

  @Test
  void doesNotCondemnWhatFollowsFromAWrongLine() {
    Method<?> method = Methods.find(Operation.MULTIPLICATION, "column").orElseThrow();
    Problem sum = new bemble.problem.Multiplication(Numeral.of(57), Numeral.of(38));
    WorkingLines lines = new WorkingLines(new Sum(sum, method, Style.STANDARD));
    List<WorkingLine> all = lines.all();
    assertEquals(
        List.of(Role.PARTIAL, Role.PARTIAL, Role.ANSWER),
        all.stream().map(WorkingLine::role).toList());
    // 57 × 8 = 456 and, wrongly, 57 × 30 = 1700 make 2156.
    Map<WorkingLine, Numeral> given =
        Map.of(
            all.get(0),
            Numeral.of(456),
            all.get(1),
            Numeral.of(1700),
            all.get(2),
            Numeral.of(2156));
    assertEquals(all.get(1), lines.firstWrong(given).orElseThrow().line());
    assertEquals(Numeral.of(1710), lines.firstWrong(given).orElseThrow().due());
    Map<WorkingLine, Numeral> two =
        Map.of(all.get(1), Numeral.of(1710), all.get(2), Numeral.of(2156));
    assertEquals(all.get(2), lines.firstWrong(two).orElseThrow().line());
  }

  @ParameterizedTest
  @MethodSource("writtenMethods")
  void theCalculatorAgreesWithEveryPage(Method<?> method) {
    new RandomSums(13)
        .fitting(method, 200)
        .forEach(
            sum -> {
              Working page = new Sum(sum, method, Style.STANDARD).work();
              assertEquals(page.answer(), Calculator.result(sum), sum::toString);
            });
  }

  /** 18 r 4 in the line of the quotient says two things, and each is held against its own line. */
  @ParameterizedTest
  @ValueSource(strings = {"long", "short"})
  void whatIsLeftMayStandBehindAQuotient(String id) {
    Method<?> method = Methods.find(Operation.DIVISION, id).orElseThrow();
    new RandomSums(19)
        .fitting(method, 120)
        .forEach(
            sum -> {
              WorkingLines lines = new WorkingLines(new Sum(sum, method, Style.STANDARD));
              Answer.Quotient answer = (Answer.Quotient) Calculator.result(sum);
              WorkingLine quotient = line(lines, Role.QUOTIENT);
              BigInteger rest = answer.remainder().unscaled();
              Map<WorkingLine, String> right = Map.of(quotient, answer.value() + " r " + rest);
              Map<WorkingLine, String> wrong =
                  Map.of(quotient, answer.value() + " r " + rest.add(BigInteger.ONE));
              boolean hasLine = lines.all().stream().anyMatch(l -> l.role() == Role.REMAINDER);
              assertEquals(
                  hasLine ? Optional.empty() : Optional.of(quotient), lines.unreadable(right));
              if (hasLine) {
                assertEquals(Optional.empty(), lines.firstWrong(lines.read(right)));
                WorkingLines.WrongLine finding = lines.firstWrong(lines.read(wrong)).orElseThrow();
                assertEquals(Role.REMAINDER, finding.line().role());
              }
            });
  }

  @Test
  void aRootMayBeCutOffOrRounded() {
    Method<?> method = Methods.find(Operation.ROOT, "digit-pairs").orElseThrow();
    new RandomSums(23)
        .fitting(method, 200)
        .forEach(
            sum -> {
              WorkingLines lines = new WorkingLines(new Sum(sum, method, Style.STANDARD));
              Answer.SquareRoot answer = (Answer.SquareRoot) Calculator.result(sum);
              WorkingLine root = line(lines, Role.ROOT);
              for (Numeral said : List.of(answer.value(), answer.rounded())) {
                Map<WorkingLine, Numeral> read = lines.read(Map.of(root, said.toString()));
                assertEquals(Optional.empty(), lines.firstWrong(read), sum::toString);
              }
              Map<WorkingLine, Numeral> other = lines.read(Map.of(root, answer.above() + "9"));
              assertEquals(root, lines.firstWrong(other).orElseThrow().line());
            });
  }

  @ParameterizedTest
  @ValueSource(strings = {"4x", "", "1334 r 2", "1.", "r 3", "--"})
  void namesTheLineThatIsNoNumber(String text) {
    Method<?> method = Methods.find(Operation.ADDITION, "column").orElseThrow();
    Problem sum = new Addition(List.of(Numeral.of(870), Numeral.of(464)));
    WorkingLines lines = new WorkingLines(new Sum(sum, method, Style.STANDARD));
    WorkingLine answer = line(lines, Role.ANSWER);
    assertEquals(Optional.of(answer), lines.unreadable(Map.of(answer, text)));
    assertEquals(Optional.empty(), lines.unreadable(Map.of(answer, "1,334")));
    assertEquals(Optional.of(answer), lines.unreadable(Map.of(answer, "9".repeat(61))));
  }

  private static WorkingLine line(WorkingLines lines, Role role) {
    return lines.all().stream().filter(line -> line.role() == role).findFirst().orElseThrow();
  }
}
